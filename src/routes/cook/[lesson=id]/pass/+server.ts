import { endPass, passFor } from '$lib/server/people/lesson-pass';
import { json } from '@sveltejs/kit';

/** The code that lets another adult's device into this lesson. */
export const POST = async ({ params, locals }) => {
  const code = await locals.inSchool((trx) => passFor(trx, params.lesson));
  return code ? json({ code }) : json({ message: 'There is no lesson at this address.' }, { status: 404 });
};

/** The code opens nothing any more, and devices that came in by it are out. */
export const DELETE = async ({ params, locals }) => {
  await locals.inSchool((trx) => endPass(trx, params.lesson));
  return json({ ended: true });
};
