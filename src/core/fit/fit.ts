// Fits one recipe to one learner: barriers found, the least change that leaves none, and the learner's own steps.
import { DANGERS } from '../technique/model';
import { USUAL_KITCHEN, type Kitchen, type TaskAnalysis } from '../plan/model';
import { bestOf, CARDS, isOfCards, prepareFit, type Best, type Prepared } from './best';
import { everythingAbsent, isEverythingAbsent } from './absent';
import { adaptationById } from './catalogue/index';
import { dishOf, ownPortion } from './dish';
import { demandsOf } from './demands';
import { allergenBarriers, barriersAmong, hazardBarriers, isBarrier } from './meet';
import type { Adaptation, Barrier, Fit, FittedStep, Learner, OwnStep, OwnTask } from './model';
import { opensWith } from './open-with';
import { ownTask, type Settled, type Written } from './own-task';
import { partOf } from './parts';
import { classesOf, poolOf, siteOf, type Site } from './problem';
import { questionsOf } from './questions';
import { adaptedOf, conflictsOf, otherWays, whyOf } from './say';
import { search, type Found } from './search';
import { takenBy } from './stretch';

/**
 * The learner's own way through a task: the least change, in the order of `LEVELS`, that leaves no barrier and adds none.
 * Exact over the catalogue. Never changes its input. A fit says what was asked and answered; it never says that a step or a person is safe.
 */
export function fitTask(task: TaskAnalysis, learner: Learner, kitchen: Kitchen = USUAL_KITCHEN): Fit {
  return fitPrepared(prepareFit(task, kitchen), learner);
}

/**
 * The same from what is prepared: for tables of many learners.
 * @param options.brief without the next best ways and what to buy: the same choice
 */
export function fitPrepared(prepared: Prepared, learner: Learner, { brief = false }: { brief?: boolean } = {}): Fit {
  if (isEverythingAbsent(learner)) return everythingAbsent(prepared, learner);
  const { task, kitchen } = prepared;
  const found = bestOf(prepared, learner, false);
  const settled = settledOf(found.sites, found.found, learner);
  const shown = settled.get(CARDS)?.ways ?? [];
  const closed = closedTask(prepared, learner, settled, shown);
  const own = ownPortion(closed.own, learner);
  const dish = dishOf(task, learner);
  const steps = own.steps.map((s) => fittedStep(s, prepared, learner, brief ? null : found));
  const left = [...closed.left, ...own.steps.flatMap((s) => allergenBarriers(s, learner))];
  return {
    task: own,
    steps,
    left,
    ...(brief ? { toBuy: [], opens: [] } : opensWith(prepared, learner, found, own)),
    questions: questionsOf(prepared, learner),
    conflicts: conflictsOf(found.sites, settled, learner),
    dish,
    shown: shown.map((w) => adaptedOf(w, kitchen)),
  };
}

function settledOf(sites: readonly Site[], found: Found, learner: Learner): Map<string, Settled> {
  const settled = new Map<string, Settled>();
  for (const { class: c, priced } of found.chosen)
    for (const i of c.steps) {
      const { step } = sites[i]!;
      const { way } = priced;
      if (way.who === 'open') continue;
      settled.set(step.key, { who: way.who, ways: way.of, part: way.who === 'adult' ? partOf(step, learner) : null });
    }
  return settled;
}

const alike = (a: readonly string[], b: readonly string[]) => a.length === b.length && a.every((x, i) => x === b[i]);

/** What a step of the learner's own asks: as the class's step does, where nothing that tells it was changed. */
function asksNow(s: OwnStep, prepared: Prepared) {
  const base = prepared.byKey.get(s.key);
  const same = base && base.text === s.text && alike(base.tools, s.tools) && alike(base.hazards, s.hazards);
  return same ? prepared.asks.get(s.key)! : demandsOf(s, prepared.kitchen, s.load);
}

/** How often it is looked at again: a way's own step may ask something, whose way may ask more. */
const LOOKS = 3;

/** The learner's task, looked at a second time as it now stands: what its own new and changed steps ask is closed too. */
function closedTask(
  prepared: Prepared,
  learner: Learner,
  settled: Map<string, Settled>,
  shown: readonly Adaptation[],
): { own: OwnTask; left: Barrier[] } {
  const { task, kitchen, loads } = prepared;
  const pool = poolOf(learner, kitchen, 'step');
  const written: Written = new Map();
  const write = () => ownTask(task, settled, loads, shown, kitchen, written);
  // a step that is as it was at the last look is not looked at again
  const looked = new Map<OwnStep, Barrier[]>();
  const leftOf = (s: OwnStep) => {
    const known = looked.get(s) ?? barriersAmong(s, asksNow(s, prepared), learner).filter((b) => !b.allergen);
    looked.set(s, known);
    return known;
  };
  let own = write();
  let left: Barrier[];
  for (let look = 0; ; look++) {
    left = own.steps.flatMap(leftOf);
    if (left.length === 0 || look === LOOKS) break;
    const keys = new Set(left.map((b) => b.stepKey));
    const open = own.steps.filter((s) => keys.has(s.key));
    const chosen = [...new Set([...settled.values()].flatMap((s) => s.ways.map((w) => w.id)))];
    // what was chosen elsewhere goes before what is new: few things to learn
    const keeping = { ...learner, kept: [...(learner.kept ?? []), ...chosen] };
    const sites = open.map((s) =>
      siteOf(
        s,
        asksNow(s, prepared).filter((a) => !isOfCards(a)),
        keeping,
        pool,
      ),
    );
    const more = settledOf(sites, search(classesOf(sites), keeping, kitchen), learner);
    if (more.size === 0) break;
    for (const [key, one] of more) settled.set(key, withMore(settled.get(key), one));
    own = write();
  }
  return { own, left };
}

/** What was chosen stays, and what closes the rest comes to it. */
function withMore(before: Settled | undefined, more: Settled): Settled {
  if (!before || more.who === 'adult') return more;
  const ways = [...new Set([...before.ways, ...more.ways])];
  return { who: ways.some((w) => w.kind === 'share') ? 'shared' : 'learner', ways, part: null };
}

/** What would take the whole stretch that a step belongs to, where it was not chosen: offered, whatever the rule of half says. */
function stretchOffers(s: OwnStep, { task, kitchen, taken }: Prepared, learner: Learner): FittedStep['others'] {
  return [...poolOf(learner, kitchen, 'stretch')].flatMap((way) => {
    let keys = taken.get(way);
    if (!keys) taken.set(way, (keys = new Set(takenBy(task, way).flatMap((steps) => steps.map((one) => one.key)))));
    const offers = keys.has(s.key) && !s.fitted?.by.includes(way.id);
    return offers ? [{ ways: [adaptedOf(way, kitchen)], who: 'learner' as const, worse: 'changes all steps of this pan' }] : [];
  });
}

function fittedStep(s: OwnStep, prepared: Prepared, learner: Learner, best: Best | null): FittedStep {
  const asks = prepared.asks.get(s.key) ?? demandsOf(s, prepared.kitchen, s.load);
  const base = prepared.byKey.get(s.key) ?? s;
  const open = asks.filter((a) => !isOfCards(a) && isBarrier(learner, a, a.much ? 2 : 1));
  const barriers: Barrier[] = [
    ...open.map((a): Barrier => ({ stepKey: s.key, demand: a.demand, of: a.of, much: a.much, where: a.where, why: a.why })),
    ...hazardBarriers(base, learner, []).map((hazard): Barrier => ({ stepKey: s.key, hazard, why: 'a plan rules it out' })),
    ...allergenBarriers(base, learner),
  ];
  const who = s.fitted?.who ?? 'learner';
  const ways = (s.fitted?.by ?? []).flatMap((id) => adaptationById(id) ?? []).filter((w) => w.scope !== 'learner');
  const modified = who !== 'learner' || ways.some((w) => w.skill !== 'same');
  return {
    key: s.key,
    who,
    barriers,
    chosen: ways.map((w) => adaptedOf(w, prepared.kitchen)),
    others:
      best && barriers.length > 0 ? [...otherWays(s.key, best, learner, prepared.kitchen), ...stretchOffers(s, prepared, learner)] : [],
    change: who === 'learner' && ways.length === 0 ? 'none' : modified ? 'modification' : 'accommodation',
    why: whyOf(barriers, ways, who),
    part: s.fitted?.part ?? null,
    still: s.hazards.filter((h) => DANGERS.has(h) || h === 'raw-flour'),
  };
}
