// What happens around every request: where it may come from, the current school, its one transaction, and a log line without names.
import { randomUUID } from 'node:crypto';
import { building } from '$app/environment';
import { error, type Handle, type HandleServerError, type RequestEvent, type ServerInit } from '@sveltejs/kit';
import { log } from '$lib/server/log';
import { codeOf, notNow } from '$lib/server/not-now';
import { closePools, isTooStrong, scopeOf } from '$lib/server/school';
import { DEMO_SCHOOL } from '$lib/server/school-scope';
import { warm } from '$lib/server/work/pool';

const THEMES = new Set(['auto', 'light', 'dark', 'contrast']);
const WRITES = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);

process.once('sveltekit:shutdown', () => void closePools());

export const init: ServerInit = async () => {
  if (building) return;
  void warm().catch((failed: unknown) => log.error({ kind: 'no threads', code: codeOf(failed) }));
  // a database that is not up yet is told by /health; a role that may do everything is never served with
  const strong = await isTooStrong().catch(() => false);
  if (strong)
    throw new Error('DATABASE_URL belongs to a role that owns tables or passes row-level security; serve with the application’s own role');
};

/** Browsers say where a write comes from; one that does not say so, or comes from elsewhere, is refused before anything is read. */
const isForeign = ({ request, url }: RequestEvent) => WRITES.has(request.method) && request.headers.get('origin') !== url.origin;

/** An action is looked up by its name in an object, and "constructor" is in every object; no action of ours has such a name. */
const isNoAction = ({ url }: RequestEvent) =>
  [...url.searchParams.keys()].some((name) => name.startsWith('/') && Reflect.has(Object.prototype, name.slice(1)));

const plain = (text: string, status: number) => new Response(text, { status, headers: { 'content-type': 'text/plain; charset=utf-8' } });

export const handle: Handle = async ({ event, resolve }) => {
  const started = performance.now();
  event.locals.requestId = randomUUID();
  const asked = event.cookies.get('theme');
  const theme = asked && THEMES.has(asked) ? asked : 'auto';
  event.locals.theme = theme;
  const scope = scopeOf(DEMO_SCHOOL, WRITES.has(event.request.method) ? 'write' : 'read');
  event.locals.rest = () => orNotNow(event, () => scope.done());
  event.locals.inSchool = (work) => orNotNow(event, () => scope.in(work));
  let response = isForeign(event)
    ? plain('This was not sent from a page of this program.', 403)
    : isNoAction(event)
      ? plain('There is nothing here.', 404)
      : await resolve(event, { transformPageChunk: ({ html }) => html.replace('%theme%', theme) });
  // an answer that says "saved" leaves only when it is
  await scope.done().catch((failed: unknown) => {
    logError(event, failed);
    response = plain(notNow(failed) ?? 'It could not be saved. Nothing was changed.', 503);
  });
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
