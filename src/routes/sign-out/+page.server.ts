import { DEMO_AS, isDemo } from '$lib/server/people/asking';
import { endSession } from '$lib/server/people/sessions';
import { redirect } from '@sveltejs/kit';

export const load = () => redirect(303, '/');

export const actions = {
  default: async ({ cookies, url, locals }) => {
    await endSession(cookies, url);
    // the demo opens by itself; whoever signs out of it wants to see the door
    if (isDemo()) cookies.set(DEMO_AS, 'out', { path: '/', httpOnly: true, sameSite: 'lax', secure: false });
    locals.who = null;
    redirect(303, '/sign-in');
  },
};
