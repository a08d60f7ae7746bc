import { readForm } from '$lib/server/input/request';
import { atTheDoor } from '$lib/server/people/door';
import { tried, waitWords } from '$lib/server/people/limits';
import { isSecond } from '$lib/server/people/second';
import { beginSession, deviceOf } from '$lib/server/people/sessions';
import { dropHalf, halfOf } from '$lib/server/people/sign-in';
import { wayOn } from '$lib/server/people/where';
import { fail, redirect } from '@sveltejs/kit';

export const load = ({ cookies, url }) => {
  if (!halfOf(cookies)) redirect(303, '/sign-in');
  return { title: 'Sign in', to: wayOn(url.searchParams.get('to')) };
};

export const actions = {
  default: async ({ request, cookies, url }) => {
    const half = halfOf(cookies);
    if (!half) redirect(303, '/sign-in');
    const field = await readForm(request);
    const wait = await tried('account', `second ${half.account}`);
    if (wait > 0) return fail(429, { problem: waitWords(wait) });
    const device = deviceOf(request.headers.get('user-agent'));
    const right = await atTheDoor(async (trx) => {
      if (!(await isSecond(trx, half.account, field('code')))) return false;
      await beginSession(trx, half.account, { cookies, url, device, shared: half.shared });
      return true;
    });
    if (!right) return fail(400, { problem: 'This code is not right, or was used before. A new one comes every 30 seconds.' });
    dropHalf(cookies);
    redirect(303, wayOn(field('to')));
  },
};
