// Photographs of steps, in the place of drawings; and whose hands the drawings show.
import type { Knex } from 'knex';

const OWN_SCHOOL = `nullif(current_setting('app.school', true), '')::uuid`;

export async function up(knex: Knex): Promise<void> {
  await knex.raw(`
    create table photo (
      school_id uuid not null references school,
      recipe_id uuid not null,
      step_key text not null check (length(step_key) between 1 and 120),
      image bytea not null check (length(image) between 1 and 700000),
      revision integer not null default 1,
      updated_at timestamptz not null default now(),
      primary key (school_id, recipe_id, step_key),
      foreign key (school_id, recipe_id) references recipe (school_id, id)
    );
    alter table photo enable row level security;
    alter table photo force row level security;
    create policy own_school on photo using (school_id = ${OWN_SCHOOL}) with check (school_id = ${OWN_SCHOOL});
    grant select, insert, update, delete on photo to yr_app;
    alter table kitchen add column skin integer not null default 1 check (skin between 0 and 4);`);
}

export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop table photo; alter table kitchen drop column skin;');
}
