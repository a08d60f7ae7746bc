// Promises that the database keeps by itself: the order of records, frozen lessons and versions, revisions, and counts that no bad document can break.
import type { Knex } from 'knex';

const RECORDS = `
alter table observation
  add column device uuid,
  add column count bigint check (count >= 1),
  add column happened_at timestamptz;
-- the table is never changed, so what is old gets its moment while both guards are off, inside this one transaction
alter table observation disable trigger fixed, no force row level security;
update observation set happened_at = least(made_at, received_at);
alter table observation enable trigger fixed, force row level security;
alter table observation alter column happened_at set not null;
create unique index observation_of_step on observation (school_id, learner_id, lesson_id, step_key, id);
drop index observation_by_step;
alter table observation add constraint replaces_one_of_its_own
  foreign key (school_id, learner_id, lesson_id, step_key, replaces) references observation (school_id, learner_id, lesson_id, step_key, id) not valid;
-- when it was received is the server's to say, and nothing happened after that, or before its lesson was begun
create function stamp_record() returns trigger language plpgsql set search_path = public as $$
begin
  new.received_at := clock_timestamp();
  new.happened_at := least(coalesce(new.happened_at, new.received_at), new.received_at);
  if new.how <> 'import' then
    new.happened_at := greatest(new.happened_at, (select l.created_at from lesson l where l.school_id = new.school_id and l.id = new.lesson_id));
  end if;
  return new;
end $$;
create trigger stamp before insert on observation for each row execute function stamp_record();
`;

const FROZEN = `
create function freeze_lesson() returns trigger language plpgsql set search_path = public as $$
begin
  if exists (select 1 from observation o where o.school_id = old.school_id and o.lesson_id = old.id)
    or exists (select 1 from lesson_note n where n.school_id = old.school_id and n.lesson_id = old.id) then
    raise exception 'a lesson is never changed or deleted once something was recorded in it' using errcode = 'restrict_violation';
  end if;
  return case tg_op when 'DELETE' then old else new end;
end $$;
create trigger frozen before update or delete on lesson for each row execute function freeze_lesson();
create index note_by_lesson on lesson_note (school_id, lesson_id);

create function stamp_version() returns trigger language plpgsql set search_path = public as $$
begin new.published_at := now(); return new; end $$;
create trigger stamp before insert on task_version for each row execute function stamp_version();
-- now() is the moment at which the transaction began: the steps of a version come with it or never
create function join_version() returns trigger language plpgsql set search_path = public as $$
begin
  if not exists (
    select 1 from task_version v
    where v.school_id = new.school_id and v.recipe_id = new.recipe_id and v.number = new.number and v.published_at = now()
  ) then
    raise exception 'no step joins a version that is published' using errcode = 'restrict_violation';
  end if;
  return new;
end $$;
create trigger joins before insert on task_step for each row execute function join_version();
`;

const REVISIONS = `alter table kitchen add column revision integer not null default 1;`;

// A document that is no list counts as empty, so that one bad document never breaks a list of all. Names are said whole: a restore has no search path.
const COUNTS = `
create function items(doc jsonb) returns integer language sql immutable parallel safe as
  $$ select case when jsonb_typeof(doc) = 'array' then jsonb_array_length(doc) else 0 end $$;
create function without_picture(steps jsonb) returns integer language sql immutable parallel safe as
  $$ select case when jsonb_typeof(steps) <> 'array' then 0 else
       (select count(*)::integer from jsonb_array_elements(steps) s
        where s->>'technique' is null and public.items(s->'uses') = 0 and public.items(s->'tools') = 0) end $$;
alter table recipe
  add column unread integer generated always as (items(reading->'notUnderstood')) stored,
  add column ingredients integer generated always as (items(reading->'recipe'->'ingredients')) stored,
  add column instructions integer generated always as (items(reading->'recipe'->'instructions')) stored;
alter table task_draft
  add column step_count integer generated always as (items(steps)) stored,
  add column without_picture integer generated always as (without_picture(steps)) stored;
`;

export async function up(knex: Knex): Promise<void> {
  for (const part of [RECORDS, FROZEN, REVISIONS, COUNTS]) await knex.raw(part);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table task_draft drop column step_count, drop column without_picture;
    alter table recipe drop column unread, drop column ingredients, drop column instructions;
    drop function without_picture(jsonb);
    drop function items(jsonb);
    alter table kitchen drop column revision;
    drop trigger joins on task_step;
    drop trigger stamp on task_version;
    drop trigger frozen on lesson;
    drop index note_by_lesson;
    drop function join_version();
    drop function stamp_version();
    drop function freeze_lesson();
    drop trigger stamp on observation;
    drop function stamp_record();
    alter table observation drop constraint replaces_one_of_its_own;
    create index observation_by_step on observation (school_id, learner_id, lesson_id, step_key, made_at);
    drop index observation_of_step;
    alter table observation drop column device, drop column count, drop column happened_at;`);
}
