// A learner's and a lesson's records are all of one school: the database does not guess that, and took each question for one of a single row. With a hundred classes it
// then read a whole lesson's records, of all its learners, wherever one learner's were asked for.
import type { Knex } from 'knex';

export async function up(knex: Knex): Promise<void> {
  await knex.raw('create statistics if not exists observation_belongs (dependencies) on school_id, learner_id, lesson_id from observation');
}
export async function down(knex: Knex): Promise<void> {
  await knex.raw('drop statistics if exists observation_belongs');
}
