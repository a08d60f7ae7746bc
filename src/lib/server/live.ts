// Word of what changes in a lesson, from PostgreSQL to every device that has it open, whichever server process each is at.
import { env } from '$env/dynamic/private';
import pg from 'pg';
import { remembered } from './just-made';
import { madeRecords } from './records';
import { log } from './log';
import { codeOf } from './not-now';
import { oneMark, recordOf } from './room';
import { scopeOf } from './school';
import type { RoomMark, RoomRecord } from '../ui/room-data';

/** 'again': word may have been missed, so a device asks for all; 'people': who is there, or whose steps they are, has changed. */
export type Word = { what: 'records'; records: RoomRecord[] } | { what: 'mark'; mark: RoomMark } | { what: 'people' } | { what: 'again' };
type Listener = (word: Word) => void;

/** Who has which lesson of which school open, at this process. */
const open = new Map<string, Set<Listener>>();
const roomKey = (school: string, id: string) => `${school} ${id}`;

let listening: Promise<void> | null = null;
let stopped = false;
/** The line to the database is tried again after this long, in milliseconds. */
const AGAIN = 1000;

async function listen(): Promise<void> {
  const client = new pg.Client({ connectionString: env.DATABASE_URL, connectionTimeoutMillis: 3000, keepAlive: true });
  let over = false;
  const lost = () => {
    // one line ends once, however often it says so
    if (over) return;
    over = true;
    listening = null;
    void client.end().catch(() => undefined);
    if (!stopped && open.size > 0) setTimeout(() => void start(), AGAIN);
  };
  client.on('error', lost);
  client.on('end', lost);
  client.on('notification', ({ payload }) => void tell(payload ?? ''));
  await client.connect();
  await client.query('listen room');
  // an open line would keep a process that was told to stop
  onStop(() => void client.end().catch(() => undefined));
  // whoever waits may have missed something while there was no line
  for (const listeners of open.values()) for (const listener of listeners) listener({ what: 'again' });
}

function start(): Promise<void> {
  listening ??= listen().catch((failed: unknown) => {
    listening = null;
    log.error({ kind: 'no line for lessons', code: codeOf(failed) });
    if (!stopped && open.size > 0) setTimeout(() => void start(), AGAIN);
  });
  return listening;
}

type Payload = { s: string; l: string; o?: string[]; m?: string; c?: true };

async function tell(payload: string): Promise<void> {
  const said = JSON.parse(payload) as Payload;
  const listeners = open.get(roomKey(said.s, said.l));
  if (!listeners) return;
  const word = await wordOf(said).catch((): Word => ({ what: 'again' }));
  for (const listener of listeners) listener(word);
}

/** One question to the database for all devices of this process; none where it wrote the records itself. */
async function wordOf({ s, o, m }: Payload): Promise<Word> {
  if (!o && !m) return { what: 'people' };
  const own = o && remembered(s, o);
  if (own) return { what: 'records', records: own.map(recordOf) };
  const scope = scopeOf({ school: s, account: null, role: 'program' }, 'read');
  try {
    return await scope.in(async (trx): Promise<Word> => {
      if (o) return { what: 'records', records: (await madeRecords(trx, o)).map(recordOf) };
      const mark = await oneMark(trx, m!);
      return mark ? { what: 'mark', mark } : { what: 'again' };
    });
  } finally {
    await scope.done();
  }
}

/** Says where a lesson's devices are told of changes, until the returned function is called. */
export function follow(school: string, id: string, listener: Listener): () => void {
  const key = roomKey(school, id);
  if (!open.has(key)) open.set(key, new Set());
  open.get(key)!.add(listener);
  void start();
  return () => {
    const all = open.get(key);
    all?.delete(listener);
    if (all?.size === 0) open.delete(key);
  };
}

/** The process stops: devices are let go, and turn to another. */
const ends = new Set<() => void>();
export const onStop = (end: () => void): (() => void) => {
  ends.add(end);
  return () => ends.delete(end);
};
for (const signal of ['SIGTERM', 'SIGINT'] as const)
  process.once(signal, () => {
    stopped = true;
    for (const end of ends) end();
  });
