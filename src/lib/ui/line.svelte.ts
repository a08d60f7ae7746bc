// One learner's way through a lesson: at which step, what was recorded of each, and what can be taken back. The device has it before the server.
import { lastOf, standingOf, type Detail, type Hierarchy } from '$core';
import { newId } from '$lib/id';
import type { RecordEntry } from '$lib/outbox/entry';
import { moment, nextCount } from '$lib/outbox/journal';
import { outbox } from '$lib/outbox/outbox.svelte';
import { afterPaint } from './after-paint';
import type { RoomCard, RoomItem, RoomMark, RoomPerson, RoomPlace, RoomRecord } from './room-data';
import { SvelteMap } from 'svelte/reactivity';

/** A second tap on the same ladder within this time is the same tap of a wet finger. In milliseconds. */
const SAME_TAP = 400;

type How = 'tap' | 'key' | 'rule';
type Done = { at: number; before: RoomRecord | null; made: RoomRecord };

/** Who records, and whether to have a second opinion for agreement. */
export type Recorder = { observer: string; second: boolean };

export class Line {
  /** Place of the step at hand among the learner's own. */
  index = $state(0);
  /** The record in force of each step. */
  records = new SvelteMap<string, RoomRecord>();
  /** Steps that two recorded without seeing each other's record: their codes. Both are kept. */
  twice = new SvelteMap<string, string[]>();
  presence = $state<RoomPerson['presence']>('here');
  marks = $state.raw<RoomMark[]>([]);
  #done = $state.raw<Done[]>([]);
  /** All records seen of each step: which is in force is told by all of them. */
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- nothing on the page hangs on it
  #seen = new Map<string, Map<string, RoomRecord>>();
  #tapped = -Infinity;
  /** The step at hand was done before its turn. */
  outOfOrder = $state(false);
  /** Somebody went to another step by hand; what others record does not move the ladder then. */
  #elsewhere = false;
  /** What a tap still has to do to the ladder once it has been seen, and what calls that off. */
  #toDo: { goOn: () => void; callOff: () => void } | null = null;

  person = $state.raw() as RoomPerson;
  cards: readonly RoomCard[] = $state.raw([]);

  constructor(
    person: RoomPerson,
    cards: readonly RoomCard[],
    private who: Recorder,
    /** How far the server's clock is ahead of this device's, in milliseconds. */
    private ahead: number,
  ) {
    this.setUp(person, cards);
  }

  /** Who he is and what is his: changed in the lesson, what was recorded stays. */
  setUp(person: RoomPerson, cards: readonly RoomCard[]): void {
    this.settle();
    const same = JSON.stringify(this.person?.items.map((i) => i.card)) === JSON.stringify(person.items.map((i) => i.card));
    [this.person, this.cards, this.presence] = [person, cards, person.presence];
    if (!same) this.#moveTo(this.#firstOpen());
  }

  get items(): readonly RoomItem[] {
    return this.person.items;
  }
  cardAt(index: number): RoomCard | null {
    const item = this.items[index];
    return item ? (this.cards[item.card] ?? null) : null;
  }
  get item(): RoomItem | null {
    return this.items[this.index] ?? null;
  }
  get card(): RoomCard | null {
    return this.cardAt(this.index);
  }
  get text(): string {
    return this.item?.text ?? this.card?.text ?? '';
  }
  textAt(index: number): string {
    return this.items[index]?.text ?? this.cardAt(index)?.text ?? '';
  }
  /** How the learner is taught what is at hand; of the first recipe where there is no step. */
  get place(): RoomPlace {
    return this.person.places.find((p) => p.lesson === this.card?.lesson) ?? this.person.places[0];
  }
  get hierarchy(): Hierarchy {
    return this.place.hierarchy;
  }
  get held(): RoomRecord | null {
    return this.recordAt(this.index);
  }
  recordAt(index: number): RoomRecord | null {
    const card = this.cardAt(index);
    return card ? (this.records.get(keyOf(card.lesson, card.key)) ?? null) : null;
  }
  recordedCount = $derived(this.items.filter((_, i) => this.recordAt(i) !== null).length);
  isThrough = $derived(this.items.length > 0 && this.recordedCount === this.items.length);
  get canUndo(): boolean {
    return this.#done.length > 0;
  }
  /** What was recorded last here, on this device: the step's place and its code. */
  get justNow(): { index: number; code: string; detail: Detail | null } | null {
    const last = this.#done.at(-1);
    return last ? { index: last.at, code: last.made.code, detail: last.made.detail } : null;
  }
  /** What the learner pressed last on a screen of his own at a step that has no record yet. */
  get mark(): RoomMark | null {
    return this.marks.findLast((m) => !this.records.has(keyOf(m.lessonId, m.stepKey))) ?? null;
  }
  /** The last step that two recorded: its place, and what each said. */
  double = $derived.by((): { index: number; codes: string[] } | null => {
    if (this.twice.size === 0) return null;
    const index = this.items.findLastIndex((_, i) => {
      const card = this.cardAt(i);
      return card !== null && this.twice.has(keyOf(card.lesson, card.key));
    });
    const card = this.cardAt(index);
    return card ? { index, codes: this.twice.get(keyOf(card.lesson, card.key)) ?? [] } : null;
  });
  /** Nothing more can be done in a probe that ends at the first error. */
  get isProbeOver(): boolean {
    const { procedure, hierarchy, lesson } = this.place;
    if (procedure.id !== 'probe-single') return false;
    return [...this.records.values()].some((r) => r.lessonId === lesson && r.code === hierarchy.levels.at(-1)?.id);
  }
  /**
   * When he came to the step at hand, by the server's clock, in milliseconds: as the step before it was first recorded, whatever was put right later. Null where
   * nothing was.
   */
  cameAt = $derived.by((): number | null => {
    const before = this.cardAt(this.index - 1);
    if (!before) return null;
    const key = keyOf(before.lesson, before.key);
    if (!this.records.has(key)) return null;
    const made = [...(this.#seen.get(key)?.values() ?? [])].sort((x, y) => x.at - y.at);
    // what was taken back and recorded anew counts from the new record
    return made[made.findLastIndex((r) => r.code === 'cleared') + 1]?.at ?? null;
  });
  /** All records seen, for a start with no network. */
  get seen(): RoomRecord[] {
    this.settle();
    return [...this.#seen.values()].flatMap((of) => [...of.values()]);
  }

  /** Takes up records that were made elsewhere or before; which one is in force does not hang on the order in which they come. */
  take(records: readonly RoomRecord[]): void {
    this.settle();
    this.#take(records);
  }

  #take(records: readonly RoomRecord[]): void {
    for (const r of records) {
      const key = keyOf(r.lessonId, r.stepKey);
      // eslint-disable-next-line svelte/prefer-svelte-reactivity -- nothing on the page hangs on it
      if (!this.#seen.has(key)) this.#seen.set(key, new Map());
      const seen = this.#seen.get(key)!;
      seen.set(r.id, r);
      const last = lastOf([...seen.values()]);
      const both = standingOf([...seen.values()]).filter((s) => s.code !== 'cleared');
      if (both.length > 1 && last?.code !== 'cleared')
        this.twice.set(
          key,
          both.map((s) => s.code),
        );
      else this.twice.delete(key);
      if (!last || last.code === 'cleared') this.records.delete(key);
      else if (this.records.get(key)?.id !== last.id) this.records.set(key, last);
    }
    if (!this.#elsewhere) this.index = this.#firstOpen();
  }

  #firstOpen(): number {
    const open = this.items.findIndex((_, i) => this.recordAt(i) === null);
    return open < 0 ? Math.max(0, this.items.length - 1) : open;
  }

  /** Goes on to the next step at once, where a tap is still waiting for the frame in which it is seen. */
  settle(): void {
    const toDo = this.#toDo;
    this.#toDo = null;
    toDo?.callOff();
    toDo?.goOn();
  }

  /**
   * One tap: records the code for the step at hand, and goes on to the next. The record is kept, and said to be made, before this returns; a finger sees that
   * in the next frame and the next step, which takes longer to draw, in the frame after it. Keys go on at once.
   * @returns whether it was taken: a second tap at once is not
   */
  record(code: string, how: How, detail: Detail | null = null): boolean {
    this.settle();
    const card = this.card;
    if (!card) return false;
    if (how === 'tap') {
      const now = performance.now();
      if (now - this.#tapped < SAME_TAP) return false;
      this.#tapped = now;
    }
    const before = this.held;
    const [from, outOfOrder] = [this.index, this.outOfOrder];
    const made = this.#keep(card, code, before?.id ?? null, how, detail ?? (outOfOrder ? 'out-of-order' : null));
    this.#done = [...this.#done, { at: from, before, made }];
    const goOn = () => {
      this.outOfOrder = false;
      this.#elsewhere = false;
      this.#take([made]);
      if (!outOfOrder) this.#moveTo(Math.min(from + 1, this.items.length - 1));
    };
    if (how !== 'tap') goOn();
    else this.#toDo = { goOn, callOff: afterPaint(() => this.settle()) };
    return true;
  }

  /** Says more of the last record: that the help faded, that there was an error. */
  addDetail(detail: Detail, how: How): void {
    this.settle();
    const last = this.#done.at(-1);
    const card = last && this.cardAt(last.at);
    if (!last || !card) return;
    const made = this.#keep(card, last.made.code, last.made.id, how, last.made.detail === detail ? null : detail);
    this.#done = [...this.#done.slice(0, -1), { ...last, made }];
    const at = this.index;
    this.take([made]);
    this.#moveTo(at);
  }

  /** Takes the last record back: a later one stands in its place, nothing is deleted. */
  undo(how: How): void {
    this.settle();
    const last = this.#done.at(-1);
    const card = last && this.cardAt(last.at);
    if (!last || !card) return;
    this.#done = this.#done.slice(0, -1);
    this.#tapped = -Infinity;
    const made = this.#keep(card, last.before?.code ?? 'cleared', last.made.id, how, last.before?.detail ?? null);
    this.take([made]);
    this.#moveTo(last.at);
  }

  #keep(card: RoomCard, code: string, replaces: string | null, how: How, detail: Detail | null): RoomRecord {
    const { observer, second } = this.who;
    const own = { lessonId: card.lesson, learnerId: this.person.id, stepKey: card.key, code, detail };
    const entry: RecordEntry = { kind: 'record', id: newId(), ...own, observer, second, how, replaces, madeAt: moment(), ...nextCount() };
    outbox.keep(entry);
    return this.recordOf(entry);
  }

  /** A record of this device as all records are: with its time by the server's clock. */
  recordOf({ id, lessonId, learnerId, stepKey, code, replaces, device, count, madeAt, detail }: RecordEntry): RoomRecord {
    return { id, lessonId, learnerId, stepKey, code, replaces, device, count, detail: detail ?? null, at: Date.parse(madeAt) + this.ahead };
  }

  note(text: string): void {
    this.settle();
    const card = this.card;
    if (!card) return;
    const at = { lessonId: card.lesson, learnerId: this.person.id, stepKey: card.key };
    outbox.keep({ kind: 'note', id: newId(), ...at, text, madeAt: moment() });
  }

  /** What a probe that is over, or a step that was not reached, comes to: one record for each step that has none. */
  fill(code: string, how: How): void {
    this.settle();
    for (const [i, item] of this.items.entries()) {
      const card = this.cards[item.card];
      if (card && this.recordAt(i) === null) this.take([this.#keep(card, code, null, how, null)]);
    }
  }

  go(by: number): void {
    this.settle();
    this.goTo(this.index + by);
  }
  goTo(index: number): void {
    this.settle();
    this.#moveTo(Math.max(0, Math.min(this.items.length - 1, index)));
  }
  /** To a step that was done before its turn: once it is recorded, the ladder comes back to the first that is open. */
  goOutOfOrder(index: number): void {
    this.goTo(index);
    this.outOfOrder = this.#elsewhere;
  }
  #moveTo(index: number): void {
    this.index = index;
    this.outOfOrder = false;
    this.#elsewhere = index !== this.#firstOpen();
  }
}

const keyOf = (lesson: string, stepKey: string) => `${lesson} ${stepKey}`;
