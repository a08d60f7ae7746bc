// A second program that checks a timetable, from the blocks and the people alone, minute by half minute; it shares no code with what makes one.
import type { Placed, Setup, Timetable } from '../../src/core/index';

const PLACES = ['hob', 'oven', 'sink', 'store'];

/** Every hard rule that a timetable breaks, in words. */
export function broken(setup: Setup, table: Timetable, capOf: (thing: string) => number): string[] {
  const faults: string[] = [];
  const at = new Map(table.placed.map((p) => [p.block, p]));
  const learner = new Map(setup.learners.map((l) => [l.id, l]));
  const slots = Math.max(...table.placed.map((p) => Math.round(p.end * 2)), 0) + 1;
  const busy = new Map(setup.learners.map((l) => [l.id, new Array<string | null>(slots).fill(null)]));
  const used = new Map<string, number[]>();
  const heats = new Map<string, Set<number>[]>();
  const reach = new Map<string, number[]>();
  const does = new Array<number>(slots).fill(0);
  const near = new Array<number>(slots).fill(0);
  const row = <T>(map: Map<string, T[]>, key: string, fill: () => T) =>
    map.get(key) ?? map.set(key, Array.from({ length: slots }, fill)).get(key)!;
  for (const b of setup.blocks) {
    const p = at.get(b.id);
    if (!p) {
      faults.push(`${b.id}: has no place`);
      continue;
    }
    for (const id of b.after) if ((at.get(id)?.end ?? Infinity) > p.start + 1e-9) faults.push(`${b.id}: before ${id} is done`);
    faults.push(...wrongHands(b, p, setup));
    const people = p.who.map((id) => learner.get(id)!);
    const slowest = b.crew ? people : people.slice(0, 1);
    let slot = Math.round(p.start * 2);
    const from = slot;
    for (const [k, s] of b.segments.entries()) {
      const len = lengths(b.segments, slowest)[k];
      for (let u = slot; u < slot + len; u++) {
        if (s.held)
          for (const l of people) {
            const own = busy.get(l.id)!;
            if (own[u]) faults.push(`${l.id}: ${b.id} and ${own[u]} at ${u / 2}`);
            own[u] = b.id;
            if (u / 2 < l.from - 1e-9 || (l.to < setup.bell && u / 2 >= l.to)) faults.push(`${l.id}: ${b.id} while away`);
          }
        const one = people.length === 1 ? people[0] : null;
        const needs = (one && !b.crew ? s.own.find((o) => o.learner === one.id)?.needs : undefined) ?? s.needs;
        for (const n of needs) row(used, n.thing, () => 0)[u] += n.units;
        for (const n of needs) if (n.heat) row(heats, n.thing, () => new Set<number>())[u].add(n.heat);
        const adult = s.held && !b.crew && (one === null || s.adultFor.includes(one.id));
        if (adult || s.attention === 'adult-does') does[u]++;
        else if (s.attention === 'within-reach') row(reach, stationOf(s.station, b, people[0]?.id, setup), () => 0)[u]++;
        else if (s.attention === 'nearby') near[u]++;
      }
      slot += len;
    }
    if (Math.abs(slot / 2 - p.end) > 1e-9) faults.push(`${b.id}: takes ${(slot - from) / 2}, not ${p.end - p.start}`);
    for (const h of b.holds)
      for (let u = from; u < slot; u++) {
        row(used, h.thing, () => 0)[u] += h.units;
        if (h.heat) row(heats, h.thing, () => new Set<number>())[u].add(h.heat);
      }
    if (b.kind !== 'ready')
      for (const id of p.who) {
        const own = setup.blocks.find((x) => x.kind === 'ready' && x.may[0] === id);
        if (own && (at.get(own.id)?.end ?? 0) > p.start + 1e-9) faults.push(`${b.id}: ${id} has not washed`);
      }
  }
  for (const [thing, list] of used) list.forEach((n, u) => n > capOf(thing) && faults.push(`${thing}: ${n} at ${u / 2}`));
  for (const [thing, list] of heats) list.forEach((set, u) => set.size > 1 && faults.push(`${thing}: two heats at ${u / 2}`));
  for (let u = 0; u < slots; u++) {
    const there = setup.adults.filter((a) => a.from <= u / 2 && (a.to >= setup.bell || u / 2 < a.to)).length;
    let bound = does[u];
    for (const list of reach.values()) bound += Math.ceil(list[u] / 2);
    if (bound > there) faults.push(`adults: ${bound} of ${there} at ${u / 2}`);
    // one who is at somebody's elbow still sees one other; one who is not sees four
    if (near[u] > 4 * (there - bound) + bound) faults.push(`in sight: ${near[u]} at ${u / 2}`);
  }
  return faults;
}

function wrongHands(b: Setup['blocks'][number], p: Placed, { learners, bell }: Setup): string[] {
  const stays = (id: string) => learners.some((l) => l.id === id && l.to >= bell);
  if (b.crew) return b.crew.filter(stays).every((id) => p.who.includes(id)) ? [] : [`${b.id}: not all are there`];
  if (p.who.length > 1) return [`${b.id}: ${p.who.length} hands`];
  return p.who.length === 1 && !b.may.includes(p.who[0]) ? [`${b.id}: ${p.who[0]} may not`] : [];
}

/** Half minutes of each piece at somebody's pace; what is rounded off one is made up by the next. The slowest of several counts. */
function lengths(segments: Setup['blocks'][number]['segments'], people: readonly Setup['learners'][number][]): number[] {
  const of = (pace: Readonly<Record<string, number>> | null) => {
    let owed = 0;
    return segments.map((s) => {
      let minutes = s.timed;
      for (const [work, hand] of Object.entries(s.hand)) minutes += hand * (pace ? pace[work] : 1);
      const n = Math.max(1, Math.round((minutes + owed) * 2));
      owed += minutes - n / 2;
      return n;
    });
  };
  if (people.length === 0) return of(null);
  const all = people.map((l) => of(l.pace));
  const sum = (list: number[]) => list.reduce((x, y) => x + y, 0);
  return all.reduce((best, list) => (sum(list) > sum(best) ? list : best));
}

/** Two learners at one place may share an adult: the hob, the oven, the sink, the store, or the table of two. */
function stationOf(station: string, b: Setup['blocks'][number], who: string | undefined, setup: Setup): string {
  if (PLACES.includes(station)) return station;
  const n = setup.learners.findIndex((l) => l.id === who);
  return n < 0 ? 'adults table' : `table ${Math.floor(n / 2)}`;
}
