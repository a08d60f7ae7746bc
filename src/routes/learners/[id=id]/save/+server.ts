import { LearnerSaved } from '$lib/server/input/learner';
import { readJson } from '$lib/server/input/request';
import { changeLearner, getLearner } from '$lib/server/learners';
import { error, json } from '@sveltejs/kit';

export const PUT = async ({ request, params, locals }) => {
  const read = await readJson(request, LearnerSaved, 60_000);
  if ('refusal' in read) return read.refusal;
  const { revision, name, planNotes, profile, screen, putAway } = read.value;
  const saved = await locals.inSchool(async (trx) => {
    if (!(await getLearner(trx, params.id))) error(404, 'There is no learner at this address.');
    return changeLearner(trx, params.id, revision, {
      ...(name === undefined ? {} : { name }),
      ...(planNotes === undefined ? {} : { planNotes }),
      ...(profile === undefined ? {} : { profile }),
      ...(screen === undefined ? {} : { screen }),
      ...(putAway === undefined ? {} : { putAway }),
    });
  });
  return saved === null ? json({ message: 'This learner was changed in another window.' }, { status: 409 }) : json({ revision: saved });
};
