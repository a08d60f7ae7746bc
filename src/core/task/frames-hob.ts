// The frame of the hob: a pan on its ring, what goes in first, and the water or fat that it wants.
import { lotsOf } from '../kitchen/index';
import { isShaped } from '../kitchen/matter';
import { findFood } from '../recipe/food';
import { kindOf, worksById } from '../technique/lexicon';
import { findTools, hasMark, toolById } from '../technique/tools';
import { moveIn, pourWater, waterIn } from './put-cards';
import { frameOf, thingsOf } from './things';
import { type Mention, wholeOf } from './mentions';
import { nameOf } from './ready';
import { inside, push } from './push';
import { say, useOfMention } from './say';
import { focusOn, isContainer, lastOf, type Located, type State } from './state';
import { common, levelOf } from './step-of-clause';
import { makeReady } from './supply';
import { isOverWater } from './means/here';
import { inTool, toolCall } from './tool-names';
import { isHeld, isPan } from './vessels';
import { toPlace } from './place-words';
import { isLittle, sentence, theOf, wording } from './wording';
import type { Phrase } from './slots';
import { isFat, panFor } from './pan-of-heat';
import { boilWater, cooksInWater, waterUnder } from './frames-water';

const isOil = (state: State, i: number) => findFood(state.recipe.ingredients[i]!.item)?.category === 'oil';

/** "Turn the hob on to 6. Heat the oil in the wok": the ring is lit under the wok, as high as was said. */
function withRingSaid(state: State, c: Located): Located {
  const said = state.ringSaid;
  state.ringSaid = null;
  return said === null || levelOf(c) !== null ? c : { ...c, rest: `${c.rest} ${said}` };
}

/** What a heated thing is cooked in or with, and in which pan. */
export function onHob(state: State, said: Located): void {
  const c = withRingSaid(state, said);
  const id = kindOf(c.technique!.id);
  const frame = frameOf(state, c);
  const object = thingsOf(state, c, frame.theme);
  const withs = thingsOf(state, c, frame.with);
  // "fry in the oil", "cook in the sauce": the goal is a thing that is in the pan, or goes in
  const medium = frame.goal && frame.goal.vessel === null ? thingsOf(state, c, frame.goal) : { fresh: [], there: [] };
  let fresh: Mention[] = [...medium.fresh, ...object.fresh, ...withs.fresh];
  const meant = [...medium.there, ...object.there, ...withs.there];
  const there = meant.filter((i) => state.placed.has(i));
  // burgers of mince alone, shaped on the board: they lie in no vessel yet
  const isOnBoard = (i: number) => !state.placed.has(i) && lotsOf(state.world, i).some(isShaped);
  fresh.push(...meant.filter((i) => isOnBoard(i) && !fresh.some((m) => m.ingredient === i)).map(wholeOf));
  // "chop the onion. Cook in the oil": the onion, in the oil
  const inFat =
    frame.theme === null &&
    medium.fresh.length + medium.there.length > 0 &&
    [...medium.fresh.map((m) => m.ingredient), ...medium.there].every((i) => isFat(state, i));
  const spoken = state.objectUses;
  const unsaid =
    (inFat || fresh.length + there.length === 0) &&
    (frame.theme === null || frame.theme.pronoun !== null || isShapedAs(state, frame.theme, spoken));
  if (unsaid) fresh = [...(inFat ? medium.fresh : []), ...spoken.filter((i) => !state.placed.has(i) && !isOil(state, i)).map(wholeOf)];
  const own = panFor(state, c, id, fresh, there);
  // "steam the broccoli over a pan of water": above it, not in it
  const bowl =
    state.container !== null && toolById(state.container)?.kind === 'container' && isHeld(state, state.container) ? state.container : null;
  // "set over a pan of simmering water": the bowl in hand stands over it
  const over = isOverWater(c.rest) && unsaid && bowl ? bowl : own;
  const pan = c.technique!.id === 'steam' && isPan(own) && (isOverWater(c.rest) || isSteamedAlone(state, c, fresh, own)) ? 'steamer' : over;
  if (isPan(pan) && state.beforeHeat === null) state.beforeHeat = state.steps.length;
  for (const m of fresh) makeReady(state, m, c, false);
  noteBeside(state, c, pan);
  state.container = pan;
  // a steamer has holes: the water is in the pan below
  const overWater = isOverWater(c.rest) || hasMark(pan, 'above');
  const under = overWater ? waterUnder(state, c) : null;
  if (cooksInWater(state, c, id, pan, fresh)) boilWater(state, c, pan);
  for (const m of fresh) putInPan(state, c, m, pan);
  // "lift the chicken out and fry it", with nothing but oil in the pan
  const water = waterIn(c, state);
  if (water && (state.world.vessels.get(pan)?.water ?? 'none') === 'none') pourWater(state, c, pan, water);
  const bare = inside(state, pan).every((i) => isFat(state, i));
  if (unsaid && bare && id !== 'heat-pan') there.push(...spoken.filter((i) => state.placed.has(i) && !isFat(state, i)));
  const away = there.filter((i) => state.placed.get(i) !== pan && state.placed.has(i));
  if (away.length > 0 && id !== 'heat-pan') moveIn(state, c, away, pan);
  for (const name of unlistedFat(state, c, pan)) pushUnlisted(state, c, name, pan);
  if (pan === 'slow-cooker') cookerOn(state, c, pan);
  const microwave = c.tools.some((t) => t.id === 'microwave');
  say(
    state,
    { ...c, mentions: c.mentions },
    {
      text: wording(state, c),
      into: pan,
      uses: fresh.map((m) => ({
        ingredient: m.ingredient,
        item: state.recipe.ingredients[m.ingredient]!.item,
        quantity: null,
        unit: null,
      })),
      ...(under ? { base: under } : {}),
      ...(microwave ? { hazards: ['hot', 'steam', 'electric'] } : {}),
    },
  );
  // oil that is made hot is not what is spoken of
  if (inside(state, pan).every((i) => isFat(state, i)) && spoken.length > 0 && id === 'heat-pan') focusOn(state, spoken, state.object);
  else focusOn(state, inside(state, pan), null);
}

/** "Cook the breads", of the dough that was rolled out: by a name that no list has. */
const isShapedAs = (state: State, theme: Phrase, spoken: readonly number[]): boolean =>
  theme.vessel === null &&
  theme.mentions.length === 0 &&
  !theme.everything &&
  spoken.length > 0 &&
  spoken.every((i) => lotsOf(state.world, i).some((lot) => isShaped(lot) && lot.at === 'board'));

/** The hand leaves a dish that is cooked for another pan. */
function noteBeside(state: State, c: Located, pan: string): void {
  const held = state.container;
  if (
    held === null ||
    held === 'board' ||
    held === pan ||
    !isPan(pan) ||
    !inside(state, held).some((i) => state.cooked.has(i) && !isFat(state, i))
  )
    return;
  state.beside = { container: held, pan, line: c.line };
}

/** "Steam the beans for 4 minutes", with no pan and no water named: above water, in a steamer. */
const isSteamedAlone = (state: State, c: Located, fresh: readonly Mention[], pan: string) =>
  fresh.length > 0 &&
  c.tools.length === 0 &&
  !isHeld(state, pan) &&
  (state.world.vessels.get(pan)?.water ?? 'none') === 'none' &&
  !/\bwater\b/i.test(c.rest);

function putInPan(state: State, c: Located, m: Mention, pan: string): void {
  const one = state.recipe.ingredients[m.ingredient]!;
  const liquid = findFood(one.item)?.form === 'liquid';
  push(state, {
    ...common(state, { ...c, rest: '', until: null }, pan, [m]),
    ...(isLittle(state, m) ? { little: true } : {}),
    text: `${liquid ? 'Pour' : 'Put'} ${theOf(state, m)} ${liquid ? toPlace(state, 'pour', pan) : inTool(state, pan)}.`,
    technique: liquid ? 'pour' : 'add',
    uses: [useOfMention(state, c, m)],
    tools: [pan],
    into: pan,
    cues: [],
    minutes: {},
    level: null,
    thing: `the ${nameOf(one)}`,
    name: nameOf(one),
  });
  state.used.add(m.ingredient);
}

/** "Warm a little oil": it goes in though no list has it. */
function unlistedFat(state: State, c: Located, pan: string): string[] {
  const m = /\b((?:a (?:little|splash of|drizzle of|knob of|bit of)|some)\s+(?:\p{L}+\s+)?(?:oil|butter|ghee))\b/iu.exec(c.rest);
  const fat =
    m && !c.mentions.some((o) => o.end > m.index && o.at < m.index + m[0].length) && inside(state, pan).every((i) => !isOil(state, i));
  return fat ? [m[1]!] : [];
}

function pushUnlisted(state: State, c: Located, name: string, pan: string): void {
  push(state, {
    ...common(state, { ...c, rest: '', until: null }, pan, []),
    text: sentence(`Put ${name} ${inTool(state, pan)}`),
    technique: 'add',
    uses: [],
    about: [],
    tools: [pan],
    into: pan,
    cues: [],
    minutes: {},
    level: null,
    thing: name,
    name,
  });
}

function cookerOn(state: State, c: Located, pan: string): void {
  if (state.steps.some((s) => s.technique === 'hob-on' && s.tools?.includes(pan))) return;
  const name = `the ${toolCall(state, pan)}`;
  push(state, { text: `Turn on ${name}.`, technique: 'hob-on', sourceLine: c.line, tools: [pan], into: pan, thing: name, name: pan });
}

/** A pan goes on its ring, with nothing in it yet: what goes in comes next. */
export function ringOn(state: State, c: Located, pan: string): void {
  const { level } = common(state, c, pan, []);
  // some dials have numbers
  const number = NUMBER_SAID.exec(c.rest)?.[1];
  const name = toolCall(state, pan);
  // what is made ready for it is made ready before
  const first = state.steps.findIndex((s) => s.sourceLine === c.line && s.into === pan);
  state.beforeHeat ??= first < 0 ? state.steps.length : first;
  push(state, {
    text: `Turn on the hob under the ${name}${level ? `, ${level} heat` : number ? `, at ${number}` : ''}.`,
    technique: 'hob-on',
    sourceLine: c.line,
    tools: ['hob', pan],
    into: pan,
    level: level ?? null,
    thing: 'the hob',
    name: pan,
  });
  state.container = pan;
}

const NUMBER_SAID = /\b(?:to|at|on) (?:number |mark |setting )?(\d)\b/i;

/** "Turn the hob on to 6", with no pan in hand yet: kept for the pan that the next lines name. @returns whether there is one */
function keepsForPan(state: State, c: Located): boolean {
  const line = state.recipe.instructions[c.line - 1] ?? '';
  const later = [line.slice(line.indexOf(c.rest) + c.rest.length), ...state.recipe.instructions.slice(c.line, c.line + 2)].join(' ');
  if (state.hob !== null || !findTools(later).some((t) => isPan(t.tool.id))) return false;
  const level = levelOf(c);
  const number = NUMBER_SAID.exec(c.rest)?.[1];
  state.ringSaid = level ? `over a ${level} heat` : number ? `with the hob at ${number}` : null;
  return true;
}

const PUT_ON_RING = /^(?:Put|Place|Set|Stand) .+ on (?:the|a|your) (?:[\p{L}-]+ )?(?:hob|stove|ring|burner|cooker|heat)\b/iu;

/**
 * "Turn the hob to medium", "turn on the stove", as a worksheet says it: the ring under the pan in hand, where none is lit yet.
 * @returns whether it was that
 */
export function isRingSaid(state: State, c: Located): boolean {
  const pan = state.hob ?? state.container;
  const isOwn = c.tools.some((t) => isContainer(t.id) || (toolById(t.id)?.kind === 'appliance' && t.id !== 'hob'));
  if (isOwn || /\b(?:oven|grill|kettle|microwave|fryer|cooker)\b/i.test(c.rest)) return false;
  if (pan === null || !isPan(pan)) return keepsForPan(state, c);
  const { level } = common(state, c, pan, []);
  if (state.hob === null) {
    ringOn(state, c, pan);
    return true;
  }
  // "put the pan on the hob. Turn it on": it was lit for that, as high as is said now
  const last = state.steps.at(-1);
  if (worksById(c.technique?.id ?? null).act !== 'ring-on' || !last || !PUT_ON_RING.test(last.text)) return false;
  state.steps[state.steps.length - 1] = { ...last, level: level ?? last.level ?? null };
  return true;
}

/** "Turn off the heat" after a ring that was turned off already, since its pan was drained. */
export const isHobOff = (state: State, c: Located): boolean =>
  !/oven|grill|kettle|microwave|blender|mixer/i.test(c.words) &&
  state.hob === null &&
  lastOf(state, 'hob-on') < 0 &&
  !state.steps.some((s) => s.tools?.includes('hob'));
