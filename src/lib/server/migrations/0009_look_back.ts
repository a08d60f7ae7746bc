// Goals with their criteria, what people decided, which recipes were looked back at, and the class's own rules of teaching.
import type { Knex } from 'knex';

const OWN_SCHOOL = `nullif(current_setting('app.school', true), '')::uuid`;

const TABLES = `
create table goal (
  school_id uuid not null,
  id uuid not null,
  learner_id uuid not null,
  scope jsonb not null,
  condition text not null check (length(condition) <= 200),
  hierarchy text not null check (length(hierarchy) between 1 and 40),
  met_on date,
  put_away_on date,
  revision integer not null default 1,
  created_at timestamptz not null default now(),
  primary key (school_id, id),
  foreign key (school_id, learner_id) references learner (school_id, id)
);
create index goal_by_learner on goal (school_id, learner_id);
-- how well and by when, each as it was from a day on: a line on the chart, and no figure of before is another
create table goal_criterion (
  school_id uuid not null,
  goal_id uuid not null,
  number integer not null check (number >= 1),
  day date not null,
  criterion jsonb not null,
  primary key (school_id, goal_id, number),
  foreign key (school_id, goal_id) references goal (school_id, id)
);
create table decision (
  school_id uuid not null,
  id uuid not null,
  learner_id uuid not null,
  goal_id uuid,
  about text not null check (length(about) between 1 and 300),
  kind text not null check (length(kind) between 1 and 40),
  newest date not null,
  taken boolean not null,
  reason text not null default '' check (length(reason) <= 500),
  saw text not null check (length(saw) between 1 and 1000),
  todo text not null check (length(todo) between 1 and 1000),
  steps jsonb not null default '[]',
  level text check (length(level) between 1 and 40),
  decided_on date not null,
  made_at timestamptz not null default now(),
  primary key (school_id, id),
  foreign key (school_id, learner_id) references learner (school_id, id),
  foreign key (school_id, goal_id) references goal (school_id, id)
);
create index decision_by_learner on decision (school_id, learner_id, made_at);
create table looked_back (
  school_id uuid not null,
  recipe_id uuid not null,
  until timestamptz not null,
  primary key (school_id, recipe_id),
  foreign key (school_id, recipe_id) references recipe (school_id, id)
);
alter table kitchen add column teaching jsonb not null default '{}';
-- where a lesson is held, if not in the usual kitchen
alter table class_lesson add column place text check (length(place) between 1 and 40);
`;

/**
 * All that a learner's record is read from stands in the index itself, in the order in which it is asked: school, learner, lesson, step. A record of five years
 * is then one run of neighbours, however many other schools there are.
 */
const COVERING = `
alter table observation drop constraint replaces_one_of_its_own;
create unique index observation_of_learner on observation (school_id, learner_id, lesson_id, step_key, id)
  include (code, observer, second, replaces, device, count, happened_at);
drop index observation_of_step;
alter table observation add constraint replaces_one_of_its_own
  foreign key (school_id, learner_id, lesson_id, step_key, replaces) references observation (school_id, learner_id, lesson_id, step_key, id) not valid;
`;

/** Never changed: what was decided, and what was asked for from which day on. */
const FIXED = ['goal_criterion', 'decision'];

export async function up(knex: Knex): Promise<void> {
  await knex.raw(TABLES);
  await knex.raw(COVERING);
  for (const table of ['goal', 'goal_criterion', 'decision', 'looked_back'])
    await knex.raw(`
      alter table ${table} enable row level security;
      alter table ${table} force row level security;
      create policy own_school on ${table} using (school_id = ${OWN_SCHOOL}) with check (school_id = ${OWN_SCHOOL});`);
  for (const table of FIXED)
    await knex.raw(`
      create trigger fixed before update or delete on ${table} for each row execute function refuse_change();
      create trigger fixed_whole before truncate on ${table} for each statement execute function refuse_change();
      grant select, insert on ${table} to yr_app;`);
  await knex.raw('grant select, insert, update on goal, looked_back to yr_app');
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table observation drop constraint replaces_one_of_its_own;
    create unique index observation_of_step on observation (school_id, learner_id, lesson_id, step_key, id);
    drop index observation_of_learner;
    alter table observation add constraint replaces_one_of_its_own
      foreign key (school_id, learner_id, lesson_id, step_key, replaces) references observation (school_id, learner_id, lesson_id, step_key, id) not valid;
    alter table class_lesson drop column place;
    alter table kitchen drop column teaching;
    drop table looked_back, decision, goal_criterion, goal;`);
}
