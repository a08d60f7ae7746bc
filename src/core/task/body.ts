// Turns a recipe's instructions into steps: reads each action in the kitchen as the steps before leave it, and takes it by the frame that fits.
import { lotsOf, newWorld } from '../kitchen/index';
import { isPutAway } from '../kitchen/world';
import type { Draft } from '../plan/draft';
import type { Kitchen } from '../plan/model';
import { findFood } from '../recipe/food';
import type { Ingredient, Recipe } from '../recipe/recipe';
import { findTechnique, kindOf, techniqueById } from '../technique/lexicon';
import { worksOf, type Act } from '../technique/works';
import { isAside, takeUnknown } from './body-aside';
import { dustWith, withImplied } from './body-implied';
import { MOST_OF_RECIPE } from './bounds';
import { clausesOf, type Clause } from './clauses';
import { drainedBefore, inHandAgain } from './drain-first';
import { isHobOff, onHob, ringOn } from './frames-hob';
import { work } from './frames-work';
import { bake, heatInOven, microwave, preheat } from './frames-oven';
import { join } from './frames-join';
import { put } from './frames-put';
import { takenInTime } from './in-time';
import { locate, noteExplicit, sharedObject } from './locate';
import { namesOf } from './mentions';
import { knownFoods } from './unlisted-foods';
import { nameOf } from './ready';
import { inside, sync } from './push';
import { focusOn, isContainer, lastOf, type Located, type State } from './state';
import { toolById } from '../technique/tools';
import { minutesOfText } from '../amount/minutes';
import { toolCall, toolCalls } from './tool-names';
import { isHeld, isPan } from './vessels';

const BOILED_EGGS =
  /\beggs?\b[^.]{0,40}\b(?:pan|pot|saucepan) of (?:\p{L}+ )?water|\b(?:hard[- ]|soft[- ])?boil the eggs?\b|\bpeel (?:and \p{L}+ )?the eggs?\b/iu;

/** "Place the eggs in a pan, cover with cold water ... then peel and halve". */
const boilsEggs = (line: string) =>
  (/\beggs\b[^.]*\b(?:cover(?:ed)? with (?:\p{L}+ )?water|boil)\b.*\b(?:peel|shell)\b(?! the (?!eggs?\b))/iu.test(line) &&
    !/\b(?:crack|beat|beaten)\b/i.test(line)) ||
  // "Put the eggs into cold water. When cool, peel them"
  /\beggs\b[^.]*\bwater\b[^.]*\.[^.]{0,30}\b(?:peel|shell) them\b/i.test(line);

/** Actions looked at; not every one becomes a step. */
const MOST_CLAUSES = 2 * MOST_OF_RECIPE;

function clausesUpTo(most: number, instructions: readonly string[]): { clause: Clause; line: number }[] {
  const all: { clause: Clause; line: number }[] = [];
  for (const [i, text] of instructions.entries()) {
    if (all.length >= most) break;
    for (const clause of clausesOf(text)) all.push({ clause, line: i + 1 });
  }
  return all.slice(0, most);
}

/** "Mix the yoghurt with the juice of the lime": it is squeezed, though neither list nor method says so by itself. */
function juicedInMethod(one: Ingredient, text: string): Ingredient | null {
  const food = findFood(one.item);
  if (food?.category !== 'citrus' || one.preparation.some((work) => /juice|zest/.test(work))) return null;
  const name = food.names[0]!.replace(/[^\p{L}]/gu, '');
  const said = new RegExp(`([^.;,\\n]*)\\b(?:juice of (?:[\\p{L}\\d½]+\\s+){0,3}${name}|${name} juice)\\b`, 'iu').exec(text)?.[1];
  const squeezes = new RegExp(`\\bsqueez\\w*[^.;\\n]*\\b${name}`, 'iu').test(text);
  return said === undefined || squeezes || /\bsqueez/i.test(said) ? null : { ...one, preparation: [...one.preparation, 'juiced'] };
}

/** "Stir in the drained beans": work that the method only mentions is work of the list. */
function withMentionedWork(recipe: Recipe): Recipe {
  const text = recipe.instructions.join('\n');
  const ingredients = recipe.ingredients.map((one) => {
    const squeezed = juicedInMethod(one, text);
    if (squeezed) return squeezed;
    if (one.unit !== 'can') return one;
    const head = one.item.toLowerCase().split(' ').at(-1)!;
    const said = [
      ...text.matchAll(
        new RegExp(`\\b(drained|rinsed)(?:\\s+and\\s+(drained|rinsed))?\\s+(?:\\p{L}+\\s+)?${head.replace(/[^\p{L}]/gu, '')}`, 'giu'),
      ),
    ];
    const work = said.flatMap((m) => [m[1]!, m[2]].filter((w): w is string => w !== undefined)).map((w) => w.toLowerCase());
    const more = work.filter((w) => !one.preparation.includes(w));
    return more.length > 0 ? { ...one, preparation: [...one.preparation, ...new Set(more)] } : one;
  });
  return { ...recipe, ingredients };
}

/** Steps of the recipe itself, without the routines around it, in the order in which they are done. */
export function bodySteps(said: Recipe, kitchen: Kitchen): Draft[] {
  const recipe = withMentionedWork(said);
  const names = namesOf(recipe.ingredients);
  const state: State = {
    recipe,
    world: newWorld(recipe.ingredients, kitchen.system),
    leadVessel: null,
    vesselSpoken: null,
    heats: false,
    names,
    known: knownFoods(recipe.ingredients, recipe.title),
    kitchen,
    explicit: new Set(),
    steps: [],
    beforeHeat: null,
    used: new Set(),
    taken: new Map(),
    readied: new Set(),
    placed: new Map(),
    container: null,
    prepared: null,
    hob: null,
    lastPan: null,
    beside: null,
    oven: false,
    inOven: null,
    bakesOn: false,
    themIsLast: false,
    saidFirst: [],
    object: null,
    objectUses: [],
    line: 0,
    lineObjects: [],
    scalding: null,
    hotFood: false,
    cooked: new Set(),
    tinned: recipe.ingredients.some((one) => one.unit === 'can') && !/\b(?:bake|oven|grease|line)\b/i.test(recipe.instructions.join(' ')),
    calls: toolCalls(recipe),
  };
  // eggs that are boiled keep their shells
  const eggs = recipe.ingredients.flatMap((one, i) => (findFood(one.item)?.raw === 'egg' ? [i] : []));
  if (eggs.length > 0 && (BOILED_EGGS.test(recipe.instructions.join(' ')) || recipe.instructions.some(boilsEggs)))
    for (const i of eggs) state.explicit.add(`${i}:crack-egg`);
  const clauses = clausesUpTo(MOST_CLAUSES, recipe.instructions);
  // the hands that begin are washed: the routine before the recipe does that
  state.world.washed = true;
  noteExplicit(state, clauses);
  sync(state);
  const early = new Map<number, () => void>();
  const take = (i: number) => {
    const { clause, line } = clauses[i]!;
    const next = clauses[i + 1];
    const objectOf =
      clause.shared && next && !next.clause.shared && !next.clause.first && next.line === line ? next.clause : sharedObject(clauses, i);
    const before = new Set(state.steps);
    const said = locate(state, clause, line, objectOf);
    const drain = drainedBefore(state, clauses, i, said);
    if (drain !== null) {
      take(drain);
      early.set(drain, inHandAgain(state));
    }
    for (const one of peelApart(state, said)) {
      takeClause(state, one);
      if (isPan(state.container)) state.lastPan = state.container;
    }
    // the steps of this action; what made its things ready is not the adult's
    if (clause.help)
      state.steps = state.steps.map((s) => (before.has(s) || s.sourceLine === null ? s : { ...s, supervision: clause.help! }));
  };
  // what is beyond is told: see linesBeyond
  for (let i = 0; i < clauses.length && state.steps.length < MOST_OF_RECIPE; i++) (early.get(i) ?? (() => take(i)))();
  const [first, ...others] = state.steps;
  if (!first || state.saidFirst.length === 0) return state.steps;
  return [{ ...first, cues: [...(first.cues ?? []), ...state.saidFirst.map((text) => ({ sense: 'sight' as const, text }))] }, ...others];
}

/** "Peel the carrots and onion": a peeler for the one, fingers for the other. */
function peelApart(state: State, c: Located): Located[] {
  if (c.verb !== 'peel' || c.mentions.length < 2) return [c];
  const by = c.mentions.map((m) => {
    const food = findFood(state.recipe.ingredients[m.ingredient]!.item);
    return findTechnique(['peel'], new Set(food ? [food.id, food.category] : []));
  });
  if (new Set(by.map((t) => t?.id)).size < 2) return [c];
  return c.mentions.map((m, k) => {
    const name = `the ${nameOf(state.recipe.ingredients[m.ingredient]!)}`;
    return { ...c, rest: name, technique: by[k] ?? c.technique, mentions: [{ ...m, at: 4, end: name.length }], first: c.first && k === 0 };
  });
}

/** Takes one action: by its kind into the frame that fits. */
function takeClause(state: State, said: Located): void {
  if (!said.verb || isAside(said)) return takeUnknown(state, said);
  if (state.line !== said.line) state.lineObjects = [];
  state.line = said.line;
  if (said.first) state.leadVessel = null;
  takesAllCut(state, said);
  backToDish(state, said);
  const c = withImplied(state, said);
  const works = worksOf(c.technique?.id, c.technique?.like);
  state.themIsLast = works.act === 'ready' && !c.first;
  if (c.technique?.id === 'dust' || c.technique?.id === 'flour-surface') {
    if (isDusted(c)) return work(state, { ...c, technique: techniqueById('coat')! });
    if (c.mentions.length > 0) return dustWith(state, c);
  }
  if (isDoneAlready(state, c, works.act)) return;
  if (isKept(state, c)) return keepLast(state, `keep ${c.rest}`);
  // "leave a gap between them"
  if (
    c.verb === 'leave' &&
    state.steps.length > 0 &&
    /^(?:a|an|some|plenty of|enough)\s+(?:\p{L}+\s+)?(?:gaps?|space|room)\b/iu.test(c.rest)
  )
    return keepLast(state, `leave ${c.rest}`);
  // "put the tray in the oven. Set the timer for 15 minutes": so long it bakes
  if (c.technique?.id === 'set-timer' && state.bakesOn && minutesOfText(c.rest) !== null)
    return bake(state, {
      ...c,
      verb: 'bake',
      rest: c.rest.replace(/^.*?(?=\b(?:for|to)\b)/i, '').replace(/^to\b/i, 'for'),
      technique: techniqueById('bake')!,
    });
  if (isMovedAside(state, c)) return;
  if (isExcess(state, c)) return keepLast(state, `${c.verb} ${c.rest}`);
  const lid = uncovers(state, c, works.act);
  if (lid) return work(state, { ...c, technique: techniqueById('uncover')! });
  // "put a tray in to heat up"
  if (
    works.act === 'put' &&
    c.mentions.length === 0 &&
    state.oven &&
    /\bin(?:side)?(?: the oven)? to (?:heat|warm|get hot)\b/i.test(c.rest)
  )
    return heatInOven(state, c);
  const back = emptyPanOnHeat(state, c, works.act);
  if (back) return ringOn(state, c, back);
  if (isFilm(state, c)) {
    const rest = c.verb === 'make' ? `${c.rest} in the cling film` : 'the cling film';
    return work(state, { ...c, rest, technique: techniqueById('prick')! });
  }
  const instead = filled(state, c, works.act) ?? coatedIn(c, works.act) ?? tippedIn(c) ?? takenOut(state, c, works.act);
  if (instead) return takeClause(state, instead);
  if (takenInTime(state, c, (within) => takeClause(state, within))) return;
  if (isUncovered(state, c, works.act))
    work(state, {
      ...c,
      verb: 'uncover',
      rest: '',
      mentions: [],
      tools: [],
      until: null,
      condition: null,
      technique: techniqueById('uncover')!,
    });
  switch (works.act) {
    case 'oven-on':
      return preheat(state, c);
    case 'oven':
      return /\bto\s+(?:heat|warm|get hot|preheat)\b/i.test(c.rest) ? heatInOven(state, c) : bake(state, c);
    case 'heat':
      return onHob(state, c);
    case 'microwave':
      return microwave(state, c);
    case 'put':
      return isTurned(c) ? work(state, c) : put(state, c);
    case 'join':
      return works.traits.has('covered') || !isLeftAlone(state, c) ? join(state, c) : work(state, c);
    default:
      return work(state, c);
  }
}

const APART =
  /^(?:\d+|some|a few|a little|the rest)(?:\s+(?:of\s+)?(?:the\s+)?(?!(?:warm|hot|cold|cool|chilled)\b)\p{L}+)?\s+for\s+(?:the|later|\p{L}+ing)\b/iu;

/** "Slice off the tops and keep them", "Keep 2 for the top": nothing more is done. "Keep some warm for 10 minutes" is. */
const isKept = (state: State, c: Located) =>
  c.verb === 'keep' && state.steps.length > 0 && ((!c.first && /^(?:it|them|this|these)$/i.test(c.rest.trim())) || APART.test(c.rest));

/** "Dust the fish in the flour": it is turned in it. "Dust the table with flour" strews it. */
const isDusted = (c: Located) => c.mentions.length > 1 && /\sin\s/i.test(c.rest.slice(c.mentions[0]!.end));

/** "Shake off the excess", of what was dipped: the last move of that step. */
const isExcess = (state: State, c: Located) =>
  worksOf(state.steps.at(-1)?.technique).act === 'dip' &&
  /^(?:shake|tap|knock|let)$/.test(c.verb ?? '') &&
  /\b(?:excess|extra|drip)\b/i.test(c.rest);

function keepLast(state: State, text: string): void {
  const last = state.steps.at(-1);
  if (last) state.steps[state.steps.length - 1] = { ...last, cues: [...(last.cues ?? []), { sense: 'sight', text }] };
}

/** "Take off the plate", where the plate is the cover. */
function uncovers(state: State, c: Located, act: Act): boolean {
  if (act !== 'lift' && act !== 'ready') return false;
  const covers = [...state.world.vessels.values()].flatMap((v) => v.lid ?? []);
  return /\boff\b/i.test(c.rest) && covers.some((lid) => c.tools.some((t) => t.id === lid)) && c.mentions.length === 0;
}

/** "Meanwhile, boil the rice. Drain." and on the next line "stir in the spinach": into the stew, and not into the rice. */
function backToDish(state: State, c: Located): void {
  const { beside } = state;
  if (!beside || c.line === beside.line) return;
  if (c.verb === 'drain') {
    state.beside = { ...beside, line: c.line };
    return;
  }
  state.beside = null;
  const water = (vessel: string) => (state.world.vessels.get(vessel)?.water ?? 'none') !== 'none' || state.world.drained === vessel;
  const isNamed = c.mentions.some((m) => state.placed.get(m.ingredient) === beside.pan);
  if (state.container !== beside.pan || !water(beside.pan) || water(beside.container) || isNamed) return;
  state.container = beside.container;
  if (isPan(beside.container)) state.lastPan = beside.container;
  focusOn(state, inside(state, beside.container), null);
}

/** "Shred the cabbage, grate the carrots, slice the onions. Toss in a bowl with the yoghurt": all that was cut, where nothing of it lies anywhere yet. */
function takesAllCut(state: State, c: Located): void {
  const { act } = worksOf(c.technique?.id, c.technique?.like);
  const isBare = /^(?:(?:it|them|together|all|everything)\b|(?:in|on)(?:to)? (?:a|the|another)\b|with\b|$)/i.test(c.rest.trim());
  if (!c.first || !isBare || (act !== 'put' && act !== 'join') || state.lineObjects.length < 2) return;
  const loose = state.lineObjects.every((i) => !state.placed.has(i) && lotsOf(state.world, i).some((lot) => lot.forms.size > 0));
  if (loose && state.objectUses.some((i) => state.lineObjects.includes(i))) state.objectUses = [...state.lineObjects];
}

/** "Remove to a bowl and set aside": it stands there. */
const isMovedAside = (state: State, c: Located) => {
  const last = state.steps.at(-1);
  return (
    c.technique?.id === 'reserve' &&
    !c.first &&
    /^(?:(?:it|them)\s+)?(?:aside|to one side)$/i.test(c.rest.trim()) &&
    ['lift', 'put'].includes(worksOf(last?.technique).act) &&
    last?.sourceLine === c.line &&
    (toolById(last?.into ?? '')?.kind === 'container' || last?.into === 'plate') &&
    c.until === null
  );
};

/** "Cook uncovered", with the lid still on. */
const isUncovered = (state: State, c: Located, act: Act) =>
  /\buncovered\b/i.test(c.rest) &&
  (act === 'heat' || act === 'oven' || act === 'microwave') &&
  state.container !== null &&
  (state.world.vessels.get(state.container)?.lid ?? null) !== null;

const ON_HEAT =
  /^(?:it\s+)?(?:back\s+)?(?:on|onto|over|to)\s+(?:an?\s+|the\s+)?(?:(?:very\s+)?(?:low|gentle|medium|moderate|high)\s+)?(?:heat|hob|stove|ring)\b/i;

/** "Wipe out the pan and put it back on a low heat": the pan that was spoken of, with nothing in it. */
function emptyPanOnHeat(state: State, c: Located, act: Act): string | null {
  const pan = state.vesselSpoken;
  return act === 'put' && isPan(pan) && c.mentions.length === 0 && ON_HEAT.test(c.rest) && !isHeld(state, pan) ? pan : null;
}

/** "Cover with cling film and pierce it". */
function isFilm(state: State, c: Located): boolean {
  const lid = state.container === null ? null : (state.world.vessels.get(state.container)?.lid ?? null);
  return (
    lid === 'cling-film' &&
    c.mentions.length === 0 &&
    ((kindOf(c.technique?.id) === 'prick' && /^(?:it|the film)?$/i.test(c.rest.trim())) ||
      // "make a few holes"
      (c.verb === 'make' && /\b(?:holes?|slits?)\b/i.test(c.rest)))
  );
}

/** "Fill the muffin cups": with what is in the bowl. */
function filled(state: State, c: Located, act: Act): Located | null {
  const to = c.tools.find((t) => isContainer(t.id));
  if (act !== 'put' || c.verb !== 'fill' || c.mentions.length > 0 || !to || /\b(?:with|from)\b/i.test(c.rest)) return null;
  if (state.container === null || state.container === to.id || !isHeld(state, state.container)) return null;
  const by = 'the mixture into '.length;
  return {
    ...c,
    verb: 'spoon',
    technique: techniqueById('spoon')!,
    rest: `the mixture into ${c.rest}`,
    tools: c.tools.map((t) => ({ ...t, at: t.at + by })),
  };
}

/** "Roll in the seeds": it is rolled in them. */
function coatedIn(c: Located, act: Act): Located | null {
  if (act !== 'dip' || !/^in\s+\S/i.test(c.rest)) return null;
  const by = 'it '.length;
  return {
    ...c,
    rest: `it ${c.rest}`,
    mentions: c.mentions.map((m) => ({ ...m, at: m.at + by, end: m.end + by })),
    tools: c.tools.map((t) => ({ ...t, at: t.at + by })),
  };
}

/** "Weigh the flour into a bowl": it is measured by steps of its own, and goes there. */
function tippedIn(c: Located): Located | null {
  const goes = c.mentions.length > 0 && /\b(?:in|into)\b/i.test(`${c.rest} ${c.lead ?? ''}`) && c.tools.some((t) => isContainer(t.id));
  return goes && /^(?:measure|weigh)$/.test(c.verb ?? '') ? { ...c, verb: 'put', technique: techniqueById('add')! } : null;
}

/** "Take it out", of what is in the microwave or the fridge. */
function takenOut(state: State, c: Located, act: Act): Located | null {
  const place = state.container === null ? undefined : state.world.vessels.get(state.container)?.place;
  const isIt = c.mentions.length === 0 && /^(?:out$|(?:it|them|the \p{L}+) out$|out (?:it|them|the \p{L}+)$)/iu.test(c.rest.trim());
  if (act !== 'lift' || !isIt || !isPutAway(place)) return null;
  return { ...c, technique: techniqueById('take-out-place')!, rest: `the ${toolCall(state, state.container!)} out of the ${place}` };
}

/** "Press the edges down", "pat them flat": nothing goes anywhere. */
const isTurned = (c: Located) =>
  /^(?:press|pat)$/.test(c.verb ?? '') && c.mentions.length === 0 && !/\b(?:in|into|onto|over)\b/i.test(c.rest);

/** "Toss" what is in no vessel yet, on the tray or the board: it is only turned about. */
const isLeftAlone = (state: State, c: Located) =>
  c.technique?.id === 'mash' &&
  c.mentions.length === 0 &&
  !c.tools.some((t) => isContainer(t.id)) &&
  state.objectUses.every((i) => !state.placed.has(i)) &&
  state.container === null;

/** "Turn off the heat" after its ring went off, "take it out of the oven" after it came out, "eat": a step has done it, or will. */
function isDoneAlready(state: State, c: Located, act: Act): boolean {
  if (act === 'off') return isHobOff(state, c);
  const last = state.steps.at(-1);
  if (c.technique?.id === 'gloves-on') return kindOf(last?.technique) === 'take-out-oven';
  // it came out when its time was up
  if (
    act === 'oven-out' &&
    c.mentions.length === 0 &&
    lastOf(state, 'take-out-oven') > Math.max(lastOf(state, 'bake'), lastOf(state, 'preheat-oven'))
  ) {
    if (state.inOven !== null && isHeld(state, state.inOven)) {
      state.container = state.inOven;
      focusOn(state, inside(state, state.inOven), null);
    }
    return true;
  }
  if (act === 'oven-out') return kindOf(last?.technique) === 'take-out-oven';
  // eating stands in the routine behind every recipe; "eat with lime" brings the lime
  return act === 'eat' && c.mentions.length === 0;
}
