// A document of a page is saved to the last change, and is called saved only then.
import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Saver } from './saver.svelte';

/** A server that answers when it is told to, and keeps what it got. */
class Server {
  kept: unknown[] = [];
  #open: ((status: number) => void)[] = [];
  put = (_: string, { body }: { body: string }): Promise<Response> =>
    new Promise((done) =>
      this.#open.push((status) => {
        const { revision, doc } = JSON.parse(body) as { revision: number; doc: unknown };
        if (status === 200) this.kept.push(doc);
        done(Response.json({ revision: revision + 1 }, { status }));
      }),
    );
  async answer(status = 200): Promise<void> {
    this.#open.shift()!(status);
    await vi.advanceTimersByTimeAsync(0);
  }
  get asked(): number {
    return this.#open.length;
  }
}
let server: Server;
let doc: string;
let saver: Saver;
beforeEach(() => {
  vi.useFakeTimers();
  server = new Server();
  vi.stubGlobal('fetch', server.put);
  doc = 'first';
  saver = new Saver(
    () => '/save',
    () => ({ doc }),
    1,
  );
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const change = (to: string) => {
  doc = to;
  saver.changed();
};

test('a change that is still being worked out while a save is under way is not called saved', async () => {
  change('one');
  await vi.advanceTimersByTimeAsync(500);
  saver.waits();
  await server.answer();
  expect(saver.state).toBe('waiting');
  change('two');
  await vi.advanceTimersByTimeAsync(500);
  await server.answer();
  expect([saver.state, server.kept]).toEqual(['saved', ['one', 'two']]);
});

test('a save asked for while another is under way takes the newest along, and says yes only then', async () => {
  change('one');
  await vi.advanceTimersByTimeAsync(500);
  change('two');
  let said: boolean | null = null;
  void saver.save().then((yes) => (said = yes));
  await server.answer();
  expect([said, server.asked]).toEqual([null, 1]);
  await server.answer();
  expect([said, saver.state, server.kept]).toEqual([true, 'saved', ['one', 'two']]);
  await vi.advanceTimersByTimeAsync(5000);
  expect(server.asked).toBe(0);
});

test('many changes in a moment are one save, with the revision of the last answer', async () => {
  for (const to of ['a', 'b', 'c']) change(to);
  await vi.advanceTimersByTimeAsync(500);
  await server.answer();
  expect([server.kept, saver.revision]).toEqual([['c'], 2]);
});

test('where another window saved first nothing more is sent until a person has answered', async () => {
  change('mine');
  await vi.advanceTimersByTimeAsync(500);
  change('mine again');
  const asked = saver.save();
  await server.answer(409);
  expect([await asked, saver.state]).toEqual([false, 'stale']);
  await vi.advanceTimersByTimeAsync(5000);
  expect(server.asked).toBe(0);
  const kept = saver.keepMine(7);
  await vi.advanceTimersByTimeAsync(0);
  await server.answer();
  await kept;
  expect([server.kept, saver.revision, saver.state]).toEqual([['mine again'], 8, 'saved']);
});
