// A timetable played as a lesson goes: nobody knows what comes, hands are slower or quicker than planned, and each waits for what he needs.
import { TICK } from './model';
import { chances } from './search';
import { ADULT, DOES, NEARBY, NONE, REACH, type Need, type Piece, type Problem } from './problem';
import { seen } from './decode';
import type { Places } from './decode';

/** How much a learner's day, a class's day and one block differ from what was planned: parts up and down, each evenly spread (common practice). */
const SPREAD = { learner: 0.25, class: 0.2, block: 0.3 };

/** In how many of so many drawn lessons everything is done by the bell, and when the middle one and the late tenth end, in minutes. */
export type Chance = { draws: number; met: number; middle: number; late: number };

export function playMany(p: Problem, plan: Places, draws = 200, seed = p.setup.seed): Chance {
  const draw = chances(seed ^ 0x5bd1);
  for (let i = 0; i < 8; i++) draw();
  const ends: number[] = [];
  for (let i = 0; i < draws; i++) ends.push(playOnce(p, plan, draw));
  ends.sort((a, b) => a - b);
  const at = (part: number) => ends[Math.min(draws - 1, Math.floor(draws * part))]! * TICK;
  return { draws, met: ends.filter((end) => end * TICK <= p.setup.bell).length, middle: at(0.5), late: at(0.9) };
}

/** What is in use now. */
class Now {
  readonly busy: boolean[];
  readonly used: number[];
  readonly heat: number[];
  readonly users: number[];
  readonly reach: number[];
  does = 0;
  near = 0;
  constructor(readonly p: Problem) {
    this.busy = p.there.map(() => false);
    this.used = p.things.map(() => 0);
    this.heat = p.things.map(() => 0);
    this.users = p.things.map(() => 0);
    this.reach = new Array<number>(p.stations).fill(0);
  }
  private hasThings(needs: readonly Need[]): boolean {
    return needs.every(
      (n) =>
        this.used[n.thing]! + n.units <= this.p.caps[n.thing]! &&
        (n.heat === 0 || this.heat[n.thing] === 0 || this.heat[n.thing] === n.heat),
    );
  }
  canBegin(piece: Piece, people: readonly number[], holds: readonly Need[], adults: number): boolean {
    if (piece.held && people.some((w) => this.busy[w])) return false;
    if (!this.hasThings(piece.needs) || !this.hasThings(holds)) return false;
    if (piece.attention === NONE) return true;
    let bound = this.does + (piece.attention === DOES ? 1 : 0);
    this.reach.forEach((n, s) => (bound += Math.ceil((n + (piece.attention === REACH && s === piece.station ? 1 : 0)) / 2)));
    return bound <= adults && this.near + (piece.attention === NEARBY ? 1 : 0) <= seen(adults, bound);
  }
  use(needs: readonly Need[], by: 1 | -1): void {
    for (const n of needs) {
      this.used[n.thing]! += by * n.units;
      if (n.heat === 0) continue;
      this.users[n.thing]! += by;
      this.heat[n.thing] = this.users[n.thing]! > 0 ? n.heat : 0;
    }
  }
  piece(piece: Piece, people: readonly number[], by: 1 | -1): void {
    if (piece.held) for (const w of people) this.busy[w] = by === 1;
    this.use(piece.needs, by);
    if (piece.attention === NEARBY) this.near += by;
    else if (piece.attention === DOES) this.does += by;
    else if (piece.attention === REACH) this.reach[piece.station]! += by;
  }
}

type Going = { block: number; piece: number; left: number; waits: boolean };

/** One lesson, half minute by half minute. What runs already goes before what has not begun; each does his own blocks in their order. @returns its end in ticks */
function playOnce(p: Problem, plan: Places, draw: () => number): number {
  const around = (spread: number) => 1 + (draw() * 2 - 1) * spread;
  const classDay = around(SPREAD.class);
  const days = p.there.map(() => around(SPREAD.learner));
  const n = p.blocks.length;
  const own = Float64Array.from({ length: n }, () => around(SPREAD.block));
  const peopleOf = (i: number) => p.crew[i] ?? (plan.who[i] === ADULT ? [] : [plan.who[i]!]);
  const runOf = (i: number) => p.runs[i]![p.crew[i] ? 0 : plan.who[i]! + 1]!;
  // what a clock or the heat says is no longer on a slow day
  const lenOf = (i: number, k: number) => {
    const s = p.blocks[i]!.segments[k]!;
    const len = runOf(i).pieces[k]!.len;
    const hand = Object.keys(s.hand).length === 0 ? 0 : Math.max(0, len - s.timed / TICK);
    const day = peopleOf(i).length === 0 ? 1 : Math.max(...peopleOf(i).map((w) => days[w]!));
    return Math.max(1, Math.round(len - hand + hand * day * classDay * own[i]!));
  };
  const order = Array.from({ length: n }, (_, i) => i).sort((a, b) => plan.start[a]! - plan.start[b]! || a - b);
  const lists = p.there.map((_, w) => order.filter((i) => peopleOf(i).includes(w)));
  const at = p.there.map(() => 0);
  const open = p.after.map((list) => list.length);
  const begun = new Uint8Array(n);
  const now = new Now(p);
  const going: Going[] = [];
  let left = n;
  let t = 0;
  const begin = (g: Going): boolean => {
    const run = runOf(g.block);
    const piece = run.pieces[g.piece]!;
    if (!now.canBegin(piece, peopleOf(g.block), g.piece === 0 && g.waits ? run.holds : [], p.adults[t]!)) return false;
    if (g.piece === 0) now.use(run.holds, 1);
    now.piece(piece, peopleOf(g.block), 1);
    g.left = lenOf(g.block, g.piece);
    g.waits = false;
    return true;
  };
  for (; left > 0 && t < p.horizon; t++) {
    for (let k = going.length - 1; k >= 0; k--) {
      const g = going[k]!;
      if (g.waits || --g.left > 0) continue;
      const run = runOf(g.block);
      now.piece(run.pieces[g.piece]!, peopleOf(g.block), -1);
      g.piece++;
      g.waits = true;
      if (g.piece < run.pieces.length) continue;
      now.use(run.holds, -1);
      going.splice(k, 1);
      left--;
      for (const next of p.next[g.block]!) open[next]!--;
    }
    for (const g of going) if (g.waits) begin(g);
    for (const i of order) {
      if (begun[i] || open[i]! > 0) continue;
      const people = peopleOf(i);
      if (people.some((w) => lists[w]![at[w]!] !== i || t < p.there[w]![0])) continue;
      const g: Going = { block: i, piece: 0, left: 0, waits: true };
      if (!begin(g)) continue;
      begun[i] = 1;
      going.push(g);
      for (const w of people) at[w]!++;
    }
  }
  return t - 1;
}
