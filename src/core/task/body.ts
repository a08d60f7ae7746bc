// Turns a recipe's instructions into steps, keeping track of what is where, what is ready and what is hot.
import { kindOf } from '../technique/lexicon';
import { findTemperature, saysFan } from '../amount/temperature';
import { findFood } from '../recipe/food';
import type { Recipe } from '../recipe/recipe';
import { toolById } from '../technique/tools';
import { clausesOf } from './clauses';
import { useOf, type Draft } from './draft';
import { minutesOfText } from '../amount/minutes';
import { namesOf, type Mention } from './mentions';
import type { Hazard } from '../technique/model';
import type { Kitchen } from './model';
import { nameOf } from './ready';
import { type Located, type State, PUTTING, JOINING, HOB, CUTTING, isContainer } from './state';
import { sharedObject, noteExplicit, locate, isTarget, objectPhrase } from './locate';
import { CONTAINED, MIXING_SURFACE, containerOf, mixingBowl } from './containers';
import { asSaid, dialMarks, fanMarks, withWord, tailAfter, joinedWording, theOf, cap, sentence, wording, cuesOf } from './wording';
import { toolCall, toolCalls } from './tool-names';
import { take, makeReady, usesOf } from './supply';
import { common, heatHazards, hotHazards, push, rawOf, remember, say } from './step-of-clause';

const BOILED_EGGS =
  /\beggs?\b[^.]{0,40}\b(?:pan|pot|saucepan) of (?:\p{L}+ )?water|\b(?:hard[- ]|soft[- ])?boil the eggs?\b|\bpeel (?:and \p{L}+ )?the eggs?\b/iu;

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
    hob: null,
    covered: null,
    oven: false,
    inOven: null,
    object: null,
    objectUses: [],
    line: 0,
    lineObjects: [],
    hotFood: false,
    cooked: new Set(),
    rawIn: new Map(),
    tinned: recipe.ingredients.some((one) => one.unit === 'can') && !/\b(?:bake|oven|grease|line)\b/i.test(recipe.instructions.join(' ')),
    calls: toolCalls(recipe),
  };
  // eggs that are boiled keep their shells
  if (BOILED_EGGS.test(recipe.instructions.join(' ')))
    recipe.ingredients.forEach((one, i) => findFood(one.item)?.raw === 'egg' && state.explicit.add(`${i}:crack-egg`));
  const clauses = recipe.instructions.flatMap((text, i) => clausesOf(text).map((clause) => ({ clause, line: i + 1 })));
  noteExplicit(state, clauses);
  clauses.forEach(({ clause, line }, i) => {
    const next = clauses[i + 1];
    const objectOf =
      clause.shared && next && !next.clause.shared && !next.clause.first && next.line === line ? next.clause : sharedObject(clauses, i);
    takeClause(state, locate(state, clause, line, objectOf));
  });
  return state.steps;
}

function takeClause(state: State, c: Located): void {
  if (!c.verb) return takeUnknown(state, c);
  if (!c.technique && (CAUTION.test(`${c.verb} ${c.rest}`) || ANNOUNCES.test(`${c.verb} ${c.rest}`)))
    return takeUnknown(state, { ...c, rest: `${c.verb} ${c.rest}` });
  const id = kindOf(c.technique?.id) || null;
  const container = CONTAINED.has(id ?? '') && c.technique?.id !== 'squeeze-out' ? containerOf(state, c) : null;
  if (state.line !== c.line) state.lineObjects = [];
  state.line = c.line;
  if (id && /\bboiling\s+water\b/i.test(c.rest) && !HOB.has(id) && !state.explicit.has('kettle')) boilKettle(state, c);
  if (c.technique?.id === 'grease' && c.tools.some((t) => t.id === 'slow-cooker')) state.container = 'slow-cooker';
  if (['dust', 'flour-surface'].includes(c.technique?.id ?? '') && c.mentions.length > 0) return dustWith(state, c);
  if (CUTTING.has(id ?? '') && c.mentions.length === 0 && /^(?:everything|them all|all of them)\b/i.test(c.rest))
    c = {
      ...c,
      mentions: state.lineObjects.map((ingredient): Mention => ({ ingredient, at: 0, end: 0, quantity: null, unit: null, part: 'all' })),
    };
  if (c.technique?.id === 'grease' && c.mentions.length === 0) c = { ...c, mentions: greasing(state) };
  if (c.technique?.id === 'season' && c.mentions.length === 0) c = { ...c, mentions: seasoning(state) };
  if (id && PUTTING.has(id)) c = withPronoun(state, c);
  if (/\bfloured\s+hands\b/i.test(`${c.lead ?? ''} ${c.rest}`)) flourHands(state, c);
  if (['drain-hot', 'drain'].includes(id ?? '') && !container) {
    // what is drained is where it was cooked, not in the pan beside it
    const lies = c.mentions.map((m) => state.placed.get(m.ingredient)).find((at) => at !== undefined);
    if (lies) state.container = lies;
  }
  if (['drain-hot', 'take-off-heat', 'cool'].includes(id ?? '')) ringOff(state, c);
  if (id === 'turn-off' && state.hob === null && isHobOff(state, c)) return;
  // eating stands in the routine behind every recipe; "eat with lime" brings the lime
  if (id === 'eat' && c.mentions.length === 0) return;
  if (id === 'preheat-oven') return preheat(state, c);
  if (id === 'take-out-oven' && kindOf(state.steps.at(-1)?.technique) === 'take-out-oven') return;
  if (id === 'bake' && /\bto\s+(?:heat|warm|get hot|preheat)\b/i.test(c.rest)) return heatInOven(state, c);
  if (id === 'bake') return bake(state, c);
  if (id === 'boil-kettle') state.explicit.add('kettle');
  if (id && HOB.has(id) && !((id === 'turn-over' || id === 'skim') && state.hob === null)) return onHob(state, c, container);
  // where a thing named as the goal lies; worked into others, also where a thing named at all lies
  const there = c.mentions
    .filter(
      (m) =>
        m.part === 'all' && state.placed.has(m.ingredient) && (isTarget(c, m) || (JOINING.has(id ?? '') && !/^(?:in|on)\b/i.test(c.rest))),
    )
    .map((m) => state.placed.get(m.ingredient)!);
  const aside = id === 'lift-out' && container !== null && state.hob !== null;
  if (aside) for (const i of c.mentions.length ? c.mentions.map((m) => m.ingredient) : state.objectUses) state.placed.set(i, container);
  if (aside) return say(state, c, { text: wording(state, c), into: container });
  const from = state.container;
  if (id === 'blend' && !container && ![...state.placed.values()].includes(state.container ?? '')) state.container = 'blender';
  // what is strained or tipped over takes its raw egg along
  if (
    container &&
    state.container &&
    container !== state.container &&
    (c.technique?.id === 'strain' || (id === 'pour' && there.length === 0))
  ) {
    const raw = state.rawIn.get(state.container);
    if (raw) state.rawIn.set(container, new Set([...(state.rawIn.get(container) ?? []), ...raw]));
  }
  // what is laid on foil or paper is in no pan
  const sheet =
    PUTTING.has(id ?? '') &&
    !container &&
    /\bon(?:to)?\s+(?:an?\s+)?(?:(?:large\s+)?(?:sheet|piece|square)s?\s+of\s+)?(?:foil|baking paper|baking parchment|parchment|greaseproof paper)\b/i.test(
      c.rest,
    );
  if (sheet || (c.verb === 'unroll' && !container)) state.container = 'board';
  // biscuits and dumplings go where paper lies ready for them
  const made = PUTTING.has(id ?? '') && c.mentions.length === 0 && ['board', null].includes(state.container);
  if (made && !container && !sheet && state.prepared) state.container = state.prepared;
  // a bag is for shaking and crushing: what is stirred in is stirred into the bowl or cup before it
  if (JOINING.has(id ?? '') && !container && state.container === 'bag' && /^in\b/i.test(c.rest))
    state.container = [...state.placed.values()].reverse().find((at) => at !== 'bag') ?? 'bag';
  if (['grease', 'line'].includes(c.technique?.id ?? '')) state.prepared = c.tools.find((t) => isContainer(t.id))?.id ?? state.prepared;
  if (c.technique?.id === 'drain-on-paper') state.container = 'plate';
  else if (container) state.container = container;
  else if (there.length > 0 && id && CONTAINED.has(id)) state.container = there.at(-1)!;
  else if (id && (PUTTING.has(id) || JOINING.has(id)) && !state.container && c.tools.length === 0) state.container = mixingBowl(state);
  // what is strained or tipped over takes its raw egg along
  const tipped = c.technique?.id === 'strain' || (id === 'pour' && c.mentions.every((m) => state.placed.has(m.ingredient)));
  const carried = tipped && from !== state.container ? state.rawIn.get(from ?? '') : undefined;
  if (carried && state.container) state.rawIn.set(state.container, new Set([...(state.rawIn.get(state.container) ?? []), ...carried]));
  // "tip them onto the tray", "spread it out on the tray": all that was in the last vessel, or was spoken of, is there now
  const onto =
    id === 'pour' &&
    from !== state.container &&
    c.mentions.length > 0 &&
    c.mentions.every((m) => isTarget(c, m) && state.placed.get(m.ingredient) === state.container);
  const moves = onto || ((PUTTING.has(id ?? '') || id === 'spread') && container !== null && c.mentions.length === 0);
  if (
    moves &&
    state.container &&
    (onto || !objectPhrase(c.rest) || /^(?:it|them|everything|the (?:\p{L}+ )?(?:mixture|mix|batter|dough|filling))\b/iu.test(c.rest))
  ) {
    const carriedOver = [...state.placed].filter(([, at]) => at === from).map(([i]) => i);
    for (const i of from !== null && carriedOver.length > 0 ? carriedOver : state.objectUses) state.placed.set(i, state.container);
  }
  // eggs and cream that are beaten together are not beaten in the pan with the leeks
  const together = kindOf(id) === 'mix' && c.first && c.mentions.length > 1 && (/\btogether\b/i.test(c.rest) || c.verb === 'whisk');
  const apart =
    (id === 'beat' || together) &&
    !container &&
    c.mentions.length > 0 &&
    !/^in\b/i.test(c.rest) &&
    toolById(state.container ?? '')?.kind === 'cookware';
  const full = [...state.placed.values()].includes(state.container ?? '');
  if (apart && full && c.mentions.every((m) => !state.placed.has(m.ingredient))) state.container = mixingBowl(state);
  // a new mixture is not made on a tray; what lies on it may be turned about there
  const onSurface = MIXING_SURFACE.has(state.container ?? '') && state.container !== state.hob;
  if (id && JOINING.has(id) && !container && onSurface && !(full && (c.mentions.length === 0 || /^in\b/i.test(c.rest))))
    state.container = mixingBowl(state);
  if (/\bthem\b/i.test(c.rest) && c.mentions.length === 0 && state.lineObjects.length > 1 && id && PUTTING.has(id))
    return putThem(state, c, state.lineObjects);
  const target = (m: Mention) => isTarget(c, m) && (PUTTING.has(id ?? '') || state.placed.has(m.ingredient));
  // "put the nuts in the blender": what lies in another vessel is moved
  const moved = (m: Mention) =>
    PUTTING.has(id ?? '') &&
    ((container !== null && c.mentions.length > 1) || (c.verb === 'add' && c.mentions.length > 1)) &&
    state.placed.get(m.ingredient) !== state.container;
  const fresh = c.mentions.filter((m) => !target(m) && (m.part !== 'all' || !state.placed.has(m.ingredient) || moved(m)));
  for (const mention of c.mentions) if (target(mention)) makeReady(state, mention, c, true);
  // "stir the soup": what is in the pan already is not put in again
  if (id && (PUTTING.has(id) || JOINING.has(id)) && fresh.length > 0) return putTogether(state, c, fresh);
  for (const mention of c.mentions) {
    // cut and measured at its next step: it is rinsed whole
    const one = state.recipe.ingredients[mention.ingredient]!;
    if (id === 'rinse' && one.unit !== 'can' && findFood(one.item)?.form !== 'grain') continue;
    makeReady(
      state,
      mention,
      c,
      CUTTING.has(id ?? '') ||
        id === 'rinse' ||
        id === 'crack-egg' ||
        id === 'juice' ||
        id === 'drain' ||
        id === 'open-can' ||
        id === 'measure' ||
        id === 'weigh',
    );
  }
  if (id === 'crack-egg' && container) {
    for (const m of c.mentions) state.placed.set(m.ingredient, container);
    state.rawIn.set(container, new Set([...(state.rawIn.get(container) ?? []), 'raw-egg' as const]));
  }
  if (id === 'microwave') {
    state.hotFood = true;
    // no metal goes in a microwave
    const held = toolById(state.container ?? '');
    if (!container && (!isContainer(state.container ?? '') || (held?.kind === 'cookware' && held.id !== 'baking-dish')))
      state.container = 'plate';
  }
  if (id === 'cool' || id === 'chill') state.hotFood = false;
  if (id === 'turn-off') {
    const what = c.words;
    if (/oven/.test(what)) state.oven = false;
    else state.hob = null;
  }
  const rests = id === 'wait' && c.mentions.length > 0 ? state.placed.get(c.mentions[0]!.ingredient) : undefined;
  if (rests) state.container = rests;
  const where =
    c.technique?.id === 'squeeze-out'
      ? null
      : id && (CONTAINED.has(id) || id === 'cover' || id === 'wait')
        ? state.container
        : id && CUTTING.has(id) && id !== 'tear' && id !== 'peel-by-hand'
          ? 'board'
          : null;
  if (id === 'shape' && state.container === 'board')
    state.rawIn.set('board', new Set([...(state.rawIn.get('board') ?? []), ...rawOf(state, c.mentions)]));
  say(state, c, { text: wording(state, c), into: where });
  if (id === 'cover' && toolById(state.container ?? '')?.kind === 'cookware') state.covered = state.container;
  remember(state, c);
}

/** The ring goes off before the pan leaves it: what is drained or cooled is not on the heat any more. */
function ringOff(state: State, c: Located): void {
  if (state.hob === null) return;
  push(state, {
    text: `Turn off the hob${state.container === state.hob ? '' : ` under the ${toolCall(state, state.hob)}`}.`,
    technique: 'turn-off',
    sourceLine: c.line,
    tools: ['hob'],
    thing: 'the hob',
    name: state.hob,
  });
  state.hob = null;
  state.hotFood = true;
}

/** "Turn off the heat" after a ring that was turned off already, since its pan was drained. */
function isHobOff(state: State, c: Located): boolean {
  const last = (id: string) => state.steps.reduce((found, s, i) => (kindOf(s.technique) === id ? i : found), -1);
  return !/oven|grill|kettle|microwave|blender|mixer/i.test(c.words) && last('turn-off') > last('hob-on') && last('hob-on') >= 0;
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
function dustWith(state: State, c: Located): void {
  const spare =
    c.mentions.find((m) => state.recipe.ingredients[m.ingredient]!.notes.some((n) => /extra|more|dust/i.test(n))) ?? c.mentions[0]!;
  const one = state.recipe.ingredients[spare.ingredient]!;
  push(state, {
    ...common(state, c, containerOf(state, c), [spare]),
    text: wording(state, { ...c, mentions: [spare] }),
    uses: [{ ingredient: spare.ingredient, item: one.item, quantity: null, unit: null }],
  });
  if (one.min === null) state.used.add(spare.ingredient);
}

/** "Grease the tin", "spray the basket": with what the list has for it. */
function greasing(state: State): Mention[] {
  return state.recipe.ingredients.flatMap((one, ingredient): Mention[] =>
    !state.used.has(ingredient) && (/\bspray\b/i.test(one.item) || one.notes.some((n) => /greas|for the (?:tin|pan|dish)/i.test(n)))
      ? [{ ingredient, at: 0, end: 0, quantity: null, unit: null, part: 'all' }]
      : [],
  );
}

/** "Season." means the salt and pepper of the list that are not in yet. */
function seasoning(state: State): Mention[] {
  return state.recipe.ingredients.flatMap((one, ingredient): Mention[] =>
    findFood(one.item)?.category === 'salt' && !state.used.has(ingredient)
      ? [{ ingredient, at: 0, end: 0, quantity: null, unit: null, part: 'all' }]
      : [],
  );
}

/** "Put them in a pan with 3 cups of water": what "them" stands for goes in too. */
function withPronoun(state: State, c: Located): Located {
  if (c.mentions.length === 0 || !/^(?:it|them)\b/i.test(c.rest) || !/\bwith\b/i.test(c.rest)) return c;
  const meant = (state.lineObjects.length > 0 ? state.lineObjects : state.objectUses).filter(
    (i) => !state.placed.has(i) && !c.mentions.some((m) => m.ingredient === i),
  );
  return {
    ...c,
    mentions: [
      ...meant.map((ingredient): Mention => ({ ingredient, at: 0, end: 0, quantity: null, unit: null, part: 'all' })),
      ...c.mentions,
    ],
  };
}

/** "Do not overmix", "Careful: hot!": no step, but something to look out for in the one before. */
const CAUTION =
  /^(?:do not|don't|never|be careful|careful|take care|watch out|mind|make sure|ensure|avoid|note|remember|keep an eye|keeps|(?:good|great|nice|lovely|delicious|perfect) (?:with|for|in|on)|goes well|(?:it|they|this|these|that|the \p{L}+) (?:will|may|might|can|should|takes?|is|are|shouldn't|won't)|there (?:will|should|may))\b/iu;

/** "First make the sauce", with how to make it behind: an announcement. */
const ANNOUNCES =
  /^(?:make|start with|begin with|prepare) (?:the|your) (?:\p{L}+ )?(?:sauce|filling|dressing|dough|pastry|topping|base|batter|marinade|salad|mixture|icing|crumble|glaze|salsa|dip|stuffing)$/iu;

function takeUnknown(state: State, c: Located): void {
  const before = state.steps.at(-1);
  if (ANNOUNCES.test(c.rest)) return;
  if (before && CAUTION.test(c.rest)) {
    const hot: Hazard[] = /\bsteam\b/i.test(c.rest) ? ['hot', 'steam'] : /\bhot\b/i.test(c.rest) ? ['hot'] : [];
    state.steps[state.steps.length - 1] = {
      ...before,
      cues: [...(before.cues ?? []), { sense: 'sight', text: c.rest.trim() }],
      hazards: [...(before.hazards ?? []), ...hot],
    };
    return;
  }
  // A sentence with no action known to us still stands as a step: a person mends it, nothing is dropped.
  const text = c.rest.trim();
  if (text.split(/\s+/).length < 2 && !c.mentions.length) return;
  state.steps.push({
    text: sentence(text),
    technique: null,
    sourceLine: c.line,
    uses: c.mentions.map((m) => useOf(state.recipe.ingredients, m.ingredient)),
    name: text.slice(0, 20),
  });
}

function preheat(state: State, c: Located): void {
  const said = findTemperature(c.rest) ? c.rest : state.recipe.instructions.find((line) => (findTemperature(line)?.celsius ?? 0) >= 100);
  const heat = said === undefined ? null : findTemperature(said);
  state.oven = true;
  const tool = c.tools.find((t) => t.id === 'grill' || t.id === 'air-fryer')?.id ?? 'oven';
  // early enough: it heats while the rest is prepared
  state.steps.unshift({
    text: `Turn the ${toolCall(state, tool)} on${heat ? ` to ${saysFan(said!) ? fanMarks(heat) : dialMarks(heat)}` : ''}.`,
    technique: 'preheat-oven',
    sourceLine: c.line,
    tools: [tool],
    thing: `the ${toolCall(state, tool)}`,
    minutes: { waiting: 0 },
  });
  if (state.beforeHeat !== null) state.beforeHeat++;
}

/** "Place the skillet in the oven to heat": it stays there until the recipe takes it out. */
function heatInOven(state: State, c: Located): void {
  if (!state.oven) preheat(state, { ...c, rest: 'the oven', tools: [] });
  const container = c.tools.find((t) => isContainer(t.id))?.id ?? 'tray';
  push(state, {
    text: wording(state, c),
    technique: 'heat-pan',
    sourceLine: c.line,
    tools: [container, 'oven'],
    into: 'oven',
    thing: `the ${toolCall(state, container)}`,
    name: 'in-oven',
    minutes: { active: 0.5, waiting: 0 },
  });
  state.inOven = container;
}

function bake(state: State, c: Located): void {
  // no ring stays on under an empty pan
  if (![...state.placed.values()].includes(state.hob ?? '')) ringOff(state, c);
  const own = c.tools.find((t) => isContainer(t.id))?.id;
  for (const mention of c.mentions) makeReady(state, mention, c, false);
  // what is not in a dish yet goes on a tray, not into the pan that stands about
  const loose = own ? [] : c.mentions.filter((m) => !state.placed.has(m.ingredient));
  const container =
    own ??
    (c.technique?.id === 'air-fry' ? 'air-fryer-basket' : null) ??
    (loose.length > 0 ? 'tray' : null) ??
    (state.container && toolById(state.container)?.kind === 'cookware' ? state.container : null) ??
    [...state.steps]
      .reverse()
      .flatMap((s) => s.tools ?? [])
      .find((t) => ['tray', 'baking-dish', 'cake-tin', 'muffin-tin'].includes(t)) ??
    'baking-dish';
  for (const mention of loose) {
    push(state, {
      text: `Put ${theOf(state, mention)} on the ${toolCall(state, container)}.`,
      technique: 'layer',
      sourceLine: c.line,
      uses: [take(state, mention)],
      tools: [container],
      into: container,
      thing: `the ${nameOf(state.recipe.ingredients[mention.ingredient]!)}`,
      name: nameOf(state.recipe.ingredients[mention.ingredient]!),
      hazards: rawOf(state, [mention]),
    });
    state.placed.set(mention.ingredient, container);
    state.used.add(mention.ingredient);
  }
  const grill = c.verb === 'grill' || c.verb === 'broil' || c.tools.some((t) => t.id === 'grill');
  const airFryer = c.technique?.id === 'air-fry' || c.tools.some((t) => t.id === 'air-fryer');
  const appliance = grill ? 'grill' : airFryer ? 'air-fryer' : 'oven';
  if (!state.oven && !airFryer) preheat(state, { ...c, rest: grill ? 'the grill' : c.rest, tools: grill ? [{ id: 'grill', at: 0 }] : [] });
  const name = `the ${toolCall(state, container)}`;
  const time = minutesOfText(`${c.rest} ${c.until ?? ''}`);
  state.steps.push({
    text: airFryer ? `Put ${name} in the air fryer.` : `Put ${name} ${grill ? 'under the grill' : 'in the oven'}. Wear oven gloves.`,
    technique: c.technique?.id ?? 'bake',
    sourceLine: c.line,
    tools: [appliance, 'oven-gloves', container],
    into: appliance,
    thing: name,
    name: 'in',
    uses: usesOf(state, c),
    cues: [],
    minutes: { waiting: 0 },
  });
  const words = wording(state, { ...c, lead: null });
  state.steps.push({
    text: words,
    technique: 'wait',
    sourceLine: c.line,
    tools: ['timer', appliance],
    into: appliance,
    name: 'bake',
    hazards: ['hot'],
    thing: name,
    minutes: { active: 0.2, waiting: time ?? 20 },
    cues: cuesOf(c, 'bake'),
  });
  state.inOven = container;
  // batter that went in comes out as something else
  if (/\b(?:batter|mixture|mix|dough|tops?)\b|^an?\s/i.test(state.object ?? '')) state.object = null;
  state.rawIn.clear();
  // foil parcels are laid out on the board
  for (const [i, at] of state.placed) if (at === container || at === 'board') state.cooked.add(i);
  state.steps.push({
    text: `Take ${name} ${grill ? 'from under the grill' : `out of the ${airFryer ? 'air fryer' : 'oven'}`} and put it on a stand.`,
    technique: 'take-out-oven',
    sourceLine: c.line,
    tools: ['oven-gloves', 'stand', container],
    into: 'stand',
    thing: name,
  });
  state.container = container;
}

function onHob(state: State, c: Located, container: string | null): void {
  const id = kindOf(c.technique!.id);
  const inMicrowave = c.tools.some((t) => t.id === 'microwave');
  const put = new Map<number, ReturnType<typeof take>>();
  const pan = inMicrowave
    ? (container ?? (toolById(state.container ?? '')?.kind === 'container' ? state.container! : 'bowl'))
    : (container ??
      (state.hob && state.container === state.hob ? state.hob : null) ??
      (toolById(state.container ?? '')?.kind === 'cookware' || state.container === 'slow-cooker' ? state.container : null) ??
      state.hob ??
      (id === 'fry' ? 'frying-pan' : 'saucepan'));
  state.container = pan;
  const own = pan === 'slow-cooker';
  if (!inMicrowave && !own && state.hob !== null && state.hob !== pan) {
    // one pan at a time on the heat: an empty ring left on is the commonest burn
    push(state, {
      text: `Turn off the hob under the ${toolCall(state, state.hob)}.`,
      technique: 'turn-off',
      sourceLine: c.line,
      tools: ['hob'],
      thing: 'the hob',
      name: state.hob,
    });
  }
  if (!inMicrowave && pan !== 'slow-cooker' && state.hob === null && state.beforeHeat === null) state.beforeHeat = state.steps.length;
  const took = (mention: Mention) => {
    const use = take(state, mention);
    put.set(mention.ingredient, use);
    return use;
  };
  // "Rinse the rice. Cook for 10 minutes": what is spoken of still has to go into the pan
  if (c.mentions.length === 0 && ['boil', 'cook', 'simmer', 'fry'].includes(id) && !objectPhrase(c.rest)) {
    const meant = ![...state.placed.values()].includes(pan) ? state.objectUses.filter((i) => !state.placed.has(i)) : [];
    c = { ...c, mentions: meant.map((ingredient): Mention => ({ ingredient, at: 0, end: 0, quantity: null, unit: null, part: 'all' })) };
  }
  const fresh = c.mentions.filter((m) => m.part !== 'all' || !state.placed.has(m.ingredient));
  // what lies in another bowl is put into the pan first
  for (const mention of c.mentions) {
    const at = state.placed.get(mention.ingredient);
    if (
      mention.part !== 'all' ||
      !at ||
      at === pan ||
      inMicrowave ||
      isTarget(c, mention) ||
      id === 'turn-over' ||
      toolById(at)?.kind === 'cookware'
    )
      continue;
    push(state, {
      text: `Put ${theOf(state, mention)} in the ${toolCall(state, pan)}.`,
      technique: 'add',
      sourceLine: c.line,
      uses: [{ ingredient: mention.ingredient, item: state.recipe.ingredients[mention.ingredient]!.item, quantity: null, unit: null }],
      tools: [pan],
      into: pan,
      thing: `the ${nameOf(state.recipe.ingredients[mention.ingredient]!)}`,
      name: nameOf(state.recipe.ingredients[mention.ingredient]!),
      hazards: [...heatHazards(state, pan), ...rawOf(state, [mention])],
    });
    state.placed.set(mention.ingredient, pan);
  }
  for (const mention of fresh) {
    makeReady(state, mention, c, false);
    const one = state.recipe.ingredients[mention.ingredient]!;
    const liquid = ['liquid'].includes(findFood(one.item)?.form ?? '');
    if (id === 'turn-over') continue;
    push(state, {
      text: `${liquid ? 'Pour' : 'Put'} ${theOf(state, mention)} in the ${toolCall(state, pan)}.`,
      technique: liquid ? 'pour' : 'add',
      sourceLine: c.line,
      uses: [took(mention)],
      tools: [pan],
      into: pan,
      thing: `the ${nameOf(one)}`,
      name: nameOf(one),
      hazards: [...heatHazards(state, pan), ...rawOf(state, [mention])],
    });
    state.placed.set(mention.ingredient, pan);
    state.used.add(mention.ingredient);
  }
  if (own && !state.steps.some((s) => s.technique === 'hob-on' && s.tools?.includes(pan)))
    push(state, {
      text: `Turn on the ${toolCall(state, pan)}.`,
      technique: 'hob-on',
      sourceLine: c.line,
      tools: [pan],
      into: pan,
      thing: `the ${toolCall(state, pan)}`,
      name: pan,
    });
  if (!inMicrowave && !own && state.hob !== pan) {
    const level = /\b(?:over|on|at|to)?\s*(?:an?\s+)?(very low|low|gentle|medium[- ]low|medium[- ]high|medium|moderate|high)\b(?:\s+heat)?/i
      .exec(`${c.rest} ${c.lead ?? ''}`)?.[1]
      ?.toLowerCase();
    state.steps.push({
      text: `Turn on the hob under the ${toolCall(state, pan)}${level ? `, ${level} heat` : ''}.`,
      technique: 'hob-on',
      sourceLine: c.line,
      tools: ['hob', pan],
      into: pan,
      thing: 'the hob',
      name: pan,
    });
    state.hob = pan;
  }
  state.hotFood = true;
  if (['fry', 'cook', 'simmer', 'boil'].includes(id)) for (const [i, at] of state.placed) if (at === pan) state.cooked.add(i);
  // what was put in just before is not taken a second time
  const uses = c.mentions.map(
    (m) => put.get(m.ingredient) ?? useOf(state.recipe.ingredients, m.ingredient, m.part === 'some' ? m.quantity : null, m.unit),
  );
  say(state, c, { text: wording(state, c), into: pan, uses, ...(inMicrowave ? { hazards: ['hot', 'steam', 'electric'] } : {}) });
  state.rawIn.delete(pan);
  remember(state, c);
}

/** Adds or joins several things: each thing is put in on its own, then worked in. */
function putTogether(state: State, c: Located, fresh: Mention[]): void {
  const id = kindOf(c.technique!.id);
  const hadContainer = state.container;
  for (const mention of fresh) makeReady(state, mention, c, false);
  if (JOINING.has(id)) state.container ??= mixingBowl(state);
  const into = state.container;
  if (PUTTING.has(id) || fresh.length === 1) {
    const tail = fresh.length > 1 ? tailAfter(c, fresh) : null;
    const preposition = /^(?:put|place|lay|set|arrange)$/.test(c.verb!) ? 'in' : 'to';
    if (tail === null) {
      say(state, c, {
        text: wording(state, c),
        into,
        uses: [
          ...fresh.map((m) => take(state, m)),
          ...c.mentions
            .filter((m) => !fresh.includes(m) && !state.placed.has(m.ingredient))
            .map((m) => useOf(state.recipe.ingredients, m.ingredient)),
        ],
      });
    } else
      fresh.forEach((mention, k) => {
        const own = ownTail(c, mention, fresh[k + 1]);
        const verb = PUTTING.has(id) && id !== 'gather' ? cap(c.verb!) : 'Put';
        const particle = /^(in|on)\s/i.exec(c.rest) && !tail ? ` ${/^(in|on)/i.exec(c.rest)![1]!.toLowerCase()}` : '';
        const where =
          own ??
          ((PUTTING.has(id) && /^(?:put|place|lay|set|arrange)$/.test(c.verb!) ? tail.replace(/^ to /, ' in ') : tail) ||
            (particle ? '' : into && PUTTING.has(id) && id === 'add' ? ` ${preposition} the ${toolCall(state, into)}` : ''));
        push(state, {
          ...common(state, c, into, [mention]),
          text: sentence(`${verb}${withWord(c) ? ` with` : ''} ${asSaid(c, mention) ?? theOf(state, mention)}${particle}${where}`),
          uses: [mention.part === 'all' && state.placed.has(mention.ingredient) ? moved(state, mention) : take(state, mention)],
          thing: `the ${nameOf(state.recipe.ingredients[mention.ingredient]!)}`,
          name: nameOf(state.recipe.ingredients[mention.ingredient]!),
        });
      });
    if (tail !== null) addUnlisted(state, c, into);
  } else {
    const place = `the ${toolCall(state, into ?? 'bowl')}`;
    const already = fresh.filter((m) => state.placed.get(m.ingredient) === into);
    for (const mention of fresh.filter((m) => !already.includes(m))) {
      const one = state.recipe.ingredients[mention.ingredient]!;
      const pour = findFood(one.item)?.form === 'liquid' && one.min !== null;
      push(state, {
        text: `${pour ? 'Pour' : 'Put'} ${theOf(state, mention)} in ${place}.`,
        technique: pour ? 'pour' : 'add',
        sourceLine: c.line,
        uses: [take(state, mention)],
        tools: into ? [into] : [],
        into,
        thing: `the ${nameOf(one)}`,
        name: nameOf(one),
        hazards: [...heatHazards(state, into), ...hotHazards(one.item)],
      });
    }
    addUnlisted(state, c, into);
    addWater(state, c, into);
    say(state, c, { text: joinedWording(state, c, place), into, uses: already.map((m) => take(state, m)) });
  }
  for (const mention of fresh) {
    if (into) state.placed.set(mention.ingredient, into);
    const [raw] = rawOf(state, [mention]);
    if (into && raw && into !== state.hob) state.rawIn.set(into, new Set([...(state.rawIn.get(into) ?? []), raw]));
    state.used.add(mention.ingredient);
  }
  if (!hadContainer && !into) state.container = mixingBowl(state);
  remember(state, c);
}

/** What only changes its place: its amount was taken before. */
const moved = (state: State, mention: Mention) => ({
  ingredient: mention.ingredient,
  item: state.recipe.ingredients[mention.ingredient]!.item,
  quantity: null,
  unit: null,
});

/** "Mix the peanut butter with 2 tbsp of hot water": the water comes from no list. */
function addWater(state: State, c: Located, into: string | null): void {
  const water =
    /\bwith\s+((?:about\s+)?(?:\d|a\s+(?:little|splash|drop))[^,;.]{0,20}?\s*(?:of\s+)?(?:hot|cold|warm|boiling|lukewarm|iced)?\s*water)\b/i.exec(
      c.rest,
    )?.[1];
  if (!water || c.mentions.some((m) => /water/i.test(c.rest.slice(m.at, m.end)))) return;
  push(state, {
    ...common(state, { ...c, rest: '' }, into, []),
    text: sentence(`Pour ${water} in the ${toolCall(state, into ?? 'bowl')}`),
    technique: 'pour',
    uses: [],
    tools: into ? [into] : [],
    hazards: [...heatHazards(state, into), ...(/\b(?:hot|boiling)\b/i.test(water) ? (['hot', 'steam'] as const) : [])],
    thing: 'the water',
    name: 'water',
  });
}

/** Of the things that a clause names, those that the list of ingredients lacks: each is a step too, so that nothing is lost and the dry run finds it. */
function addUnlisted(state: State, c: Located, into: string | null): void {
  const phrase = objectPhrase(c.rest);
  if (!phrase) return;
  let at = c.rest.indexOf(phrase);
  for (const part of phrase.split(/(,\s*(?:and\s+)?|\s+and\s+)/)) {
    const [from, to] = [at, at + part.length];
    at = to;
    const name = part.replace(/^(?:the|a|an|some)\s+/i, '').trim();
    if (c.mentions.some((m) => m.at < to && m.end > from) || name.split(/\s+/).length > 3 || !findFood(name)) continue;
    push(state, {
      ...common(state, c, into, []),
      text: sentence(`Put the ${name} in the ${toolCall(state, into ?? 'bowl')}`),
      technique: 'add',
      uses: [],
      thing: `the ${name}`,
      name,
    });
  }
}

/** "Add the yeast to one side and the salt to the other": where each thing of several goes; null where one place stands for all. */
function ownTail(c: Located, mention: Mention, next: Mention | undefined): string | null {
  if (!next) return null;
  const between = c.rest.slice(mention.end, next.at).replace(/[\s,]*(?:and|&)?\s*(?:the\s+|a\s+)?$/i, '');
  return /^\s+(?:to|into|onto|on|in)\s+\S/i.test(between) ? between.replace(/\s+with\b.*$/i, '') : null;
}

/** "Peel the banana, rinse the berries and put them on top": each of them is put on its own. */
function putThem(state: State, c: Located, all: number[]): void {
  const into = state.container;
  for (const ingredient of all) {
    const name = nameOf(state.recipe.ingredients[ingredient]!);
    const mention: Mention = { ingredient, at: 0, end: 0, quantity: null, unit: null, part: 'all' };
    makeReady(state, mention, c, false);
    push(state, {
      ...common(state, c, into, [mention]),
      text: sentence(`${c.verb} ${c.rest.replace(/\bthem\b(?:\s+all)?/i, `the ${name}`)}`),
      uses: [take(state, mention)],
      thing: `the ${name}`,
      name,
    });
    state.used.add(ingredient);
    if (into) state.placed.set(ingredient, into);
  }
  state.lineObjects = [];
}
