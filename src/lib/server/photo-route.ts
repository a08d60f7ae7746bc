// A photograph as routes show it, keep it and take it away: the same for a step, a tool, a place and a learner.
import { error, json } from '@sveltejs/kit';
import { MOST_STORED, readJpeg } from './input/jpeg';
import { dropPhoto, getPhoto, keepPhoto, type PhotoOf } from './photos';
import type { SchoolTrx } from './school-scope';

type Asked = Pick<App.Locals, 'inSchool'>;

/** @throws 404 where there is none */
export async function showPhoto(locals: Asked, of: (trx: SchoolTrx) => PhotoOf | Promise<PhotoOf>): Promise<Response> {
  const image = await locals.inSchool(async (trx) => getPhoto(trx, await of(trx)));
  if (!image) error(404, 'There is no photograph of this.');
  return new Response(new Uint8Array(image), {
    headers: {
      'content-type': 'image/jpeg',
      'x-content-type-options': 'nosniff',
      'content-disposition': 'inline; filename="photo.jpg"',
    },
  });
}

/** Keeps what was sent, after a look at what it is. @param of what it is of; throws where there is no such thing */
export async function takePhoto(locals: Asked, request: Request, of: (trx: SchoolTrx) => Promise<PhotoOf>): Promise<Response> {
  if (request.headers.get('content-type') !== 'image/jpeg') return json({ message: 'A photograph is sent as JPEG.' }, { status: 415 });
  const body = await request.arrayBuffer().catch(() => null);
  if (!body) return json({ message: 'This did not arrive whole.' }, { status: 400 });
  if (body.byteLength > MOST_STORED) return json({ message: 'This photograph is too large to be kept.' }, { status: 413 });
  const jpeg = readJpeg(new Uint8Array(body));
  if (!jpeg.ok) return json({ message: jpeg.why }, { status: 422 });
  const revision = await locals.inSchool(async (trx) => keepPhoto(trx, await of(trx), jpeg.bytes));
  return json({ revision });
}

export async function takeAway(locals: Asked, of: PhotoOf): Promise<Response> {
  await locals.inSchool((trx) => dropPhoto(trx, of));
  return json({ revision: null });
}
