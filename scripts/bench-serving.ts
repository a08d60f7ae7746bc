// Measures the server under the slowest text that a search can make: how long that text takes, and how long others wait meanwhile.
// usage: bench-serving.ts [seconds to search]     needs a test cluster and a build; ./run bench sees to both
import { randomUUID } from 'node:crypto';
import { startServer, type OwnServer } from '../tests/server/own-server';
import { searchSlowTexts } from './slow-texts';

/** What nobody may wait longer for, in milliseconds. */
const LONGEST_TEXT = 2000;
const LONGEST_OTHER = 100;

const HTML: [string, string][] = [['accept', 'text/html']];
const timed = async <T>(work: () => Promise<T>): Promise<[number, T]> => {
  const start = performance.now();
  const made = await work();
  return [performance.now() - start, made];
};

/** Asks small pages again and again until told to stop. @returns the longest wait and how many were asked */
async function others(server: OwnServer, over: () => boolean): Promise<{ longest: number; asked: number }> {
  let [longest, asked] = [0, 0];
  while (!over()) {
    for (const path of ['/health', '/', '/recipes']) {
      const [ms] = await timed(() => server.ask({ path, headers: HTML }));
      longest = Math.max(longest, ms);
      asked++;
    }
  }
  return { longest, asked };
}

async function paste(
  server: OwnServer,
  source: string,
): Promise<{ total: number; slowest: number; other: number; asked: number; status: number[] }> {
  const id = randomUUID();
  let over = false;
  const beside = others(server, () => over);
  const body = new URLSearchParams({ id, source }).toString();
  const headers: [string, string][] = [...HTML, ['content-type', 'application/x-www-form-urlencoded']];
  const steps: [number, { status: number }][] = [];
  steps.push(await timed(() => server.ask({ method: 'POST', path: '/recipes/new', headers, body })));
  for (const place of ['read', 'read/class', 'break-down', 'show', 'break-down', 'show'])
    steps.push(await timed(() => server.ask({ path: `/recipes/${id}/${place}`, headers: HTML })));
  over = true;
  const { longest, asked } = await beside;
  const times = steps.map(([ms]) => ms);
  return {
    total: times.reduce((a, b) => a + b, 0),
    slowest: Math.max(...times),
    other: longest,
    asked,
    status: steps.map(([, a]) => a.status),
  };
}

const found = searchSlowTexts(Number(process.argv[2] ?? 60));
console.log(`slowest text of 100 KB in core: ${Math.round(found.ms)} ms; ${found.said}`);
// with the limit of time that people get
const server = await startServer({ WORK_MS: '2000', REQUESTS_A_MINUTE: '1000000' });
let ok = found.ms < LONGEST_TEXT;
try {
  // warm, as a server is that has served a school for some minutes: each page was opened some times
  for (let n = 0; n < 8; n++)
    await paste(server, `Rice ${n}\nIngredients\n1 cup rice\nMethod\n${'Boil the rice for 10 minutes. Stir it.\n'.repeat(20)}`);
  const boil = `Soup\nIngredients\n1 cup rice\nMethod\n${`Boil ${'boil, '.repeat(300)}\n`.repeat(52)}`;
  for (const [name, text] of [
    ['that text', found.text],
    ['93 KB of “boil, boil, boil”', boil],
  ] as const) {
    const { slowest, other, asked, status, total } = await paste(server, text);
    const good = slowest < LONGEST_TEXT && other < LONGEST_OTHER && status.every((s) => s < 500);
    ok &&= good;
    console.log(
      `${good ? 'ok  ' : 'OVER'}  ${name}: slowest of ${status.length} requests ${Math.round(slowest)} ms (all ${Math.round(total)} ms, status ${status.join(' ')}; target ${LONGEST_TEXT} ms); ` +
        `${asked} other requests meanwhile, the longest ${Math.round(other)} ms (target ${LONGEST_OTHER} ms)`,
    );
  }
} finally {
  await server.stop();
}
process.exitCode = ok ? 0 : 1;
