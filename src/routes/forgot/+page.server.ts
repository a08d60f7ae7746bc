import { readForm } from '$lib/server/input/request';
import { atTheDoor } from '$lib/server/people/door';
import { tried, waitWords } from '$lib/server/people/limits';
import { plainEmail } from '$lib/server/people/sign-in';
import { fail } from '@sveltejs/kit';

export const load = () => ({ title: 'A forgotten password' });

export const actions = {
  /** Says the same whether there is such an account or not; the school's lead sees who asked. */
  default: async ({ request, getClientAddress }) => {
    const email = plainEmail((await readForm(request))('email'));
    const wait = await tried('address', getClientAddress());
    if (wait > 0) return fail(429, { problem: waitWords(wait), asked: false });
    await atTheDoor((trx) => trx('account').where({ email }).whereNull('put_away_at').update({ asked_at: trx.fn.now() }));
    return { problem: '', asked: true };
  },
};
