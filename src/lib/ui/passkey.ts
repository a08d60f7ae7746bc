// The browser's side of a passkey: asks the server what to ask the device, and brings the answer back.
import { startAuthentication, startRegistration } from '@simplewebauthn/browser';

type Said = { ok: boolean; message: string };
const send = async (path: string, body: object) => {
  const answer = await fetch(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) });
  const said = (await answer.json().catch(() => ({}))) as { message?: string };
  return { ok: answer.ok, said, message: said.message ?? (answer.ok ? '' : 'The server does not answer. Try again in a moment.') };
};

/** The device said no, or nobody answered it. */
const NOT_NOW = 'The device gave no passkey.';

async function through(path: string, more: { now?: string; shared?: boolean }, ask: (options: never) => Promise<object>): Promise<Said> {
  const asked = await send(path, { response: '', now: '', shared: false, ...more });
  if (!asked.ok) return asked;
  const response = await ask(asked.said as never).catch(() => null);
  if (!response) return { ok: false, message: NOT_NOW };
  return send(path, { now: '', shared: false, ...more, response: JSON.stringify(response) });
}

/** @param now the password, once more */
export const addPasskey = (now: string): Promise<Said> =>
  through('/account/passkey', { now }, (optionsJSON) => startRegistration({ optionsJSON }));

/** @param shared whether others use this device too */
export const signInWithPasskey = (shared: boolean): Promise<Said> =>
  through('/sign-in/passkey', { shared }, (optionsJSON) => startAuthentication({ optionsJSON }));
