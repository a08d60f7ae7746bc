import { redirect } from '@sveltejs/kit';

const THEMES = ['auto', 'light', 'dark', 'contrast'];

export const load = () => redirect(303, '/');

export const actions = {
  default: async ({ request, cookies }) => {
    const form = await request.formData();
    const theme = String(form.get('theme'));
    const back = String(form.get('back'));
    if (THEMES.includes(theme))
      cookies.set('theme', theme, { path: '/', maxAge: 60 * 60 * 24 * 365, sameSite: 'lax', secure: false, httpOnly: true });
    redirect(303, /^\/(?!\/)[\w/-]*$/.test(back) ? back : '/');
  },
};
