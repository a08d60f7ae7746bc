import { readForm } from '$lib/server/input/request';
import { screenOf } from '$lib/server/own-screen';
import { fail, redirect } from '@sveltejs/kit';

export const load = () => ({ title: 'My screen' });

export const actions = {
  default: async ({ request, locals }) => {
    const code = (await readForm(request))('code').replaceAll(/\s/g, '');
    const screen = /^\d{6}$/.test(code) ? await locals.inSchool((trx) => screenOf(trx, code)) : null;
    if (!screen) return fail(400, { problem: 'No lesson of today has this code. Ask for it again.' });
    redirect(303, `/own/${code}`);
  },
};
