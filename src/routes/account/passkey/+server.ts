import { PasskeyInput } from '$lib/server/input/person';
import { parsed, readJson } from '$lib/server/input/request';
import { saysPassword } from '$lib/server/people/again';
import { atTheDoor } from '$lib/server/people/door';
import { askForNew, havePasskeys, keepNew } from '$lib/server/people/passkeys';
import { deviceOf, personOf } from '$lib/server/people/sessions';
import { error, json } from '@sveltejs/kit';

/** A new passkey: what the device is asked, then its answer. */
export const POST = async (event) => {
  const { request, locals, url } = event;
  const who = personOf(locals.who) ?? error(401, 'Sign in again.');
  const body = await readJson(request, PasskeyInput, 20_000);
  if ('refusal' in body) return body.refusal;
  const { response, now } = body.value;
  if (who.demo || !havePasskeys(url)) return json({ message: 'Passkeys are not to be had here.' }, { status: 409 });
  if (response === '') {
    const problem = await saysPassword(who, now);
    if (problem) return json({ message: problem }, { status: 400 });
    return json(await atTheDoor((trx) => askForNew(trx, who, event)));
  }
  const name = deviceOf(request.headers.get('user-agent'));
  const kept = await atTheDoor((trx) => keepNew(trx, { account: who.account, name, response: parsed(response) }, event));
  return kept ? json({ kept }) : json({ message: 'The passkey did not answer what was asked. Try once more.' }, { status: 400 });
};
