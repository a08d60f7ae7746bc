import { whyNoPassword } from '$core';
import { readForm } from '$lib/server/input/request';
import { atTheDoor } from '$lib/server/people/door';
import { tried, waitWords } from '$lib/server/people/limits';
import { readLink, takeLink } from '$lib/server/people/links';
import { hasSecond } from '$lib/server/people/second';
import { beginSession, deviceOf } from '$lib/server/people/sessions';
import { error, fail, redirect } from '@sveltejs/kit';

const GONE = 'This link was used, is over, or never was one. Ask whoever gave it to you for another.';

export const load = async ({ params }) => {
  const link = await atTheDoor((trx) => readLink(trx, params.secret));
  if (!link) error(404, GONE);
  const { kind, schoolName, name, email, role } = link;
  return { title: kind === 'reset' ? 'A new password' : 'Come in', kind, schoolName, name, email, role };
};

export const actions = {
  default: async ({ params, request, cookies, url, getClientAddress }) => {
    const field = await readForm(request);
    const wait = await tried('address', getClientAddress());
    if (wait > 0) return fail(429, { problem: waitWords(wait) });
    const device = deviceOf(request.headers.get('user-agent'));
    const done = await atTheDoor(async (trx) => {
      const link = await readLink(trx, params.secret);
      if (!link) return { problem: GONE };
      const why = whyNoPassword(field('password'), [link.schoolName, link.name, link.email]);
      if (why) return { problem: why };
      const account = await takeLink(trx, params.secret, field('password'));
      if (!account) return { problem: 'This e-mail has an account already: sign in with it.' };
      const second = await hasSecond(trx, account);
      // a new password does not stand for the second factor
      if (!second) await beginSession(trx, account, { cookies, url, device, shared: field('shared') === 'yes' });
      return { second };
    });
    if ('problem' in done) return fail(400, { problem: done.problem });
    redirect(303, done.second ? '/sign-in' : '/');
  },
};
