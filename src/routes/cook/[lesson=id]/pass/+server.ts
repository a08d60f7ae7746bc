import { passFor } from '$lib/server/people/lesson-pass';
import { json } from '@sveltejs/kit';

/** The code that lets another adult's device into this lesson. */
export const POST = async ({ params, locals }) => {
  const code = await locals.inSchool((trx) => passFor(trx, params.lesson));
  return code ? json({ code }) : json({ message: 'There is no lesson at this address.' }, { status: 404 });
};
