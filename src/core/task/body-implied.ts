// What a clause takes for granted: flour on the hands, a boiled kettle, the salt of "season", the butter of "grease".
import { actOfKind, kindHas, worksOf } from '../technique/works';
import { lotsOf } from '../kitchen/index';
import { findFood } from '../recipe/food';
import { kindOf } from '../technique/lexicon';
import { push } from './push';
import { phrasesOf } from './slots';
import { wholeOf, type Mention } from './mentions';
import type { Located, State } from './state';
import { common } from './step-of-clause';
import { getVesselReady } from './vessel-got-ready';
import { vesselOfPhrase } from './vessels';
import { toolCall } from './tool-names';
import { wording } from './wording';

/** The clause with what it means besides what it says; steps that have to come first are taken. */
export function withImplied(state: State, c: Located): Located {
  const technique = c.technique?.id;
  const kind = kindOf(technique);
  if (
    kind &&
    actOfKind(kind) !== 'heat' &&
    actOfKind(kind) !== 'touch' &&
    /\bboiling\s+water\b/i.test(c.rest) &&
    !state.explicit.has('kettle') &&
    // the pan of water that boils is at hand
    ![...state.world.vessels.values()].some((v) => v.water === 'boiling')
  )
    boilKettle(state, c);
  getVesselReady(state, c);
  flourUnder(state, c);
  if (/\bflour(?:ed|y)\s+hands\b/i.test(`${c.lead ?? ''} ${c.rest}`)) flourHands(state, c);
  if (technique === 'grease' && c.tools.some((t) => t.id === 'slow-cooker')) state.container = 'slow-cooker';
  const unsaid = c.mentions.length === 0;
  if (unsaid && kindHas(kind, 'cuts') && /^(?:everything|them all|all of them)\b/i.test(c.rest))
    return { ...c, mentions: state.lineObjects.map(wholeOf) };
  if (unsaid && technique === 'grease') return { ...c, mentions: greasing(state) };
  if (technique === 'grease') return { ...c, mentions: c.mentions.map((m) => ({ ...m, ingredient: setAside(state, m.ingredient) })) };
  if (unsaid && technique === 'season') return { ...c, mentions: seasoning(state) };
  return c;
}

/** The 10 g of butter "for the tin", where the list parts it from the rest. */
function setAside(state: State, ingredient: number): number {
  const food = findFood(state.recipe.ingredients[ingredient]!.item)?.id;
  const own = state.recipe.ingredients.findIndex(
    (one) => findFood(one.item)?.id === food && one.notes.some((note) => /\b(?:greas|tins?\b|trays?\b|pans?\b)/i.test(note)),
  );
  return food !== undefined && own >= 0 ? own : ingredient;
}

/** "With floured hands": a step of its own, which takes the flour. */
function flourHands(state: State, c: Located): void {
  const flour = state.recipe.ingredients.findIndex((one) => findFood(one.item)?.category === 'flour');
  if (flour < 0) return;
  push(state, {
    text: 'Dust your hands with flour.',
    technique: 'dust',
    sourceLine: c.line,
    uses: [{ ingredient: flour, item: state.recipe.ingredients[flour]!.item, quantity: null, unit: null }],
    tools: [],
    hazards: ['raw-flour'],
    thing: 'your hands',
    name: 'floured-hands',
  });
  state.used.add(flour);
}

const FLOURED =
  /\b(?:on|onto|in|into)\s+(?:an?|the|your)\s+(?:(?:lightly|well|generously)[- ]?)?floured\s+((?:\p{L}+\s+)?(?:surface|board|worktop|table|counter|tray|sheet|bench))\b/iu;

/** "Tip it onto a floured board", where nothing was floured: a dusting first. Where all the flour is in the dough, from its packet. */
function flourUnder(state: State, c: Located): void {
  const under = FLOURED.exec(`${c.rest} ${c.lead ?? ''}`)?.[1]?.toLowerCase();
  const flour = state.recipe.ingredients.findIndex((one) => findFood(one.item)?.category === 'flour');
  const on = /tray|sheet/.test(under ?? '') ? 'tray' : 'board';
  // a tray that was dusted is no table
  if (!under || flour < 0 || state.steps.some((s) => FLOURS.test(s.text) && (s.into === on || (s.into ?? 'board') === on))) return;
  const isLeft = lotsOf(state.world, flour).some((lot) => !lot.joined && lot.at === null);
  push(state, {
    text: `Dust the ${under} with a little flour.`,
    technique: 'dust',
    sourceLine: c.line,
    uses: isLeft ? [{ ingredient: flour, item: state.recipe.ingredients[flour]!.item, quantity: null, unit: null }] : [],
    little: true,
    tools: [on],
    into: on,
    thing: `the ${under}`,
    name: 'floured',
  });
}
/** A surface, hands or tin was dusted before. */
const FLOURS =
  /^(?:Lightly )?(?:Dust|Sprinkle|Scatter|Flour|Shake)\b[^.]*\bflour\b[^.]*\b(?:surface|board|worktop|table|counter|bench|tray|sheet)\b|^(?:Lightly )?(?:Dust|Sprinkle|Flour)\b[^.]*\b(?:surface|board|worktop|table|counter|bench|tray|sheet)\b/i;

/** "Pour boiling water over them" where no water is listed: it has to be boiled first. */
function boilKettle(state: State, c: Located): void {
  state.explicit.add('kettle');
  push(state, {
    text: 'Fill the kettle and boil the water.',
    technique: 'boil-kettle',
    sourceLine: c.line,
    thing: 'the kettle',
    name: 'kettle',
    minutes: { waiting: 3 },
  });
}

/** "Dust the tray with flour": with a little of the flour that has some to spare; all of it still goes where the recipe puts it. */
export function dustWith(state: State, c: Located): void {
  const spare =
    c.mentions.find((m) => state.recipe.ingredients[m.ingredient]!.notes.some((n) => /extra|more|dust/i.test(n))) ?? c.mentions[0]!;
  const one = state.recipe.ingredients[spare.ingredient]!;
  const on = vesselToDust(state, c);
  push(state, {
    ...common(state, c, on, [spare]),
    text: wording(state, {
      ...c,
      rest: on && isDustedAfter(state, c) ? c.rest.replace(/^it\b/i, `the ${toolCall(state, on)}`) : c.rest,
      mentions: [spare],
    }),
    uses: [{ ingredient: spare.ingredient, item: one.item, quantity: null, unit: null }],
    little: true,
  });
  if (one.min === null) state.used.add(spare.ingredient);
  // what is kneaded next is kneaded there
  if (on === 'board') state.vesselSpoken = on;
}

/** "Butter a tin and dust it with flour": the tin. */
const isDustedAfter = (state: State, c: Located): boolean =>
  /^it\s/i.test(c.rest) && state.prepared !== null && worksOf(state.steps.at(-1)?.technique).act === 'coat-vessel';

function vesselToDust(state: State, c: Located): string | null {
  const named = phrasesOf(state, c).find((p) => p.vessel !== null);
  if (named) return vesselOfPhrase(state, c, named);
  if (isDustedAfter(state, c)) return state.prepared;
  // "dust the top with icing sugar": of what stands there
  return /^(?:the |each |all )?(?:tops?|surface|cakes?|pudding|buns?|biscuits?|loaf|traybake)\b/i.test(c.rest) ? state.container : null;
}

/** "Grease the tin", "spray the basket": with what the list has for it. */
function greasing(state: State): Mention[] {
  return state.recipe.ingredients.flatMap((one, ingredient): Mention[] =>
    !state.used.has(ingredient) && (/\bspray\b/i.test(one.item) || one.notes.some((n) => /greas|for the (?:tin|pan|dish)/i.test(n)))
      ? [wholeOf(ingredient)]
      : [],
  );
}

/** "Season." means the salt and pepper of the list that are not in yet. */
function seasoning(state: State): Mention[] {
  return state.recipe.ingredients.flatMap((one, ingredient): Mention[] =>
    findFood(one.item)?.category === 'salt' && !state.used.has(ingredient) ? [wholeOf(ingredient)] : [],
  );
}
