// A lesson of a whole class: when, with whom, which recipes; what is in force for each learner; marks of a learner's own screen; and word of each change.
import type { Knex } from 'knex';

const OWN_SCHOOL = `nullif(current_setting('app.school', true), '')::uuid`;

const ROOM = `
create table class_lesson (
  school_id uuid not null references school,
  id uuid not null,
  held_on date not null,
  starts_at text check (starts_at ~ '^([01][0-9]|2[0-3]):[0-5][0-9]$'),
  minutes integer not null default 60 check (minutes between 10 and 480),
  adults jsonb not null default '[]',
  wait_shown boolean not null default true,
  revision integer not null default 1,
  created_at timestamptz not null default now(),
  begun_at timestamptz,
  ended_at timestamptz,
  primary key (school_id, id)
);
create index class_lesson_by_day on class_lesson (school_id, held_on);
-- each lesson that was held so far was one learner's with one recipe: it becomes a class lesson of its own
alter table lesson disable trigger frozen, no force row level security;
alter table lesson_learner no force row level security;
alter table class_lesson no force row level security;
insert into class_lesson (school_id, id, held_on, created_at, begun_at, ended_at)
  select l.school_id, l.id, l.held_on, l.created_at, l.created_at,
    case when not exists (select 1 from lesson_learner ll where ll.school_id = l.school_id and ll.lesson_id = l.id and ll.state = 'open') then l.created_at end
  from lesson l;
alter table lesson
  add column class_lesson_id uuid,
  add column mode text not null default 'own' check (mode in ('own', 'pairs', 'together')),
  add column position integer not null default 0;
update lesson set class_lesson_id = id;
alter table lesson alter column class_lesson_id set not null;
alter table lesson add constraint of_class_lesson foreign key (school_id, class_lesson_id) references class_lesson (school_id, id) on delete cascade;
create index lesson_of_class on lesson (school_id, class_lesson_id);
alter table lesson enable trigger frozen, force row level security;
alter table class_lesson force row level security;

alter table lesson_learner
  add column hierarchy jsonb,
  add column procedure jsonb,
  add column chaining text not null default 'total' check (chaining in ('total', 'forward', 'backward')),
  add column share jsonb,
  add column team integer,
  add column adult text check (length(adult) between 1 and 40),
  add column aims jsonb not null default '[]',
  add column presence text not null default 'here' check (presence in ('here', 'late', 'left', 'absent')),
  add column position integer not null default 0;
update lesson_learner set presence = 'absent' where state = 'missed';
alter table lesson_learner force row level security;
alter table lesson_learner drop constraint lesson_learner_school_id_lesson_id_fkey;
alter table lesson_learner add constraint of_lesson foreign key (school_id, lesson_id) references lesson (school_id, id) on delete cascade;

alter table observation
  add column detail text check (detail in ('faded', 'error', 'out-of-order')),
  add column second boolean not null default false;
alter table observation drop constraint observation_how_check;
alter table observation add constraint observation_how_check check (how in ('tap', 'key', 'rule', 'import'));
create index observation_by_lesson on observation (school_id, lesson_id);

alter table learner add column screen jsonb not null default '{}';
create table voice (
  school_id uuid not null references school,
  recipe_id uuid not null,
  step_key text not null check (length(step_key) between 1 and 120),
  audio bytea not null check (length(audio) between 1 and 500000),
  kind text not null check (kind in ('audio/webm', 'audio/ogg', 'audio/mp4')),
  revision integer not null default 1,
  updated_at timestamptz not null default now(),
  primary key (school_id, recipe_id, step_key),
  foreign key (school_id, recipe_id) references recipe (school_id, id)
);

create table own_screen (
  school_id uuid not null,
  code text not null check (code ~ '^[0-9]{6}$'),
  class_lesson_id uuid not null,
  learner_id uuid not null,
  made_at timestamptz not null default now(),
  primary key (school_id, code),
  unique (school_id, class_lesson_id, learner_id),
  foreign key (school_id, class_lesson_id) references class_lesson (school_id, id) on delete cascade,
  foreign key (school_id, learner_id) references learner (school_id, id)
);
create table own_mark (
  school_id uuid not null,
  id uuid not null,
  class_lesson_id uuid not null,
  lesson_id uuid not null,
  learner_id uuid not null,
  step_key text not null check (length(step_key) between 1 and 120),
  what text not null check (what in ('done', 'help')),
  made_at timestamptz not null default now(),
  primary key (school_id, id),
  foreign key (school_id, class_lesson_id) references class_lesson (school_id, id) on delete cascade,
  foreign key (school_id, lesson_id, learner_id) references lesson_learner (school_id, lesson_id, learner_id) on delete cascade
);
create index mark_by_lesson on own_mark (school_id, class_lesson_id);
`;

/** What is in force for a learner stays once something was recorded of him there; who is there and whose steps they are may change. */
const FROZEN = `
create function freeze_in_force() returns trigger language plpgsql set search_path = public as $$
begin
  if tg_op = 'UPDATE' and (old.phase, old.chaining) = (new.phase, new.chaining)
    and old.hierarchy is not distinct from new.hierarchy and old.procedure is not distinct from new.procedure
    and old.fit is not distinct from new.fit then
    return new;
  end if;
  if exists (select 1 from observation o where o.school_id = old.school_id and o.lesson_id = old.lesson_id and o.learner_id = old.learner_id)
    or exists (select 1 from lesson_note n where n.school_id = old.school_id and n.lesson_id = old.lesson_id and n.learner_id = old.learner_id) then
    raise exception 'what was in force for a learner is never changed or deleted once something was recorded' using errcode = 'restrict_violation';
  end if;
  return case tg_op when 'DELETE' then old else new end;
end $$;
create trigger frozen before update or delete on lesson_learner for each row execute function freeze_in_force();
`;

/** Whoever is absent has missed it, and whoever is not has not: said once, wherever presence is set. */
const PRESENCE = `
create function presence_says() returns trigger language plpgsql set search_path = public as $$
begin
  if new.presence = 'absent' then new.state := 'missed';
  elsif new.state = 'missed' then new.state := 'open';
  end if;
  return new;
end $$;
create trigger presence before insert or update on lesson_learner for each row execute function presence_says();
`;

/** Word of each change, for whoever has the lesson open: which records, which marks, or that something of the lesson itself changed. Ids only. */
const WORD = `
create function tell_records() returns trigger language plpgsql set search_path = public as $$
declare told record;
begin
  for told in
    select l.school_id, l.class_lesson_id, json_agg(n.id) as ids
    from (select *, (row_number() over (partition by lesson_id order by id) - 1) / 100 as lot from new_rows) n
    join lesson l on l.school_id = n.school_id and l.id = n.lesson_id
    where n.how <> 'import'
    group by l.school_id, l.class_lesson_id, n.lot
  loop
    perform pg_notify('room', json_build_object('s', told.school_id, 'l', told.class_lesson_id, 'o', told.ids)::text);
  end loop;
  return null;
end $$;
create trigger tells after insert on observation referencing new table as new_rows for each statement execute function tell_records();
create function tell_mark() returns trigger language plpgsql set search_path = public as $$
begin
  perform pg_notify('room', json_build_object('s', new.school_id, 'l', new.class_lesson_id, 'm', new.id)::text);
  return null;
end $$;
create trigger tells after insert on own_mark for each row execute function tell_mark();
create function tell_people() returns trigger language plpgsql set search_path = public as $$
begin
  perform pg_notify('room', json_build_object('s', new.school_id, 'l', l.class_lesson_id, 'c', true)::text)
  from lesson l where l.school_id = new.school_id and l.id = new.lesson_id;
  return null;
end $$;
create trigger tells after update on lesson_learner for each row execute function tell_people();
`;

export async function up(knex: Knex): Promise<void> {
  await knex.raw(ROOM);
  for (const table of ['class_lesson', 'own_screen', 'own_mark', 'voice'])
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
      create policy own_school on ${table} using (school_id = ${OWN_SCHOOL}) with check (school_id = ${OWN_SCHOOL});`);
  await knex.raw(`
    grant select, insert, update, delete on class_lesson to yr_app;
    grant select, insert, delete on own_screen to yr_app;
    grant select, insert, update, delete on voice to yr_app;
    grant select, insert on own_mark to yr_app;
    grant delete on lesson, lesson_learner to yr_app;`);
  await knex.raw(FROZEN);
  await knex.raw(PRESENCE);
  await knex.raw(WORD);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop trigger tells on lesson_learner;
    drop trigger tells on observation;
    drop trigger frozen on lesson_learner;
    drop trigger presence on lesson_learner;
    drop table own_mark, own_screen, voice;
    drop function tell_people(), tell_mark(), tell_records(), freeze_in_force(), presence_says();
    drop index observation_by_lesson;
    alter table observation drop column detail, drop column second;
    alter table observation drop constraint observation_how_check;
    alter table observation add constraint observation_how_check check (how in ('tap', 'key', 'import'));
    revoke delete on lesson, lesson_learner from yr_app;
    alter table lesson_learner drop constraint of_lesson;
    alter table lesson_learner add constraint lesson_learner_school_id_lesson_id_fkey foreign key (school_id, lesson_id) references lesson (school_id, id);
    alter table lesson_learner drop column hierarchy, drop column procedure, drop column chaining, drop column share, drop column team,
      drop column presence, drop column position, drop column adult, drop column aims;
    alter table lesson drop constraint of_class_lesson;
    drop index lesson_of_class;
    alter table lesson drop column class_lesson_id, drop column mode, drop column position;
    drop table class_lesson;
    alter table learner drop column screen;`);
}
