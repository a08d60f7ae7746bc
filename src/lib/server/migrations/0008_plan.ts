// The plan of a lesson: what the teacher set, and the timetable as it was last shown; and how many there are of each thing in the kitchen.
import type { Knex } from 'knex';

export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table class_lesson add column plan jsonb;
    alter table kitchen add column counts jsonb not null default '{}';`);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table class_lesson drop column plan;
    alter table kitchen drop column counts;`);
}
