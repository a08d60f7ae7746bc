// Turns a recipe's instructions into steps: reads each action in the kitchen as the steps before leave it, and takes it by the frame that fits.
import { newWorld } from '../kitchen/index';
import type { Draft } from '../plan/draft';
import type { Kitchen } from '../plan/model';
import { findFood, nameWords } from '../recipe/food';
import type { Recipe } from '../recipe/recipe';
import { findTechnique } from '../technique/lexicon';
import { MOST_OF_RECIPE } from './bounds';
import { cooksBeside, takeBeside, withTimers, type Beside } from './beside';
import { clausesOf, type Clause } from './clauses';
import { drainedBefore, inHandAgain } from './drain-first';

import { withHeadingsSaid } from './heading-said';
import { locate, noteExplicit, sharedObject } from './locate';
import { namesOf } from './ingredient-names';
import { withMentionedWork } from './mentioned-work';
import { madeIn } from './made-said';
import { knownFoods } from './unlisted-foods';
import { nameOf } from './ready';
import { sync } from './push';
import { type Located, type State } from './state';
import { toolCalls } from './tool-names';
import { isPan } from './vessels';
import { takeClause } from './take-clause';

const BOILED_EGGS =
  /\beggs?\b[^.]{0,40}\b(?:pan|pot|saucepan) of (?:\p{L}+ )?water|\b(?:hard[- ]|soft[- ])?boil the eggs?\b|\bpeel (?:and \p{L}+ )?the eggs?\b/iu;

/** "Place the eggs in a pan, cover with cold water ... then peel and halve". */
const boilsEggs = (line: string) =>
  (/\beggs\b[^.]*\b(?:cover(?:ed)? with (?:\p{L}+ )?water|boil)\b.*\b(?:peel|shell)\b(?! the (?!eggs?\b))/iu.test(line) &&
    !/\b(?:crack|beat|beaten)\b/i.test(line)) ||
  // "Put the eggs into cold water. When cool, peel them"
  /\beggs\b[^.]*\bwater\b[^.]*\.(?:[^.]{0,40}\.)?[^.]{0,30}\b(?:peel|shell) them\b/i.test(line) ||
  // nobody lowers a cracked egg
  /\blower (?:in )?(?:the |your |\p{L}+ )?eggs\b/iu.test(line);

/** Eggs are peeled no more than so many lines after they boil. */
const MOST_APART = 5;

/** What is done while the line before it still goes on. */
const IN_BETWEEN = /^(?:then\s+|next,?\s+)?(?:flip|turn|toss|shake|stir|rotate)\b[^.;]*\bafter\s+(?:the first\s+|about\s+)?\d/i;

/** "Bake for 15 minutes. Meanwhile ..." at the end of a line is said of the next. */
const withMeanwhile = (instructions: readonly string[]): string[] =>
  instructions.map((line, i) => {
    const said = line.replace(LEADS_ON, '');
    return i > 0 && LEADS_ON.test(instructions[i - 1]!) ? `Meanwhile, ${said.charAt(0).toLowerCase()}${said.slice(1)}` : said;
  });
const LEADS_ON =
  /\s*\b(?:meanwhile|in the meantime|while (?:it|they|that|this|(?:the|your) \p{L}+(?: \p{L}+)?) (?:(?:cook|bake|boil|simmer|roast|chill|steam)s?|(?:is|are) (?:cooking|baking|boiling|simmering|roasting|chilling|steaming|in the oven|on the hob)))\s*(?:\.{2,3}|…|:|,|-|–)\s*$/iu;

/** Actions looked at; not every one becomes a step. */
const MOST_CLAUSES = 2 * MOST_OF_RECIPE;

function clausesUpTo(most: number, instructions: readonly string[]): { clause: Clause; line: number }[] {
  const all: { clause: Clause; line: number }[] = [];
  const lines = withMeanwhile(instructions);
  for (let i = 0; i < lines.length && all.length < most; i++) {
    const before = () => lines.slice(0, i).join(' ');
    const own = clausesOf(lines[i]!, before);
    // "Roast for 35 minutes." and on the next line "Turn the veg after 20 minutes."
    const next = lines[i + 1];
    const both = next !== undefined && IN_BETWEEN.test(next) ? clausesOf(`${lines[i]!.replace(/[.!]*$/, '.')} ${next}`, before) : own;
    for (const [k, clause] of both.entries()) all.push({ clause, line: k < own.length ? i + 1 : i + 2 });
    if (both !== own) i++;
  }
  return withMeanwhileOn(all.slice(0, most));
}

const TURNS_ON = /^(?:preheat|pre-heat|heat|turn|set|switch)$/;
/** "While the soup simmers, heat the oven. Cut the bread into cubes": the bread is cut meanwhile; the oven heats by itself. */
const withMeanwhileOn = (all: { clause: Clause; line: number }[]): { clause: Clause; line: number }[] =>
  all.map((one, i) => {
    const isOven = ({ clause }: { clause: Clause }) =>
      clause.meanwhile && clause.first && TURNS_ON.test(clause.verb ?? '') && /\b(?:oven|grill|broiler)\b/i.test(clause.rest);
    const before = all[i - 1];
    if (before && before.line === one.line && isOven(before) && !one.clause.meanwhile)
      return { ...one, clause: { ...one.clause, meanwhile: true, first: true } };
    return isOven(one) && all[i + 1]?.line === one.line ? { ...one, clause: { ...one.clause, meanwhile: false } } : one;
  });

/** Steps of the recipe itself, without the routines around it, in the order in which they are done. */
export function bodySteps(said: Recipe, kitchen: Kitchen): Draft[] {
  const recipe = withMentionedWork(withHeadingsSaid(said));
  const names = namesOf(recipe.ingredients, recipe.instructions.join(' '));
  const listed = new Set(recipe.ingredients.flatMap((one) => nameWords(one.item)));
  const state: State = {
    recipe,
    titleWords: new Set(nameWords(recipe.title).filter((word) => word.length > 3 && !listed.has(word))),
    world: newWorld(recipe.ingredients, kitchen.system),
    leadVessel: null,
    vesselSpoken: null,
    heats: false,
    names,
    known: knownFoods(recipe.ingredients, `${recipe.title} ${madeIn(recipe.instructions)}`),
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
    ringSaid: null,
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
    readyBefore: [],
    scalding: null,
    hotFood: false,
    cooked: new Set(),
    tinned: recipe.ingredients.some((one) => one.unit === 'can') && !/\b(?:bake|oven|grease|line)\b/i.test(recipe.instructions.join(' ')),
    calls: toolCalls(recipe),
  };
  // eggs that are boiled keep their shells
  const eggs = recipe.ingredients.flatMap((one, i) => (findFood(one.item)?.raw === 'egg' ? [i] : []));
  if (
    eggs.length > 0 &&
    (BOILED_EGGS.test(recipe.instructions.join(' ')) ||
      recipe.instructions.some((_, i, all) => boilsEggs(all.slice(i, i + MOST_APART).join(' '))))
  )
    for (const i of eggs) state.explicit.add(`${i}:crack-egg`);
  const clauses = clausesUpTo(MOST_CLAUSES, recipe.instructions);
  // the hands that begin are washed: the routine before the recipe does that
  state.world.washed = true;
  noteExplicit(state, clauses);
  sync(state);
  const early = new Map<number, () => void>();
  const besides: Beside[] = [];
  let open: Beside | null = null;
  const take = (i: number) => {
    const { clause, line } = clauses[i]!;
    const next = clauses[i + 1];
    const objectOf =
      clause.shared && next && !next.clause.shared && !next.clause.first && next.line === line ? next.clause : sharedObject(clauses, i);
    const before = clause.help ? new Set(state.steps) : null;
    const said = locate(state, clause, line, objectOf);
    const opens = said.meanwhile && said.first ? cooksBeside(state, state.steps) : null;
    const there = state.steps.length;
    for (const first of drainedBefore(state, clauses, i, said)) {
      take(first);
      early.set(first, inHandAgain(state));
    }
    if (opens) besides.push((open = { ...opens, ends: [...opens.ends, ...state.steps.slice(there)] }));
    const known = open && new Set(state.steps);
    for (const one of peelApart(state, said)) {
      takeClause(state, one);
      if (isPan(state.container)) state.lastPan = state.container;
    }
    if (
      open &&
      (said.condition !== null ||
        !takeBeside(
          open,
          state.steps.filter((s) => !known!.has(s)),
        ))
    )
      open = null;
    // the steps of this action; what made its things ready is not the adult's
    if (clause.help)
      state.steps = state.steps.map((s) => (before!.has(s) || s.sourceLine === null ? s : { ...s, supervision: clause.help! }));
  };
  // what is beyond is told: see linesBeyond
  for (let i = 0; i < clauses.length && state.steps.length < MOST_OF_RECIPE; i++) (early.get(i) ?? (() => take(i)))();
  const [first, ...others] = withTimers(state.steps, besides);
  if (!first || state.saidFirst.length === 0) return first ? [first, ...others] : [];
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
