// Fit: a learner's profile by function, what the kitchen has been said to lack, a learner's own differences from a version, and what was in force in a lesson.
import type { Knex } from 'knex';

const OWN_SCHOOL = `nullif(current_setting('app.school', true), '')::uuid`;

export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table learner
      add column profile jsonb not null default '{}',
      add column put_away_at timestamptz,
      add column revision integer not null default 1;
    alter table kitchen add column lacks jsonb not null default '[]', add column heights jsonb not null default '{}';
    alter table lesson_learner add column fit jsonb;
    create table learner_fit (
      school_id uuid not null references school,
      learner_id uuid not null,
      recipe_id uuid not null,
      version integer not null,
      differences jsonb not null default '{}',
      in_use boolean not null default false,
      revision integer not null default 1,
      updated_at timestamptz not null default now(),
      primary key (school_id, learner_id, recipe_id),
      foreign key (school_id, learner_id) references learner (school_id, id),
      foreign key (school_id, recipe_id, version) references task_version (school_id, recipe_id, number)
    );
    alter table learner_fit enable row level security;
    alter table learner_fit force row level security;
    create policy own_school on learner_fit using (school_id = ${OWN_SCHOOL}) with check (school_id = ${OWN_SCHOOL});
    grant select, insert, update on learner_fit to yr_app;`);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    drop table learner_fit;
    alter table lesson_learner drop column fit;
    alter table kitchen drop column lacks, drop column heights;
    alter table learner drop column profile, drop column put_away_at, drop column revision;`);
}
