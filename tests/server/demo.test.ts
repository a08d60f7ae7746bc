// The command that people start with: says "open" when it is open, keeps its address, and gives the server nothing but its own connection.
import { spawn, type ChildProcess } from 'node:child_process';
import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { once } from 'node:events';
import { fileURLToPath } from 'node:url';
import { afterAll, expect, test } from 'vitest';

const root = fileURLToPath(new URL('../..', import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'yellow-rung-demo-'));
chmodSync(folder, 0o755);
const started: ChildProcess[] = [];
afterAll(async () => {
  for (const child of started) if (child.exitCode === null) await ended(child);
  rmSync(folder, { recursive: true, force: true });
});

/** Starts it, and gives what it says until one of some words comes, or it ends. */
function demo(until: RegExp, env: object = {}, command = 'demo'): Promise<{ child: ChildProcess; said: string }> {
  const child = spawn(join(root, 'run'), [command], {
    cwd: root,
    env: {
      ...process.env,
      PGDIR: join(folder, 'pg'),
      DATA: join(folder, 'data'),
      THROWAWAY: '1',
      PORT: '',
      SECRET_OF_THE_SHELL: 'x',
      ...env,
    },
  });
  started.push(child);
  return new Promise((done) => {
    let said = '';
    const hear = (text: Buffer) => {
      said += text.toString();
      if (until.test(said)) done({ child, said });
    };
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.once('exit', () => done({ child, said }));
  });
}
async function ended(child: ChildProcess): Promise<void> {
  const gone = once(child, 'exit');
  child.kill('SIGINT');
  await gone;
}
const OPEN = /is open at\s+(http:\S+)/;

/** The process that serves at a port, and its environment. */
function processAt(port: string): { pid: number; words: string[] } | null {
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const words = readFileSync(`/proc/${pid}/environ`, 'utf8').split('\0').filter(Boolean);
      if (readFileSync(`/proc/${pid}/cmdline`, 'utf8').startsWith('node\0build') && words.includes(`PORT=${port}`))
        return { pid: Number(pid), words };
    } catch {
      // a process that has just gone
    }
  }
  return null;
}

test('opens when it is healthy, keeps its port, is not started twice, comes back when it is killed, and serves with the application’s role alone', async () => {
  const first = await demo(OPEN);
  const url = OPEN.exec(first.said)![1];
  expect(await (await fetch(`${url}/health`)).text()).toBe('ok');
  const { port } = new URL(url);
  const serving = processAt(port)!;
  const names = serving.words.map((word) => word.split('=')[0]);
  expect(names).toContain('DATABASE_URL');
  expect(names.filter((name) => /ADMIN|OWNER|SECRET|^PG/.test(name))).toEqual([]);
  const second = await demo(/open already at/);
  expect(second.said).toContain(`open already at  ${url}`);
  expect((await fetch(`${url}/health`)).ok).toBe(true);
  // killed, it comes back by itself
  process.kill(serving.pid, 'SIGKILL');
  const health = () =>
    fetch(`${url}/health`).then(
      (answer) => answer.text(),
      () => 'nobody',
    );
  await expect.poll(() => processAt(port)?.pid ?? serving.pid, { timeout: 30_000 }).not.toBe(serving.pid);
  await expect.poll(health, { timeout: 30_000 }).toBe('ok');
  await ended(first.child);
  expect([processAt(port), await health()]).toEqual([null, 'nobody']);
  const again = await demo(OPEN);
  expect(OPEN.exec(again.said)![1]).toBe(url);
  await ended(again.child);
}, 180_000);

test('for a school: backups by time, locked, the last few kept, and the last good one shown to leads', async () => {
  const data = join(folder, 'school');
  const settings = {
    DATA_OF_SCHOOL: data,
    PGDIR: join(folder, 'pg-school'),
    BACKUP_EVERY: '1',
    BACKUP_KEEP: '2',
    BACKUP_KEY: 'a lantern for each of nine boats',
  };
  // three times at least: by then the first is gone
  const { child, said } = await demo(/(Saved[^]*){4}/, settings, 'serve');
  expect(said).toContain('The first person comes in at /first with the code');
  expect(said).toMatch(/Saved \S+[.]dump, locked with BACKUP_KEY/);
  const files = readdirSync(join(data, 'backups')).filter((name) => name.endsWith('.dump'));
  expect(files.length).toBeGreaterThanOrEqual(2);
  expect(files.length).toBeLessThanOrEqual(3);
  for (const file of files)
    expect(
      readFileSync(join(data, 'backups', file))
        .subarray(0, 9)
        .toString(),
    ).toBe('YR-LOCKED');
  await ended(child);
}, 180_000);

test('a port that another program has is said, and nothing is opened', async () => {
  const other = createServer().listen(0, '127.0.0.1');
  await once(other, 'listening');
  const port = String((other.address() as { port: number }).port);
  const { child, said } = await demo(/taken by another program/, { PORT: port });
  if (child.exitCode === null) await once(child, 'exit');
  expect([child.exitCode, said]).toEqual([1, expect.stringContaining(`Port ${port} is taken`)]);
  other.close();
}, 60_000);
