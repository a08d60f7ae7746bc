// Waits of a lesson: each step that waits has a timer from the record before it, so every device shows the same one, after a reload too. Others are set by hand.
import { SvelteMap } from 'svelte/reactivity';
import type { Room } from './room.svelte';

export type Timer = {
  id: string;
  /** Whose, or which pot. */
  name: string;
  what: string;
  /** By this device's clock, in milliseconds. */
  endsAt: number;
  minutes: number;
};

type Change = { extra: number; stopped: boolean; rung: boolean };
type Kept = { changes: [string, Change][]; own: Timer[] };
const NONE: Change = { extra: 0, stopped: false, rung: false };
/** A longer wait goes on without the class: no timer of a lesson counts the night. In minutes. */
const LONGEST = 240;
/** What ran out longer ago than this is not rung for any more: the page was closed meanwhile. In milliseconds. */
const STALE = 10 * 60_000;

export class Timers {
  now = $state(Date.now());
  #changes = new SvelteMap<string, Change>();
  #own = $state.raw<Timer[]>([]);
  #store: string;

  constructor(
    private room: Room,
    lessonId: string,
    private ring: (timer: Timer) => void,
  ) {
    this.#store = `yr-timers ${lessonId}`;
  }

  /** Runs until the returned function is called. */
  start(): () => void {
    try {
      const kept = JSON.parse(localStorage.getItem(this.#store) ?? 'null') as Kept | null;
      for (const [id, change] of kept?.changes ?? []) this.#changes.set(id, change);
      this.#own = kept?.own ?? [];
    } catch {
      // timers of steps are worked out from the records; those set by hand are gone with the store
    }
    const tick = setInterval(() => this.#tick(), 250);
    return () => clearInterval(tick);
  }

  #tick(): void {
    this.now = Date.now();
    for (const timer of this.running)
      if (timer.endsAt <= this.now && !this.#change(timer.id).rung) {
        this.#set(timer.id, { rung: true });
        if (this.now - timer.endsAt < STALE) this.ring(timer);
      }
  }

  #change(id: string): Change {
    return this.#changes.get(id) ?? NONE;
  }
  #set(id: string, change: Partial<Change>): void {
    this.#changes.set(id, { ...this.#change(id), ...change });
    this.#write();
  }
  #write(): void {
    try {
      localStorage.setItem(this.#store, JSON.stringify({ changes: [...this.#changes], own: this.#own } satisfies Kept));
    } catch {
      // see start()
    }
  }

  /** All that run or have run out and nobody has stopped, the one that ends first before the others. */
  running = $derived.by((): Timer[] => {
    const steps = this.room.lines.flatMap((line): Timer[] => {
      const { card, cameAt } = line;
      if (!card || card.wait <= 0 || card.wait > LONGEST || line.held || cameAt === null || line.presence === 'absent') return [];
      const endsAt = cameAt - this.room.ahead + card.wait * 60_000;
      return [{ id: `${card.lesson} ${card.key} ${line.person.id}`, name: line.person.name, what: line.text, endsAt, minutes: card.wait }];
    });
    return [...steps, ...this.#own]
      .filter((t) => !this.#change(t.id).stopped)
      .map((t) => ({ ...t, endsAt: t.endsAt + this.#change(t.id).extra * 60_000 }))
      .sort((a, b) => a.endsAt - b.endsAt);
  });

  of(learnerName: string): Timer | null {
    return this.running.find((t) => t.name === learnerName) ?? null;
  }
  add(name: string, minutes: number): void {
    const id = `own ${Date.now()}`;
    this.#own = [...this.#own, { id, name, what: '', endsAt: Date.now() + minutes * 60_000, minutes }];
    this.#write();
  }
  longer(id: string): void {
    const timer = this.running.find((t) => t.id === id);
    if (!timer) return;
    // one that ran out gets its minute from now
    const late = Math.max(0, this.now - timer.endsAt) / 60_000;
    this.#set(id, { extra: this.#change(id).extra + 1 + late, rung: false });
  }
  stop(id: string): void {
    this.#set(id, { stopped: true });
    this.#own = this.#own.filter((t) => t.id !== id);
    this.#write();
  }
}

/** "4:05" left, or "0:30 over". */
export function leftOf(timer: Timer, now: number): { text: string; over: boolean } {
  const left = Math.ceil((timer.endsAt - now) / 1000);
  const s = Math.abs(left);
  return { text: `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`, over: left <= 0 };
}

/** Three short tones, and the device shakes, where it can. */
export function ringOut(): void {
  navigator.vibrate?.([300, 150, 300, 150, 300]);
  try {
    const audio = new AudioContext();
    for (const at of [0, 0.4, 0.8]) {
      const [tone, loud] = [audio.createOscillator(), audio.createGain()];
      tone.frequency.value = 880;
      loud.gain.setValueAtTime(0.2, audio.currentTime + at);
      loud.gain.exponentialRampToValueAtTime(0.001, audio.currentTime + at + 0.3);
      tone.connect(loud).connect(audio.destination);
      tone.start(audio.currentTime + at);
      tone.stop(audio.currentTime + at + 0.3);
    }
    setTimeout(() => void audio.close(), 2000);
  } catch {
    // a device without sound still shows and shakes
  }
}
