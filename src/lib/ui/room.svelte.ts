// A lesson of a class on one device: a line for each learner, kept up to date with the other devices while there is a network.
import { keepRoom, keptRoom } from '$lib/outbox/device-store';
import { outbox } from '$lib/outbox/outbox.svelte';
import { Line, type Recorder } from './line.svelte';
import type { RoomData, RoomMark, RoomRecord } from './room-data';

/** A page takes no longer than this from the server's answer to its first line of script, in milliseconds. */
const LOADING = 20_000;
/** Changes are written down for a cold start when nothing has changed for this long: before the outbox lets go of what it sends. In milliseconds. */
const SETTLED = 100;

type Word = { what: 'records'; records: RoomRecord[] } | { what: 'mark'; mark: RoomMark } | { what: 'people' } | { what: 'again' };

const lessonsOf = ({ cards }: RoomData): string[] => {
  const all = cards.map((c) => c.lesson);
  return all.filter((id, i) => all.indexOf(id) === i);
};

export class Room {
  lines = $state.raw<Line[]>([]);
  /** The learner whom keys are for, and whom a big single view shows. */
  chosen = $state(0);
  /** The line to the other devices is open. */
  live = $state(false);
  readonly ahead: number;
  #loaded = Date.now();
  #writing: ReturnType<typeof setTimeout> | undefined;

  /** @param whenPeople what to do when who is there, or whose steps they are, was changed elsewhere */
  constructor(
    private data: RoomData,
    readonly who: Recorder,
    private whenPeople: () => void,
  ) {
    this.ahead = data.now - Date.now();
    this.lessonIds = lessonsOf(data);
    this.lines = data.people.map((person) => new Line(person, data.cards, who, this.ahead));
    this.#take(data.recorded);
    this.#takeMarks(data.marks);
  }

  /** Takes up what was changed elsewhere: who is there, whose steps they are. What was recorded, chosen and can be undone stays. */
  update(data: RoomData): void {
    this.data = data;
    this.lessonIds = lessonsOf(data);
    const before = this.lines.map((l) => l.person.id);
    const lines = data.people.map((person) => {
      const line = this.lines.find((l) => l.person.id === person.id);
      line?.setUp(person, data.cards);
      return line ?? new Line(person, data.cards, this.who, this.ahead);
    });
    const place = (l: Line) => (before.includes(l.person.id) ? before.indexOf(l.person.id) : Infinity);
    this.lines = lines.sort((a, b) => place(a) - place(b));
    if (this.chosen >= this.lines.length) this.chosen = 0;
    this.#take(data.recorded);
    this.#takeMarks(data.marks);
  }

  get line(): Line | null {
    return this.lines[this.chosen] ?? null;
  }
  get id(): string {
    return this.data.id;
  }
  /** A lesson each recipe. */
  lessonIds: readonly string[] = [];
  get waiting(): number {
    const ids = this.lessonIds;
    return outbox.waiting.filter((e) => ids.includes(e.lessonId)).length;
  }

  #take(records: readonly RoomRecord[]): void {
    for (const line of this.lines) {
      const own = records.filter((r) => r.learnerId === line.person.id);
      if (own.length > 0) line.take(own);
    }
  }
  #takeMarks(marks: readonly RoomMark[]): void {
    for (const line of this.lines) {
      const own = marks.filter((m) => m.learnerId === line.person.id && !line.marks.some((known) => known.id === m.id));
      if (own.length > 0) line.marks = [...line.marks, ...own];
    }
  }

  /** Takes up what the device holds and the server may not have: after a reload, a crash, a lesson without a network. */
  async takeUp(): Promise<void> {
    await outbox.start();
    const kept = this.who.second ? null : await keptRoom(this.data.id);
    if (kept) this.#take(kept.recorded as RoomRecord[]);
    if (kept) this.#takeMarks(kept.marks as RoomMark[]);
    this.#takeUnsent();
    this.keep();
  }

  #takeUnsent(): void {
    for (const id of this.lessonIds)
      for (const e of outbox.of(id, this.#loaded - LOADING))
        if (e.kind === 'record' && !e.refused && (e.second ?? false) === this.who.second) {
          const line = this.lines.find((l) => l.person.id === e.learnerId);
          line?.take([line.recordOf(e)]);
        }
  }

  /** Follows what other devices record, until the returned function is called. */
  follow(): () => void {
    // a second opinion is given without seeing the first
    if (this.who.second || typeof EventSource === 'undefined') return () => {};
    const source = new EventSource(`/cook/${this.data.id}/live`);
    source.onopen = () => (this.live = true);
    source.onerror = () => (this.live = false);
    source.onmessage = (event: MessageEvent<string>) => void this.#hear(JSON.parse(event.data) as Word);
    return () => source.close();
  }

  async #hear(word: Word): Promise<void> {
    if (word.what === 'records') this.#take(word.records);
    else if (word.what === 'mark') this.#takeMarks([word.mark]);
    else if (word.what === 'people') this.whenPeople();
    else await this.#askAgain();
    this.keep();
  }

  /** Word may have been missed: what is in force is asked for as a whole. */
  async #askAgain(): Promise<void> {
    const answer = await fetch(`/cook/${this.data.id}/now`).catch(() => null);
    if (!answer?.ok) return;
    const now = (await answer.json()) as { recorded: RoomRecord[]; marks: RoomMark[]; people: string };
    this.#take(now.recorded);
    this.#takeMarks(now.marks);
    if (now.people !== this.data.stamp) this.whenPeople();
  }

  /** Writes down what is in force, for when the page is opened with no network. */
  keep(): void {
    if (this.who.second) return;
    clearTimeout(this.#writing);
    this.#writing = setTimeout(() => {
      const recorded = this.lines.flatMap((l) => l.seen);
      const marks = this.lines.flatMap((l) => l.marks);
      void keepRoom({ id: this.data.id, at: Date.now(), recorded, marks });
    }, SETTLED);
  }

  choose(index: number): void {
    this.chosen = (index + this.lines.length) % Math.max(1, this.lines.length);
  }

  /** A learner whose turn it is goes before the others, on this device. */
  toFront(line: Line): void {
    this.lines = [line, ...this.lines.filter((l) => l !== line)];
    this.chosen = 0;
  }

  /** The lesson is over for these learners. @returns 'sent' when the server has all of it, 'refused' when it would not take some, 'later' when some waits */
  async finish(lines: readonly Line[]): Promise<'sent' | 'refused' | 'later'> {
    for (const line of lines)
      for (const place of line.person.places)
        outbox.keep({ kind: 'end', id: `${place.lesson} ${line.person.id}`, lessonId: place.lesson, learnerId: line.person.id });
    await outbox.send();
    // a send that was on its way already did not have the ends yet
    if (this.waiting > 0 && !outbox.offline) await outbox.send();
    if (this.waiting > 0) return 'later';
    return outbox.refused.some((e) => this.lessonIds.includes(e.lessonId)) ? 'refused' : 'sent';
  }
}
