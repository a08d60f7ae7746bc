// What happens around every request: where it may come from, who asks and whether he may, the school and its one transaction, and a log line
// without names.
import { randomUUID } from 'node:crypto';
import { building } from '$app/environment';
import { error, json, redirect, type Handle, type HandleServerError, type RequestEvent, type ServerInit } from '@sveltejs/kit';
import { may } from '$core';
import { log } from '$lib/server/log';
import { Parcels } from '$lib/server/pack';
import { codeOf, notNow } from '$lib/server/not-now';
import { scopeFor, scopeOfScreen, TooMany, whoAsks } from '$lib/server/people/asking';
import { visited, waitWords } from '$lib/server/people/limits';
import { tellFirstCode } from '$lib/server/people/first-run';
import { isOpen, mayAt, mostBytes } from '$lib/server/people/route-law';
import { asksOfOne, classOfAsked } from '$lib/server/people/classes';
import type { Who } from '$lib/server/people/sessions';
import { aboutOf, addToTrail, trailAct } from '$lib/server/people/trail';
import { closePools, isTooStrong, warmPools } from '$lib/server/school';
import type { RequestScope } from '$lib/server/school-scope';
import { sealKey } from '$lib/server/seal';
import { warm } from '$lib/server/work/pool';

const THEMES = new Set(['auto', 'light', 'dark', 'contrast']);
const WRITES = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);

process.once('sveltekit:shutdown', () => void closePools());

export const init: ServerInit = async () => {
  if (building) return;
  sealKey();
  void warm().catch((failed: unknown) => log.error({ kind: 'no threads', code: codeOf(failed) }));
  void warmPools().catch((failed: unknown) => log.error({ kind: 'no connections yet', code: codeOf(failed) }));
  // a database that is not up yet is told by /health; a role that may do everything is never served with
  const strong = await isTooStrong().catch(() => false);
  if (strong)
    throw new Error('DATABASE_URL belongs to a role that owns tables or passes row-level security; serve with the application’s own role');
  await tellFirstCode().catch((failed: unknown) => log.error({ kind: 'no first look', code: codeOf(failed) }));
};

/** Browsers say where a write comes from; one that does not say so, or comes from elsewhere, is refused before anything is read. */
const isForeign = ({ request, url }: RequestEvent) => WRITES.has(request.method) && request.headers.get('origin') !== url.origin;

/** An action is looked up by its name in an object, and "constructor" is in every object; no action of ours has such a name. */
const isNoAction = ({ url }: RequestEvent) =>
  [...url.searchParams.keys()].some((name) => name.startsWith('/') && Reflect.has(Object.prototype, name.slice(1)));

/** What is refused before anything is read of it. */
async function refusedUnread(event: RequestEvent): Promise<Response | null> {
  if (isForeign(event)) return plain('This was not sent from a page of this program.', 403);
  if (isNoAction(event)) return plain('There is nothing here.', 404);
  const { headers, method } = event.request;
  if (!WRITES.has(method)) return null;
  const length = headers.get('content-length');
  // what does not say how long it is could go on for ever
  const endless = length === null && headers.has('transfer-encoding');
  if (!endless && Number(length ?? 0) <= mostBytes(event.route.id)) return null;
  // taken off the line, and dropped: who is still sending hears no answer. Longer than the program's own limit, it is cut off
  await event.request.arrayBuffer().catch(() => undefined);
  return endless
    ? plain('Say how long this is.', 411)
    : json({ message: 'This is too much at once. Nothing was changed.' }, { status: 413 });
}

const plain = (text: string, status: number) => new Response(text, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } });

export const handle: Handle = async ({ event, resolve }) => {
  const started = performance.now();
  event.locals.requestId = randomUUID();
  const asked = event.cookies.get('theme');
  const theme = asked && THEMES.has(asked) ? asked : 'auto';
  event.locals.theme = theme;
  event.locals.parcels = new Parcels(!event.isDataRequest);
  const admitted = (await refusedUnread(event)) ?? (await admit(event));
  let response =
    admitted instanceof Response ? admitted : await resolve(event, { transformPageChunk: ({ html }) => html.replace('%theme%', theme) });
  // a page that asks nothing of a school would still be shown to whom it is not for
  if (event.locals.isRefused && response.status < 400) response = plain(NOT_YOURS, 403);
  // an answer that says "saved" leaves only when it is, and so does one that shows somebody's records
  if (!(admitted instanceof Response))
    await keep(event, admitted, response).catch((failed: unknown) => {
      logError(event, failed);
      response = plain(notNow(failed) ?? 'It could not be saved. Nothing was changed.', 503);
    });
  response = await event.locals.parcels.putIn(response);
  // pages and answers hold names; nothing of them stays behind on a shared device
  response.headers.set('cache-control', 'private, no-store');
  // the route, not the address: an address holds ids of recipes and learners
  log.info({
    id: event.locals.requestId,
    route: event.route.id,
    method: event.request.method,
    status: response.status,
    ms: Math.round(performance.now() - started),
  });
  return response;
};

/**
 * Finds out who asks, whether he may, and opens his school to what follows.
 * @returns the scope of the request, null where it sees no school; or the answer that refuses it
 */
async function admit(event: RequestEvent): Promise<RequestScope | null | Response> {
  const { locals, route } = event;
  const writes = WRITES.has(event.request.method);
  close(event, null);
  if (route.id === '/health') return null;
  const crowd = await orNotNow(event, () => visited('any of address', event.getClientAddress()));
  if (crowd > 0) return tooOften(crowd);
  const scope = route.id?.startsWith('/own/[code=code]')
    ? await orNotNow(event, () => scopeOfScreen(event.params.code ?? '', event.getClientAddress(), writes)).catch(tooMany)
    : await scopeOfPerson(event, writes);
  if (scope instanceof Response || scope === null) return scope;
  locals.school = scope.school;
  locals.rest = () => orNotNow(event, () => scope.done());
  locals.inSchool = (work) => orNotNow(event, () => scope.in(work));
  if (!isOpen(route.id, writes) && locals.who && route.id !== null && !mayAt(locals.who.role, route.id, writes))
    return refused(event, locals.who, writes) ?? scope;
  if (locals.who) await atClass(event, locals.who, scope);
  return scope;
}

async function scopeOfPerson(event: RequestEvent, writes: boolean): Promise<RequestScope | null | Response> {
  const who = await orNotNow(event, () => whoAsks(event));
  const busy = who?.account ? await orNotNow(event, () => visited('any of account', who.account ?? '')) : 0;
  if (busy > 0) return tooOften(busy);
  close(event, who);
  // to set one up is all that he can do; what is written waits on the device meanwhile, as when he is signed out
  if (who?.lacksSecond && !isOpen(event.route.id, writes) && !OWN_PAGE.test(event.route.id ?? ''))
    return writes ? answer(event, 401, 'Set up a second factor first: your school asks for one.') : redirect(303, '/account');
  // his own page still opens to him
  if (who?.classes.length === 0 && who.role !== 'lead') close(event, who, NO_CLASS);
  else if (who) return scopeFor(who, writes);
  if (who || event.route.id === null || isOpen(event.route.id, writes)) return null;
  // what is written is answered, not led elsewhere: a device keeps it until somebody has signed in again
  if (writes) return answer(event, 401, 'Sign in again: this device is signed in no longer. Nothing that it holds was lost.');
  redirect(303, `/sign-in?to=${encodeURIComponent(event.url.pathname + event.url.search)}`);
}

/** What is asked for says which class it is of, to somebody who has several: its pages have that class's kitchen and learners, whichever was chosen last. */
async function atClass(event: RequestEvent, who: Who, scope: RequestScope): Promise<void> {
  if (who.classes.length < 2 || !asksOfOne(event)) return;
  const found = await orNotNow(event, () => scope.in((trx) => classOfAsked(trx, event)));
  if (!found || found === who.class || !who.classes.some((c) => c.id === found)) return;
  who.class = found;
  await orNotNow(event, () => scope.turnTo(found));
}

/** Nothing of any school is to be had, until it is opened. */
function close({ locals }: RequestEvent, who: Who | null, why = 'There is nothing here.'): void {
  locals.who = who;
  locals.school = '';
  locals.about = null;
  locals.isRefused = false;
  locals.may = (act) => who !== null && may(who.role, act);
  locals.rest = () => Promise.resolve();
  locals.inSchool = () => error(who ? 403 : 404, why);
}

const NOT_YOURS = 'This is not yours to do here. Whoever looks after the people of your school can change that.';

/** Where somebody looks after his own account. */
const OWN_PAGE = /^\/(account|sign-out)/;

const NO_CLASS = 'You are in no class yet. Whoever looks after the people of your school can put you into one.';

/** What somebody may not do: a page is shown in its place that says so; what is written is refused before it is read. */
function refused(event: RequestEvent, who: Who, writes: boolean): Response | null {
  if (writes) return answer(event, 403, NOT_YOURS);
  const { school } = event.locals;
  close(event, who, NOT_YOURS);
  event.locals.school = school;
  event.locals.isRefused = true;
  return null;
}

/** An answer to what was written: to a form of a page in the way that the page takes it up, else as JSON. */
function answer({ request }: RequestEvent, status: number, message: string): Response {
  return request.headers.get('x-sveltekit-action') === 'true'
    ? json({ type: 'error', error: { message } }, { status })
    : json({ message }, { status });
}

const tooOften = (seconds: number) =>
  new Response(waitWords(seconds), {
    status: 429,
    headers: { 'content-type': 'text/plain; charset=utf-8', 'retry-after': String(seconds) },
  });

function tooMany(failed: unknown): Response {
  if (failed instanceof TooMany) return json({ message: failed.message }, { status: 429 });
  throw failed;
}

/** Writes down whose records were shown or changed, and keeps all that the request did. */
async function keep(event: RequestEvent, scope: RequestScope | null, response: Response): Promise<void> {
  const { who } = event.locals;
  const isPage = event.isDataRequest || (response.headers.get('content-type')?.startsWith('text/html') ?? false);
  const act = trailAct(event, isPage);
  const about = who && act ? aboutOf(event, act, who, event.locals.about) : null;
  if (scope && who && act && about && (await wentWell(event, response)))
    await scope.in((trx) => addToTrail(trx, who, act, event.route.id ?? '', about));
  await scope?.done();
}

/** Whether an answer is one of what was asked; a form that was sent by a script is told of its faults with a status of 200. */
async function wentWell({ request }: RequestEvent, response: Response): Promise<boolean> {
  if (response.status >= 400) return false;
  if (request.headers.get('x-sveltekit-action') !== 'true') return true;
  return !/^{"type":"(failure|error)"/.test(await response.clone().text());
}

/** Work with the database; where it is not to be had at this moment, that is what the person is told, with the status for it. */
async function orNotNow<T>(event: RequestEvent, work: () => Promise<T>): Promise<T> {
  try {
    return await work();
  } catch (failed) {
    const why = notNow(failed);
    if (why === null) throw failed;
    logError(event, failed);
    error(503, { message: `${why} Nothing was lost. Try again in a moment.`, id: event.locals.requestId });
  }
}

/** A code and places in our code; no text of a message, which may hold what somebody wrote. */
function logError(event: RequestEvent, failed: unknown): void {
  log.error({
    id: event.locals.requestId,
    route: event.route.id,
    kind: failed instanceof Error ? failed.name : typeof failed,
    code: codeOf(failed),
    where:
      failed instanceof Error
        ? failed.stack
            ?.split('\n')
            .filter((line) => /^\s+at .*\d+:\d+\)?$/.test(line))
            .slice(0, 4)
        : undefined,
  });
}

export const handleError: HandleServerError = ({ error: failed, event, status, message }) => {
  if (status !== 404) logError(event, failed);
  return {
    message: status < 500 ? message : 'Something went wrong on our side. Nothing that you entered before was lost.',
    id: event.locals.requestId,
  };
};
