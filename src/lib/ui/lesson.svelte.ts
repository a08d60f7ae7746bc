// A lesson in progress: which step, what was recorded, and what can be undone. The device has it before the server.
import { keepEnd, keepNote, keepObservation, moment, newId, observationsOf, send, unsentCount } from '$lib/lesson-store';

type Held = { id: string; code: string; madeAt: string };
type Done = { stepKey: string; before: Held | null; made: Held };

export class Lesson {
  index = $state(0);
  /** The record in force of each step. */
  records = $state<Record<string, Held>>({});
  unsent = $state(0);
  trouble = $state<'none' | 'offline' | 'refused'>('none');
  #done = $state<Done[]>([]);
  #timer: ReturnType<typeof setTimeout> | undefined;
  #wait = 1000;

  constructor(
    private lessonId: string,
    private learnerId: string,
    private stepKeys: string[],
    recorded: Record<string, Held>,
  ) {
    this.records = { ...recorded };
    this.index = this.#firstOpen();
  }

  #firstOpen(): number {
    const open = this.stepKeys.findIndex((key) => !this.records[key]);
    return open < 0 ? this.stepKeys.length - 1 : open;
  }
  get stepKey(): string {
    return this.stepKeys[this.index] ?? '';
  }
  get recordedCount(): number {
    return this.stepKeys.filter((key) => this.records[key]).length;
  }
  get canUndo(): boolean {
    return this.#done.length > 0;
  }

  /** Takes up what the device holds and the server may not have: after a reload, a crash, a lesson without a network. */
  async takeUp(): Promise<void> {
    const moved = this.#done.length > 0;
    for (const o of await observationsOf(this.lessonId)) {
      if (o.learnerId !== this.learnerId) continue;
      const held = this.records[o.stepKey];
      if (held && held.madeAt > o.madeAt) continue;
      if (o.code === 'cleared') delete this.records[o.stepKey];
      else this.records[o.stepKey] = { id: o.id, code: o.code, madeAt: o.madeAt };
    }
    if (!moved) this.index = this.#firstOpen();
    await this.#count();
    void this.sendSoon(0);
  }

  /** One tap: records the code for the step at hand, and goes on to the next. */
  async record(code: string, how: 'tap' | 'key'): Promise<void> {
    const stepKey = this.stepKey;
    if (!stepKey) return;
    const before = this.records[stepKey] ?? null;
    const made = { id: newId(), code, madeAt: moment() };
    this.records[stepKey] = made;
    this.#done.push({ stepKey, before, made });
    this.unsent++;
    if (this.index < this.stepKeys.length - 1) this.index++;
    await this.#keep(stepKey, made, before?.id ?? null, how);
  }

  /** Takes the last record back: a later one stands in its place, nothing is deleted. */
  async undo(how: 'tap' | 'key'): Promise<void> {
    const last = this.#done.pop();
    if (!last) return;
    const made = { id: newId(), code: last.before?.code ?? 'cleared', madeAt: moment() };
    if (last.before) this.records[last.stepKey] = { ...made };
    else delete this.records[last.stepKey];
    this.index = this.stepKeys.indexOf(last.stepKey);
    this.unsent++;
    await this.#keep(last.stepKey, made, last.made.id, how);
  }

  async #keep(stepKey: string, made: Held, replaces: string | null, how: 'tap' | 'key'): Promise<void> {
    await keepObservation({
      id: made.id,
      lessonId: this.lessonId,
      learnerId: this.learnerId,
      stepKey,
      code: made.code,
      observer: 'teacher',
      how,
      madeAt: made.madeAt,
      replaces,
      sent: 0,
    });
    this.sendSoon();
  }

  async note(text: string): Promise<void> {
    await keepNote({
      id: newId(),
      lessonId: this.lessonId,
      learnerId: this.learnerId,
      stepKey: this.stepKey,
      text,
      madeAt: moment(),
      sent: 0,
    });
    await this.#count();
    this.sendSoon(0);
  }

  /** @returns whether the server has all of it */
  async finish(): Promise<boolean> {
    await keepEnd(this.lessonId, this.learnerId);
    await this.#send();
    return this.unsent === 0;
  }

  go(by: number): void {
    this.index = Math.max(0, Math.min(this.stepKeys.length - 1, this.index + by));
  }

  sendSoon(after = 400): void {
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#send(), after);
  }

  async #send(): Promise<void> {
    const answer = await send(this.lessonId);
    await this.#count();
    this.trouble = answer === 'sent' ? 'none' : answer === 'later' ? 'offline' : 'refused';
    // tries again, ever more slowly up to half a minute, until the server has it
    this.#wait = answer === 'later' ? Math.min(30_000, this.#wait * 2) : 1000;
    if (answer === 'later') this.sendSoon(this.#wait);
  }

  async #count(): Promise<void> {
    this.unsent = await unsentCount(this.lessonId);
  }
}
