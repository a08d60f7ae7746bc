// A recorded voice as routes play it.
import { error } from '@sveltejs/kit';
import type { SchoolTrx } from './school-scope';
import { getVoice } from './voices';

/** @throws 404 where there is none */
export async function showVoice(
  locals: Pick<App.Locals, 'inSchool'>,
  of: (trx: SchoolTrx) => Promise<{ recipe: string; step: string }>,
): Promise<Response> {
  const voice = await locals.inSchool(async (trx) => {
    const { recipe, step } = await of(trx);
    return getVoice(trx, recipe, step);
  });
  if (!voice) error(404, 'No voice was recorded for this step.');
  return new Response(new Uint8Array(voice.audio), {
    headers: { 'content-type': voice.kind, 'x-content-type-options': 'nosniff', 'content-disposition': 'inline; filename="step"' },
  });
}
