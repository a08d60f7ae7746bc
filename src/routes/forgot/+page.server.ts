import { readForm } from '$lib/server/input/request';
import { atTheDoor } from '$lib/server/people/door';
import { tried, waitWords } from '$lib/server/people/limits';
import { log } from '$lib/server/log';
import { codeOf } from '$lib/server/not-now';
import { resetFor } from '$lib/server/people/links';
import { linkMail, mailIs, send } from '$lib/server/people/mail';
import { plainEmail } from '$lib/server/people/sign-in';
import { fail } from '@sveltejs/kit';

export const load = () => ({ title: 'A forgotten password' });

async function sendReset(email: string, origin: string): Promise<void> {
  const found = await atTheDoor(async (trx) => {
    const row = await trx('account as a')
      .join('school as s', 's.id', 'a.school_id')
      .where({ 'a.email': email })
      .whereNull('a.put_away_at')
      .first('a.id', 'a.name', 'a.school_id', 's.name as school');
    const secret = row && (await resetFor(trx, row.school_id, row.id, null));
    return secret ? { name: row.name as string, school: row.school as string, link: `${origin}/link/${secret}` } : null;
  });
  if (found) await send(linkMail('reset', email, found));
}

export const actions = {
  /** Says the same whether there is such an account or not; the school's lead sees who asked. */
  default: async ({ request, url, getClientAddress }) => {
    const email = plainEmail((await readForm(request))('email'));
    const wait = await tried('address', getClientAddress());
    if (wait > 0) return fail(429, { problem: waitWords(wait), asked: false });
    await atTheDoor((trx) => trx('account').where({ email }).whereNull('put_away_at').update({ asked_at: trx.fn.now() }));
    // not waited for: how long it takes would tell whether there is such an account
    if (mailIs() === 'sent')
      void sendReset(email, url.origin).catch((failed: unknown) => log.error({ kind: 'mail', code: codeOf(failed) }));
    return { problem: '', asked: true };
  },
};
