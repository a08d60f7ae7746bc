import { readForm } from '$lib/server/input/request';
import { CLASS } from '$lib/server/people/sessions';
import { error, redirect } from '@sveltejs/kit';

export const load = () => redirect(303, '/');

/** Turns this device to another of one's classes. */
export const actions = {
  default: async ({ request, cookies, url, locals }) => {
    const field = await readForm(request);
    const id = field('class');
    if (!locals.who?.classes.some((c) => c.id === id)) error(404, 'There is no such class of yours.');
    cookies.set(CLASS, id, { path: '/', maxAge: 60 * 60 * 24 * 365, sameSite: 'lax', secure: url.protocol === 'https:', httpOnly: true });
    redirect(303, /^\/(?!\/)[\w/-]*$/.test(field('back')) ? field('back') : '/');
  },
};
