// What was before and what comes again: undo and redo without end, for a desk whose state is replaced and never changed in place.

export type Moments<T> = { past: T[]; future: T[] };

export class History<T> {
  #now: T = $state.raw()!;
  #past = $state.raw<T[]>([]);
  #future = $state.raw<T[]>([]);

  constructor(start: T) {
    this.#now = start;
  }

  get now(): T {
    return this.#now;
  }
  get canUndo(): boolean {
    return this.#past.length > 0;
  }
  get canRedo(): boolean {
    return this.#future.length > 0;
  }

  /** What was before, and what was undone, the newest last. */
  get moments(): Moments<T> {
    return { past: this.#past, future: this.#future };
  }
  /** What was around this state in an earlier visit. */
  recall({ past, future }: Moments<T>): void {
    [this.#past, this.#future] = [past, future];
  }

  /** A new state; what was undone before is gone. */
  to(next: T): void {
    this.#past = [...this.#past, this.#now];
    this.#future = [];
    this.#now = next;
  }
  /** @returns whether there was anything to undo */
  undo(): boolean {
    const before = this.#past.at(-1);
    if (before === undefined) return false;
    this.#past = this.#past.slice(0, -1);
    this.#future = [...this.#future, this.#now];
    this.#now = before;
    return true;
  }
  /** @returns whether there was anything to do again */
  redo(): boolean {
    const after = this.#future.at(-1);
    if (after === undefined) return false;
    this.#future = this.#future.slice(0, -1);
    this.#past = [...this.#past, this.#now];
    this.#now = after;
    return true;
  }
}
