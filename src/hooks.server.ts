// What happens around every request: the current school, a safe set of headers, and a log line without names.
import { randomUUID } from 'node:crypto';
import type { Handle, HandleServerError } from '@sveltejs/kit';
import { closePool } from '$lib/server/school';
import { DEMO_SCHOOL } from '$lib/server/school-scope';
import { log } from '$lib/server/log';

const THEMES = new Set(['auto', 'light', 'dark', 'contrast']);

process.once('sveltekit:shutdown', () => void closePool());

export const handle: Handle = async ({ event, resolve }) => {
  event.locals.requestId = randomUUID();
  event.locals.school = DEMO_SCHOOL;
  const started = performance.now();
  const asked = event.cookies.get('theme');
  const theme = asked && THEMES.has(asked) ? asked : 'auto';
  event.locals.theme = theme;
  const response = await resolve(event, { transformPageChunk: ({ html }) => html.replace('%theme%', theme) });
  response.headers.set('x-content-type-options', 'nosniff');
  // same-origin, not no-referrer: with that, browsers send forms with no origin, and the check against foreign forms refuses them
  response.headers.set('referrer-policy', 'same-origin');
  response.headers.set('x-frame-options', 'DENY');
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

export const handleError: HandleServerError = ({ error, event, status, message }) => {
  if (status !== 404)
    log.error({
      id: event.locals.requestId,
      route: event.route.id,
      kind: error instanceof Error ? error.name : typeof error,
      where: error instanceof Error ? error.stack?.split('\n').slice(1, 4) : undefined,
    });
  return {
    message: status === 404 ? message : 'Something went wrong on our side. Nothing that you entered before was lost.',
    id: event.locals.requestId,
  };
};
