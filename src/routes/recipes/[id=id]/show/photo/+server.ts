// The photograph of one step: shown, kept, taken away.
import { stepOf } from '$lib/server/input/step-of';
import { MOST_STORED, readJpeg } from '$lib/server/input/jpeg';
import { dropPhoto, getPhoto, keepPhoto } from '$lib/server/photos';
import { getRecipe } from '$lib/server/recipes';
import { error, json } from '@sveltejs/kit';

export const GET = async ({ params, url, locals }) => {
  const key = stepOf(url);
  const image = await locals.inSchool((trx) => getPhoto(trx, params.id, key));
  if (!image) error(404, 'There is no photograph of this step.');
  return new Response(new Uint8Array(image), {
    headers: { 'content-type': 'image/jpeg', 'x-content-type-options': 'nosniff', 'content-disposition': 'inline; filename="step.jpg"' },
  });
};

export const PUT = async ({ params, url, request, locals }) => {
  const key = stepOf(url);
  if (request.headers.get('content-type') !== 'image/jpeg') return json({ message: 'A photograph is sent as JPEG.' }, { status: 415 });
  const body = await request.arrayBuffer().catch(() => null);
  if (!body) return json({ message: 'This did not arrive whole.' }, { status: 400 });
  if (body.byteLength > MOST_STORED) return json({ message: 'This photograph is too large to be kept.' }, { status: 413 });
  const jpeg = readJpeg(new Uint8Array(body));
  if (!jpeg.ok) return json({ message: jpeg.why }, { status: 422 });
  const revision = await locals.inSchool(async (trx) => {
    if (!(await getRecipe(trx, params.id))) error(404, 'There is no recipe at this address.');
    return keepPhoto(trx, params.id, key, jpeg.bytes);
  });
  return json({ revision });
};

export const DELETE = async ({ params, url, locals }) => {
  const key = stepOf(url);
  await locals.inSchool((trx) => dropPhoto(trx, params.id, key));
  return json({ revision: null });
};
