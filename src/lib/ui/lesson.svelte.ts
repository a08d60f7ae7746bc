// A lesson in progress: which step, what was recorded, and what can be undone. The device has it before the server.
import { lastOf, type Stamp } from '$core';
import { newId } from '$lib/id';
import type { RecordEntry } from '$lib/outbox/entry';
import { moment, nextCount } from '$lib/outbox/journal';
import { outbox } from '$lib/outbox/outbox.svelte';
import { SvelteMap } from 'svelte/reactivity';

/** A record in force. */
export type Held = Stamp & { code: string };
/** A page takes no longer than this from the server's answer to its first line of script, in milliseconds. */
const LOADING = 20_000;

type Done = { stepKey: string; before: Held | null; made: Held };

export class Lesson {
  index = $state(0);
  /** The record in force of each step. */
  records = new SvelteMap<string, Held>();
  #done = $state<Done[]>([]);
  /** How far the server's clock is ahead of this device's, in milliseconds. */
  #ahead: number;
  #loaded = Date.now();

  /**
   * @param recorded what the server has in force
   * @param now the server's clock as the page was made
   */
  constructor(
    private lessonId: string,
    private learnerId: string,
    private stepKeys: string[],
    recorded: readonly (Held & { stepKey: string })[],
    now: number,
  ) {
    this.#ahead = now - Date.now();
    for (const { stepKey, ...held } of recorded) this.records.set(stepKey, held);
    this.index = this.#firstOpen();
  }

  #firstOpen(): number {
    const open = this.stepKeys.findIndex((key) => !this.records.has(key));
    return open < 0 ? this.stepKeys.length - 1 : open;
  }
  get stepKey(): string {
    return this.stepKeys[this.index] ?? '';
  }
  get recordedCount(): number {
    return this.stepKeys.filter((key) => this.records.has(key)).length;
  }
  get canUndo(): boolean {
    return this.#done.length > 0;
  }
  get waiting(): number {
    return outbox.waiting.filter((e) => e.lessonId === this.lessonId).length;
  }

  /** Takes up what the device holds and the server may not have: after a reload, a crash, a lesson without a network. */
  async takeUp(): Promise<void> {
    await outbox.start();
    const own = outbox
      .of(this.lessonId, this.#loaded - LOADING)
      .filter((e) => e.kind === 'record')
      .filter((e) => e.learnerId === this.learnerId && !e.refused);
    for (const stepKey of this.stepKeys) {
      const made = own.filter((e) => e.stepKey === stepKey).map((e) => this.#heldOf(e));
      const there = this.records.get(stepKey);
      const last = lastOf(there ? [there, ...made.filter((m) => m.id !== there.id)] : made);
      if (!last || last.code === 'cleared') this.records.delete(stepKey);
      else this.records.set(stepKey, last);
    }
    if (this.#done.length === 0) this.index = this.#firstOpen();
  }

  /** One tap: records the code for the step at hand, and goes on to the next. */
  record(code: string, how: 'tap' | 'key'): void {
    const stepKey = this.stepKey;
    if (!stepKey) return;
    const before = this.records.get(stepKey) ?? null;
    const made = this.#keep(stepKey, code, before?.id ?? null, how);
    this.records.set(stepKey, made);
    this.#done.push({ stepKey, before, made });
    if (this.index < this.stepKeys.length - 1) this.index++;
  }

  /** Takes the last record back: a later one stands in its place, nothing is deleted. */
  undo(how: 'tap' | 'key'): void {
    const last = this.#done.pop();
    if (!last) return;
    const made = this.#keep(last.stepKey, last.before?.code ?? 'cleared', last.made.id, how);
    if (last.before) this.records.set(last.stepKey, made);
    else this.records.delete(last.stepKey);
    this.index = this.stepKeys.indexOf(last.stepKey);
  }

  #keep(stepKey: string, code: string, replaces: string | null, how: 'tap' | 'key'): Held {
    const own = { lessonId: this.lessonId, learnerId: this.learnerId, observer: 'teacher', madeAt: moment() };
    const entry: RecordEntry = { kind: 'record', id: newId(), stepKey, code, replaces, how, ...own, ...nextCount() };
    outbox.keep(entry);
    return this.#heldOf(entry);
  }

  #heldOf({ id, code, replaces, device, count, madeAt }: RecordEntry): Held {
    return { id, code, replaces, device, count, at: Date.parse(madeAt) + this.#ahead };
  }

  note(text: string): void {
    outbox.keep({
      kind: 'note',
      id: newId(),
      lessonId: this.lessonId,
      learnerId: this.learnerId,
      stepKey: this.stepKey,
      text,
      madeAt: moment(),
    });
  }

  /** @returns 'sent' when the server has all of it, 'refused' when it would not take some, 'later' when some still waits */
  async finish(): Promise<'sent' | 'refused' | 'later'> {
    outbox.keep({ kind: 'end', id: `${this.lessonId} ${this.learnerId}`, lessonId: this.lessonId, learnerId: this.learnerId });
    await outbox.send();
    // a send that was on its way already did not have the end yet
    if (this.waiting > 0 && !outbox.offline) await outbox.send();
    if (this.waiting > 0) return 'later';
    return outbox.refused.some((e) => e.lessonId === this.lessonId) ? 'refused' : 'sent';
  }

  go(by: number): void {
    this.index = Math.max(0, Math.min(this.stepKeys.length - 1, this.index + by));
  }
}
