import { whyNoPassword } from '$core';
import { readForm } from '$lib/server/input/request';
import { saysPassword } from '$lib/server/people/again';
import { atTheDoor } from '$lib/server/people/door';
import { hashPassword } from '$lib/server/people/hashing';
import { havePasskeys, listPasskeys } from '$lib/server/people/passkeys';
import { newRecoveryCodes, newTotp, totpCount } from '$lib/server/people/second';
import { endAll, listSessions, personOf, type Person } from '$lib/server/people/sessions';
import { error, fail, type RequestEvent } from '@sveltejs/kit';
import { renderSVG } from 'uqr';

const whoIs = (locals: App.Locals): Person => personOf(locals.who) ?? error(401, 'Sign in again.');

export const load = async ({ locals, cookies, url }) => {
  const who = whoIs(locals);
  return atTheDoor(async (trx) => {
    const own = await trx('account as a')
      .where({ 'a.id': who.account })
      .join('credential as c', 'c.account_id', 'a.id')
      .first('a.email', 'c.totp');
    const left = await trx('recovery_code').where({ account_id: who.account }).whereNull('used_at').count<{ count: string }[]>();
    return {
      title: 'My account',
      email: own?.email as string,
      hasSecond: own?.totp !== null,
      lacksSecond: who.lacksSecond,
      canPasskey: havePasskeys(url) && !who.demo,
      passkeys: await listPasskeys(trx, who.account),
      codesLeft: Number(left[0]?.count ?? 0),
      sessions: await listSessions(trx, who.account, cookies),
    };
  });
};

/** The demo's people are everybody's: how they sign in stays as it is. */
const NOT_IN_DEMO = 'In the demo this stays as it is. Sign in as one of its people to try it.';

async function opening({ request, locals }: RequestEvent, what: 'password' | 'second') {
  const who = whoIs(locals);
  const field = await readForm(request);
  if (who.demo) return { who, field, refusal: fail(409, { what, problem: NOT_IN_DEMO }) };
  const problem = await saysPassword(who, field('now'));
  return { who, field, refusal: problem ? fail(400, { what, problem }) : null };
}

export const actions = {
  password: async (event) => {
    const { who, field, refusal } = await opening(event, 'password');
    if (refusal) return refusal;
    const password = field('password');
    const why = whyNoPassword(password, [who.name, who.schoolName]);
    if (why) return fail(400, { what: 'password', problem: why });
    await atTheDoor(async (trx) => {
      await trx('credential')
        .where({ account_id: who.account })
        .update({ password: await hashPassword(password), changed_at: trx.fn.now() });
      await endAll(trx, who.account, event.cookies);
    });
    return { what: 'password', done: 'The new password is kept. Other devices are signed out.' };
  },
  /** A new secret to put into an authenticator; nothing is kept before a code of it came back. */
  second: async (event) => {
    const { who, refusal } = await opening(event, 'second');
    if (refusal) return refusal;
    const { secret, uri } = newTotp(who.name);
    return { what: 'second', secret, picture: renderSVG(uri, { border: 2 }) };
  },
  'second-on': async ({ request, locals, cookies }) => {
    const who = whoIs(locals);
    const field = await readForm(request);
    const secret = field('secret');
    if (who.demo || !/^[A-Z2-7]{32}$/.test(secret)) return fail(400, { what: 'second', problem: 'Begin once more.' });
    const count = totpCount(secret, field('code').replaceAll(/\s/g, ''), 0);
    if (count === null) {
      const { uri } = newTotp(who.name, secret);
      return fail(400, {
        what: 'second',
        problem: 'This code does not fit. A new one comes every 30 seconds.',
        secret,
        picture: renderSVG(uri, { border: 2 }),
      });
    }
    const codes = await atTheDoor(async (trx) => {
      await trx('credential').where({ account_id: who.account }).update({ totp: secret, totp_last: count });
      await endAll(trx, who.account, cookies);
      return newRecoveryCodes(trx, who.account);
    });
    return { what: 'second', codes };
  },
  'second-off': async (event) => {
    const { who, refusal } = await opening(event, 'second');
    if (refusal) return refusal;
    await atTheDoor(async (trx) => {
      await trx('credential').where({ account_id: who.account }).update({ totp: null });
      await trx('recovery_code').where({ account_id: who.account }).delete();
    });
    return { what: 'second', done: 'The second factor is off.' };
  },
  'passkey-off': async (event) => {
    const who = whoIs(event.locals);
    const id = (await readForm(event.request))('id');
    const gone = await atTheDoor((trx) => trx('passkey').where({ id, account_id: who.account }).delete());
    return gone === 1
      ? { what: 'passkey', done: 'This passkey opens nothing any more.' }
      : fail(409, { what: 'passkey', problem: 'It is gone already.' });
  },
  'sign-out-all': async ({ locals, cookies }) => {
    const who = whoIs(locals);
    const n = await atTheDoor((trx) => endAll(trx, who.account, cookies));
    return { what: 'sessions', done: n === 1 ? 'One other device is signed out.' : `${n} other devices are signed out.` };
  },
};
