// Where each adult has to be, and when: found after planning, with as few moves as can be.
import { TICK } from './model';
import { ADULT, DOES, REACH, type Problem } from './problem';
import type { Places } from './decode';

/** A time of one adult at one place. `does`: blocks that he does himself; `with`: learners at whose elbow he stands. Minutes. */
export type Stint = { adult: string; from: number; to: number; station: string; does: string[]; with: string[] };

type Call = { key: string; station: string; block: number; who: number; does: boolean };

/** Calls for an adult at each tick: a block that he does, or a place with one or two learners at it. */
function callsAt(p: Problem, places: Places): Call[][] {
  const rows: Call[][] = Array.from({ length: places.finish }, () => []);
  p.blocks.forEach((b, block) => {
    const who = places.who[block]!;
    const run = p.runs[block]![p.crew[block] ? 0 : who + 1]!;
    run.pieces.forEach((piece, k) => {
      if (piece.attention < REACH) return;
      const does = piece.attention === DOES;
      const station = b.segments[k]!.station;
      const key = does ? `does ${block}` : `at ${piece.station}`;
      for (let u = places.start[block]! + piece.at; u < places.start[block]! + piece.at + piece.len; u++)
        rows[u]!.push({ key, station, block, who, does });
    });
  });
  return rows;
}

/** Calls that one adult can answer: one that he does, or one or two learners at a place. A third there takes a second adult. */
function postsOf(calls: readonly Call[]): Map<string, Call[]> {
  const posts = new Map<string, Call[]>();
  for (const c of calls) {
    let n = 0;
    while (!c.does && (posts.get(`${c.key} ${n}`)?.length ?? 0) >= 2) n++;
    const name = `${c.key} ${n}`;
    posts.set(name, [...(posts.get(name) ?? []), c]);
  }
  return posts;
}

type Adult = { id: string; from: number; to: number; post: string | null; last: string | null; stint: Stint | null };

/** Who of the adults goes where. Whoever stands somewhere stays as long as he is wanted there; who was there last goes back. */
export function stintsOf(p: Problem, places: Places): Stint[] {
  const { bell, learners } = p.setup;
  const all = p.setup.adults.map((a): Adult => ({ ...a, to: a.to >= bell ? Infinity : a.to, post: null, last: null, stint: null }));
  const stints: Stint[] = [];
  callsAt(p, places).forEach((calls, u) => {
    const now = u * TICK;
    const posts = postsOf(calls);
    const here = all.filter((a) => a.from <= now && now < a.to);
    const stays = new Map(all.map((a) => [a, here.includes(a) && a.post !== null && posts.has(a.post) ? a.post : null]));
    const open = [...posts.keys()].filter((name) => ![...stays.values()].includes(name));
    const idle = here.filter((a) => stays.get(a) === null);
    for (const name of open) {
      const a = idle.find((x) => x.last === name) ?? idle[0];
      if (!a) continue;
      idle.splice(idle.indexOf(a), 1);
      stays.set(a, name);
    }
    for (const a of all) {
      const post = stays.get(a) ?? null;
      if (post !== a.post || post === null) a.stint = null;
      a.post = post;
      if (post === null) continue;
      a.last = post;
      const own = posts.get(post)!;
      if (a.stint === null) {
        a.stint = { adult: a.id, from: now, to: now, station: own[0]!.station, does: [], with: [] };
        stints.push(a.stint);
      }
      a.stint.to = now + TICK;
      for (const c of own) {
        if (c.does) put(a.stint.does, p.blocks[c.block]!.id);
        if (c.who !== ADULT) put(a.stint.with, learners[c.who]!.id);
      }
    }
  });
  return stints;
}

function put(list: string[], one: string): void {
  if (!list.includes(one)) list.push(one);
}
