// A server of a test's own: the built program with a database that it shares with nobody, and the demo class in it.
import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { once } from 'node:events';
import { Agent, request } from 'node:http';
import { createServer, type AddressInfo } from 'node:net';
import type { Knex } from 'knex';
import { connect, migrate } from '../../src/lib/server/connect';

/** Tests and the bench are started from the project's own folder. */
const root = process.cwd();

export type Answer = { status: number; headers: Map<string, string>; body: string };
export type Ask = { method?: string; path: string; headers?: [string, string][]; body?: string | Buffer };

export type OwnServer = {
  url: string;
  /** Of the application's role, and of the owner of the tables. */
  app: Knex;
  owner: Knex;
  database: string;
  process: ChildProcess;
  /** One raw request: nothing is added but Host and Origin, where none is given. */
  ask(what: Ask): Promise<Answer>;
  log(): string;
  stop(): Promise<void>;
};

async function freePort(): Promise<number> {
  const server = createServer().listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  server.close();
  return port;
}

const urlOf = (role: string | undefined, database: string) => role!.replace(/\/[^/]+$/, `/${database}`);

/** An empty database of the owner's in the test cluster. */
export async function ownDatabase(): Promise<{ name: string; app: string; owner: string; drop: () => Promise<void> }> {
  const name = `own_${randomBytes(6).toString('hex')}`;
  const admin = connect(process.env.ADMIN_DATABASE_URL!);
  await admin.raw(`create database ${name} owner yr_owner`);
  await admin.destroy();
  const drop = async () => {
    const again = connect(process.env.ADMIN_DATABASE_URL!);
    await again.raw(`drop database ${name} with (force)`);
    await again.destroy();
  };
  return { name, app: urlOf(process.env.DATABASE_URL, name), owner: urlOf(process.env.OWNER_DATABASE_URL, name), drop };
}

/** @param demo whether the demo class is in it; without, it is as after an installation */
/** @param name what the server is opened by: passkeys take a name, not a number of the net */
export async function startServer(env: { [name: string]: string } = {}, demo = true, name = '127.0.0.1'): Promise<OwnServer> {
  const database = await ownDatabase();
  const owner = connect(database.owner);
  await migrate(owner);
  // browser tests, which need no demo here, cannot read classes of rules
  if (demo) await (await import('../../src/lib/server/demo/load')).loadDemo(owner);
  const port = await freePort();
  const url = `http://${name}:${port}`;
  let said = '';
  const child = spawn(process.execPath, ['build'], {
    cwd: root,
    env: {
      PATH: process.env.PATH,
      HOST: '127.0.0.1',
      PORT: String(port),
      ORIGIN: url,
      BODY_SIZE_LIMIT: '4M',
      WORK_MS: '30000',
      DATABASE_URL: database.app,
      SEAL_KEY: process.env.SEAL_KEY,
      OPEN_AS: 'demo',
      ...env,
    },
  });
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text: Buffer) => (said = (said + text.toString()).slice(-200_000)));
  let ended = 'runs';
  child.once('exit', (code, signal) => (ended = `ended with ${code ?? signal}`));
  // a request that gets no answer says nothing of why: the server may
  const unanswered = (failed: Error) => {
    throw new Error(`${failed.message}; the server ${ended}; it said last: ${said.slice(-1500)}`, { cause: failed });
  };
  const agent = new Agent({ keepAlive: true, maxSockets: 32 });
  const app = connect(database.app);
  const server: OwnServer = {
    url,
    app,
    owner,
    database: database.name,
    process: child,
    ask: (what) => ask(agent, port, url, what).catch(unanswered),
    log: () => said,
    stop: async () => {
      agent.destroy();
      child.kill('SIGKILL');
      await Promise.all([app.destroy(), owner.destroy()]);
      await database.drop();
    },
  };
  await listening(child, () => said);
  return server;
}

function listening(child: ChildProcess, said: () => string): Promise<void> {
  return new Promise((done, fail) => {
    const look = () => said().includes('Listening on') && done();
    child.stdout!.on('data', look);
    child.once('exit', (code) => fail(new Error(`the server ended with ${code}: ${said().slice(-2000)}`)));
    look();
  });
}

function ask(agent: Agent, port: number, origin: string, what: Ask): Promise<Answer> {
  const headers: [string, string][] = [...(what.headers ?? [])];
  const has = (name: string) => headers.some(([n]) => n.toLowerCase() === name);
  if (!has('host')) headers.push(['host', `127.0.0.1:${port}`]);
  if (!has('origin')) headers.push(['origin', origin]);
  if (what.body !== undefined && !has('content-length')) headers.push(['content-length', String(Buffer.byteLength(what.body))]);
  return new Promise((done, fail) => {
    const sent = request(
      { agent, host: '127.0.0.1', port, method: what.method ?? 'GET', path: what.path, headers: headers.flat() },
      (response) => {
        const parts: Buffer[] = [];
        const answer = () =>
          done({
            status: response.statusCode ?? 0,
            headers: new Map(Object.entries(response.headers).map(([name, value]) => [name, String(value)])),
            body: Buffer.concat(parts).toString('utf8'),
          });
        // events never end by themselves: what came first will do
        const isEvents = response.headers['content-type']?.startsWith('text/event-stream') ?? false;
        response.on('data', (part: Buffer) => {
          parts.push(part);
          if (!isEvents) return;
          answer();
          response.destroy();
        });
        response.on('end', answer);
      },
    );
    sent.on('error', fail);
    sent.end(what.body);
  });
}

export type BuiltRoute = {
  id: string;
  params: { name: string; matcher?: string }[];
  isPage: boolean;
  methods: string[];
  actions: string[];
};

/** What the build serves: its routes with the methods of their endpoints and the actions of their pages. */
export function builtRoutes(): BuiltRoute[] {
  const code = `
    const { manifest } = await import('./.svelte-kit/output/server/manifest-full.js');
    const METHODS = ['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS'];
    const routes = [];
    for (const { id, params, page, endpoint } of manifest._.routes) {
      const module = endpoint ? await endpoint() : {};
      const node = page ? await manifest._.nodes[page.leaf]() : {};
      routes.push({ id, params, isPage: page !== null, methods: METHODS.filter((m) => m in module), actions: Object.keys(node.server?.actions ?? {}) });
    }
    console.log(JSON.stringify(routes));
    process.exit(0);`;
  return JSON.parse(execFileSync(process.execPath, ['--input-type=module', '-e', code], { cwd: root, encoding: 'utf8' })) as BuiltRoute[];
}
