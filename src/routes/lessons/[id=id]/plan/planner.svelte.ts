// The plan on the page: what the teacher set, what the worker made of it, and every change taken back in its turn.
import type { Bound, LessonInput, PlanView, Standing, Timetable } from '$core';
import { labelOf } from './say-plan';
import type { Answer, Ask, PulledLever } from './plan.worker';

/** What a teacher can change; each change is one step back. */
export type Made = Pick<LessonInput, 'locks' | 'margin' | 'counts' | 'seed'> & {
  /** By dish: steps that are done before the lesson. */
  before: ReadonlyMap<string, readonly string[]>;
  hours: ReadonlyMap<string, { from: number; to: number }>;
  teams: ReadonlyMap<string, string[][]>;
};

export class Planner {
  made: Made;
  view: PlanView | null = $state.raw(null);
  /** Why there is no plan at all. */
  none: Bound | null = $state.raw(null);
  levers: PulledLever[] | null = $state.raw(null);
  busy = $state(true);
  #past: Made[] = $state.raw([]);
  #worker: Worker | null = null;
  #n = 0;
  #isAsked = false;
  #waiting: (() => void)[] = [];

  /**
   * @param running a lesson that has begun: the plan that it goes by, and how it stands now; null before it
   * @param onchange called at once when the teacher changed something
   * @param onplan called when all is worked out, also that there is no plan
   */
  constructor(
    private base: LessonInput,
    private running: { plan: Timetable; standing: () => Standing } | null,
    private onchange: () => void,
    private onplan: () => void,
  ) {
    this.made = $state.raw(madeOf(base));
  }

  get canUndo(): boolean {
    return this.#past.length > 0;
  }

  start(): () => void {
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- an address that stays what it is, as the bundler has to see it
    this.#worker = new Worker(new URL('./plan.worker.ts', import.meta.url), { type: 'module' });
    this.#worker.onmessage = ({ data }: MessageEvent<Answer>) => this.#take(data);
    this.#ask(null);
    return () => this.#worker?.terminate();
  }

  /** Changes something. `keep`: what stands stays, but for what has to give way. */
  change(made: Partial<Made>, keep = true): void {
    this.#past = [...this.#past, this.made];
    this.made = { ...this.made, ...made };
    this.onchange();
    this.#ask(keep ? this.view : null);
  }
  undo(): void {
    const last = this.#past.at(-1);
    if (!last) return;
    this.#past = this.#past.slice(0, -1);
    this.made = last;
    this.onchange();
    this.#ask(null);
  }
  /** Until what was changed last is worked out. */
  async settled(): Promise<void> {
    if (this.#isAsked) await new Promise<void>((done) => this.#waiting.push(done));
  }
  /** Another plan for the same lesson; what was set stays. */
  again(): void {
    this.change({ seed: this.made.seed + 1 }, false);
  }

  /** The lesson as it is set now. */
  get input(): LessonInput {
    const { locks, margin, counts, seed, before, hours, teams } = this.made;
    const at = <T extends { id: string; from: number; to: number }>(p: T): T => ({ ...p, ...hours.get(p.id) });
    return {
      ...this.base,
      locks,
      margin,
      counts,
      seed,
      learners: this.base.learners.map(at),
      adults: this.base.adults.map(at),
      // eslint-disable-next-line svelte/prefer-svelte-reactivity -- made anew for each question
      dishes: this.base.dishes.map((d) => ({ ...d, teams: teams.get(d.id) ?? d.teams, before: new Set(before.get(d.id)) })),
    };
  }

  #ask(keep: PlanView | null): void {
    this.busy = true;
    this.levers = null;
    this.#isAsked = true;
    const ask: Ask = {
      n: ++this.#n,
      input: this.input,
      keep: keep?.table ?? this.running?.plan ?? null,
      standing: this.running?.standing() ?? null,
    };
    this.#worker?.postMessage(ask);
  }
  #take(answer: Answer): void {
    if (answer.n !== this.#n) return;
    if ('levers' in answer) {
      this.levers = answer.levers;
      this.busy = false;
      return;
    }
    if ('none' in answer) {
      [this.view, this.none, this.busy] = [null, answer.none, false];
      return this.#out();
    }
    [this.view, this.none] = [answer.view, null];
    if (answer.better) this.#out();
  }
  #out(): void {
    this.#isAsked = false;
    this.onplan();
    for (const done of this.#waiting.splice(0)) done();
  }
}

function madeOf({ locks, margin, counts, seed, dishes, learners, adults }: LessonInput): Made {
  return {
    locks,
    margin,
    counts,
    seed,
    before: new Map(dishes.map((d) => [d.id, [...d.before]])),
    hours: new Map([...learners, ...adults].map(({ id, from, to }) => [id, { from, to }])),
    teams: new Map(dishes.map((d) => [d.id, d.teams.map((t) => [...t])])),
  };
}

/** The plan as it is kept. */
export function planDoc({ made, view }: Planner, used: boolean) {
  return {
    used,
    seed: made.seed,
    margin: Math.round(made.margin * 2) / 2,
    locks: made.locks,
    before: [...made.before].map(([dish, keys]) => ({ dish, keys })),
    hours: [...made.hours].map(([id, h]) => ({ id, ...h })),
    teams: [...made.teams].flatMap(([dish, teams]) => teams.map((learners) => ({ dish, learners }))),
    counts: [...made.counts].map(([thing, count]) => ({ thing, count })),
    placed: (view?.blocks ?? []).map((b) => ({
      block: b.block,
      start: b.start,
      end: b.end,
      who: b.who,
      title: labelOf(b),
      steps: b.steps.map((s) => `${s.dish} ${s.key}`),
    })),
    stints: (view?.stints ?? []).map(({ adult, from, to, station, with: there }) => ({ adult, from, to, station, with: there })),
  };
}
