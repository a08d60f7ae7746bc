// A lesson run backwards: everything as late as may be, with the hands that it has. In the order of those starts, put in their places forward again, blocks
// close up (forward-backward improvement; Li and Willis 1992, An iterative scheduling technique for resource-constrained project scheduling; from memory).
import { ADULT, type Problem, type Run } from './problem';
import { decode, Room, type Places } from './decode';

const backwards = (run: Run | null): Run | null =>
  run && { ...run, pieces: run.pieces.map((s) => ({ ...s, at: run.len - s.at - s.len })).reverse() };

/** Runs the timetables of one lesson backwards. */
export class Mirror {
  private readonly flat: Problem;
  private readonly room: Room;
  /** The block of each learner's hands and apron: backwards, it comes after all that is his. */
  private readonly readyOf: readonly number[];

  constructor(private readonly p: Problem) {
    this.readyOf = p.there.map((_, who) => p.readies.indexOf(who));
    this.flat = {
      ...p,
      runs: p.runs.map((row) => row.map(backwards)),
      readies: p.readies.map(() => -1),
      adults: new Uint8Array(p.horizon),
      locks: new Map(),
    };
    this.room = new Room(this.flat);
  }

  /**
   * For each block the latest tick at which it would begin if nothing after it ended later, nobody doing what another did.
   * @param shake ticks that the order is shaken by, a draw for each block
   * @returns null where somebody cannot do backwards what he did forward
   */
  latest({ end, who, finish }: Places, shake: () => number): Float64Array | null {
    const { p, flat } = this;
    const after = [...p.next];
    const next = [...p.after];
    const his = p.there.map((): number[] => []);
    for (let i = 0; i < p.blocks.length; i++)
      for (const one of p.crew[i] ?? (who[i] === ADULT ? [] : [who[i]!])) {
        const ready = this.readyOf[one]!;
        if (ready < 0 || ready === i) continue;
        his[one]!.push(i);
        next[i] = [...next[i]!, ready];
      }
    this.readyOf.forEach((ready, one) => {
      if (ready >= 0) after[ready] = [...p.next[ready]!, ...his[one]!];
    });
    flat.adults.fill(p.adults[0]!);
    for (let u = 0; u < finish; u++) flat.adults[u] = p.adults[finish - 1 - u]!;
    const there = p.there.map(([from, to]) => [Math.max(0, finish - to), from > 0 ? finish - from : p.horizon] as const);
    const priority = Float64Array.from(end, (t) => finish - t + shake());
    const back = decode({ ...flat, after, next, there }, { priority, who }, this.room);
    if (!back || back.who.some((one, i) => one !== who[i] && !p.crew[i])) return null;
    return Float64Array.from(back.end, (t) => back.finish - t);
  }
}
