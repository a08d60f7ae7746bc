import { PasskeyInput } from '$lib/server/input/person';
import { parsed, readJson } from '$lib/server/input/request';
import { atTheDoor } from '$lib/server/people/door';
import { tried, waitWords } from '$lib/server/people/limits';
import { askWho, havePasskeys, whoAnswered } from '$lib/server/people/passkeys';
import { beginSession, deviceOf } from '$lib/server/people/sessions';
import { json } from '@sveltejs/kit';

/** Signing in with a passkey: what the device is asked, then its answer. */
export const POST = async (event) => {
  const { request, cookies, url, getClientAddress } = event;
  const body = await readJson(request, PasskeyInput, 20_000);
  if ('refusal' in body) return body.refusal;
  const { response, shared } = body.value;
  if (!havePasskeys(url)) return json({ message: 'Passkeys are not to be had here.' }, { status: 409 });
  if (response === '') return json(await askWho(event));
  const wait = await tried('address', getClientAddress());
  if (wait > 0) return json({ message: waitWords(wait) }, { status: 429 });
  const device = deviceOf(request.headers.get('user-agent'));
  const done = await atTheDoor(async (trx) => {
    const account = await whoAnswered(trx, parsed(response), event);
    if (account) await beginSession(trx, account, { cookies, url, device, shared });
    return account !== null;
  });
  return done ? json({ done }) : json({ message: 'This passkey opens nothing here. Sign in with your password.' }, { status: 400 });
};
