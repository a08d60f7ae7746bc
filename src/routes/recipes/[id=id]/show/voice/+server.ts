// The recorded voice of one step: heard, kept, taken away.
import { stepOf } from '$lib/server/input/step-of';
import { kindOfVoice, LONGEST_VOICE } from '$lib/server/input/voice';
import { getRecipe } from '$lib/server/recipes';
import { showVoice } from '$lib/server/voice-route';
import { dropVoice, keepVoice } from '$lib/server/voices';
import { error, json } from '@sveltejs/kit';

export const GET = ({ params, url, locals }) => {
  const step = stepOf(url);
  return showVoice(locals, () => Promise.resolve({ recipe: params.id, step }));
};

export const PUT = async ({ params, url, request, locals }) => {
  const key = stepOf(url);
  if (!request.headers.get('content-type')?.startsWith('audio/'))
    return json({ message: 'A recording is expected here.' }, { status: 415 });
  const body = await request.arrayBuffer().catch(() => null);
  if (!body) return json({ message: 'This did not arrive whole.' }, { status: 400 });
  if (body.byteLength > LONGEST_VOICE)
    return json({ message: 'This recording is too long: a step is said in less than a minute.' }, { status: 413 });
  const kind = kindOfVoice(new Uint8Array(body));
  if (!kind) return json({ message: 'This is no recording that browsers make: WebM, Ogg or MP4.' }, { status: 422 });
  const revision = await locals.inSchool(async (trx) => {
    if (!(await getRecipe(trx, params.id))) error(404, 'There is no recipe at this address.');
    return keepVoice(trx, params.id, key, Buffer.from(body), kind);
  });
  return json({ revision });
};

export const DELETE = async ({ params, url, locals }) => {
  const key = stepOf(url);
  await locals.inSchool((trx) => dropVoice(trx, params.id, key));
  return json({ revision: null });
};
