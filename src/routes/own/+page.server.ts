import { readForm } from '$lib/server/input/request';
import { scopeOfScreen, TooMany } from '$lib/server/people/asking';
import { fail, redirect } from '@sveltejs/kit';

export const load = () => ({ title: 'My screen' });

export const actions = {
  default: async ({ request, getClientAddress }) => {
    const code = (await readForm(request))('code').replaceAll(/\s/g, '');
    const problem = 'No lesson of today has this code. Ask for it again.';
    if (!/^\d{6}$/.test(code)) return fail(400, { problem });
    const found = await scopeOfScreen(code, getClientAddress(), false).catch((failed: unknown) => {
      if (failed instanceof TooMany) return failed;
      throw failed;
    });
    if (found instanceof TooMany) return fail(429, { problem: found.message });
    if (!found) return fail(400, { problem });
    redirect(303, `/own/${code}`);
  },
};
