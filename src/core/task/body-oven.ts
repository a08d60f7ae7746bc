// What happens in the oven: turned on in good time, in, out, and with gloves.
import { minutesOfText } from '../amount/minutes';
import { findTemperature, saysFan } from '../amount/temperature';
import { kindOf } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import { ringOff } from './body-hob';
import { nameOf } from './ready';
import { isContainer, PARCEL, type Located, type State } from './state';
import { push, rawOf } from './step-of-clause';
import { makeReady, take, usesOf } from './supply';
import { toolCall } from './tool-names';
import { cuesOf, dialMarks, fanMarks, theOf, wording } from './wording';

export function preheat(state: State, c: Located): void {
  // "preheat the oven to 160" says no degrees: a dial of Celsius ends before one of Fahrenheit begins
  const marked = c.rest.replace(
    /\b(to|at)\s+(1\d\d|2[0-4]\d|250|[345]\d\d|27[5-9]|2[89]\d)\b(?!\s*(?:°|º|deg|c\b|f\b|w|g|ml))/i,
    '$1 $2 degrees',
  );
  const said = findTemperature(marked) ? marked : state.recipe.instructions.find((line) => (findTemperature(line)?.celsius ?? 0) >= 100);
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
export function heatInOven(state: State, c: Located): void {
  if (!state.oven) preheat(state, { ...c, rest: 'the oven', tools: [] });
  const container = c.tools.find((t) => isContainer(t.id))?.id;
  if (!container) return warmInOven(state, c);
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

/** Food that is only warmed: in, a few minutes (common practice), and out again. */
function warmInOven(state: State, c: Located): void {
  const thing = state.object && !/^(?:it|them)$/i.test(state.object) ? state.object : 'the food';
  const base = { sourceLine: c.line, thing, name: 'warm' };
  const time = minutesOfText(c.rest) ?? 5;
  push(state, {
    ...base,
    text: `Put ${thing} in the oven. Wear oven gloves.`,
    technique: 'bake',
    tools: ['oven', 'oven-gloves'],
    into: 'oven',
    minutes: { waiting: 0 },
  });
  push(state, {
    ...base,
    text: `Warm ${thing} for ${time} minutes.`,
    technique: 'wait',
    tools: ['timer', 'oven'],
    into: 'oven',
    hazards: ['hot'],
    minutes: { active: 0.2, waiting: time },
  });
  push(state, {
    ...base,
    text: `Take ${thing} out of the oven and put it on a stand.`,
    technique: 'take-out-oven',
    tools: ['oven-gloves', 'stand'],
    into: 'stand',
  });
}

export function bake(state: State, c: Located): void {
  // no ring stays on under an empty pan
  if (![...state.placed.values()].includes(state.hob ?? '')) ringOff(state);
  const own = c.tools.find((t) => isContainer(t.id))?.id;
  for (const mention of c.mentions) makeReady(state, mention, c, false);
  // what is not in a dish yet goes on a tray, not into the pan that stands about
  const loose = own ? [] : c.mentions.filter((m) => !state.placed.has(m.ingredient));
  const container =
    own ??
    (c.technique?.id === 'air-fry' ? 'air-fryer-basket' : null) ??
    (loose.length > 0 ? 'tray' : null) ??
    // a tray was got ready; what stands in hand is the pan of the filling
    (state.prepared && ['saucepan', 'frying-pan', 'large-pan'].includes(state.container ?? '') ? state.prepared : null) ??
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
  const goesOn = state.bakesOn && kindOf(state.steps.at(-1)?.technique) === 'take-out-oven' && loose.length === 0;
  state.bakesOn = time === null && c.until === null && /^(?:put|place|slide|pop|return|transfer)$/.test(c.verb ?? '');
  // it is in already, and was not out in between
  if (goesOn) state.steps.splice(-2, 2);
  else
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
  const isHere = state.objectUses.length > 0 && state.objectUses.every((i) => state.placed.get(i) === container);
  const inside = [...state.placed].filter(([, at]) => at === container).length;
  if (inside > 1 || !isHere || /\b(?:batter|mixture|mix|dough|tops?)\b|^an?\s/i.test(state.object ?? '')) state.object = null;
  // only what was in there is cooked: a bowl of batter beside the oven is as raw as before
  for (const place of [container, PARCEL]) {
    state.rawIn.delete(place);
    for (const [i, at] of state.placed) if (at === place) state.cooked.add(i);
  }
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
