// What to buy: over the class and all its recipes, which few tools let learners do most steps alone, the skill unchanged.
import { USUAL_KITCHEN, type Kitchen, type TaskAnalysis } from '../plan/model';
import { sitesOf, prepareFit, type Prepared } from './best';
import { closedSets } from './closed';
import { isEverythingAbsent } from './absent';
import type { Learner } from './model';
import { classesOf } from './problem';

/** The smallest sets of missing tools that each open some steps, with how many. */
/** `who`: the learner, by place in the list of learners. */
export type Family = { sets: string[][]; steps: number; who: number };
export type Purchase = { tool: string; opens: number; who: number[] };

/**
 * Families of one recipe and learner: each closed set that leaves the step to the learner and the skill as it is, by the tools that are neither here nor
 * stood in for. A step that is open now is in none.
 */
function familiesOf(prepared: Prepared, learner: Learner, who: number): Family[] {
  if (isEverythingAbsent(learner)) return [];
  const free = { ...learner, kept: [] };
  return classesOf(sitesOf(prepared, free, true)).flatMap((c): Family[] => {
    const alone = closedSets(c.site, free, prepared.kitchen).filter(
      (p) => p.way.who === 'learner' && p.cost.modified === 0 && p.cost.left === 0,
    );
    const sets = smallest(alone.map((p) => [...p.cost.unknown].sort()));
    return sets.length === 0 || sets.some((s) => s.length === 0) ? [] : [{ sets, steps: c.times, who }];
  });
}

/** Without those that hold another. */
function smallest(sets: readonly string[][]): string[][] {
  const unique = [...new Map(sets.map((s) => [s.join(), s])).values()].sort((a, b) => a.length - b.length);
  return unique.filter((s, i) => !unique.slice(0, i).some((t) => t.every((x) => s.includes(x))));
}

/** The families of one recipe for these learners: for a class with many recipes, each is worked out by itself and remembered. */
export function buyingFamilies(task: TaskAnalysis, learners: readonly Learner[], kitchen: Kitchen = USUAL_KITCHEN): Family[] {
  const prepared = prepareFit(task, kitchen);
  return learners.flatMap((learner, who) => familiesOf(prepared, learner, who));
}

/**
 * The tools, at most `most`, that open the most steps: exact. `opens` is what each adds to those before it, `who` whose steps these are; a pair that
 * only helps together shows as a tool that opens nothing yet and one that opens all.
 */
export function whatToBuy(
  tasks: readonly TaskAnalysis[],
  learners: readonly Learner[],
  kitchen: Kitchen = USUAL_KITCHEN,
  most = 5,
): Purchase[] {
  return bestTools(
    tasks.flatMap((task) => buyingFamilies(task, learners, kitchen)),
    most,
  );
}

/** Families alike are one. */
function collapsed(families: readonly Family[]): Family[] {
  const by = new Map<string, Family>();
  for (const f of families) {
    const key = f.sets
      .map((s) => s.join('+'))
      .sort()
      .join('|');
    const held = by.get(key);
    if (held) held.steps += f.steps;
    else by.set(key, { ...f });
  }
  return [...by.values()];
}

const opened = (families: readonly Family[], tools: ReadonlySet<string>): number =>
  families.reduce((n, f) => n + (f.sets.some((s) => s.every((t) => tools.has(t))) ? f.steps : 0), 0);

/** Branch and bound over the tools: a step still closed counts for each tool that it lacks by its share. */
export function bestTools(all: readonly Family[], most: number): Purchase[] {
  const families = collapsed(all);
  const tools = [...new Set(families.flatMap((f) => f.sets.flat()))];
  let best: string[] = [];
  let bestOpen = 0;
  const visit = (chosen: string[], rest: readonly string[]): void => {
    const has = new Set(chosen);
    const now = opened(families, has);
    if (now > bestOpen || (now === bestOpen && chosen.length < best.length)) {
      best = chosen;
      bestOpen = now;
    }
    if (chosen.length === most || rest.length === 0) return;
    const allowed = new Set(rest);
    const left = most - chosen.length;
    // a step's share goes to each tool that any of its sets still lacks: no set can be bought for less
    const credit = new Map<string, number>();
    let reach = 0;
    for (const f of families) {
      if (f.sets.some((s) => s.every((t) => has.has(t)))) continue;
      const lacks = f.sets.map((s) => s.filter((t) => !has.has(t))).filter((s) => s.length <= left && s.every((t) => allowed.has(t)));
      if (lacks.length === 0) continue;
      reach += f.steps;
      const share = f.steps / Math.min(...lacks.map((s) => s.length));
      for (const t of new Set(lacks.flat())) credit.set(t, (credit.get(t) ?? 0) + share);
    }
    const order = [...credit].sort((a, b) => b[1] - a[1]);
    const bound =
      now +
      Math.min(
        reach,
        order.slice(0, left).reduce((n, [, c]) => n + c, 0),
      );
    if (bound <= bestOpen + 1e-9) return;
    const next = order.map(([t]) => t);
    next.forEach((t, i) => visit([...chosen, t], next.slice(i + 1)));
  };
  visit([], tools);
  return inOrder(all, best);
}

/** The chosen tools, each next one the one that then adds most. */
function inOrder(families: readonly Family[], chosen: readonly string[]): Purchase[] {
  const left = [...chosen];
  const has = new Set<string>();
  const out: Purchase[] = [];
  while (left.length > 0) {
    const before = opened(families, has);
    const gains = left.map((tool) => opened(families, new Set([...has, tool])) - before);
    const i = gains.indexOf(Math.max(...gains));
    const isOpen = (f: Family) => f.sets.some((set) => set.every((t) => has.has(t)));
    const closed = families.filter((f) => !isOpen(f));
    has.add(left[i]!);
    out.push({ tool: left[i]!, opens: gains[i]!, who: [...new Set(closed.filter(isOpen).map((f) => f.who))] });
    left.splice(i, 1);
  }
  return out;
}
