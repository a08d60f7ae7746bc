// What a lesson came to, kept with it once it is over: Look back reads a text for each lesson, and no longer its records. And what the same rules and the same own
// cards are known by, so that years of lessons with the same ones do not bring them again and again.
import type { Knex } from 'knex';

const COLUMNS = `
-- what is in force of the learner in this lesson, as one text; null: read it from the records
alter table lesson_learner add column kept text;
alter table lesson_learner add column fit_is text generated always as (md5(fit::text)) stored;
alter table lesson add column rules_are text
  generated always as (md5(hierarchy::text || ' ' || rule::text || ' ' || mastery::text)) stored;
create index lesson_not_kept on lesson_learner (school_id, lesson_id) where kept is null and state <> 'open';`;

/**
 * A record that comes late, from a device that was offline for a week, makes what was kept void. Whoever keeps it holds the learner's row for update: the new
 * record's key waits for that, and what was kept meanwhile is seen here.
 */
const LATE = `
create function not_kept() returns trigger language plpgsql set search_path = public as $$
begin
  update lesson_learner ll set kept = null
  from (select distinct school_id, lesson_id, learner_id from new_rows) n
  where ll.school_id = n.school_id and ll.lesson_id = n.lesson_id and ll.learner_id = n.learner_id and ll.kept is not null;
  return null;
end $$;
create trigger keeps after insert on observation referencing new table as new_rows for each statement execute function not_kept();`;

/** That something is kept is no news to whoever has the lesson open. */
const QUIET = `
drop trigger tells on lesson_learner;
create trigger tells after update on lesson_learner for each row when (old.kept is not distinct from new.kept) execute function tell_people();`;

export async function up(knex: Knex): Promise<void> {
  for (const one of [COLUMNS, LATE, QUIET]) await knex.raw(one);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop trigger tells on lesson_learner;
    create trigger tells after update on lesson_learner for each row execute function tell_people();
    drop trigger keeps on observation;
    drop function not_kept();
    drop index lesson_not_kept;
    alter table lesson drop column rules_are;
    alter table lesson_learner drop column kept, drop column fit_is;`);
}
