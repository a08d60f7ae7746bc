// The frames of the oven and the microwave: in, time, and out again.
import type { Draft } from '../plan/draft';
import { itOf } from '../plan/naming';
import { minutesOfText } from '../amount/minutes';
import { findTemperature, saysFan } from '../amount/temperature';
import { findFood, runs } from '../recipe/food';
import { kindOf } from '../technique/lexicon';
import { hasMark, toolById } from '../technique/tools';
import { moveIn } from './put-cards';
import { frameOf, thingsOf } from './things';
import { wholeOf, type Mention } from './mentions';
import { nameOf } from './ready';
import { inside, push } from './push';
import { say, useOfMention } from './say';
import { focusOn, isContainer, type Located, type State } from './state';
import { makeReady } from './supply';
import { inTool, toolCall } from './tool-names';
import { isHeld, isPan, mixingBowl, vesselOfPhrase, inUse } from './vessels';
import { cuesOf, dialMarks, fanMarks, theOf, wording } from './wording';
import { phrasesOf } from './slots';

export function preheat(state: State, c: Located): void {
  // "preheat the oven to 160" says no degrees: a dial of Celsius ends before one of Fahrenheit begins
  const marked = c.rest.replace(
    /\b(to|at)\s+(1\d\d|2[0-4]\d|250|[345]\d\d|27[5-9]|2[89]\d)\b(?!\s*(?:°|º|deg|c\b|f\b|w|g|ml))/i,
    '$1 $2 degrees',
  );
  const tool = c.tools.find((t) => t.id === 'grill' || t.id === 'air-fryer')?.id ?? 'oven';
  // the grill has no heat of the oven's
  const elsewhere = tool === 'grill' ? undefined : state.recipe.instructions.find((line) => (findTemperature(line)?.celsius ?? 0) >= 100);
  const said = findTemperature(marked) ? marked : elsewhere;
  const level = tool === 'grill' ? /\b(?:medium[- ]high|high|medium|low)\b/i.exec(c.rest)?.[0].toLowerCase() : undefined;
  const heat = said === undefined ? null : findTemperature(said);
  state.oven = true;
  const heatsFor = minutesOfText(c.rest);
  const isSecond = tool !== 'oven' && state.steps.some((s) => s.technique === 'preheat-oven' && !s.tools?.includes(tool));
  const on: Draft = {
    text: `Turn the ${toolCall(state, tool)} on${heat ? ` to ${saysFan(said!) ? fanMarks(heat) : dialMarks(heat)}` : level ? ` to ${level}` : ''}.`,
    technique: 'preheat-oven',
    sourceLine: c.line,
    tools: [tool],
    thing: `the ${toolCall(state, tool)}`,
    cues: heatsFor !== null ? [{ sense: 'time', text: `hot after ${heatsFor} min` }] : [],
    minutes: { waiting: 0 },
  };
  // a grill that comes after the oven is hot in a few minutes
  if (isSecond) return push(state, on);
  // early enough: it heats while the rest is prepared
  state.steps.unshift(on);
  if (state.beforeHeat !== null) state.beforeHeat++;
}

/** "Place the skillet in the oven to heat": it stays there until the recipe takes it out. */
export function heatInOven(state: State, c: Located): void {
  if (!state.oven) preheat(state, { ...c, rest: 'the oven', tools: [] });
  const vessel = c.tools.find((t) => isContainer(t.id))?.id;
  if (!vessel) return warmInOven(state, c);
  push(state, {
    text: wording(state, c),
    technique: 'heat-pan',
    sourceLine: c.line,
    tools: [vessel, 'oven'],
    into: 'oven',
    thing: `the ${toolCall(state, vessel)}`,
    name: 'in-oven',
    minutes: { active: 0.5, waiting: 0 },
  });
  state.inOven = vessel;
}

/** Food that is only warmed: in, a few minutes (common practice), and out again. */
function warmInOven(state: State, c: Located): void {
  const time = minutesOfText(c.rest) ?? 5;
  const base = { sourceLine: c.line, thing: '⟦thing|the food⟧', name: 'warm', about: state.objectUses };
  push(state, {
    ...base,
    text: 'Put ⟦thing|the food⟧ in the oven. Wear oven gloves.',
    technique: 'bake',
    tools: ['oven', 'oven-gloves'],
    into: 'oven',
    minutes: { waiting: 0 },
  });
  push(state, {
    ...base,
    text: `Warm ⟦thing|the food⟧ for ${time} minutes.`,
    technique: 'wait',
    tools: ['timer', 'oven'],
    into: 'oven',
    hazards: ['hot'],
    minutes: { active: 0.2, waiting: time },
  });
  push(state, {
    ...base,
    text: 'Take ⟦thing|the food⟧ out of the oven and put it on a stand.',
    technique: 'take-out-oven',
    tools: ['oven-gloves', 'stand'],
    into: 'stand',
  });
}

/** The dish that goes into the oven: named, or where the thing lies, or got ready for it. */
function dishFor(state: State, c: Located, fresh: readonly Mention[], there: readonly number[]): string {
  const named = phrasesOf(state, c).filter((p) => p.vessel !== null);
  // "on a rack in a tin": the tin
  const first = named.find((p) => toolById(p.vessel!)?.kind === 'cookware') ?? named[0];
  const own = first ? vesselOfPhrase(state, c, first) : null;
  if (own && !(own === 'wire-rack' && ON_SHELF.test(c.rest))) return own;
  // a dish that was filled goes into the air fryer as it is
  const filledDish = state.container !== null && hasMark(state.container, 'bakes') && isHeld(state, state.container) && state.hob === null;
  if (c.technique?.id === 'air-fry' && filledDish && fresh.length === 0) return state.container!;
  if (c.technique?.id === 'air-fry') return 'air-fryer-basket';
  if (ON_SHELF.test(c.rest)) return state.prepared ?? 'tray';
  const at = there.map((i) => state.placed.get(i)).find((v) => v !== undefined && toolById(v)?.kind === 'cookware');
  if (at) return at;
  const isOnBoard = there.length === 0 && state.objectUses.length > 0 && state.objectUses.every((i) => state.placed.get(i) === 'board');
  // the bacon is not grilled on the tray that the potatoes baked on
  const isAnother = c.meanwhile || /^(?:grill|broil)$/.test(c.verb ?? '');
  if (fresh.length > 0 && there.length === 0 && !state.prepared && isAnother && isHeld(state, 'tray')) return 'baking-dish';
  if (fresh.length > 0 || isOnBoard) return state.prepared ?? 'tray';
  const held = state.container;
  if (state.prepared && held && isPan(held) && inside(state, state.prepared).length > 0) return state.prepared;
  if (held && toolById(held)?.kind === 'cookware' && (isHeld(state, held) || held === state.prepared)) return held;
  const filled = [...state.steps]
    .reverse()
    .flatMap((s) => s.tools ?? [])
    .find((t) => toolById(t)?.kind === 'cookware' && hasMark(t, 'bakes'));
  return filled ?? (held && toolById(held)?.kind === 'cookware' ? held : isUnderGrill(c) ? 'tray' : 'baking-dish');
}

const isUnderGrill = (c: Located): boolean =>
  c.technique?.tools.includes('grill') === true || c.verb === 'toast' || c.tools.some((t) => t.id === 'grill');

/** What a recipe lays on the bare shelf goes in on a tray: nobody reaches for hot food in the oven. */
const ON_SHELF =
  /,?\s*\b(?:directly |straight |right )?on(?:to)? (?:the |an? )?(?:(?:oven |middle |top |centre |center )*shelf|(?:(?:oven|middle|top|centre|center) )+rack)\b(?: (?:of|in) the oven)?/i;

export function bake(state: State, c: Located): void {
  const frame = frameOf(state, c);
  const object = thingsOf(state, c, frame.theme);
  const fresh = object.fresh.filter((m) => m.part !== 'all' || !state.placed.has(m.ingredient));
  for (const m of fresh) makeReady(state, m, c, false);
  const dish = dishFor(state, c, fresh, object.there);
  const loose =
    fresh.length === 0 && !isHeld(state, dish) && state.objectUses.some((i) => !state.placed.has(i))
      ? state.objectUses.filter((i) => !state.placed.has(i)).map(wholeOf)
      : [];
  for (const m of [...fresh, ...loose]) layOn(state, c, m, dish);
  // what was filled and folded lies on the board as one
  const folded =
    fresh.length + loose.length === 0 && !isHeld(state, dish) ? state.objectUses.filter((i) => state.placed.get(i) === 'board') : [];
  if (folded.length > 0) moveIn(state, c, folded, dish);
  const away = object.there.filter((i) => state.placed.get(i) !== dish && state.placed.has(i) && !hasMark(state.placed.get(i)!, 'bakes'));
  if (away.length > 0 && frame.theme?.vessel === null) moveIn(state, c, away, dish);
  const grill = isUnderGrill(c);
  const airFryer = c.technique?.id === 'air-fry' || c.tools.some((t) => t.id === 'air-fryer');
  const appliance = grill ? 'grill' : airFryer ? 'air-fryer' : 'oven';
  if (!state.oven && !airFryer) preheat(state, { ...c, rest: grill ? 'the grill' : c.rest, tools: grill ? [{ id: 'grill', at: 0 }] : [] });
  const name = `the ${toolCall(state, dish)}`;
  const time = minutesOfText(`${c.rest} ${c.until ?? ''}`);
  const goesOn = state.bakesOn && kindOf(state.steps.at(-1)?.technique) === 'take-out-oven' && fresh.length === 0;
  state.bakesOn = time === null && c.until === null && /^(?:put|place|slide|pop|return|transfer)$/.test(c.verb ?? '');
  const beside = bakedBeside(state, c, dish);
  // it is in already, and was not out in between
  if (goesOn) state.steps.splice(-2, 2);
  else for (const one of [...beside, dish]) goesIn(state, c, one, appliance);
  push(state, {
    text: wording(state, { ...c, rest: c.rest.replace(ON_SHELF, ''), lead: null, ...bakeWords(c) }),
    technique: 'wait',
    sourceLine: c.line,
    tools: ['timer', appliance],
    into: appliance,
    name: 'bake',
    hazards: ['hot'],
    thing: name,
    minutes: { active: 0.2, waiting: time ?? (grill ? 3 : 20) },
    cues: cuesOf(c, 'bake'),
  });
  state.inOven = dish;
  for (const one of [dish, ...beside]) comesOut(state, c, one, appliance);
  state.container = dish;
  focusOn(
    state,
    inside(state, dish),
    state.object && inside(state, dish).length > 0 && !/\b(?:batter|mixture|mix|dough|tops?)\b|^an?\s/i.test(state.object)
      ? state.object
      : null,
  );
}

/** "Put both trays in the oven": the other one too. */
const bakedBeside = (state: State, c: Located, dish: string): string[] =>
  /\b(?:both|all|two)\s+(?:the\s+|of\s+the\s+)?(?:baking\s+)?(?:trays|tins|sheets|dishes|pans)\b/i.test(c.rest)
    ? inUse(state).filter((v) => v !== dish && hasMark(v, 'bakes') && !isPan(v))
    : [];

function goesIn(state: State, c: Located, dish: string, appliance: string): void {
  const name = `the ${toolCall(state, dish)}`;
  push(state, {
    text:
      appliance === 'air-fryer'
        ? `Put ${name} in the air fryer.`
        : `Put ${name} ${appliance === 'grill' ? 'under the grill' : 'in the oven'}. Wear oven gloves.`,
    technique: c.technique?.id ?? 'bake',
    sourceLine: c.line,
    tools: [appliance, 'oven-gloves', dish],
    into: appliance,
    thing: name,
    name: 'in',
    cues: [],
    minutes: { waiting: 0 },
  });
}

function comesOut(state: State, c: Located, dish: string, appliance: string): void {
  const name = `the ${toolCall(state, dish)}`;
  const from = appliance === 'grill' ? 'from under the grill' : `out of the ${appliance === 'air-fryer' ? 'air fryer' : 'oven'}`;
  push(state, {
    text: `Take ${name} ${from} and put ${itOf(name)} on a stand.`,
    technique: 'take-out-oven',
    sourceLine: c.line,
    tools: ['oven-gloves', 'stand', dish],
    into: 'stand',
    thing: name,
  });
}

/** "Put the pan in the oven for 8 minutes": it bakes for 8 minutes. */
function bakeWords(c: Located): Partial<Located> {
  if (!/^(?:put|place|pop|return|slide|transfer|set|stick)$/.test(c.verb ?? '')) return {};
  const time = /\b(?:at\s+\d+[^,;]*?\s+)?(?:for\s+.*|\d+.*)$/i.exec(c.rest)?.[0] ?? '';
  return { verb: 'bake', rest: time, mentions: [] };
}

function layOn(state: State, c: Located, m: Mention, dish: string): void {
  push(state, {
    text: `Put ${theOf(state, m)} ${inTool(state, dish)}.`,
    technique: 'layer',
    sourceLine: c.line,
    uses: [useOfMention(state, c, m)],
    tools: [dish],
    into: dish,
    thing: `the ${nameOf(state.recipe.ingredients[m.ingredient]!)}`,
    name: nameOf(state.recipe.ingredients[m.ingredient]!),
  });
  state.used.add(m.ingredient);
}

/** What is heated in the microwave: it goes on a plate or in its bowl, since no metal goes in. */
export function microwave(state: State, c: Located): void {
  const frame = frameOf(state, c);
  const object = thingsOf(state, c, frame.theme);
  const named = phrasesOf(state, c).find((p) => p.vessel !== null);
  const own = named ? vesselOfPhrase(state, c, named) : null;
  const at = object.there.map((i) => state.placed.get(i)).find((v) => v !== undefined) ?? null;
  const loose =
    object.fresh.length > 0
      ? object.fresh
      : frame.theme === null || frame.theme.pronoun || (frame.theme.mentions.length === 0 && /^\d/.test(frame.theme.text))
        ? state.objectUses.filter((i) => !state.placed.has(i)).map(wholeOf)
        : [];
  const held = own ?? at ?? state.container;
  // a dish that was got ready is for the oven
  const isReady = held !== null && held === state.prepared && own === null && at === null && loose.length > 0;
  const isMetal = held !== null && toolById(held)?.kind === 'cookware' && held !== 'baking-dish';
  // wraps are not warmed in the bowl that the beans are in
  const isOthers =
    held !== null &&
    own === null &&
    at === null &&
    loose.length > 0 &&
    !inside(state, held).every((i) => loose.some((m) => m.ingredient === i));
  // what runs is warmed in a bowl
  const isRunny = loose.some((m) => runs(findFood(state.recipe.ingredients[m.ingredient]!.item)));
  const plate = isRunny ? mixingBowl(state) : loose.length > 0 && isHeld(state, 'plate') ? 'serving-dish' : 'plate';
  const vessel = held === null || held === 'board' || isMetal || isReady || isOthers || !isContainer(held) ? plate : held;
  for (const m of loose) {
    makeReady(state, m, c, false);
    layOn(state, c, m, vessel);
  }
  state.container = vessel;
  say(
    state,
    { ...c, mentions: [] },
    {
      text: wording(state, c),
      into: vessel,
      uses: [],
      tools: ['microwave', vessel, ...c.tools.map((t) => t.id).filter((t) => t !== 'microwave' && t !== vessel)],
    },
  );
  for (const m of c.mentions) state.used.add(m.ingredient);
  focusOn(state, inside(state, vessel), null);
}
