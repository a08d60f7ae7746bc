// One process that serves the built program: only under its own names, with safe headers on everything, compressed, within limits of time.
// settings: ORIGIN (where people open it), HOSTS (other names that a proxy or a watcher asks by, with commas), HOST, PORT, WORK_MS (how long reading
// a text may take), WAIT_MS (how long a request waits for the database), and DATABASE_URL of the application's role. People write from ORIGIN only.
import cluster from 'node:cluster';
import { createServer } from 'node:http';
import { fileURLToPath } from 'node:url';
import { sendAsMade } from './sending.mjs';

const setting = (name, otherwise = '') => process.env[name] || otherwise;

// what heavy work runs in a thread of its own; see src/lib/server/work
process.env.WORK_FILE ??= fileURLToPath(new URL('../build/work.mjs', import.meta.url));
const { handler } = await import('../build/handler.js');

const host = setting('HOST', '127.0.0.1');
const port = Number(setting('PORT', '3000'));
const origin = setting('ORIGIN', `http://${host}:${port}`);
/** Names that this program answers to. Any other is somebody's page that points a name of its own at this address. */
const names = new Set([new URL(origin).host, ...setting('HOSTS').split(',').filter(Boolean)]);

const HEADERS = {
  // people who came by TLS stay with it for a year
  ...(origin.startsWith('https:') ? { 'strict-transport-security': 'max-age=31536000; includeSubDomains' } : {}),
  'x-content-type-options': 'nosniff',
  // same-origin, not no-referrer: with that, browsers send forms with no origin, and the check against foreign forms refuses them
  'referrer-policy': 'same-origin',
  'x-frame-options': 'DENY',
  'cross-origin-opener-policy': 'same-origin',
  'cross-origin-resource-policy': 'same-origin',
  'permissions-policy': 'geolocation=(), microphone=(self), camera=()',
};

const server = createServer((request, response) => {
  for (const [name, value] of Object.entries(HEADERS)) response.setHeader(name, value);
  if (!names.has(request.headers.host ?? '')) {
    response.writeHead(421, { 'content-type': 'text/plain; charset=utf-8' });
    response.end(`This program is not served under that name. It is at ${origin}`);
    return;
  }
  sendAsMade(request, response, () =>
    handler(request, response, () => {
      response.writeHead(404, { 'content-type': 'text/plain; charset=utf-8' });
      response.end('There is nothing here.');
    }),
  );
});
// a request that trickles in, or a connection that says nothing, is not waited for
server.headersTimeout = 15_000;
server.requestTimeout = 60_000;
// longer than who asks again and again keeps a quiet line, a proxy mostly 60 s: one that is closed as a request is on its way takes that along
server.keepAliveTimeout = 75_000;

server.listen({ host, port }, () => console.log(`Listening on ${host}:${port}`));

function stop(reason) {
  server.closeIdleConnections();
  server.close(() => {
    process.emit('sveltekit:shutdown', reason);
    // the line to the process that keeps several would keep this one
    cluster.worker?.disconnect();
  });
  setTimeout(() => server.closeAllConnections(), 10_000).unref();
}
process.once('SIGTERM', () => stop('SIGTERM'));
process.once('SIGINT', () => stop('SIGINT'));
