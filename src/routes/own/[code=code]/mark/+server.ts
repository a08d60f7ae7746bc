import { readJson } from '$lib/server/input/request';
import { MarkInput } from '$lib/server/input/room';
import { addMark, screenOf } from '$lib/server/own-screen';
import { json } from '@sveltejs/kit';

/** What a learner presses. It is a mark for the adult, no record. */
export const POST = async ({ params, request, locals }) => {
  const body = await readJson(request, MarkInput, 10_000);
  if ('refusal' in body) return body.refusal;
  const kept = await locals.inSchool(async (trx) => {
    const screen = await screenOf(trx, params.code);
    return screen ? addMark(trx, screen, body.value) : false;
  });
  return kept ? json({}) : json({ message: 'This is no step of this screen.' }, { status: 404 });
};
