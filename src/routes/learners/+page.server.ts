import { check, firstProblem } from '$lib/server/input/check';
import { LearnerName } from '$lib/server/input/learner';
import { readForm } from '$lib/server/input/request';
import { addLearner, changeLearner, fitLearner, getLearner, listLearners, moveLearner, type LearnerRow } from '$lib/server/learners';
import { otherClass } from '$lib/server/people/classes';
import { error, fail, redirect } from '@sveltejs/kit';
import { facesOf } from '$lib/server/photos';
import { ID } from '$lib/id';

export const load = ({ locals }) =>
  locals.inSchool(async (trx) => {
    const all = await listLearners(trx, true);
    return {
      title: 'Learners',
      faces: await facesOf(
        trx,
        all.map((l) => l.id),
      ),
      learners: all.map(shown),
    };
  });

function shown(l: LearnerRow) {
  const learner = fitLearner(l);
  return {
    id: l.id,
    name: l.name,
    planNotes: l.planNotes,
    putAway: l.putAway,
    readable: l.needs !== null && l.profile !== null,
    answered: l.profile?.answers.length ?? 0,
    needs: learner.needs.filter((n) => n.of === undefined).map(({ demand, how }) => ({ demand, how })),
    hand: learner.hand ?? null,
    allergies: learner.allergies ?? [],
    never: learner.never ?? [],
  };
}

/** The id of a form, of a learner that there is. */
function idOf(field: (name: string) => string): string {
  const id = field('id');
  if (!ID.test(id)) error(400, 'This is no learner.');
  return id;
}

export const actions = {
  add: async ({ request, locals }) => {
    const field = await readForm(request);
    const elsewhere = otherClass(locals, field('class'));
    if (elsewhere) return fail(409, { problem: elsewhere });
    const checked = check(LearnerName, { name: field('name').trim() });
    if (!checked.ok) return fail(400, { problem: firstProblem(checked.problems, 'The learner could not be added.') });
    const id = await locals.inSchool((trx) => addLearner(trx, checked.value.name));
    redirect(303, `/learners/${id}`);
  },
  move: async ({ request, locals }) => {
    const field = await readForm(request);
    await locals.inSchool((trx) => moveLearner(trx, idOf(field), field('by') === 'up' ? -1 : 1));
  },
  'put-away': async ({ request, locals }) => {
    const field = await readForm(request);
    const id = idOf(field);
    const saved = await locals.inSchool(async (trx) => {
      const row = await getLearner(trx, id);
      return row && changeLearner(trx, id, row.revision, { putAway: field('away') === 'yes' });
    });
    if (!saved) return fail(409, { problem: 'Somebody else changed this learner just now. Look again.' });
  },
};
