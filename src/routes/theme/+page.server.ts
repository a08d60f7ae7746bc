import { readForm } from '$lib/server/input/request';
import { redirect } from '@sveltejs/kit';

const THEMES = ['auto', 'light', 'dark', 'contrast'];

export const load = () => redirect(303, '/');

export const actions = {
  default: async ({ request, cookies }) => {
    const field = await readForm(request);
    const theme = field('theme');
    if (THEMES.includes(theme))
      cookies.set('theme', theme, { path: '/', maxAge: 60 * 60 * 24 * 365, sameSite: 'lax', secure: false, httpOnly: true });
    redirect(303, /^\/(?!\/)[\w/-]*$/.test(field('back')) ? field('back') : '/');
  },
};
