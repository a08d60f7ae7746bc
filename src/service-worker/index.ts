// Keeps the program and today's lessons on the device, so that a lesson opens, reloads and goes on with no network. Nothing else of a class is kept:
// pages are asked of the server each time, and a kept lesson goes two days after it was fetched.
import { build, files, version } from '$service-worker';

const worker = self as unknown as ServiceWorkerGlobalScope;
const ASSETS = 'yr-assets';
const PAGES = 'yr-pages';
/** A lesson is opened again on its day; what is kept of it goes soon after. In milliseconds. */
const LONGEST = 48 * 3_600_000;
const PROGRAM = new Set([...build, ...files]);

/** Pages that may be kept: the first page, a lesson, a learner's own screen. */
const isKept = (path: string): boolean => path === '/' || /^\/(?:cook\/[0-9a-f-]{36}|own\/\d{6})$/.test(path);
/** Photographs and recorded voices: of steps, tools, places, learners. */
const isOwn = (url: URL): boolean => /\/(?:photo|voice)$/.test(url.pathname);
const OWN = /(?:\/own\/\d{6}\/kept)?\/(?:recipes\/[0-9a-f-]{36}\/show|kitchen|learners\/[0-9a-f-]{36})\/(?:photo|voice)\?[^"'\\<\s]+/g;

worker.addEventListener('install', (event) => {
  event.waitUntil(caches.open(ASSETS).then((cache) => cache.addAll([...PROGRAM])));
  void worker.skipWaiting();
});

worker.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      await renew();
      const assets = await caches.open(ASSETS);
      for (const request of await assets.keys()) if (!PROGRAM.has(new URL(request.url).pathname)) await assets.delete(request);
      await worker.clients.claim();
    })(),
  );
});

/** Kept pages are of an older program: each is fetched anew, or goes. */
async function renew(): Promise<void> {
  const pages = await caches.open(PAGES);
  for (const request of await pages.keys()) {
    const { pathname } = new URL(request.url);
    await pages.delete(request);
    if (isKept(pathname)) await keep(pathname).catch(() => undefined);
  }
}

/** Fetches a page with its photographs and voices, and keeps them. */
async function keep(path: string): Promise<void> {
  const pages = await caches.open(PAGES);
  const response = await fetch(path, { redirect: 'manual' });
  if (!response.ok) return;
  await pages.put(path, response.clone());
  const html = await response.text();
  const photos = new Set([...html.matchAll(OWN)].map(([address]) => address.replaceAll('&amp;', '&')));
  for (const photo of photos) if (!(await pages.match(photo))) await pages.add(photo).catch(() => undefined);
}

/** What was kept too long goes; what has no date is of unknown age, and goes too. */
async function forgetOld(): Promise<void> {
  const pages = await caches.open(PAGES);
  for (const request of await pages.keys()) {
    const kept = Date.parse((await pages.match(request))?.headers.get('date') ?? '');
    if (!(Date.now() - kept < LONGEST)) await pages.delete(request);
  }
}

type Message = { keep: string[] } | { forget: string } | { wipe: true };
worker.addEventListener('message', (event) => {
  const message = event.data as Message;
  event.waitUntil(
    (async () => {
      // whoever signs out leaves nothing of a lesson behind
      if ('wipe' in message) {
        await caches.delete(PAGES);
        return;
      }
      await forgetOld();
      const pages = await caches.open(PAGES);
      if ('forget' in message) await pages.delete(message.forget);
      else for (const path of message.keep) if (isKept(path)) await keep(path).catch(() => undefined);
    })(),
  );
});

worker.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== location.origin) return;
  if (PROGRAM.has(url.pathname)) event.respondWith(asset(request, url));
  else if (isOwn(url)) event.respondWith(photo(request));
  else if (request.mode === 'navigate') event.respondWith(page(request, url));
});

async function asset(request: Request, url: URL): Promise<Response> {
  return (await (await caches.open(ASSETS)).match(url.pathname)) ?? fetch(request);
}

async function photo(request: Request): Promise<Response> {
  return (await (await caches.open(PAGES)).match(request)) ?? fetch(request);
}

/** A page is the server's; where it cannot be had, the kept one, or a word about what there is. */
async function page(request: Request, url: URL): Promise<Response> {
  try {
    const response = await fetch(request);
    // the server is there, but in trouble: a lesson goes on with what is here
    const instead = response.status >= 500 ? await keptOf(url) : undefined;
    if (instead) return instead;
    // a lesson that was opened can be opened again
    if (response.ok && !response.redirected && isKept(url.pathname) && url.search === '') {
      const copy = response.clone();
      void caches.open(PAGES).then((pages) => pages.put(url.pathname, copy));
    }
    return response;
  } catch {
    const kept = await keptOf(url);
    if (kept) return kept;
    const pages = await caches.open(PAGES);
    const lessons = (await pages.keys()).map((r) => new URL(r.url).pathname).filter((p) => p.startsWith('/cook/'));
    return offline(lessons);
  }
}

const keptOf = async (url: URL): Promise<Response | undefined> =>
  isKept(url.pathname) ? (await caches.open(PAGES)).match(url.pathname) : undefined;

function offline(lessons: string[]): Response {
  const list = lessons.map((path, i) => `<li><a href="${path}">Lesson ${i + 1}</a></li>`).join('');
  return new Response(
    `<!doctype html><html lang="en"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>No network · Yellow Rung</title>
<body style="font:1.2rem/1.5 sans-serif;margin:2rem;max-width:34rem"><h1>No network</h1><p>This page is not on this device. What was recorded is kept, and goes to the server by itself later.</p>
${list ? `<p>On this device are:</p><ul>${list}</ul>` : ''}<p><a href="/">Today</a></p></body></html>`,
    { status: 503, headers: { 'content-type': 'text/html; charset=utf-8', 'x-program': version } },
  );
}
