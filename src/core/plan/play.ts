// Plays a list of steps in the one world and, where one lacks something, has its provider's steps done before it: what building puts in and what a dry run finds are the same.
import type { Ingredient } from '../recipe/recipe';
import {
  apply,
  contents,
  hazardsOf,
  bringsHotWater,
  inWords,
  isListed,
  lacks,
  meantLots,
  newWorld,
  objectsOf,
  ringVesselOf,
  poursWater,
  uncheckedIn,
  vesselOf,
  worksIn,
  type Lack,
  type Played,
  type World,
} from '../kitchen/index';
import { techniqueById } from '../technique/lexicon';
import type { Hazard } from '../technique/model';
import type { Act } from '../technique/works';
import { insideChecked, insideOfEggs, type Inside } from './doneness';
import type { Draft } from './draft';
import type { Kitchen } from './model';
import { fillHoles, type Calls } from './naming';
import { provide, ringOff } from './providers';

/** A draft as the world plays it. */
export function playedOf(draft: Draft): Played {
  const technique = techniqueById(draft.technique ?? '');
  return {
    technique: draft.technique,
    uses: (draft.uses ?? []).filter(isListed),
    names: (draft.uses ?? []).length > 0,
    tools: draft.tools ?? technique?.tools ?? [],
    into: draft.into ?? null,
    from: draft.from ?? null,
    fillings: draft.fillings ?? [],
    minutes: { active: draft.minutes?.active ?? technique?.minutes.active ?? 0.5, waiting: draft.minutes?.waiting ?? 0 },
    level: draft.level ?? null,
    about: draft.about ?? [],
    lasts: draft.lasts ?? false,
    water: (draft.uses ?? []).length === 0 && (/\bwater\b/i.test(draft.thing ?? '') || poursWater(draft.text)) && !draft.from,
    little: draft.little ?? false,
    hot:
      bringsHotWater(draft.text) ||
      (((draft.uses ?? []).length === 0 || draft.technique === 'soak') && (draft.hazards ?? []).includes('hot') && !draft.from),
    base: draft.base ?? null,
    noun: draft.noun ?? null,
    ...inWords(draft.technique, draft.text),
    becomes: draft.becomes ?? null,
    holes: [draft.text, draft.thing ?? ''].filter((text) => text.includes('⟦')),
  };
}

/** Something that was lacking, and the steps that give it; none where only a person can tell. */
export type Put = { lack: Lack; steps: (Draft & { hazards: Hazard[] })[] };

/** How one step went: what had to come before it, what had to come after, and what can hurt in it. */
export type Turn = { before: Put[]; hazards: Hazard[]; after: Put[]; fill: (text: string) => string; inside?: Inside | null };

export type PlayOptions = {
  kitchen: Kitchen;
  calls: Calls;
  /** Called after each step with the world as it stands; it may be read, not kept. */
  seen?: (world: World, index: number) => void;
  /** Steps that do nothing here: they are left out and take no turn. */
  skip?: (world: World, step: Played, index: number) => boolean;
};

/** Lacks of one step, one after another; more than this would be a circle. */
const MOST_LACKS = 12;
const DEEPEST = 4;

/** Plays all steps in order. A step that is skipped has no turn. */
export function play(
  steps: readonly Played[],
  lines: readonly (number | null)[],
  ingredients: readonly Ingredient[],
  options: PlayOptions,
): (Turn | null)[] {
  const world = newWorld(ingredients, options.kitchen.system);
  return steps.map((step, i) => {
    if (options.skip?.(world, step, i)) return null;
    const rest = steps.slice(i + 1, i + 1 + LOOK_AHEAD);
    const looked = insideChecked(world, step);
    const turn = takeTurn(world, step, lines[i] ?? null, options.calls, steps.slice(i + 1));
    turn.after.push(
      ...checkAfterHeat(world, step, rest, lines[i] ?? null, options.calls),
      ...ringOffAfter(world, rest, lines[i] ?? null, options.calls),
    );
    options.seen?.(world, i);
    return isJudgedLater(rest) ? { ...turn, inside: looked } : { ...turn, inside: looked ?? insideOfEggs(world, step) };
  });
}

const NOBODY: Calls = { tools: new Map(), dish: null };

/** Plays one step, and what it lacks with it; for reading on in a kitchen that is as the steps so far leave it. */
export function playAlone(world: World, step: Played): void {
  takeTurn(world, step, null, NOBODY, []);
}

/** One step with all that it lacks; a provider's step is done with what it lacks itself. */
function takeTurn(world: World, step: Played, line: number | null, calls: Calls, rest: readonly Played[], depth = 0): Turn {
  const before: Put[] = [];
  const given = new Set<string>();
  for (let round = 0; round < MOST_LACKS && depth < DEEPEST; round++) {
    const open = lacks(world, step, rest).filter((lack) => !given.has(nameOf(lack)));
    if (open.length === 0) break;
    for (const lack of open) {
      given.add(nameOf(lack));
      before.push({ lack, steps: provide(lack, world, calls, line).flatMap((own) => doIt(world, own, calls, [step, ...rest], depth + 1)) });
    }
  }
  const hazards = hazardsOf(world, step);
  const fill = filling(world, step, calls);
  apply(world, step);
  return { before, hazards, after: [], fill };
}

/** Fills the holes in the words of a step; the world is read now, before the step is done. */
function filling(world: World, step: Played, calls: Calls): Turn['fill'] {
  const vessel = vesselOf(step);
  // what is dipped has a name, and what it is dipped in another
  const isDipped = worksIn(step).act === 'dip' && (step.about ?? []).length > 0;
  const lots = isDipped ? meantLots(world, step.about!) : objectsOf(world, step);
  const there = vessel ? contents(world, vessel) : meantLots(world, step.about ?? []);
  if (step.noun) for (const lot of lots) lot.name = step.noun;
  const from = step.from ?? lots[0]?.at ?? vessel;
  let filled: Map<string, string> | null = null;
  const texts = step.holes ?? [];
  if (texts.length > 0)
    filled = new Map(
      texts.map((text) => [
        text,
        fillHoles(text, world, { lots, there, about: step.about ?? [], from: from && lots.length > 0 ? from : vessel, to: vessel }, calls),
      ]),
    );
  return (text) => filled?.get(text) ?? text;
}

const nameOf = (lack: Lack) => `${lack.fact} ${'ingredient' in lack ? lack.ingredient : ''}`;

function doIt(world: World, draft: Draft, calls: Calls, rest: readonly Played[], depth: number): Put['steps'] {
  const turn = takeTurn(world, playedOf(draft), draft.sourceLine, calls, rest, depth);
  return [...turn.before.flatMap((put) => put.steps), { ...draft, hazards: [...new Set([...(draft.hazards ?? []), ...turn.hazards])] }];
}

/** So many steps ahead it is seen whether a ring is wanted again. */
const LOOK_AHEAD = 40;
/** A lit ring waits for no more than so many steps elsewhere (common practice: nothing is on that nobody watches). */
const MOST_BESIDE = 3;

const LEAVES_RING = new Set<Act>(['drain', 'oven', 'microwave', 'serve', 'cool', 'chill', 'eat', 'store', 'kettle']);

/** What the plan itself puts between is no leaving. */
const PASSING = new Set<Act>(['fetch', 'store', 'wash-hands', 'wash-tools']);

const turnsRingOff = (step: Played) => step.tools.length === 0 || step.tools.includes('hob');

/** A can is drained beside the pan. */
const isElsewhere = (world: World, step: Played, act: Act, under: string): boolean =>
  act === 'drain' && !step.from && vesselOf(step) === null && !objectsOf(world, step).some((lot) => lot.at === under);

/** Whether a later step heats this pan, or turns its ring off itself, before the pan is left. */
function isWanted(world: World, rest: readonly Played[], under: string, cooks: boolean): boolean {
  // a timer is set for it, and it is gone back to
  if (rest.some((step) => step.rings && ringVesselOf(world, step) === under)) return true;
  let beside = 0;
  for (const step of rest) {
    const { act } = worksIn(step);
    const vessel = ringVesselOf(world, step);
    if (act === 'off' && turnsRingOff(step)) return true;
    if (act === 'ring-set') return true;
    // "drain on paper, and repeat with the rest of the batter": the rest is fried too
    if (step.technique === 'repeat' && beside <= 1) return true;
    if (act === 'heat') return vessel === under;
    const here = vessel === under || step.from === under;
    // said to be taken off, it was on until then
    if (act === 'off-ring') return true;
    if (LEAVES_RING.has(act) && !(act === 'store' && step.names) && !isElsewhere(world, step, act, under)) return false;
    // what goes into a hot pan cooks there
    if ((act === 'put' || act === 'join') && vessel === under && !cooks) return true;
    // "put the berries in a pan over a low heat. Let them bubble": that is what it was lit for
    if (act === 'wait' && vessel === under && !cooks) return true;
    if (act === 'wait' && step.lasts && step.minutes.waiting >= 2) return false;
    if ((act === 'join' || act === 'put') && vessel === under && step.lasts) return true;
    const leaves = act === 'put' && step.from === under && vessel !== under;
    if ((!here || leaves) && !PASSING.has(act) && ++beside > MOST_BESIDE) return false;
  }
  return false;
}

/** Acts that cook on, or look whether it is done. */
const isJudgedLater = (rest: readonly Played[], vessel: string | null = null, foods: readonly number[] = []): boolean => {
  // where these foods are, and go to
  const places = new Set(vessel === null ? [] : [vessel]);
  return rest.some((step) => {
    const { act, traits } = worksIn(step);
    const to = vesselOf(step);
    const isTheirs =
      places.size === 0 ||
      step.tools.some((id) => places.has(id)) ||
      (to !== null && places.has(to)) ||
      step.uses.some(({ ingredient }) => foods.includes(ingredient));
    if (isTheirs && places.size > 0 && to !== null && MOVES.has(act)) places.add(to);
    if (step.from && places.has(step.from) && to !== null) places.add(to);
    return isTheirs && (traits.has('tests') || (traits.has('cooks') && (act === 'heat' || act === 'oven' || act === 'microwave')));
  });
};

const MOVES = new Set<Act>(['put', 'join', 'lift', 'dip', 'shape']);

/** What came out of its last heat, an oven or a pan, is looked at inside at once, while it can still go back. */
function checkAfterHeat(world: World, step: Played, rest: readonly Played[], line: number | null, calls: Calls): Put[] {
  const { act } = worksIn(step);
  const isOut = act === 'oven-out' || (act === 'lift' && world.ring !== null && vesselOf(step) !== world.ring.under);
  const vessel = isOut ? vesselOf(step) : null;
  return vessel && !isJudgedLater(rest, vessel, uncheckedIn(contents(world, vessel))) ? check(world, vessel, rest, line, calls) : [];
}

function check(world: World, vessel: string, rest: readonly Played[], line: number | null, calls: Calls): Put[] {
  const open = uncheckedIn(contents(world, vessel));
  if (open.length === 0) return [];
  const lack: Lack = { fact: 'checked', foods: open };
  const steps = provide(lack, world, calls, line).flatMap((own) =>
    doIt(world, { ...own, into: vessel, tools: ['thermometer', vessel] }, calls, rest, 1),
  );
  return [{ lack, steps }];
}

function ringOffAfter(world: World, rest: readonly Played[], line: number | null, calls: Calls): Put[] {
  if (world.ring === null) return [];
  const under = world.ring.under;
  const next = rest[0];
  // the recipe says itself that the ring goes off: it is looked at before, while it can cook on
  const isSaid = next !== undefined && worksIn(next).act === 'off' && turnsRingOff(next);
  // "turn off the heat and leave for 5 minutes": it cooks on by itself
  if (isSaid && rest.slice(1, 4).some((step) => worksIn(step).act === 'wait' && (vesselOf(step) ?? under) === under)) return [];
  if (!isSaid && isWanted(world, rest, under, world.ring.cooks)) return [];
  const checks = isJudgedLater(rest, under, uncheckedIn(contents(world, under))) ? [] : check(world, under, rest, line, calls);
  if (isSaid) return checks;
  return [...checks, { lack: { fact: 'ring-off', vessel: under }, steps: doIt(world, ringOff(under, calls, line), calls, rest, 1) }];
}
