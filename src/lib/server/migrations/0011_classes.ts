// Classes of a school: each with its kitchen, its rules, its learners and its lessons. A person sees the learners of his classes; a learner who moves up
// takes his records along. And what can be put away: recipes, lessons, classes.
import type { Knex } from 'knex';
import { OWN_PASS, WHO_IS } from './0010_people';

const TABLES = `
create table class (
  school_id uuid not null references school,
  id uuid not null default gen_random_uuid(),
  name text not null check (length(name) between 1 and 120),
  position integer not null default 0,
  put_away_at timestamptz,
  primary key (school_id, id),
  unique (id)
);
create table class_person (
  school_id uuid not null,
  class_id uuid not null,
  account_id uuid not null,
  primary key (school_id, account_id, class_id),
  foreign key (school_id, class_id) references class (school_id, id) on delete cascade,
  foreign key (school_id, account_id) references account (school_id, id) on delete cascade
);
alter table link add column classes jsonb not null default '[]';
alter table recipe add column put_away_at timestamptz;
alter table class_lesson add column put_away_at timestamptz;
-- after how many months somebody is asked whether what was put away may go
alter table school add column keep_months integer not null default 36 check (keep_months between 1 and 240);
alter table learner add column class_id uuid;
alter table class_lesson add column class_id uuid;
alter table lesson add column class_id uuid;
alter table kitchen add column class_id uuid;
alter table kitchen_measure add column class_id uuid;
alter table kitchen_tool add column class_id uuid;
alter table looked_back add column class_id uuid;
`;

/** What there was is the first class of each school, and everybody of the school is in it. The walls are down for it, inside this one transaction. */
const FIRST_CLASS = (tables: readonly string[]) => `
${['school', ...tables].map((t) => `alter table ${t} no force row level security;`).join('\n')}
alter table lesson disable trigger frozen;
insert into class (school_id, name) select id, name from school;
insert into class_person (school_id, class_id, account_id)
  select a.school_id, c.id, a.id from account a join class c on c.school_id = a.school_id;
${tables.map((t) => `update ${t} t set class_id = c.id from class c where c.school_id = t.school_id;`).join('\n')}
alter table lesson enable trigger frozen;
${['school', ...tables].map((t) => `alter table ${t} force row level security;`).join('\n')}
`;

/** A pass says the class, too: school, account, role, class, time. */
const OWN = `
create or replace function own_pass() returns text[] language plpgsql stable parallel safe security definer set search_path = public, pg_temp as $$
declare
  pass text := current_setting('app.pass', true);
  parts text[];
begin
  if coalesce(pass, '') = '' then return null; end if;
  if current_setting('app.seal', true) is distinct from encode(hmac(convert_to(pass, 'UTF8'), (select key from seal), 'sha256'), 'hex')
  then return null; end if;
  parts := string_to_array(pass, '|');
  if array_length(parts, 1) <> 5 or parts[5]::bigint <= extract(epoch from transaction_timestamp()) then return null; end if;
  return parts;
end $$;
-- the classes whose learners a transaction sees; null where it sees all of its school
create function own_classes() returns uuid[] language plpgsql stable parallel safe security definer set search_path = public, pg_temp as $$
declare
  parts text[] := own_pass();
begin
  if parts is null then return '{}'; end if;
  if parts[3] in ('lead', 'program', 'door') then return null; end if;
  -- nobody in particular: a lesson pass, a learner's own screen
  if parts[2] = '' then return case when parts[4] = '' then '{}' else array[parts[4]::uuid] end; end if;
  return coalesce((select array_agg(c.id) from class_person p join class c on c.school_id = p.school_id and c.id = p.class_id
    where p.school_id = parts[1]::uuid and p.account_id = parts[2]::uuid and c.put_away_at is null), '{}');
end $$;
-- the class that is worked with: where a pass that sees the whole school names none, its first
create function own_class() returns uuid language plpgsql stable parallel safe security definer set search_path = public, pg_temp as $$
declare
  parts text[] := own_pass();
begin
  if parts[4] <> '' then return parts[4]::uuid; end if;
  if parts[3] not in ('lead', 'program') then return null; end if;
  return (select c.id from class c where c.school_id = parts[1]::uuid and c.put_away_at is null order by c.position, c.name, c.id limit 1);
end $$;
create function own_learners() returns uuid[] language plpgsql stable parallel safe security definer set search_path = public, pg_temp as $$
declare
  classes uuid[] := own_classes();
begin
  if classes is null then return null; end if;
  return coalesce((select array_agg(l.id) from learner l where l.school_id = own_school() and l.class_id = any(classes)), '{}');
end $$;
-- whether a learner of one's own took part in a lesson. A function, asked of lessons of other classes only: written out in a policy, it is planned with each query
create function is_history(school uuid, whole uuid) returns boolean language plpgsql stable parallel safe security definer set search_path = public, pg_temp as $$
begin
  return exists (select 1 from lesson l join lesson_learner h on h.school_id = l.school_id and h.lesson_id = l.id
    where l.school_id = school and l.class_lesson_id = whole and h.learner_id = any(own_learners()));
end $$;
-- a school begins with one class of its name
create function first_class() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
begin insert into class (school_id, name) values (new.id, new.name); return null; end $$;
create trigger first_class after insert on school for each row execute function first_class();
-- a dish belongs to the class of its lesson
create function class_of_lesson() returns trigger language plpgsql security definer set search_path = public, pg_temp as $$
begin
  new.class_id := (select c.class_id from class_lesson c where c.school_id = new.school_id and c.id = new.class_lesson_id);
  return new;
end $$;
create trigger class_of_lesson before insert on lesson for each row execute function class_of_lesson();
-- who moves a learner up looks after the classes
create function may_move() returns trigger language plpgsql set search_path = public, pg_temp as $$
begin
  if not own_may('{classes}') then raise exception 'not for this role' using errcode = 'insufficient_privilege'; end if;
  return new;
end $$;
create trigger may_move before update of class_id on learner for each row when (old.class_id is distinct from new.class_id) execute function may_move();
`;

/** Each belongs to a class, from the pass where nothing else is said. */
const OF_CLASS = ['learner', 'class_lesson', 'kitchen', 'kitchen_measure', 'kitchen_tool', 'looked_back'];
/** Rows of one learner: seen where he is. */
const OF_LEARNER = ['learner_fit', 'lesson_learner', 'observation', 'lesson_note', 'own_screen', 'own_mark', 'goal', 'decision'];

const KEYS = `
alter table lesson alter column class_id set not null;
create index learner_of_class on learner (school_id, class_id);
create index class_lesson_of_class on class_lesson (school_id, class_id, held_on);
drop index class_lesson_by_day;
alter table kitchen drop constraint kitchen_pkey, add primary key (school_id, class_id);
alter table kitchen_measure drop constraint kitchen_measure_pkey, add primary key (school_id, class_id, id);
alter table kitchen_tool drop constraint kitchen_tool_pkey, add primary key (school_id, class_id, id);
alter table looked_back drop constraint looked_back_pkey, add primary key (school_id, class_id, recipe_id);
`;

const MINE = `coalesce(class_id = any((select own_classes())::uuid[]), true)`;
const HIS = `coalesce(learner_id = any((select own_learners())::uuid[]), true)`;

/** They bind the application's role. What the owner's own functions look at (whether a lesson is frozen, what is erased) is the whole school. */
const WALLS = `
alter table class enable row level security;
alter table class_person enable row level security;
create policy own_school on class using (school_id = (select own_school())) with check (school_id = (select own_school()));
create policy own_school on class_person using (school_id = (select own_school())) with check (school_id = (select own_school()));
create policy door on class for select using ((select own_role()) in ('door', 'program'));
create policy door on class_person using ((select own_role()) in ('door', 'program')) with check ((select own_role()) in ('door', 'program'));
create policy may_add on class as restrictive for insert with check ((select own_may('{classes}')));
create policy may_change on class as restrictive for update using ((select own_may('{classes}')));
create policy may_add on class_person as restrictive for insert with check ((select own_may('{people}')) or (select own_role()) = 'door');
create policy may_take on class_person as restrictive for delete using ((select own_may('{people}')));
create policy may_change on school as restrictive for update using ((select own_may('{classes}')));
grant select, insert, update on class to yr_app;
grant select, insert, delete on class_person to yr_app;
grant update (keep_months) on school to yr_app;

create policy of_class on learner as restrictive to yr_app using (${MINE}) with check (${MINE});
${OF_LEARNER.map((t) => `create policy of_class on ${t} as restrictive to yr_app using (${HIS}) with check (${HIS});`).join('\n')}
create policy of_class on goal_criterion as restrictive to yr_app
  using (exists (select 1 from goal g where g.school_id = goal_criterion.school_id and g.id = goal_criterion.goal_id));
-- a lesson of another class is seen where a learner of one's own took part: it is his history
create policy of_class on lesson as restrictive for select to yr_app using (${MINE} or is_history(school_id, class_lesson_id));
create policy of_class on class_lesson as restrictive for select to yr_app using (${MINE} or is_history(school_id, id));
${['lesson', 'class_lesson', 'kitchen', 'kitchen_measure', 'kitchen_tool', 'looked_back']
  .map(
    (t) => `
create policy of_class_add on ${t} as restrictive for insert to yr_app with check (${MINE});
create policy of_class_change on ${t} as restrictive for update to yr_app using (${MINE});
create policy of_class_take on ${t} as restrictive for delete to yr_app using (${MINE});`,
  )
  .join('')}
${['lesson_pass', 'pass_device']
  .map(
    (t) => `
create policy of_class on ${t} as restrictive to yr_app
  using (exists (select 1 from class_lesson c where c.school_id = ${t}.school_id and c.id = ${t}.class_lesson_id));`,
  )
  .join('')}
-- whether something was recorded is asked of all, also of who has moved up since
alter function freeze_lesson() security definer;
alter function freeze_in_force() security definer;
`;

/** Who comes, with the classes that are his; and what a code or a device opens, with its class. */
const WHO = `
drop function who_is(bytea), school_of_screen(text, date), lesson_of_pass(text, date), who_has_pass(bytea, date);
-- a lead's are all of the school
create function classes_of(school uuid, account uuid, of_role text) returns jsonb
language sql stable security definer set search_path = public, pg_temp as $$
  select coalesce(jsonb_agg(jsonb_build_object('id', c.id, 'name', c.name) order by c.position, c.name, c.id), '[]')
  from class c where c.school_id = school and c.put_away_at is null
    and (of_role = 'lead' or exists (select 1 from class_person p where p.school_id = school and p.account_id = account and p.class_id = c.id));
$$;
create function who_is(session_hash bytea)
returns table (account_id uuid, school_id uuid, school_name text, role text, name text, shared boolean, classes jsonb)
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  -- the school's own wall is passed for its name
  perform set_config('app.looking', 'name', true);
  return query select a.id, a.school_id, n.name, a.role, a.name, s.shared, classes_of(a.school_id, a.id, a.role)
    from session s join account a on a.id = s.account_id join school n on n.id = a.school_id
    where s.hash = session_hash and s.ends_at > now() and a.put_away_at is null
      and s.seen_at > now() - case when s.shared then interval '30 minutes' else interval '7 days' end;
  -- only one that is in force is seen
  if found then update session s set seen_at = now() where s.hash = session_hash and s.seen_at < now() - interval '1 minute'; end if;
end $$;
create function screen_of(screen text, today date) returns table (school_id uuid, class_id uuid)
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  -- the owner's own wall stands too: it is passed for this one question
  perform set_config('app.looking', 'screen', true);
  return query select s.school_id, c.class_id from own_screen s join class_lesson c on c.school_id = s.school_id and c.id = s.class_lesson_id
    where s.code = screen and c.held_on >= today;
  perform set_config('app.looking', '', true);
end $$;
create function lesson_of_pass(pass text, today date) returns table (school_id uuid, class_lesson_id uuid, class_id uuid)
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  perform set_config('app.looking', 'pass', true);
  return query select p.school_id, p.class_lesson_id, c.class_id from lesson_pass p
    join class_lesson c on c.school_id = p.school_id and c.id = p.class_lesson_id where p.code = pass and c.held_on >= today;
  perform set_config('app.looking', '', true);
end $$;
create function who_has_pass(device bytea, today date) returns table (school_id uuid, school_name text, class_lesson_id uuid, class_id uuid, class_name text)
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  perform set_config('app.looking', 'pass', true);
  return query select d.school_id, n.name, d.class_lesson_id, c.class_id, k.name from pass_device d
    join class_lesson c on c.school_id = d.school_id and c.id = d.class_lesson_id
    join class k on k.school_id = c.school_id and k.id = c.class_id join school n on n.id = d.school_id
    where d.hash = device and c.held_on >= today;
  perform set_config('app.looking', '', true);
end $$;
revoke execute on function classes_of(uuid, uuid, text), who_is(bytea), screen_of(text, date), lesson_of_pass(text, date), who_has_pass(bytea, date) from public;
grant execute on function classes_of(uuid, uuid, text), who_is(bytea), screen_of(text, date), lesson_of_pass(text, date), who_has_pass(bytea, date) to yr_app;
`;

export async function up(knex: Knex): Promise<void> {
  await knex.raw(TABLES);
  await knex.raw(FIRST_CLASS([...OF_CLASS, 'lesson']));
  await knex.raw(OWN);
  for (const table of OF_CLASS)
    await knex.raw(`
      alter table ${table} alter column class_id set not null, alter column class_id set default own_class();
      alter table ${table} add constraint of_class foreign key (school_id, class_id) references class (school_id, id);`);
  await knex.raw(KEYS);
  await knex.raw(WALLS);
  await knex.raw(WHO);
}

/** Back to one class a school, which keeps all learners and lessons and the kitchen of the first. */
export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    do $$ declare p record;
    begin
      for p in select tablename, policyname from pg_policies where schemaname = 'public' and policyname like 'of\\_class%' loop
        execute format('drop policy %I on %I', p.policyname, p.tablename);
      end loop;
    end $$;
    drop policy may_change on school;
    revoke update (keep_months) on school from yr_app;
    alter function freeze_lesson() security invoker;
    alter function freeze_in_force() security invoker;
    drop trigger may_move on learner;
    drop trigger class_of_lesson on lesson;
    drop trigger first_class on school;`);
  for (const table of ['kitchen', 'kitchen_measure', 'kitchen_tool', 'looked_back'])
    await knex.raw(`
      alter table ${table} no force row level security;
      delete from ${table} t where class_id <> (select c.id from class c where c.school_id = t.school_id order by c.position, c.name, c.id limit 1);
      alter table ${table} force row level security;`);
  for (const table of [...OF_CLASS, 'lesson']) await knex.raw(`alter table ${table} drop column class_id`);
  await knex.raw(`
    create index class_lesson_by_day on class_lesson (school_id, held_on);
    alter table kitchen add primary key (school_id);
    alter table kitchen_measure add primary key (school_id, id);
    alter table kitchen_tool add primary key (school_id, id);
    alter table looked_back add primary key (school_id, recipe_id);
    alter table school drop column keep_months;
    alter table class_lesson drop column put_away_at;
    alter table recipe drop column put_away_at;
    alter table link drop column classes;
    drop function classes_of(uuid, uuid, text), who_is(bytea), screen_of(text, date), lesson_of_pass(text, date), who_has_pass(bytea, date);
    drop function may_move(), class_of_lesson(), first_class(), is_history(uuid, uuid), own_learners(), own_class(), own_classes();
    drop table class_person, class;`);
  await knex.raw(OWN_PASS);
  await knex.raw(WHO_IS);
}
