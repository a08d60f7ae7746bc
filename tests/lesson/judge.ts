// A lesson as an integer program for a general solver, from its blocks and people alone: when each begins, with whom. It shares no code with the search.
import type { Highs } from 'highs';
import type { Setup } from '../../src/core/index';

type Way = {
  who: string | null;
  len: number;
  pieces: {
    at: number;
    len: number;
    held: boolean;
    reach: string | null;
    does: boolean;
    near: boolean;
    needs: Map<string, number>;
    heats: [string, number][];
  }[];
};

const PLACES = ['hob', 'oven', 'sink', 'store'];

function waysOf(setup: Setup, b: Setup['blocks'][number]): Way[] {
  const of = (who: string | null, pace: Readonly<Record<string, number>> | null): Way => {
    let owed = 0;
    let at = 0;
    const seat = setup.learners.findIndex((l) => l.id === who);
    const pieces = b.segments.map((s) => {
      let minutes = s.timed;
      for (const [work, hand] of Object.entries(s.hand)) minutes += hand * (pace ? pace[work] : 1);
      const len = Math.max(1, Math.round((minutes + owed) * 2));
      owed += minutes - len / 2;
      const adult = s.held && !b.crew && (who === null || s.adultFor.includes(who));
      const needs = new Map<string, number>();
      const list = s.own.find((o) => o.learner === who)?.needs ?? s.needs;
      for (const n of [...list, ...b.holds]) needs.set(n.thing, (needs.get(n.thing) ?? 0) + n.units);
      const piece = {
        at,
        len,
        held: s.held,
        does: adult || s.attention === 'adult-does',
        reach: !adult && s.attention === 'within-reach' ? (PLACES.includes(s.station) ? s.station : `table${Math.floor(seat / 2)}`) : null,
        near: !adult && s.attention === 'nearby',
        needs,
        heats: [...list, ...b.holds].flatMap((n): [string, number][] => (n.heat ? [[n.thing, n.heat]] : [])),
      };
      at += len;
      return piece;
    });
    return { who, len: at, pieces };
  };
  if (b.crew) {
    const all = setup.learners.filter((l) => b.crew!.includes(l.id)).map((l) => of(l.id, l.pace));
    return [{ ...all.reduce((x, y) => (y.len > x.len ? y : x)), who: 'crew' }];
  }
  if (b.may.length === 0) return [of(null, null)];
  return setup.learners.filter((l) => b.may.includes(l.id)).map((l) => of(l.id, l.pace));
}

/** The shortest end, proved, in half minutes; null where the solver had not enough time. Everybody is there all the time; one heat an oven. */
export function shortest(
  highs: Highs,
  setup: Setup,
  horizon: number,
  capOf: (thing: string) => number,
  seconds: number,
): { best: number | null; bound: number } {
  const ways = new Map(setup.blocks.map((b) => [b.id, waysOf(setup, b)]));
  const number = new Map(setup.blocks.map((b, i) => [b.id, i]));
  const least = new Map(setup.blocks.map((b) => [b.id, Math.min(...ways.get(b.id)!.map((w) => w.len))]));
  const head = new Map<string, number>();
  const headOf = (id: string): number => {
    if (!head.has(id)) head.set(id, Math.max(0, ...setup.blocks.find((b) => b.id === id)!.after.map((a) => headOf(a) + least.get(a)!)));
    return head.get(id)!;
  };
  const tail = new Map<string, number>();
  const tailOf = (id: string): number => {
    if (!tail.has(id))
      tail.set(id, Math.max(0, ...setup.blocks.filter((b) => b.after.includes(id)).map((b) => tailOf(b.id) + least.get(b.id)!)));
    return tail.get(id)!;
  };
  const name = (b: string, w: number, t: number) => `x${number.get(b)}_${w}_${t}`;
  const starts = new Map<string, [number, number]>();
  const lines: string[] = [];
  const names: string[] = [];
  const tick: Map<string, string[]>[] = Array.from({ length: horizon }, () => new Map());
  const note = (u: number, key: string, term: string) => tick[u].set(key, [...(tick[u].get(key) ?? []), term]);
  for (const b of setup.blocks) {
    const all: string[] = [];
    ways.get(b.id)!.forEach((way, w) => {
      const [from, to] = [headOf(b.id), horizon - tailOf(b.id) - way.len];
      starts.set(`${b.id} ${w}`, [from, to]);
      for (let t = from; t <= to; t++) {
        const x = name(b.id, w, t);
        names.push(x);
        all.push(x);
        for (const s of way.pieces)
          for (let u = t + s.at; u < t + s.at + s.len; u++) {
            if (s.held) for (const who of way.who === 'crew' ? b.crew! : way.who ? [way.who] : []) note(u, `p ${who}`, x);
            for (const [thing, n] of s.needs) if (n > 0) note(u, `t ${thing}`, `${n} ${x}`);
            if (s.does) note(u, 'does', x);
            if (s.reach) note(u, `r ${s.reach}`, x);
            if (s.near) note(u, 'near', x);
          }
      }
    });
    if (all.length === 0) return { best: null, bound: 0 };
    lines.push(`${all.join(' + ')} = 1`);
    // the end comes after it
    const ends = ways
      .get(b.id)!
      .flatMap((way, w) => range(starts.get(`${b.id} ${w}`)!).map((t) => `${t + way.len + tailOf(b.id)} ${name(b.id, w, t)}`));
    lines.push(`finish - ${ends.join(' - ')} >= 0`);
  }
  const begun = (b: string, before: number, who?: string) =>
    ways
      .get(b)!
      .flatMap((way, w) =>
        who && way.who !== who ? [] : range(starts.get(`${b} ${w}`)!).flatMap((t) => (t <= before ? [name(b, w, t)] : [])),
      );
  const done = (b: string, by: number) =>
    ways.get(b)!.flatMap((way, w) => range(starts.get(`${b} ${w}`)!).flatMap((t) => (t + way.len <= by ? [name(b, w, t)] : [])));
  const follows = (b: string, a: string, who?: string) => {
    for (let t = 0; t < horizon; t++) {
      const left = begun(b, t, who);
      const right = done(a, t);
      if (left.length === 0) continue;
      if (right.length === ways.get(a)!.reduce((n, _, w) => n + range(starts.get(`${a} ${w}`)!).length, 0)) break;
      lines.push(`${left.join(' + ')}${right.length ? ` - ${right.join(' - ')}` : ''} <= 0`);
    }
  };
  for (const b of setup.blocks) {
    for (const a of b.after) follows(b.id, a);
    for (const l of setup.learners) {
      const own = setup.blocks.find((x) => x.kind === 'ready' && x.may[0] === l.id);
      if (own && own !== b && (b.crew?.includes(l.id) || b.may.includes(l.id))) follows(b.id, own.id, b.crew ? undefined : l.id);
    }
  }
  const ints: string[] = [];
  tick.forEach((row, u) => {
    const bound: string[] = [];
    for (const [key, terms] of row) {
      if (key.startsWith('p ')) lines.push(`${terms.join(' + ')} <= 1`);
      if (key.startsWith('t ')) lines.push(`${terms.join(' + ')} <= ${capOf(key.slice(2))}`);
      if (key.startsWith('r ')) {
        const y = `y${u}_${key.slice(2)}`;
        ints.push(y);
        bound.push(y);
        lines.push(`${terms.join(' + ')} - 2 ${y} <= 0`);
      }
    }
    const does = row.get('does') ?? [];
    const all = [...does, ...bound];
    if (all.length > 0) lines.push(`${all.join(' + ')} <= ${setup.adults.length}`);
    const near = row.get('near') ?? [];
    const eyes = [...near, ...all.map((x) => `3 ${x}`)];
    if (near.length > 0) lines.push(`${eyes.join(' + ')} <= ${4 * setup.adults.length}`);
  });
  const lp = `Minimize\n obj: finish\nSubject To\n${lines.map((l, i) => ` c${i}: ${wrapped(l)}`).join('\n')}\nBounds\n${ints.map((y) => ` 0 <= ${y} <= 99`).join('\n')}\nGeneral\n ${wrapped(ints.join(' '))}\nBinary\n ${wrapped(names.join(' '))}\nEnd`;
  const result = highs.solve(lp, { time_limit: seconds, mip_rel_gap: 0, output_flag: false });
  return { best: result.Status === 'Optimal' ? Math.round(result.ObjectiveValue) : null, bound: result.ObjectiveValue };
}

const range = ([from, to]: readonly [number, number]) => Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => from + i);
const wrapped = (line: string) => line.replace(/((?:\S+ ){40})/g, '$1\n  ');
