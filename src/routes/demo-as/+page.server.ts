import { isRole } from '$core';
import { readForm } from '$lib/server/input/request';
import { DEMO_AS, isDemo } from '$lib/server/people/asking';
import { error, redirect } from '@sveltejs/kit';

export const load = () => redirect(303, '/');

/** The demo, seen as another of its people. */
export const actions = {
  default: async ({ request, cookies }) => {
    const role = (await readForm(request))('role');
    if (!isDemo() || !isRole(role)) error(404, 'There is nothing here.');
    cookies.set(DEMO_AS, role, { path: '/', httpOnly: true, sameSite: 'lax', secure: false });
    redirect(303, '/');
  },
};
