// A learner's own way through his cards on a screen of his own. What he presses is a mark for the adult; it waits on the device while there is no network.
import { newId } from '$lib/id';
import { SvelteMap, SvelteSet } from 'svelte/reactivity';

export type OwnCardShown = {
  lesson: string;
  key: string;
  text: string;
  lines: string[];
  adult: boolean;
  /** Address of the class's own voice, where the words are the class's. */
  voice: string | null;
  wait: number;
  picture: number;
  done: boolean;
  /** What the plan of the lesson has for him after this, in two or three words; null where there is no plan. */
  then: string | null;
};
type Mark = { id: string; lessonId: string; stepKey: string; what: 'done' | 'help' };
type Kept = { done: string[]; waiting: Mark[]; since: [string, number][] };

/** Marks that could not be sent are tried again after this long, in milliseconds. */
const AGAIN = 3000;

export class OwnWay {
  #done = new SvelteSet<string>();
  /** Set while the learner looks at a card that he went back to. */
  #at = $state<number | null>(null);
  helpAsked = $state(false);
  #waiting: Mark[] = [];
  /** When each card came up here, by this device's clock: where a disc counts from. */
  #since = new SvelteMap<string, number>();
  #store: string;
  #timer: ReturnType<typeof setTimeout> | undefined;

  cards = $state.raw<readonly OwnCardShown[]>([]);

  constructor(
    cards: readonly OwnCardShown[],
    private code: string,
  ) {
    this.#store = `yr-own ${code}`;
    this.update(cards);
  }

  /** His cards as the server has them now: others may be his, more may be recorded. */
  update(cards: readonly OwnCardShown[]): void {
    this.cards = cards;
    for (const c of cards) if (c.done) this.#done.add(keyOf(c));
  }

  /** Takes up what the device holds of an earlier visit. */
  takeUp(): void {
    try {
      const kept = JSON.parse(localStorage.getItem(this.#store) ?? 'null') as Kept | null;
      for (const key of kept?.done ?? []) this.#done.add(key);
      this.#waiting = kept?.waiting ?? [];
      for (const [key, at] of kept?.since ?? []) this.#since.set(key, at);
    } catch {
      // without a store the way starts where the records stand
    }
    this.#came();
    this.#send();
  }
  #keep(): void {
    try {
      const kept: Kept = { done: [...this.#done], waiting: this.#waiting, since: [...this.#since] };
      localStorage.setItem(this.#store, JSON.stringify(kept));
    } catch {
      // see takeUp
    }
  }

  get index(): number {
    if (this.#at !== null) return this.#at;
    const open = this.cards.findIndex((c) => !this.#done.has(keyOf(c)));
    return open < 0 ? this.cards.length : open;
  }
  get card(): OwnCardShown | null {
    return this.cards[this.index] ?? null;
  }
  get doneCount(): number {
    return this.cards.filter((c) => this.#done.has(keyOf(c))).length;
  }
  get since(): number {
    return (this.card && this.#since.get(keyOf(this.card))) ?? Date.now();
  }

  #came(): void {
    if (this.card && !this.#since.has(keyOf(this.card))) this.#since.set(keyOf(this.card), Date.now());
    this.helpAsked = false;
    this.#keep();
  }

  done(): void {
    const { card } = this;
    if (!card) return;
    this.#mark(card, 'done');
    this.#done.add(keyOf(card));
    this.#at = null;
    this.#came();
  }
  help(): void {
    if (!this.card) return;
    this.#mark(this.card, 'help');
    this.helpAsked = true;
  }
  back(): void {
    this.#at = Math.max(0, this.index - 1);
    this.helpAsked = false;
  }
  /** The adult recorded steps, or took a record back. */
  hear(steps: readonly { lesson: string; key: string; done: boolean }[]): void {
    for (const s of steps) {
      if (s.done) this.#done.add(`${s.lesson} ${s.key}`);
      else this.#done.delete(`${s.lesson} ${s.key}`);
    }
    this.#at = null;
    this.#came();
  }

  #mark(card: OwnCardShown, what: Mark['what']): void {
    this.#waiting = [...this.#waiting, { id: newId(), lessonId: card.lesson, stepKey: card.key, what }];
    this.#keep();
    this.#send();
  }
  #send(): void {
    clearTimeout(this.#timer);
    const [first] = this.#waiting;
    if (!first) return;
    void fetch(`/own/${this.code}/mark`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(first),
    }).then(
      (answer) => {
        // what the server will never take is not asked for ever
        if (answer.ok || answer.status === 404 || answer.status === 422) {
          this.#waiting = this.#waiting.filter((m) => m.id !== first.id);
          this.#keep();
          this.#send();
        } else this.#later();
      },
      () => this.#later(),
    );
  }
  #later(): void {
    this.#timer = setTimeout(() => this.#send(), AGAIN);
  }
}

const keyOf = (c: { lesson: string; key: string }) => `${c.lesson} ${c.key}`;
