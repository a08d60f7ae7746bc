// The photograph of a learner, or the sign that he knows as his: shown, kept, taken away.
import { getLearner } from '$lib/server/learners';
import { showPhoto, takeAway, takePhoto } from '$lib/server/photo-route';
import { error } from '@sveltejs/kit';

export const GET = ({ params, locals }) => showPhoto(locals, () => ({ learner: params.id }));

export const PUT = ({ params, locals, request }) =>
  takePhoto(locals, request, async (trx) => {
    if (!(await getLearner(trx, params.id))) error(404, 'There is no learner at this address.');
    return { learner: params.id };
  });

export const DELETE = ({ params, locals }) => takeAway(locals, { learner: params.id });
