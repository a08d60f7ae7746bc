// The first schema: every row belongs to a school, rows of other schools cannot be seen, and what was recorded or published cannot be changed.
import type { Knex } from 'knex';

const TABLES = `
create table school (
  id uuid primary key,
  name text not null check (length(name) between 1 and 120)
);
create table learner (
  school_id uuid not null references school,
  id uuid not null,
  name text not null check (length(name) between 1 and 40),
  needs jsonb not null default '[]',
  plan_notes text not null default '' check (length(plan_notes) <= 2000),
  position integer not null default 0,
  primary key (school_id, id)
);
create table kitchen (
  school_id uuid primary key references school,
  system text not null,
  places jsonb not null default '{}'
);
create table kitchen_measure (
  school_id uuid not null references school,
  id text not null,
  quantity text not null,
  unit text not null,
  kind text not null check (kind in ('dry', 'liquid', 'spoon')),
  place text not null default '',
  position integer not null default 0,
  primary key (school_id, id)
);
create table kitchen_tool (
  school_id uuid not null references school,
  id text not null,
  place text not null default '',
  primary key (school_id, id)
);
create table recipe (
  school_id uuid not null references school,
  id uuid not null,
  title text not null check (length(title) between 1 and 200),
  source text not null check (length(source) <= 200000),
  reading jsonb not null,
  servings_wanted integer check (servings_wanted between 1 and 1000),
  revision integer not null default 1,
  created_at timestamptz not null default now(),
  updated_at timestamptz not null default now(),
  primary key (school_id, id)
);
create table task_draft (
  school_id uuid not null,
  recipe_id uuid not null,
  grain text not null check (grain in ('coarse', 'standard', 'fine')),
  steps jsonb not null,
  recipe_revision integer not null,
  revision integer not null default 1,
  updated_at timestamptz not null default now(),
  primary key (school_id, recipe_id),
  foreign key (school_id, recipe_id) references recipe (school_id, id)
);
create table task_version (
  school_id uuid not null,
  recipe_id uuid not null,
  number integer not null check (number >= 1),
  grain text not null,
  ingredients jsonb not null,
  note text not null default '' check (length(note) <= 2000),
  from_revision integer not null,
  published_at timestamptz not null default now(),
  primary key (school_id, recipe_id, number),
  foreign key (school_id, recipe_id) references recipe (school_id, id)
);
create table task_step (
  school_id uuid not null,
  recipe_id uuid not null,
  number integer not null,
  key text not null check (length(key) between 1 and 120),
  position integer not null,
  step jsonb not null,
  primary key (school_id, recipe_id, number, key),
  foreign key (school_id, recipe_id, number) references task_version (school_id, recipe_id, number)
);
create table lesson (
  school_id uuid not null,
  id uuid not null,
  recipe_id uuid not null,
  version integer not null,
  held_on date not null,
  hierarchy jsonb not null,
  procedure text not null,
  rule jsonb not null,
  mastery jsonb not null,
  created_at timestamptz not null default now(),
  primary key (school_id, id),
  foreign key (school_id, recipe_id, version) references task_version (school_id, recipe_id, number)
);
create index lesson_by_recipe on lesson (school_id, recipe_id, held_on);
create table lesson_learner (
  school_id uuid not null,
  lesson_id uuid not null,
  learner_id uuid not null,
  phase text not null check (phase in ('baseline', 'intervention', 'maintenance', 'generalisation')),
  state text not null check (state in ('open', 'finished', 'missed')),
  primary key (school_id, lesson_id, learner_id),
  foreign key (school_id, lesson_id) references lesson (school_id, id),
  foreign key (school_id, learner_id) references learner (school_id, id)
);
create index lesson_by_learner on lesson_learner (school_id, learner_id);
create table observation (
  school_id uuid not null,
  id uuid not null,
  lesson_id uuid not null,
  learner_id uuid not null,
  step_key text not null check (length(step_key) between 1 and 120),
  code text not null check (length(code) between 1 and 40),
  observer text not null check (length(observer) between 1 and 40),
  how text not null check (how in ('tap', 'key', 'import')),
  made_at timestamptz not null,
  replaces uuid,
  received_at timestamptz not null default now(),
  primary key (school_id, id),
  foreign key (school_id, lesson_id, learner_id) references lesson_learner (school_id, lesson_id, learner_id)
);
create index observation_by_step on observation (school_id, learner_id, lesson_id, step_key, made_at);
create table lesson_note (
  school_id uuid not null,
  id uuid not null,
  lesson_id uuid not null,
  learner_id uuid not null,
  step_key text,
  text text not null check (length(text) between 1 and 2000),
  made_at timestamptz not null,
  primary key (school_id, id),
  foreign key (school_id, lesson_id, learner_id) references lesson_learner (school_id, lesson_id, learner_id)
);
`;

const OWN_SCHOOL = `nullif(current_setting('app.school', true), '')::uuid`;
const FIXED = ['task_version', 'task_step', 'observation', 'lesson_note'];
const CHANGING = ['learner', 'kitchen', 'kitchen_measure', 'kitchen_tool', 'recipe', 'task_draft', 'lesson', 'lesson_learner'];

export async function up(knex: Knex): Promise<void> {
  await knex.raw(TABLES);
  for (const table of ['school', ...CHANGING, ...FIXED]) {
    const own = table === 'school' ? 'id' : 'school_id';
    await knex.raw(`alter table ${table} enable row level security; alter table ${table} force row level security;`);
    await knex.raw(`create policy own_school on ${table} using (${own} = ${OWN_SCHOOL}) with check (${own} = ${OWN_SCHOOL})`);
  }
  // Not even the owner changes or deletes what was recorded or published; a correction is a later row.
  await knex.raw(`
    create function refuse_change() returns trigger language plpgsql as $$
    begin raise exception '% is never changed or deleted', tg_table_name using errcode = 'restrict_violation'; end $$;`);
  for (const table of FIXED)
    await knex.raw(
      `create trigger fixed before update or delete on ${table} for each row execute function refuse_change(); create trigger fixed_whole before truncate on ${table} execute function refuse_change();`,
    );
  await knex.raw('grant select on school to yr_app');
  for (const table of FIXED) await knex.raw(`grant select, insert on ${table} to yr_app`);
  for (const table of CHANGING) await knex.raw(`grant select, insert, update on ${table} to yr_app`);
}

export async function down(knex: Knex): Promise<void> {
  for (const table of [...FIXED, ...CHANGING, 'school'].reverse()) await knex.raw(`drop table if exists ${table} cascade`);
  await knex.raw('drop function if exists refuse_change()');
}
