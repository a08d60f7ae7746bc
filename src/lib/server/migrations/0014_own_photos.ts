// Photographs of a class's tools and places, and one of each learner, or a sign that he knows as his; by what a kitchen's hob, oven and microwave are set.
import type { Knex } from 'knex';

const OF_SCHOOL = `school_id = (select own_school())`;
const WALL = (table: string, mine: string, acts: string) => `
alter table ${table} enable row level security;
alter table ${table} force row level security;
create policy own_school on ${table} using (${OF_SCHOOL}) with check (${OF_SCHOOL});
create policy of_class on ${table} as restrictive to yr_app using (${mine}) with check (${mine});
create policy may_add on ${table} as restrictive for insert with check ((select own_may(${acts})));
create policy may_change on ${table} as restrictive for update using ((select own_may(${acts})));
create policy may_take on ${table} as restrictive for delete using ((select own_may(${acts})));
grant select, insert, update, delete on ${table} to yr_app;`;

export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    alter table kitchen add column controls jsonb not null default '{}';
    create table kitchen_photo (
      school_id uuid not null references school,
      class_id uuid not null default own_class(),
      -- what it is of: a tool by its id, a place by its name in small letters
      thing text not null check (thing ~ '^(tool|place):.{1,80}$'),
      image bytea not null check (length(image) between 1 and 700000),
      revision integer not null default 1,
      updated_at timestamptz not null default now(),
      primary key (school_id, class_id, thing),
      foreign key (school_id, class_id) references class (school_id, id)
    );
    create table learner_photo (
      school_id uuid not null references school,
      learner_id uuid not null,
      image bytea not null check (length(image) between 1 and 700000),
      revision integer not null default 1,
      updated_at timestamptz not null default now(),
      primary key (school_id, learner_id),
      foreign key (school_id, learner_id) references learner (school_id, id)
    );
    ${WALL('kitchen_photo', `coalesce(class_id = any((select own_classes())::uuid[]), true)`, `array['kitchen']`)}
    ${WALL('learner_photo', `coalesce(learner_id = any((select own_learners())::uuid[]), true)`, `array['learners', 'plans']`)}`);
  // a learner who is erased goes with it, and the line that stays says so
  await knex.raw(`
    do $$ begin
      execute replace(pg_get_functiondef('erase_learner(uuid, text)'::regprocedure), '''learner_fit''', '''learner_fit'', ''learner_photo''');
    end $$;`);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw(`
    do $$ begin
      execute replace(pg_get_functiondef('erase_learner(uuid, text)'::regprocedure), ', ''learner_photo''', '');
    end $$;
    drop table learner_photo, kitchen_photo;
    alter table kitchen drop column controls;`);
}
