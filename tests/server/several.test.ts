// Several processes at one address: a page does not wait for another's, one that is killed is started again, and all give the same answers.
import { readdirSync, readFileSync } from 'node:fs';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { startServer, type OwnServer } from './own-server';

let server: OwnServer;
beforeAll(async () => (server = await startServer({ PROCESSES: '2', OPEN_AS: '' }, false)));
afterAll(() => server.stop());

/** The processes that another one started. */
const childrenOf = (parent: number): number[] =>
  readdirSync('/proc')
    .filter((name) => /^\d+$/.test(name))
    .map(Number)
    .filter((pid) => {
      try {
        // "pid (name) state parent ...": the name may hold spaces
        return (
          Number(
            readFileSync(`/proc/${pid}/stat`, 'utf8')
              .replace(/^.*\) /, '')
              .split(' ')[1],
          ) === parent
        );
      } catch {
        // a process that has just gone
        return false;
      }
    });
const workers = () => childrenOf(server.process.pid!);
const thatRun = (pids: number[]) => pids.filter((pid) => readdirSync('/proc').includes(String(pid)));
const CODE = /at \/first with the code (\S+)/g;
const codes = () => [...server.log().matchAll(CODE)].map((said) => said[1]);

test('both serve, and the first person’s code is the same at either', async () => {
  await expect.poll(() => codes().length, { timeout: 30_000 }).toBe(2);
  expect(workers()).toHaveLength(2);
  expect(new Set(codes()).size).toBe(1);
});

test('one that is killed is started again, and meanwhile the other answers', async () => {
  const [first, second] = workers();
  process.kill(first, 'SIGKILL');
  await expect.poll(() => server.log(), { timeout: 30_000 }).toContain('ended (SIGKILL)');
  for (let n = 0; n < 10; n++) expect((await fetch(`${server.url}/health`)).status).toBe(200);
  await expect.poll(() => codes().length, { timeout: 30_000 }).toBe(3);
  expect(workers()).toContain(second);
  expect(workers()).not.toContain(first);
  expect(new Set(codes()).size).toBe(1);
});

test('wrong codes are counted together: twenty tries at either, and no more', async () => {
  const tried: number[] = [];
  for (let n = 0; n < 24; n++) {
    // a connection of its own each time: they go to one process after the other
    const answer = await fetch(`${server.url}/first`, {
      method: 'POST',
      headers: { origin: server.url, accept: 'text/html', 'content-type': 'application/x-www-form-urlencoded', connection: 'close' },
      body: 'code=0000-0000-0000&name=A&school=B&email=a@example.org&password=a+lantern+for+nine+boats',
    });
    tried.push(answer.status);
    await answer.text();
  }
  expect(tried).toEqual([...Array<number>(20).fill(400), ...Array<number>(4).fill(429)]);
});

test('told to stop, all of them end', async () => {
  const all = workers();
  server.process.kill('SIGTERM');
  await expect.poll(() => thatRun(all), { timeout: 30_000 }).toEqual([]);
  await expect.poll(() => server.process.exitCode, { timeout: 30_000 }).toBe(0);
});

test('where what keeps them is killed, none stays at the address: whoever starts it again finds it free', async () => {
  const other = await startServer({ PROCESSES: '2', OPEN_AS: '' }, false);
  const all = childrenOf(other.process.pid!);
  expect(all).toHaveLength(2);
  other.process.kill('SIGKILL');
  await expect.poll(() => thatRun(all), { timeout: 30_000 }).toEqual([]);
  await other.stop();
});
