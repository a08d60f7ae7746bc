// Break down in depth: the class's own routines, which of their revisions a draft has taken, and the reading grade the class aims at.
import type { Knex } from 'knex';

const OWN_SCHOOL = `nullif(current_setting('app.school', true), '')::uuid`;

export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table routine (
      school_id uuid not null references school,
      id uuid not null,
      name text not null check (length(name) between 1 and 80),
      steps jsonb not null,
      revision integer not null default 1,
      updated_at timestamptz not null default now(),
      primary key (school_id, id)
    );
    alter table routine enable row level security;
    alter table routine force row level security;
    create policy own_school on routine using (school_id = ${OWN_SCHOOL}) with check (school_id = ${OWN_SCHOOL});
    grant select, insert, update on routine to yr_app;
    alter table task_draft add column routines jsonb not null default '{}';
    alter table kitchen add column reading_grade numeric(3,1) not null default 4 check (reading_grade between 0 and 12);`);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table kitchen drop column reading_grade;
    alter table task_draft drop column routines;
    drop table routine;`);
}
