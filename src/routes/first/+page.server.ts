import { whyNoPassword } from '$core';
import { check, firstProblem } from '$lib/server/input/check';
import { FirstInput } from '$lib/server/input/person';
import { readForm } from '$lib/server/input/request';
import { isEmpty, makeSchool } from '$lib/server/people/accounts';
import { atTheDoor } from '$lib/server/people/door';
import { firstCode } from '$lib/server/people/first-run';
import { tried, waitWords } from '$lib/server/people/limits';
import { beginSession, deviceOf } from '$lib/server/people/sessions';
import { plainEmail } from '$lib/server/people/sign-in';
import { fail, redirect } from '@sveltejs/kit';

export const load = async () => {
  if (!(await atTheDoor(isEmpty))) redirect(303, '/');
  return { title: 'The first person' };
};

export const actions = {
  default: async ({ request, cookies, url, getClientAddress }) => {
    const field = await readForm(request);
    const given = { school: field('school').trim(), name: field('name').trim(), email: plainEmail(field('email')) };
    const again = (problem: string, status = 400) => fail(status, { problem, ...given, code: field('code') });
    const wait = await tried('code', getClientAddress());
    if (wait > 0) return again(waitWords(wait), 429);
    if (field('code').trim() !== firstCode()) return again('This is not the code that the server printed when it started.');
    const checked = check(FirstInput, { ...given, password: field('password') });
    if (!checked.ok) return again(firstProblem(checked.problems, 'Something is missing.'));
    const { school, name, email, password } = checked.value;
    const why = whyNoPassword(password, [school, name, email]);
    if (why) return again(why);
    const device = deviceOf(request.headers.get('user-agent'));
    const made = await atTheDoor(async (trx) => {
      const account = await makeSchool(trx, school, { name, email, password });
      if (account) await beginSession(trx, account, { cookies, url, device, shared: false });
      return account;
    });
    if (!made) redirect(303, '/sign-in');
    redirect(303, '/');
  },
};
