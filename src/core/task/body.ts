// Turns a recipe's instructions into steps, keeping track of what is where, what is ready and what is hot.
import { minutesOfText } from '../amount/minutes';
import { findFood } from '../recipe/food';
import type { Recipe } from '../recipe/recipe';
import { findTechnique, kindOf } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import { isAside, takeUnknown } from './body-aside';
import { isHobOff, onHob, ringOff } from './body-hob';
import { dustWith, withImplied } from './body-implied';
import { bake, heatInOven, preheat } from './body-oven';
import { putThem, putTogether } from './body-put';
import { addRaw, takeVessel } from './body-vessel';
import { MOST_OF_RECIPE } from './bounds';
import { clausesOf, type Clause } from './clauses';
import { CONTAINED, containerOf } from './containers';
import type { Draft } from '../plan/draft';
import { isTarget, locate, noteExplicit, sharedObject } from './locate';
import { namesOf, wholeOf, type Mention } from './mentions';
import type { Kitchen } from '../plan/model';
import { nameOf } from './ready';
import { CUTTING, HOB, isContainer, JOINING, PUTTING, type Located, type State } from './state';
import { rawOf, remember, say } from './step-of-clause';
import { makeReady } from './supply';
import { toolCalls } from './tool-names';
import { wording } from './wording';

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

/** Steps of the recipe itself, without the routines around it, in the order in which they are done. */
export function bodySteps(recipe: Recipe, kitchen: Kitchen): Draft[] {
  const names = namesOf(recipe.ingredients);
  const state: State = {
    recipe,
    names,
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
    cameFrom: null,
    hob: null,
    covered: null,
    oven: false,
    inOven: null,
    bakesOn: false,
    saidFirst: [],
    object: null,
    objectUses: [],
    line: 0,
    lineObjects: [],
    scalding: null,
    hotFood: false,
    cooked: new Set(),
    rawIn: new Map(),
    tinned: recipe.ingredients.some((one) => one.unit === 'can') && !/\b(?:bake|oven|grease|line)\b/i.test(recipe.instructions.join(' ')),
    calls: toolCalls(recipe),
  };
  // eggs that are boiled keep their shells
  const eggs = recipe.ingredients.flatMap((one, i) => (findFood(one.item)?.raw === 'egg' ? [i] : []));
  if (eggs.length > 0 && (BOILED_EGGS.test(recipe.instructions.join(' ')) || recipe.instructions.some(boilsEggs)))
    for (const i of eggs) state.explicit.add(`${i}:crack-egg`);
  const clauses = clausesUpTo(MOST_CLAUSES, recipe.instructions);
  noteExplicit(state, clauses);
  for (const [i, { clause, line }] of clauses.entries()) {
    // what is beyond is told: see linesBeyond
    if (state.steps.length >= MOST_OF_RECIPE) break;
    const next = clauses[i + 1];
    const objectOf =
      clause.shared && next && !next.clause.shared && !next.clause.first && next.line === line ? next.clause : sharedObject(clauses, i);
    const before = new Set(state.steps);
    for (const one of peelApart(state, locate(state, clause, line, objectOf))) takeClause(state, one);
    if (/\bboiling\s+water\b/i.test(clause.rest) && state.hob === null) state.scalding = state.container;
    // the steps of this action; what made its things ready is not the adult's
    if (clause.help)
      state.steps = state.steps.map((s) => (before.has(s) || s.sourceLine === null ? s : { ...s, supervision: clause.help! }));
  }
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

function takeClause(state: State, said: Located): void {
  if (!said.verb || isAside(said)) return takeUnknown(state, said);
  const id = kindOf(said.technique?.id) || null;
  // "crumble it into a jar", "snip it into the bowl"
  const holds = CONTAINED.has(id ?? '') || (CUTTING.has(id ?? '') && /\binto\s+(?:an?|the)\b/i.test(said.rest));
  const named = holds && said.technique?.id !== 'squeeze-out' ? containerOf(state, said) : null;
  if (state.line !== said.line) state.lineObjects = [];
  state.line = said.line;
  state.cameFrom = null;
  const c = withImplied(state, said);
  if (DUSTS.has(c.technique?.id ?? '') && c.mentions.length > 0) return dustWith(state, c);
  if (id === 'drain-hot' || id === 'drain') {
    // what is drained is where it was cooked, not in the pan beside it
    const lies = named ? undefined : c.mentions.map((m) => state.placed.get(m.ingredient)).find((at) => at !== undefined);
    if (lies) state.container = lies;
  }
  if (id === 'drain-hot' || id === 'take-off-heat' || id === 'cool') ringOff(state);
  if (isDoneAlready(state, c, id)) return;
  if (id === 'preheat-oven') return preheat(state, c);
  if (id === 'bake') return /\bto\s+(?:heat|warm|get hot|preheat)\b/i.test(c.rest) ? heatInOven(state, c) : bake(state, c);
  const isBeside = c.mentions.length > 0 && c.mentions.every((m) => (state.placed.get(m.ingredient) ?? state.hob) !== state.hob);
  if (id && HOB.has(id) && !((id === 'turn-over' || id === 'skim') && (state.hob === null || isBeside))) return onHob(state, c, named);
  if (id === 'lift-out' && named !== null && state.hob !== null) return liftAside(state, c, named);
  takeVessel(state, c, named, goalsOf(state, c, id));
  const fresh = freshOf(state, c, id, named);
  if (PUTTING.has(id ?? '') && ALL_OF_THEM.test(c.rest) && c.mentions.length === 0 && state.lineObjects.length > 1)
    return putThem(state, c, state.lineObjects);
  for (const mention of c.mentions) if (isGoal(state, c, id, mention)) makeReady(state, mention, c, true);
  // "stir the soup": what is in the pan already is not put in again
  if ((PUTTING.has(id ?? '') || JOINING.has(id ?? '')) && fresh.length > 0) return putTogether(state, c, fresh);
  doTo(state, c, id, named);
}

/** Where the things lie that a clause names as its goal; worked into others, also where a thing named at all lies. */
function goalsOf(state: State, c: Located, id: string | null): string[] {
  const joins = JOINING.has(id ?? '') && !/^(?:in|on)\b/i.test(c.rest);
  return c.mentions.flatMap((m) => {
    const at = state.placed.get(m.ingredient);
    return m.part === 'all' && at !== undefined && (isTarget(c, m) || joins) ? [at] : [];
  });
}

const isGoal = (state: State, c: Located, id: string | null, m: Mention) =>
  isTarget(c, m) && (PUTTING.has(id ?? '') || state.placed.has(m.ingredient));

/** What a clause brings in: not there yet, or lying in another vessel ("put the nuts in the blender"). */
function freshOf(state: State, c: Located, id: string | null, named: string | null): Mention[] {
  const fromElsewhere =
    PUTTING.has(id ?? '') && c.mentions.length > 1 && (named !== null || /^(?:add|top|arrange|fill|serve)$/.test(c.verb ?? ''));
  return c.mentions.filter((m) => {
    if (isGoal(state, c, id, m)) return false;
    const at = state.placed.get(m.ingredient);
    return m.part !== 'all' || at === undefined || (fromElsewhere && at !== state.container);
  });
}

/** "Turn off the heat" after its ring went off, "take it out of the oven" after it came out, "eat": a step has done it, or will. */
function isDoneAlready(state: State, c: Located, id: string | null): boolean {
  if (id === 'turn-off') return state.hob === null && isHobOff(state, c);
  if (id === 'take-out-oven') return kindOf(state.steps.at(-1)?.technique) === 'take-out-oven';
  // eating stands in the routine behind every recipe; "eat with lime" brings the lime
  return id === 'eat' && c.mentions.length === 0;
}

function liftAside(state: State, c: Located, to: string): void {
  for (const i of c.mentions.length ? c.mentions.map((m) => m.ingredient) : state.objectUses) state.placed.set(i, to);
  // "lift off the bowl": that bowl is in hand now
  if (c.mentions.length === 0 && /^(?:off\s+|out\s+)?the\b/i.test(c.rest) && c.tools.some((t) => t.id === to && t.at < 12)) state.container = to;
  say(state, c, { text: wording(state, c), into: to });
}

/** Water that stood for a quarter of an hour scalds no more (common practice); couscous and noodles stand less. */
const waitsLong = (c: Located) => kindOf(c.technique?.id) === 'wait' && (minutesOfText(`${c.rest} ${c.until ?? ''}`) ?? 0) >= 15;

const ALL_OF_THEM = /\bthem\b|^(?:it all|all of it|everything)\b/i;

const DUSTS = new Set(['dust', 'flour-surface']);
// Work on a thing by itself: it is made ready here, and measured at its next step.
const WORKED = new Set([...CUTTING, 'rinse', 'crack-egg', 'juice', 'drain', 'open-can', 'measure', 'weigh']);

/** Everything that is not putting, joining, cooking or baking: one step, in the vessel in hand. */
function doTo(state: State, c: Located, id: string | null, named: string | null): void {
  // "wash the cucumber and grate it": half of it is wanted, so it is cut first
  if (CUTTING.has(id ?? '') && c.mentions.length === 0 && /^(?:it|them)\b/i.test(c.rest))
    for (const i of state.objectUses) makeReady(state, wholeOf(i), c, true);
  for (const mention of c.mentions) {
    // cut and measured at its next step: it is rinsed whole
    const one = state.recipe.ingredients[mention.ingredient]!;
    if (id === 'rinse' && one.unit !== 'can' && findFood(one.item)?.form !== 'grain') continue;
    makeReady(state, mention, c, WORKED.has(id ?? ''));
  }
  // "crumble in the cube", "flake the salmon into the potato": it goes there
  const goal = CUTTING.has(id ?? '') ? goalOfWork(state, c) : null;
  const cracked = id === 'crack-egg' ? (named ?? (/^in\b/i.test(c.rest) ? state.container : null)) : null;
  if (cracked) {
    for (const m of c.mentions) state.placed.set(m.ingredient, cracked);
    if (cracked !== state.hob) addRaw(state, cracked, ['raw-egg']);
  }
  if (id === 'soak' && state.container !== null)
    for (const m of c.mentions) if (!state.placed.has(m.ingredient)) state.placed.set(m.ingredient, state.container);
  // flour that is thrown away lies on the plate no more
  if (c.technique?.id === 'throw-away')
    for (const m of c.mentions) {
      state.rawIn.delete(state.placed.get(m.ingredient) ?? '');
      state.placed.delete(m.ingredient);
    }
  // what comes out of the toaster lies on a plate
  if (c.technique?.id === 'toast' && c.tools.every((t) => !isContainer(t.id))) state.container = 'plate';
  if (id === 'boil-kettle') state.explicit.add('kettle');
  if (id === 'microwave') {
    state.hotFood = true;
    // no metal goes in a microwave
    const held = toolById(state.container ?? '');
    const isMetal = held?.kind === 'cookware' && held.id !== 'baking-dish';
    if (!named && (!isContainer(state.container ?? '') || isMetal)) state.container = 'plate';
    state.scalding = state.container;
  }
  if (id === 'cool' || id === 'chill') state.hotFood = false;
  if (['cool', 'chill', 'drain-hot', 'drain', 'serve'].includes(id ?? '') || waitsLong(c)) state.scalding = null;
  if (id === 'turn-off') {
    if (/oven/.test(c.words)) state.oven = false;
    else state.hob = null;
  }
  const rests = id === 'wait' && c.mentions.length > 0 ? state.placed.get(c.mentions[0]!.ingredient) : undefined;
  if (rests) state.container = rests;
  if (id === 'shape' && state.container === 'board') addRaw(state, 'board', rawOf(state, c.mentions));
  const into = (CUTTING.has(id ?? '') && named) || goal;
  const goes = c.mentions.filter((m) => !isTarget(c, m));
  say(state, goal ? { ...c, mentions: goes } : c, { text: wording(state, c), into: into ?? placeOf(state, c, id) });
  if (into) for (const m of goal ? goes : c.mentions) state.placed.set(m.ingredient, into);
  if (id === 'cover' && toolById(state.container ?? '')?.kind === 'cookware') state.covered = state.container;
  remember(state, c);
}

/** Where work on a thing lets it fall: the pan in hand, or where what it is worked into lies. */
function goalOfWork(state: State, c: Located): string | null {
  if (/^in\s+(?:the\s+|\p{L}+$)/iu.test(c.rest) && c.mentions.length > 0) return state.container;
  const target = c.mentions.find((m) => isTarget(c, m) && state.placed.has(m.ingredient));
  return target && /\binto\b/i.test(c.rest) ? state.placed.get(target.ingredient)! : null;
}

function placeOf(state: State, c: Located, id: string | null): string | null {
  if (!id || c.technique?.id === 'squeeze-out') return null;
  if (CONTAINED.has(id) || id === 'cover' || id === 'wait') return state.container;
  return CUTTING.has(id) && id !== 'tear' && id !== 'peel-by-hand' ? 'board' : null;
}
