// People: accounts, how they sign in, sessions, invitations, what role may do what, and who saw or changed what of a learner. From here on the
// school of a transaction is a sealed setting: a statement that somebody slips in can name another school, and the database does not believe it.
import type { Knex } from 'knex';

/** As it is read until there are classes. */
export const OWN_PASS = `
-- what the transaction was opened with, where its seal is right and its time is not over: school, account, role, time.
-- plpgsql keeps its plans: a wall costs some 0.06 ms, a third of what plain SQL takes
create or replace function own_pass() returns text[] language plpgsql stable parallel safe security definer set search_path = public, pg_temp as $$
declare
  pass text := current_setting('app.pass', true);
  parts text[];
begin
  if coalesce(pass, '') = '' then return null; end if;
  if current_setting('app.seal', true) is distinct from encode(hmac(convert_to(pass, 'UTF8'), (select key from seal), 'sha256'), 'hex')
  then return null; end if;
  parts := string_to_array(pass, '|');
  if array_length(parts, 1) <> 4 or parts[4]::bigint <= extract(epoch from transaction_timestamp()) then return null; end if;
  return parts;
end $$;
`;

const SEAL = `
create extension if not exists pgcrypto;
-- one row; nobody but the owner reads it
create table seal (one boolean primary key default true check (one), key bytea not null);
-- which role may do what: the program's own table, written at every migration
create table permission (role text not null, act text not null, primary key (role, act));
revoke all on seal, permission from public;

${OWN_PASS}create function own_school() returns uuid language plpgsql stable parallel safe as $$ begin return nullif((public.own_pass())[1], '')::uuid; end $$;
create function own_account() returns uuid language plpgsql stable parallel safe as $$ begin return nullif((public.own_pass())[2], '')::uuid; end $$;
create function own_role() returns text language plpgsql stable parallel safe as $$ begin return (public.own_pass())[3]; end $$;
create function own_may(acts text[]) returns boolean language plpgsql stable parallel safe security definer set search_path = public, pg_temp as $$
declare
  own text := own_role();
begin
  return coalesce(own = 'program' or exists (select 1 from permission m where m.role = own and m.act = any(acts)), false);
end $$;
`;

const TABLES = `
create table account (
  school_id uuid not null references school (id),
  id uuid not null,
  name text not null check (length(name) between 1 and 60),
  email text not null check (length(email) between 3 and 254 and email = lower(email)),
  role text not null check (role in ('lead', 'teacher', 'specialist', 'aide', 'reader')),
  made_at timestamptz not null default now(),
  put_away_at timestamptz,
  asked_at timestamptz,
  primary key (school_id, id),
  unique (id)
);
create unique index account_by_email on account (email);
-- apart from the account: what no session ever reads
create table credential (
  account_id uuid primary key references account (id),
  password text not null,
  totp text,
  totp_last bigint not null default 0,
  changed_at timestamptz not null default now()
);
create table recovery_code (
  account_id uuid not null references account (id),
  hash bytea not null,
  used_at timestamptz,
  primary key (account_id, hash)
);
create table session (
  hash bytea primary key,
  account_id uuid not null references account (id),
  shared boolean not null,
  made_at timestamptz not null default now(),
  seen_at timestamptz not null default now(),
  ends_at timestamptz not null,
  device text not null check (length(device) <= 60)
);
create index session_by_account on session (account_id);
-- links that work once: to come in, or to set a new password
create table link (
  hash bytea primary key,
  kind text not null check (kind in ('invitation', 'reset')),
  school_id uuid not null references school (id),
  account_id uuid references account (id),
  name text,
  email text,
  role text check (role in ('lead', 'teacher', 'specialist', 'aide', 'reader')),
  made_by uuid references account (id),
  made_at timestamptz not null default now(),
  ends_at timestamptz not null,
  used_at timestamptz,
  check ((kind = 'reset') = (account_id is not null)),
  check ((kind = 'invitation') = (email is not null and role is not null and name is not null))
);
-- tries within a time, by account and address, neither in clear
create table tries (key varchar(255) primary key, points integer not null default 0, expire bigint);
-- a code of a lesson, and the devices that it let in
create table lesson_pass (
  school_id uuid not null,
  class_lesson_id uuid not null,
  code text not null unique check (length(code) = 8),
  primary key (school_id, class_lesson_id),
  foreign key (school_id, class_lesson_id) references class_lesson (school_id, id) on delete cascade
);
create table pass_device (
  school_id uuid not null,
  hash bytea not null,
  class_lesson_id uuid not null,
  made_at timestamptz not null default now(),
  primary key (school_id, hash),
  foreign key (school_id, class_lesson_id) references class_lesson (school_id, id) on delete cascade
);
create index pass_device_by_hash on pass_device (hash);
create table trail (
  school_id uuid not null references school (id),
  id bigint generated always as identity,
  at timestamptz not null default now(),
  account_id uuid,
  role text not null,
  act text not null check (length(act) <= 40),
  route text not null check (length(route) <= 120),
  learner_id uuid,
  primary key (school_id, id)
);
create index trail_by_learner on trail (school_id, learner_id, id desc);
create table erasure (
  school_id uuid not null references school (id),
  id bigint generated always as identity,
  at timestamptz not null default now(),
  account_id uuid,
  why text not null check (length(why) between 1 and 300),
  counts jsonb not null,
  primary key (school_id, id)
);
`;

/** Which acts let somebody change rows of a table, and, where that is less, add or take them away. A table that is not named is the program's alone. */
const WRITES: readonly (readonly [tables: string, change: string, add?: string])[] = [
  ['recipe routine task_draft task_version task_step photo voice', 'recipes'],
  ['learner', 'learners plans', 'learners'],
  ['learner_fit', 'plans'],
  ['kitchen', 'kitchen goals'],
  ['kitchen_measure kitchen_tool', 'kitchen'],
  ['class_lesson lesson lesson_learner', 'lessons record'],
  ['observation lesson_note own_screen', 'record'],
  ['own_mark', 'record mark'],
  ['lesson_pass', 'lessons'],
  ['pass_device', 'record'],
  ['goal goal_criterion decision', 'goals'],
  ['looked_back', 'goals record'],
];
const listed = (words: string) =>
  `array[${words
    .split(' ')
    .map((w) => `'${w}'`)
    .join(', ')}]`;

const DOOR = `(select own_role()) in ('door', 'program')`;

export async function up(knex: Knex): Promise<void> {
  await knex.raw(SEAL);
  await knex.raw(TABLES);
  for (const table of ['lesson_pass', 'pass_device'])
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
      create policy own_school on ${table} using (school_id = (select own_school())) with check (school_id = (select own_school()));`);
  // every wall that stands takes its school from the seal
  await knex.raw(`
    do $$ declare p record; declare own text;
    begin
      for p in select tablename from pg_policies where schemaname = 'public' and policyname = 'own_school' loop
        own := case p.tablename when 'school' then 'id' else 'school_id' end;
        execute format('alter policy own_school on %I using (%I = (select own_school())) with check (%I = (select own_school()))', p.tablename, own, own);
      end loop;
    end $$;`);
  for (const [tables, change, add = change] of WRITES)
    for (const table of tables.split(' '))
      await knex.raw(`
        create policy may_add on ${table} as restrictive for insert with check ((select own_may(${listed(add)})));
        create policy may_change on ${table} as restrictive for update using ((select own_may(${listed(change)})));
        create policy may_take on ${table} as restrictive for delete using ((select own_may(${listed(add)})));`);
  await knex.raw(`
    -- the owner passes these: what a function of his looks up by a secret needs no school
    alter table account enable row level security;
    create policy own_school on account using (school_id = (select own_school())) with check (school_id = (select own_school()));
    create policy door on account using (${DOOR}) with check (${DOOR});
    create policy may_change on account as restrictive for update using ((select own_may('{people}')) or ${DOOR});
    create policy may_add on account as restrictive for insert with check ((select own_may('{people}')) or ${DOOR});
    create policy of_school on school using (${DOOR}) with check (${DOOR});`);
  for (const table of ['credential', 'recovery_code', 'session', 'link'])
    await knex.raw(`
      alter table ${table} enable row level security;
      create policy door on ${table} using (${DOOR}) with check (${DOOR});`);
  for (const table of ['trail', 'erasure'])
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
      create policy own_school on ${table} using (school_id = (select own_school())) with check (school_id = (select own_school()));
      create policy may_see on ${table} as restrictive for select using ((select own_may('{audit}')));
      create trigger fixed before update or delete on ${table} for each row execute function refuse_change();
      create trigger fixed_whole before truncate on ${table} execute function refuse_change();`);
  await knex.raw(WHO_IS);
  await knex.raw(LOOKING);
  await knex.raw(ERASE);
  await knex.raw(`
    grant select, insert, update on account, credential to yr_app;
    grant select, insert, update, delete on recovery_code, session, link, tries to yr_app;
    grant insert on school to yr_app;
    grant select, insert, delete on lesson_pass, pass_device to yr_app;
    grant select, insert on trail to yr_app;
    grant select on erasure to yr_app;
    grant usage on all sequences in schema public to yr_app;
    revoke execute on function erase_learner(uuid, text) from public;
    grant execute on function erase_learner(uuid, text) to yr_app;`);
}

/** Questions that come before any school is known; each answers only to a secret that nobody can guess. As they are until there are classes. */
export const WHO_IS = `
create function who_is(session_hash bytea) returns table (account_id uuid, school_id uuid, school_name text, role text, name text, shared boolean)
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  -- the school's own wall is passed for its name
  perform set_config('app.looking', 'name', true);
  return query select a.id, a.school_id, n.name, a.role, a.name, s.shared
    from session s join account a on a.id = s.account_id join school n on n.id = a.school_id
    where s.hash = session_hash and s.ends_at > now() and a.put_away_at is null
      and s.seen_at > now() - case when s.shared then interval '30 minutes' else interval '7 days' end;
  -- only one that is in force is seen
  if found then update session s set seen_at = now() where s.hash = session_hash and s.seen_at < now() - interval '1 minute'; end if;
end $$;
create function school_of_screen(screen text, today date) returns uuid language plpgsql security definer set search_path = public, pg_temp as $$
declare found uuid;
begin
  -- the owner's own wall stands too: it is passed for this one question
  perform set_config('app.looking', 'screen', true);
  select s.school_id into found from own_screen s join class_lesson c on c.school_id = s.school_id and c.id = s.class_lesson_id
    where s.code = screen and c.held_on >= today;
  perform set_config('app.looking', '', true);
  return found;
end $$;
create function lesson_of_pass(pass text, today date) returns table (school_id uuid, class_lesson_id uuid)
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  perform set_config('app.looking', 'pass', true);
  return query select p.school_id, p.class_lesson_id from lesson_pass p join class_lesson c on c.school_id = p.school_id and c.id = p.class_lesson_id
    where p.code = pass and c.held_on >= today;
  perform set_config('app.looking', '', true);
end $$;
create function who_has_pass(device bytea, today date) returns table (school_id uuid, school_name text, class_lesson_id uuid)
language plpgsql security definer set search_path = public, pg_temp as $$
begin
  perform set_config('app.looking', 'pass', true);
  return query select d.school_id, n.name, d.class_lesson_id from pass_device d
    join class_lesson c on c.school_id = d.school_id and c.id = d.class_lesson_id join school n on n.id = d.school_id
    where d.hash = device and c.held_on >= today;
  perform set_config('app.looking', '', true);
end $$;
revoke execute on function who_is(bytea), school_of_screen(text, date), lesson_of_pass(text, date), who_has_pass(bytea, date) from public;
grant execute on function who_is(bytea), school_of_screen(text, date), lesson_of_pass(text, date), who_has_pass(bytea, date) to yr_app;
`;

const LOOKING = `
alter table own_screen no force row level security;
delete from own_screen;
alter table own_screen force row level security;
-- a code is one screen's in all schools
create unique index own_screen_code on own_screen (code);
create policy by_name on school for select using (current_user = 'yr_owner' and current_setting('app.looking', true) in ('name', 'pass'));
create policy by_code on lesson_pass for select using (current_user = 'yr_owner' and current_setting('app.looking', true) = 'pass');
create policy by_code on pass_device for select using (current_user = 'yr_owner' and current_setting('app.looking', true) = 'pass');
create policy by_code on own_screen for select using (current_user = 'yr_owner' and current_setting('app.looking', true) = 'screen');
create policy by_code on class_lesson for select using (current_user = 'yr_owner' and current_setting('app.looking', true) in ('screen', 'pass'));
`;

/**
 * What was recorded is never deleted, but by this: a learner goes with every row, also those that triggers keep, and a line says how many of what.
 * A plan in which he stood is taken back to a start, since it has his id in it.
 */
const ERASE = `
create or replace function refuse_change() returns trigger language plpgsql set search_path = public, pg_temp as $$
begin
  if tg_op = 'DELETE' and tg_level = 'ROW' and current_user = 'yr_owner' then
    if to_jsonb(old) ->> 'learner_id' = nullif(current_setting('app.erasing', true), '')
      or to_jsonb(old) ->> 'goal_id' in (select g.id::text from goal g where g.learner_id::text = nullif(current_setting('app.erasing', true), ''))
    then return old; end if;
  end if;
  raise exception '% is never changed or deleted', tg_table_name using errcode = 'restrict_violation';
end $$;
create function erase_learner(whose uuid, reason text) returns jsonb language plpgsql security definer set search_path = public, pg_temp as $$
declare
  school uuid := own_school();
  gone jsonb := '{}';
  what text;
  n integer;
begin
  if school is null or not own_may('{erase}') then raise exception 'not for this role' using errcode = 'insufficient_privilege'; end if;
  perform 1 from learner l where l.school_id = school and l.id = whose for update;
  if not found then return null; end if;
  perform set_config('app.erasing', whose::text, true);
  update class_lesson c set plan = null where c.school_id = school and c.plan::text like '%' || whose::text || '%';
  delete from goal_criterion g where g.school_id = school and g.goal_id in (select id from goal where school_id = school and learner_id = whose);
  get diagnostics n = row_count;
  gone := gone || jsonb_build_object('goal_criterion', n);
  foreach what in array array['own_mark', 'own_screen', 'decision', 'goal', 'observation', 'lesson_note', 'lesson_learner', 'learner_fit'] loop
    execute format('delete from %I where school_id = $1 and learner_id = $2', what) using school, whose;
    get diagnostics n = row_count;
    gone := gone || jsonb_build_object(what, n);
  end loop;
  delete from learner l where l.school_id = school and l.id = whose;
  perform set_config('app.erasing', '', true);
  insert into erasure (school_id, account_id, why, counts) values (school, own_account(), reason, gone);
  return gone;
end $$;
`;

export async function down(knex: Knex): Promise<void> {
  const own = `nullif(current_setting(''app.school'', true), '''')::uuid`;
  for (const [tables] of WRITES)
    for (const table of tables.split(' '))
      for (const policy of ['may_add', 'may_change', 'may_take']) await knex.raw(`drop policy ${policy} on ${table}`);
  await knex.raw(`
    drop policy by_code on own_screen;
    drop policy by_code on class_lesson;
    drop policy of_school on school;
    drop policy by_name on school;
    drop index own_screen_code;
    drop function who_is(bytea), school_of_screen(text, date), lesson_of_pass(text, date), who_has_pass(bytea, date), erase_learner(uuid, text);
    drop table lesson_pass, pass_device, erasure, trail, tries, link, session, recovery_code, credential, account;
    do $$ declare p record; declare own text;
    begin
      for p in select tablename from pg_policies where schemaname = 'public' and policyname = 'own_school' loop
        own := case p.tablename when 'school' then 'id' else 'school_id' end;
        execute format('alter policy own_school on %I using (%I = ${own}) with check (%I = ${own})', p.tablename, own, own);
      end loop;
    end $$;
    drop function own_may(text[]), own_role(), own_account(), own_school(), own_pass();
    drop table permission, seal;
    create or replace function refuse_change() returns trigger language plpgsql as $$
    begin raise exception '% is never changed or deleted', tg_table_name using errcode = 'restrict_violation'; end $$;
    drop extension pgcrypto;`);
}
