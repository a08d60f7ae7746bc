import { readForm } from '$lib/server/input/request';
import { countWrong, scopeOfScreen, TooMany } from '$lib/server/people/asking';
import { isPassCode, letIn } from '$lib/server/people/lesson-pass';
import { fail, redirect, type RequestEvent } from '@sveltejs/kit';

export const load = () => ({ title: 'My screen' });

/** Where a code leads: a learner's own screen, or the lesson that an adult's device is let into. */
async function wayOf(code: string, { cookies, url, getClientAddress }: RequestEvent): Promise<string | null> {
  if (/^\d{6}$/.test(code)) return (await scopeOfScreen(code, getClientAddress(), false)) ? `/own/${code}` : null;
  if (!isPassCode(code)) return null;
  const lesson = await letIn(code, cookies, url);
  if (!lesson) await countWrong(getClientAddress());
  return lesson ? `/cook/${lesson}` : null;
}

export const actions = {
  default: async (event) => {
    const code = (await readForm(event.request))('code').replaceAll(/\s/g, '');
    const way = await wayOf(code, event).catch((failed: unknown) => {
      if (failed instanceof TooMany) return failed;
      throw failed;
    });
    if (way instanceof TooMany) return fail(429, { problem: way.message });
    if (!way) return fail(400, { problem: 'No lesson of today has this code. Ask for it again.' });
    redirect(303, way);
  },
};
