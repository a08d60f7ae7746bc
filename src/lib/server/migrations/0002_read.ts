// What Read needs beyond the text: chosen substitutes, who makes how many, the lesson's length and the microwave's power.
import type { Knex } from 'knex';

export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table recipe
      add column swaps jsonb not null default '[]',
      add column makers integer not null default 1 check (makers between 1 and 200);
    alter table kitchen
      add column lesson_minutes integer not null default 60 check (lesson_minutes between 10 and 480),
      add column microwave_watts integer not null default 800 check (microwave_watts between 200 and 2500);
    grant delete on kitchen_measure, kitchen_tool to yr_app;`);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table recipe drop column swaps, drop column makers;
    alter table kitchen drop column lesson_minutes, drop column microwave_watts;`);
}
