// Fit as a program for a general solver, made from raw steps and raw entries: no classes of steps, no closed sets, none of the search's own code.
import {
  ADAPTATIONS,
  demandsOf,
  whereIs,
  type Adaptation,
  type Asked,
  type Kitchen,
  type Learner,
  type Step,
  type TaskAnalysis,
} from '../../src/core/index';
import { needOf } from '../../src/core/fit/meet';
import { isFor } from '../../src/core/fit/problem';
import { loadsOf } from '../../src/core/fit/loads';
import { isNear } from '../../src/core/fit/near';

type Term = [number, string];
type Row = { terms: Term[]; least: number };
export type Program = { levels: Term[][]; rows: Row[]; binaries: Set<string> };

const sizeOf = (a: Asked) => (a.much ? 2 : 1);
const blocks = (learner: Learner, a: Asked, size: number) => {
  const how = needOf(learner, a);
  return size > 0 && how !== null && (how !== 'limited' || size === 2);
};
const leaves = (w: Adaptation, a: Asked): number =>
  Math.min(
    sizeOf(a),
    ...w.takes
      .filter((t) => t.demand === a.demand && (t.of === '*' || t.of === a.of) && t.upTo.includes(a.where))
      .map((t) => (t.to === 'none' ? 0 : 1)),
  );
const where = (w: Adaptation, kitchen: Kitchen) => w.tools.map((t) => whereIs(t, kitchen));
const isCards = (a: Asked) => (a.of === 'card' || a.of === 'ask') && a.where === 'cool';

type Place = { id: string; open: Asked[]; never: string[]; ways: Adaptation[]; canAdult: boolean; stretch: Map<Adaptation, string> };

/** The places of a task at which something has to be chosen; the cards are one of them. */
function placesOf(task: TaskAnalysis, learner: Learner, kitchen: Kitchen, all = false): Place[] {
  const loads = loadsOf(task, kitchen);
  const may = (w: Adaptation) =>
    !learner.refused?.includes(w.id) &&
    !w.brings.some((h) => learner.never?.includes(h)) &&
    (all || !where(w, kitchen).includes('lacking'));
  const pool = ADAPTATIONS.filter(may);
  const asks = task.steps.map((s) => demandsOf(s, kitchen, loads.get(s.key)));
  const cards = new Map<string, Asked>();
  for (const a of asks.flat().filter(isCards)) if (a.much || !cards.has(a.demand + a.of)) cards.set(a.demand + a.of, a);
  const places: Place[] = [
    {
      id: 'c',
      open: [...cards.values()].filter((a) => blocks(learner, a, sizeOf(a))),
      never: [],
      ways: pool.filter((w) => w.scope === 'learner'),
      canAdult: false,
      stretch: new Map(),
    },
  ];
  task.steps.forEach((s, i) => {
    places.push({
      id: `s${i}`,
      open: asks[i].filter((a) => !isCards(a) && blocks(learner, a, sizeOf(a))),
      never: (learner.never ?? []).filter((h) => isNear(s, h)),
      ways: pool.filter((w) => w.scope === 'step' && isFor(w, s, loads.get(s.key)?.lit)),
      canAdult: s.technique !== 'eat' && s.technique !== 'taste',
      stretch: new Map(),
    });
  });
  stretches(
    task.steps,
    places,
    pool.filter((w) => w.scope === 'stretch'),
  );
  return places;
}

/** Ways that take all steps of a pan on the ring or none, where at least half of them have a barrier of their own. */
function stretches(steps: readonly Step[], places: Place[], ways: readonly Adaptation[]): void {
  let lane: number[] | null = null;
  const lanes: number[][] = [];
  steps.forEach((s, i) => {
    const on = s.technique === 'hob-on';
    if (
      on ||
      (lane === null &&
        s.tools.includes('hob') &&
        /^(?:heat-pan|boil|simmer|fry|cook|melt|reheat|steam|poach|reduce|blanch|stir-fry|brown|soften|toast-dry|caramelise|wilt|scramble)$/.test(
          s.technique ?? '',
        ))
    )
      lanes.push((lane = []));
    lane?.push(i);
    if (s.technique === 'turn-off' && s.tools.includes('hob')) lane = null;
  });
  for (const w of ways)
    lanes.forEach((own, k) => {
      if (w.moves && !goesWhole(w, own, lanes, steps)) return;
      const fitting = own.filter((i) => isFor(w, steps[i]) && (steps[i].tools.includes('hob') || steps[i].into !== null));
      const barred = fitting.filter((i) => places[i + 1].open.length > 0 || places[i + 1].never.length > 0).length;
      if (fitting.length > 0 && barred * 2 >= fitting.length)
        for (const i of fitting) places[i + 1].stretch.set(w, `L${k}_${w.id.replaceAll('-', '_')}`);
    });
}

const HEATS =
  /^(?:heat-pan|boil|simmer|fry|cook|melt|reheat|steam|poach|reduce|blanch|stir-fry|brown|soften|toast-dry|caramelise|wilt|scramble)$/;

/** Only a stretch of one pan, on the ring for nothing else, with no fat, no raw animal food and no water by itself, goes into a microwave. */
function goesWhole(w: Adaptation, own: readonly number[], lanes: readonly number[][], steps: readonly Step[]): boolean {
  const heats = (lane: readonly number[]) => lane.map((i) => steps[i]).filter((s) => HEATS.test(s.technique ?? ''));
  const pan = heats(own)[0]?.into;
  return (
    !!pan &&
    heats(own).every((s) => s.into === pan && isFor(w, s) && (s.uses.length > 0 || !/\bwater\b/i.test(s.text))) &&
    lanes.filter((lane) => heats(lane).some((s) => s.into === pan)).length === 1 &&
    own.every((i) => !steps[i].hazards.some((h) => /^raw-(?:meat|fish|egg)$/.test(h))) &&
    !steps.some((s) => s.tools.includes(pan) && s.tools.includes('oven'))
  );
}

/** Least barriers left first, then the counts in their order. */
export function programOf(task: TaskAnalysis, learner: Learner, kitchen: Kitchen): Program {
  const levels: Term[][] = Array.from({ length: 12 }, () => []);
  const rows: Row[] = [];
  const binaries = new Set<string>();
  const v = (name: string) => (binaries.add(name), name);
  const atLeast = (terms: Term[], least: number) => void rows.push({ terms, least });
  const once = new Set<string>();
  const charge = (level: number, name: string) => {
    if (!once.has(name)) levels[level].push([1, v(name)]);
    once.add(name);
  };
  for (const p of placesOf(task, learner, kitchen)) {
    if (p.open.length === 0 && p.never.length === 0 && p.stretch.size === 0) continue;
    const ways = [...p.ways, ...p.stretch.keys()];
    const x = (w: Adaptation) => v(`x_${p.id}_${w.id.replaceAll('-', '_')}`);
    const by = v(`${p.canAdult ? 'a' : 'o'}_${p.id}`);
    levels[p.canAdult ? 2 : 0].push([1, by]);
    const close = (list: Adaptation[], least: Term[]) =>
      atLeast([...list.map((w): Term => [1, x(w)]), ...least], least.length === 1 && least[0][1] === by ? 1 : 0);
    for (const a of p.open)
      close(
        ways.filter((w) => !blocks(learner, a, leaves(w, a))),
        [[1, by]],
      );
    for (const h of p.never)
      close(
        ways.filter((w) => (w.spares as string[]).includes(h)),
        [[1, by]],
      );
    for (const w of ways) {
      for (const a of w.adds)
        if (blocks(learner, a, sizeOf(a)))
          close(
            ways.filter((u) => u !== w && !blocks(learner, a, leaves(u, a))),
            [[-1, x(w)]],
          );
      atLeast(
        [
          [-1, x(w)],
          [-1, by],
        ],
        -1,
      );
    }
    for (const [w, lane] of p.stretch) {
      atLeast(
        [
          [1, x(w)],
          [1, by],
          [-1, v(lane)],
        ],
        0,
      );
      atLeast(
        [
          [1, v(lane)],
          [-1, x(w)],
        ],
        0,
      );
    }
    for (const seat of new Set(ways.flatMap((w) => w.seat ?? [])))
      atLeast(
        ways.filter((w) => w.seat === seat).map((w): Term => [-1, x(w)]),
        -1,
      );
    const keeps = ways.filter(
      (w) =>
        learner.kept?.includes(w.id) &&
        (p.open.some((a) => !blocks(learner, a, leaves(w, a))) || w.spares.some((h) => p.never.includes(h))),
    );
    if (keeps.length > 0) {
      const k = v(`k_${p.id}`);
      levels[1].push([1, k]);
      atLeast([[1, k], ...keeps.map((w): Term => [1, x(w)])], 1);
    }
    const marks: [number, string, (w: Adaptation) => boolean][] = [
      [3, 'm', (w) => w.skill !== 'same'],
      [4, 'h', (w) => w.kind === 'share'],
      [8, 'e', (w) => w.kind === 'method'],
      [9, 't', (w) => w.kind === 'tool'],
    ];
    for (const [level, letter, is] of marks) {
      const own = ways.filter(is);
      if (own.length === 0) continue;
      const m = v(`${letter}_${p.id}`);
      levels[level].push([1, m]);
      for (const w of own)
        atLeast(
          [
            [1, m],
            [-1, x(w)],
          ],
          0,
        );
    }
    for (const w of ways) {
      if (w.brings.length > 0) levels[6].push([w.brings.length, x(w)]);
      levels[11].push([1, x(w)]);
      const g = `g_${w.id.replaceAll('-', '_')}`;
      charge(10, g);
      atLeast(
        [
          [1, g],
          [-1, x(w)],
        ],
        0,
      );
      for (const t of w.tools) {
        const at = whereIs(t, kitchen);
        if (at === 'here') continue;
        const y = `${at === 'stand-in' ? 'z' : 'y'}_${t.replaceAll('-', '_')}`;
        charge(at === 'stand-in' ? 7 : 5, y);
        atLeast(
          [
            [1, y],
            [-1, x(w)],
          ],
          0,
        );
      }
    }
  }
  return { levels, rows, binaries };
}

/** The program in which at most `most` tools are bought so that the most steps are done alone, the skill unchanged. */
export function buyProgram(tasks: readonly TaskAnalysis[], learners: readonly Learner[], kitchen: Kitchen, most: number): Program {
  const rows: Row[] = [];
  const binaries = new Set<string>();
  const v = (name: string) => (binaries.add(name), name);
  const opened: Term[] = [];
  const bought = new Set<string>();
  tasks.forEach((task, i) =>
    learners.forEach((learner, j) => {
      for (const p of placesOf(task, learner, kitchen, true)) {
        if (p.open.length === 0 && p.never.length === 0) continue;
        const ways = p.ways.filter((w) => w.kind !== 'share' && w.kind !== 'ready' && w.kind !== 'adult' && w.skill === 'same');
        const x = (w: Adaptation) => v(`x_${i}_${j}_${p.id}_${w.id.replaceAll('-', '_')}`);
        const open = v(`o_${i}_${j}_${p.id}`);
        opened.push([-1, open]);
        for (const a of p.open)
          rows.push({
            terms: [...ways.filter((w) => !blocks(learner, a, leaves(w, a))).map((w): Term => [1, x(w)]), [-1, open]],
            least: 0,
          });
        for (const h of p.never)
          rows.push({
            terms: [...ways.filter((w) => (w.spares as string[]).includes(h)).map((w): Term => [1, x(w)]), [-1, open]],
            least: 0,
          });
        for (const w of ways) {
          for (const a of w.adds)
            if (blocks(learner, a, sizeOf(a)))
              rows.push({
                terms: [...ways.filter((u) => u !== w && !blocks(learner, a, leaves(u, a))).map((u): Term => [1, x(u)]), [-1, x(w)]],
                least: 0,
              });
          for (const t of w.tools) {
            const at = whereIs(t, kitchen);
            if (at === 'here' || at === 'stand-in') continue;
            bought.add(t);
            rows.push({
              terms: [
                [1, v(`b_${t.replaceAll('-', '_')}`)],
                [-1, x(w)],
              ],
              least: 0,
            });
          }
        }
        for (const seat of new Set(ways.flatMap((w) => w.seat ?? [])))
          rows.push({ terms: ways.filter((w) => w.seat === seat).map((w): Term => [-1, x(w)]), least: -1 });
      }
    }),
  );
  if (bought.size > 0) rows.push({ terms: [...bought].map((t): Term => [-1, `b_${t.replaceAll('-', '_')}`]), least: -most });
  return { levels: [opened], rows, binaries };
}

type Solver = { solve(lp: string, options?: object): { Status: string; ObjectiveValue: number } };

const say = (terms: readonly Term[]) => terms.map(([n, name]) => `${n < 0 ? '-' : '+'} ${Math.abs(n)} ${name}`).join(' ');

/** Solves level by level: each best is held while the next is sought. @returns the counts */
export function solve(highs: Solver, program: Program): number[] {
  const held: string[] = [];
  return program.levels.map((level, i) => {
    if (level.length === 0) return 0;
    const rows = program.rows.filter((r) => r.terms.length > 0).map((r, k) => ` r${k}: ${say(r.terms)} >= ${r.least}`);
    const lp = `Minimize\n obj: ${say(level)}\nSubject To\n${[...rows, ...held].join('\n')}\nBinary\n ${[...program.binaries].join('\n ')}\nEnd`;
    const { Status, ObjectiveValue } = highs.solve(lp, { mip_rel_gap: 0, output_flag: false });
    if (Status !== 'Optimal') throw new Error(`level ${i}: ${Status}`);
    const best = Math.round(ObjectiveValue);
    held.push(` h${i}: ${say(level)} <= ${best}`);
    return best;
  });
}
