// What was recorded and the server does not have yet. Kept on the device before anything else, sent from any page, and told as it is:
// kept on this device, only on this page, or not taken by the server.
import { SvelteMap } from 'svelte/reactivity';
import { afterPaint } from '$lib/ui/after-paint';
import { all, dropAll, putAll } from './device-store';
import type { Entry, Kept, Refused } from './entry';
import { erase, isEntry, readAll, write } from './journal';
import { batchesOf, send, sendAtLast } from './send';

/** Where an entry is that the server does not have: 'page' is nowhere but here and is lost with the page. */
type Held = { entry: Kept; where: 'page' | 'device' };
/** What the server took, and when, by this device's clock. */
type Sent = { entry: Kept; answered: number };

/** Tries come further apart, up to this many milliseconds. */
const LONGEST_WAIT = 30_000;

class Outbox {
  #held = new SvelteMap<string, Held>();
  /** Apart from what waits, which every tap counts: of a long lesson there are hundreds. */
  #sent = new Map<string, Sent>();
  /** The server could not be reached at the last try. */
  offline = $state(false);
  /** Nobody is signed in on this device any longer: what waits stays here until somebody is. */
  nobody = $state(false);
  #started: Promise<void> | undefined;
  #sending: Promise<void> | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #wait = 1000;

  /** What waits for the server. */
  get waiting(): Kept[] {
    return [...this.#held.values()].filter((h) => !h.entry.refused).map((h) => h.entry);
  }
  /** What would be lost with this page. */
  get onPageOnly(): number {
    return [...this.#held.values()].filter((h) => h.where === 'page').length;
  }
  get refused(): Kept[] {
    return [...this.#held.values()].filter((h) => h.entry.refused).map((h) => h.entry);
  }
  /** What a lesson's page may not know yet, which was loaded at `since`: what waits, and what was sent since. */
  of(lessonId: string, since: number): Kept[] {
    const sent = [...this.#sent.values()].filter((s) => s.answered >= since);
    return [...sent, ...this.#held.values()].map((one) => one.entry).filter((entry) => entry.lessonId === lessonId);
  }

  /** Takes up what the device holds, and sends it. Once for each page; again it only waits for that. */
  start(): Promise<void> {
    return (this.#started ??= this.#takeUp());
  }

  async #takeUp(): Promise<void> {
    addEventListener('online', () => this.sendSoon(0));
    addEventListener('pagehide', () => this.#leave());
    document.addEventListener('visibilitychange', () => (document.hidden ? this.#leave() : this.sendSoon(0)));
    addEventListener('beforeunload', (event) => {
      if (this.onPageOnly > 0) event.preventDefault();
    });
    const written = readAll();
    for (const entry of [...written, ...(await all()).filter(isEntry)])
      if (!this.#held.has(entry.id) && !this.#sent.has(entry.id)) this.#held.set(entry.id, { entry, where: 'device' });
    // what a closing page only had time to write down goes to the large store, which need not be waited for
    void putAll(written).then((kept) => kept && written.forEach((e) => this.#held.get(e.id)?.entry === e && erase(e.id)));
    this.sendSoon(0);
  }

  /** Keeps an entry: on the device before this returns, where the device lets it. Sent soon, or at once where it is nowhere else. */
  keep(entry: Entry): void {
    const written = write(entry);
    this.#held.set(entry.id, { entry, where: written ? 'device' : 'page' });
    this.sendSoon(written ? 300 : 0);
    if (written) afterPaint(() => void this.#store(entry, written));
    else void this.#store(entry, written);
  }

  async #store(entry: Entry, written: boolean): Promise<void> {
    if (!(await putAll([entry]))) return;
    const held = this.#held.get(entry.id);
    // it may have reached the server, or been thrown away, while the store was slow
    if (!held) await dropAll([entry.id]);
    else if (held.where === 'page') this.#held.set(entry.id, { ...held, where: 'device' });
    if (written) erase(entry.id);
  }

  /** Throws away what the server would not take. */
  throwAway(id: string): void {
    this.#held.delete(id);
    erase(id);
    void dropAll([id]);
  }

  sendSoon(after = 300): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.send(), after);
  }

  /** Sends all that waits. @returns when the server answered, or could not be reached */
  send(): Promise<void> {
    this.#sending ??= this.#sendAll().finally(() => {
      this.#sending = null;
    });
    return this.#sending;
  }

  async #sendAll(): Promise<void> {
    const before = this.waiting;
    let unclear = false;
    for (const batch of batchesOf(before)) {
      const answers = await send(batch);
      if (answers === 'unreachable') return this.#later();
      this.nobody = answers === 'nobody';
      if (answers === 'nobody') return this.#later();
      // one lesson that gets no answer holds up no other
      if (answers === 'unclear') {
        unclear = true;
        continue;
      }
      for (const entry of batch) {
        const no = answers.get(entry.id);
        if (no) this.#isRefused(entry, no);
        else if (no === null) this.#isSent(entry);
      }
    }
    if (unclear) return this.#later();
    this.offline = false;
    this.#wait = 1000;
    // what was made while this was on its way
    if (this.waiting.some((e) => !before.includes(e))) this.sendSoon();
  }

  #later(): void {
    this.offline = true;
    this.sendSoon(this.#wait);
    this.#wait = Math.min(LONGEST_WAIT, this.#wait * 2);
  }

  #isSent(entry: Kept): void {
    this.#held.delete(entry.id);
    this.#sent.set(entry.id, { entry, answered: Date.now() });
    erase(entry.id);
    void dropAll([entry.id]);
  }

  #isRefused(entry: Kept, { code, why }: Refused): void {
    // what it stood in the place of never reached the server: it stands for itself then
    const next: Kept =
      code === 'replaces-unknown' && entry.kind === 'record' && entry.replaces
        ? { ...entry, replaces: null }
        : { ...entry, refused: { code, why } };
    const where = write(next) ? 'device' : (this.#held.get(entry.id)?.where ?? 'page');
    this.#held.set(entry.id, { entry: next, where });
    void putAll([next]).then((kept) => kept && erase(next.id));
    if (!next.refused) this.sendSoon();
  }

  /** The page goes. What waits stays on the device until a later page knows that the server has it. */
  #leave(): void {
    for (const batch of batchesOf(this.waiting)) sendAtLast(batch);
  }
}

export const outbox = new Outbox();
