// Questions that took longer than they have to. Nothing that is seen or taken is another than before.
import type { Knex } from 'knex';

/** Why: see 0013_statistics. A database that has been through that one has it. */
const BELONGS = 'create statistics if not exists observation_belongs (dependencies) on school_id, learner_id, lesson_id from observation';

/** The school is asked for once: within the question it was asked for again and again. */
const OWN_LEARNERS = `
create or replace function own_learners() returns uuid[] language plpgsql stable parallel safe security definer set search_path = public, pg_temp as $$
declare
  classes uuid[] := own_classes();
  school uuid;
begin
  if classes is null then return null; end if;
  school := own_school();
  return coalesce((select array_agg(l.id) from learner l where l.school_id = school and l.class_id = any(classes)), '{}');
end $$`;

/** Not in SQL: such a function is planned anew for each request. */
const CLASSES_OF = `
create or replace function classes_of(school uuid, account uuid, of_role text) returns jsonb
language plpgsql stable security definer set search_path = public, pg_temp as $$
begin
  return (select coalesce(jsonb_agg(jsonb_build_object('id', c.id, 'name', c.name) order by c.position, c.name, c.id), '[]')
    from class c where c.school_id = school and c.put_away_at is null
      and (of_role = 'lead' or exists (select 1 from class_person p where p.school_id = school and p.account_id = account and p.class_id = c.id)));
end $$`;

export async function up(knex: Knex): Promise<void> {
  for (const one of [BELONGS, OWN_LEARNERS, CLASSES_OF]) await knex.raw(one);
}
/** The functions stay as they are: they answer the same, and go with the classes. */
export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop statistics if exists observation_belongs');
}
