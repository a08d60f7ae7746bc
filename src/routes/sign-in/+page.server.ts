import { check } from '$lib/server/input/check';
import { SignInInput } from '$lib/server/input/person';
import { readForm } from '$lib/server/input/request';
import { isEmpty } from '$lib/server/people/accounts';
import { isDemo } from '$lib/server/people/asking';
import { DEMO_PASSWORD, DEMO_PEOPLE } from '$lib/server/demo/people';
import { atTheDoor } from '$lib/server/people/door';
import { beginSession, deviceOf } from '$lib/server/people/sessions';
import { havePasskeys } from '$lib/server/people/passkeys';
import { keepHalf, knock, PASSKEY, WRONG } from '$lib/server/people/sign-in';
import { wayOn } from '$lib/server/people/where';
import { fail, redirect } from '@sveltejs/kit';

export const load = async ({ locals, url }) => {
  if (locals.who && !locals.who.demo) redirect(303, wayOn(url.searchParams.get('to')));
  if (await atTheDoor(isEmpty)) redirect(303, '/first');
  return {
    title: 'Sign in',
    to: wayOn(url.searchParams.get('to')),
    canPasskey: havePasskeys(url),
    demo: isDemo() ? { password: DEMO_PASSWORD, people: DEMO_PEOPLE.map(({ name, email, role }) => ({ name, email, role })) } : null,
  };
};

export const actions = {
  default: async ({ request, cookies, url, getClientAddress }) => {
    const field = await readForm(request);
    const [email, shared, to] = [field('email').trim(), field('shared') === 'yes', wayOn(field('to'))];
    const again = (problem: string, status = 400) => fail(status, { problem, email, shared });
    const checked = check(SignInInput, { email, password: field('password') });
    if (!checked.ok) return again(checked.problems.get('email') ?? WRONG);
    const known = await knock(email, checked.value.password, getClientAddress());
    if ('problem' in known) return again(known.problem, [WRONG, PASSKEY].includes(known.problem) ? 400 : 429);
    if (known.hasSecond) {
      keepHalf(cookies, url, known.account, shared);
      redirect(303, `/sign-in/code?to=${encodeURIComponent(to)}`);
    }
    const device = deviceOf(request.headers.get('user-agent'));
    await atTheDoor((trx) => beginSession(trx, known.account, { cookies, url, device, shared }));
    redirect(303, to);
  },
};
