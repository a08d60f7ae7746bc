// What happens on the hob: a pan, its ring on and off, and what goes in first.
import { findFood } from '../recipe/food';
import { kindOf } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import { rawHazard, useOf } from '../plan/draft';
import { isTarget, objectPhrase } from './locate';
import { wholeOf, type Mention } from './mentions';
import { nameOf } from './ready';
import { lastOf, type Located, type State } from './state';
import { heatHazards, push, rawOf, remember, say } from './step-of-clause';
import { makeReady, take } from './supply';
import { isOverWater } from './technique-here';
import { toolCall } from './tool-names';
import { theOf, wording } from './wording';

export function onHob(state: State, c: Located, container: string | null): void {
  const id = kindOf(c.technique!.id);
  const inMicrowave = c.tools.some((t) => t.id === 'microwave');
  const put = new Map<number, ReturnType<typeof take>>();
  const ownPan = inMicrowave ? null : boilsAlone(state, c, container);
  const pan = inMicrowave
    ? (container ?? (toolById(state.container ?? '')?.kind === 'container' ? state.container! : 'bowl'))
    : (ownPan ??
      container ??
      (state.hob && state.container === state.hob ? state.hob : null) ??
      ((toolById(state.container ?? '')?.kind === 'cookware' &&
        // no tray stands on a ring
        !['tray', 'muffin-tin', 'cake-tin'].includes(state.container!) &&
        !(c.meanwhile && state.container === state.inOven)) ||
      state.container === 'slow-cooker'
        ? state.container
        : null) ??
      state.hob ??
      (id === 'fry' ? 'frying-pan' : 'saucepan'));
  state.container = pan;
  const own = pan === 'slow-cooker';
  if (!inMicrowave && pan !== 'slow-cooker' && state.hob === null && state.beforeHeat === null) state.beforeHeat = state.steps.length;
  const took = (mention: Mention) => {
    const use = take(state, mention);
    put.set(mention.ingredient, use);
    return use;
  };
  // "Rinse the rice. Cook for 10 minutes": what is spoken of still has to go into the pan
  if (c.mentions.length === 0 && ['boil', 'cook', 'simmer', 'fry'].includes(id) && !objectPhrase(c.rest)) {
    const meant =
      ownPan !== null || ![...state.placed.values()].includes(pan)
        ? state.objectUses.filter((i) => !state.placed.has(i) && findFood(state.recipe.ingredients[i]!.item)?.category !== 'oil')
        : [];
    c = { ...c, mentions: meant.map(wholeOf) };
  }
  const fresh = c.mentions.filter((m) => m.part !== 'all' || !state.placed.has(m.ingredient));
  if (ownPan) fillPan(state, c, pan);
  if (!inMicrowave && !own && cooksInWater(state, c, pan, fresh)) boilWater(state, c, pan);
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
  const overWater = isOverWater(c.rest);
  if (overWater) waterUnder(state, c);
  if (!inMicrowave && !own) state.hob = pan;
  state.hotFood = true;
  // flatbreads and fritters: their flour is cooked wherever it was mixed
  if (c.mentions.length === 0 && (id === 'fry' || id === 'cook'))
    state.recipe.ingredients.forEach((one, i) => rawHazard(one) === 'raw-flour' && state.cooked.add(i));
  if (['fry', 'cook', 'simmer', 'boil'].includes(id)) for (const [i, at] of state.placed) if (at === pan) state.cooked.add(i);
  // what was put in just before is not taken a second time
  const uses = c.mentions.map(
    (m) => put.get(m.ingredient) ?? useOf(state.recipe.ingredients, m.ingredient, m.part === 'some' ? m.quantity : null, m.unit),
  );
  say(state, c, { text: wording(state, c), into: pan, uses, ...(overWater ? { base: 'saucepan' } : {}), ...(inMicrowave ? { hazards: ['hot', 'steam', 'electric'] } : {}) });
  state.rawIn.delete(pan);
  remember(state, c);
}

/** "Set the bowl over a pan of simmering water": the water has to be in it. */
function waterUnder(state: State, c: Located): void {
  if (state.steps.some((s) => s.technique === 'fill-pan' && s.into === 'saucepan')) return;
  const name = `the ${toolCall(state, 'saucepan')}`;
  push(state, {
    text: `Put a little water in ${name}.`,
    technique: 'fill-pan',
    sourceLine: c.line,
    tools: ['tap', 'saucepan'],
    into: 'saucepan',
    thing: name,
    name: 'water',
  });
}

/** "Cook the pasta as the packet says": every packet says in boiling water, and no list has it. Where the recipe speaks of water, or the pan holds anything, it is left alone. */
function cooksInWater(state: State, c: Located, pan: string, fresh: readonly Mention[]): boolean {
  if (
    !['cook', 'boil'].includes(kindOf(c.technique?.id)) ||
    state.hob === pan ||
    /\b(?:stock|sauce|soup|oil|butter|milk)\b|(?<!\bboiling (?:salted )?)\bwater\b/i.test(c.rest)
  )
    return false;
  const isPasta = (m: Mention) => ['pasta', 'noodle'].includes(findFood(state.recipe.ingredients[m.ingredient]!.item)?.category ?? '');
  const filled = state.steps.some((s) => s.into === pan || (s.technique === 'fill-pan' && s.tools?.includes(pan)));
  return (
    fresh.length > 0 && fresh.every(isPasta) && !filled && !state.recipe.ingredients.some((one) => findFood(one.item)?.category === 'water')
  );
}

/** "Peel the potatoes. Boil for 15 minutes", with mince in the pan in hand: they take a pan and water of their own. */
function boilsAlone(state: State, c: Located, named: string | null): string | null {
  const held = [...state.placed.values()];
  if (c.technique?.id !== 'boil' || named || objectPhrase(c.rest) || c.mentions.length > 0) return null;
  const loose =
    state.objectUses.length > 0 &&
    state.objectUses.every((i) => !state.placed.has(i) && findFood(state.recipe.ingredients[i]!.item)?.form === 'whole');
  if (!loose || !held.includes(state.container ?? state.hob ?? '')) return null;
  return ['saucepan', 'large-pan'].find((id) => !held.includes(id)) ?? null;
}

function fillPan(state: State, c: Located, pan: string): void {
  const name = `the ${toolCall(state, pan)}`;
  push(state, {
    text: `Fill ${name} two-thirds with water.`,
    technique: 'fill-pan',
    sourceLine: c.line,
    tools: ['tap', pan],
    into: pan,
    thing: name,
    name: 'water',
  });
}

function boilWater(state: State, c: Located, pan: string): void {
  fillPan(state, c, pan);
  push(state, {
    text: 'Bring the water to the boil.',
    technique: 'boil',
    sourceLine: c.line,
    tools: [pan, 'hob'],
    into: pan,
    thing: 'the water',
    name: 'water',
    minutes: { waiting: 8 },
  });
}

/** The ring goes off before the pan leaves it: what is drained or cooled is not on the heat any more. */
export function ringOff(state: State): void {
  if (state.hob === null) return;
  state.hob = null;
  state.hotFood = true;
}

/** "Turn off the heat" after a ring that was turned off already, since its pan was drained. */
export function isHobOff(state: State, c: Located): boolean {
  return (
    !/oven|grill|kettle|microwave|blender|mixer/i.test(c.words) &&
    lastOf(state, 'turn-off') > lastOf(state, 'hob-on') &&
    lastOf(state, 'hob-on') >= 0
  );
}
