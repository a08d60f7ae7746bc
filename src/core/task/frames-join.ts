// The frame of joining: what is worked into one goes in first.
import { toFraction } from '../amount/quantity';
import { gramsIn } from '../amount/units';
import { contents, isHot, lotsOf, type Known } from '../kitchen/index';
import { listed } from '../recipe/listed';
import { capital } from '../recipe/method-lines';
import { kindOf } from '../technique/lexicon';
import { hasMark, toolById } from '../technique/tools';
import { actOfKind, kindHas } from '../technique/works';
import { wholeOf } from './mentions';
import { mentionsHere } from './mentions-here';
import { nameOf } from './ready';
import { inside } from './push';
import { say, useOfMention } from './say';
import { focusOn, type Located, type State } from './state';
import { isMeasure, isMeasuredLast, makeReady } from './supply';
import { inTool, toolCall } from './tool-names';
import { phrasesOf } from './slots';
import { inHand, inUse, isHeld, isPan, mixingBowl, vesselOfPhrase } from './vessels';
import { isLittle, sentence, wording } from './wording';

import { isMinor } from './put-meaning';
import { isCutLoose } from './vessel-of-work';
import { moveIn, pourWater, putIn, saidOf, unlistedIn, waterIn } from './put-cards';
import { isPutAway } from '../kitchen/world';
import { placeOf } from './nouns';
import { shortName } from '../plan/naming';
import { allBut, frameOf, goalOf, thingsOf, type Frame, type Things } from './things';

const WORKS_IN = new Set(['mix', 'beat', 'cream', 'rub-in', 'mash']);

/** Works things into one: each goes in first, then they are joined. */
export function join(state: State, c: Located): void {
  const frame = frameOf(state, c);
  const torn = tornApart(state, c, frame);
  if (torn) return join(state, torn);
  const object = thingsOf(state, c, frame.theme);
  const withs = thingsOf(state, c, frame.with);
  const goal = inVessel(state, c, goalOf(state, c, frame.goal));
  // "rub the butter into the flour": the flour is in first
  const under = frame.goal && frame.goal.vessel === null ? thingsOf(state, c, frame.goal).fresh : [];
  const said = { fresh: [...under, ...object.fresh, ...frame.beside, ...withs.fresh], there: [...object.there, ...withs.there] };
  // "toss the ribbons in it", which lie cut up and in nothing yet
  const loose = said.there.filter((i) => !state.placed.has(i));
  said.there = said.there.filter((i) => state.placed.has(i));
  said.fresh.push(...loose.filter((i) => !said.fresh.some((m) => m.ingredient === i)).map(wholeOf));
  // "chop it and stir it in": it goes in where the rest is
  const insertion =
    frame.particle ||
    /\b(?:it|them|the [\p{L} ]+) in(?:to)?$/iu.test(c.rest) ||
    /^in(?:to)?\b/i.test(c.rest) ||
    /\bback in\b(?! (?:a|an|the)\b)/i.test(c.rest);
  const spokenAt = placeOf(state, state.objectUses);
  // "drain the potatoes, mash with the butter": it is the potatoes; "stir into the sauce": what is in hand goes there
  if (frame.theme === null && !frame.particle && goal.vessel && spokenAt !== goal.vessel) takeSpoken(state, said);
  const mine =
    frame.theme === null && !insertion && goal.vessel === null && spokenAt !== null && said.there.length === 0 && !c.first === false
      ? spokenAt
      : null;
  const isMash = kindOf(c.technique?.id) === 'mash';
  // "scoop out the flesh and mash": in a bowl of its own, not in what is in hand
  const isLoose =
    isMash &&
    frame.theme === null &&
    goal.vessel === null &&
    said.fresh.length + said.there.length === 0 &&
    state.objectUses.length > 0 &&
    state.objectUses.every((i) => !state.placed.has(i));
  // "drain the pasta and mix with the mushrooms", which lie in another pan: they come to the pasta
  const byIt =
    frame.theme === null && frame.with !== null && !insertion && goal.vessel === null && withs.there.length > 0 && !isMash && !c.first
      ? spokenAt
      : null;
  const meant =
    byIt ?? (mine !== null && isMash ? mine : null) ?? (isLoose ? mixingBowl(state) : vesselToJoin(state, c, said, goal, insertion));
  const to = (goal.vessel === null ? eggBowl(state, c, said, meant) : null) ?? meant;
  if (frame.theme?.everything && goal.vessel && frame.theme.mentions.length === 0) Object.assign(said, allBut(state, c, goal.vessel));
  // the soup is blended in the blender: it has to be there
  if (to === 'blender' && said.fresh.length + said.there.length === 0 && spokenAt !== null && spokenAt !== to)
    said.there.push(...inside(state, spokenAt));
  if (frame.theme === null && goal.vessel === null && said.fresh.length + said.there.length === 0)
    said.there.push(...otherMixed(state, c, to));
  const fresh = [...said.fresh];
  // "chop the spinach. Mix with the ricotta": the spinach too
  if (frame.theme === null && frame.with !== null && !insertion && goal.vessel === null && !isLoose)
    fresh.unshift(
      ...state.objectUses
        .filter((i) => !state.placed.has(i) && isCutLoose(state, [i]) && !fresh.some((m) => m.ingredient === i))
        .map(wholeOf),
    );
  // what "mix" means with nothing named, and nothing in the bowl yet
  if (fresh.length + said.there.length === 0 && frame.theme === null && !isHeld(state, to))
    fresh.push(...state.objectUses.filter((i) => !state.placed.has(i)).map(wholeOf));
  const inTurn = fresh.length > 1 && !isMeasure(to) ? fresh.filter((m) => isMeasuredLast(state, m)) : [];
  for (const m of fresh) if (!inTurn.includes(m)) makeReady(state, m, c, false, to);
  state.container = to;
  const away = said.there.filter((i) => state.placed.get(i) !== to);
  const extra = unlistedIn(state, c, frame);
  // "mash them with the sugar": the sugar goes in first, or nobody says what is mashed
  const isWithIt = frame.theme !== null && frame.theme.pronoun !== null && withs.fresh.length > 0;
  // one thing stirred into what is there is one act; several are put in first
  if (
    !isWithIt &&
    fresh.length === 1 &&
    away.length === 0 &&
    extra.length === 0 &&
    !waterIn(c, state) &&
    (isHeld(state, to) || isAlone(c))
  ) {
    say(
      state,
      { ...c, mentions: [...fresh, ...c.mentions.filter((m) => !fresh.includes(m) && state.placed.get(m.ingredient) === to)] },
      {
        text: wording(state, c.rest === '' && c.mentions.length === 0 ? { ...c, mentions: fresh } : c),
        into: to,
        uses: fresh.map((m) => useOfMention(state, c, m)),
        ...(fresh.every((m) => isLittle(state, m)) ? { little: true } : {}),
      },
    );
  } else {
    for (const m of fresh) {
      if (inTurn.includes(m)) makeReady(state, m, c, false, to);
      if (m.part === 'rest' || state.placed.get(m.ingredient) !== to) putIn(state, c, m, to);
    }
    if (away.length > 0) moveIn(state, c, away, to);
    for (const name of extra)
      saidOf(state, { ...c, rest: '' }, to, {
        text: sentence(`Put ${name} ${inTool(state, to)}`),
        uses: [],
        mentions: [],
        technique: 'add',
        thing: name,
      });
    const water = waterIn(c, state);
    if (water) pourWater(state, c, to, water);
    // "rub together": the flour alone is not what is rubbed
    const all = /^together\b/i.test(c.rest) && inside(state, to).some((i) => isMinor(state, i)) && unworked(state, to);
    const came = all || fresh.length + away.length + extra.length + (water ? 1 : 0) > 0;
    const becomes = liquidOf(state, frame);
    say(
      state,
      { ...c, mentions: [] },
      { text: came ? joinedWording(state, c, to) : wording(state, c), into: to, uses: [], ...(becomes ? { becomes } : {}) },
    );
  }
  for (const m of fresh) state.used.add(m.ingredient);
  focusOn(state, inside(state, to), null);
}

/** "Tear up the kale. Stir through the pan": what was torn or snipped just now goes in, by its name. */
function tornApart(state: State, c: Located, { theme }: Frame): Located | null {
  if (theme !== null || c.mentions.length > 0 || !/^(?:through|in|into)\b/i.test(c.rest) || state.container === null) return null;
  const isTorn = (i: number) =>
    !state.placed.has(i) &&
    lotsOf(state.world, i).some((lot) => [...lot.forms].some((form) => kindHas(form, 'cuts') && !kindHas(form, 'keeps')));
  if (state.objectUses.length === 0 || !state.objectUses.every(isTorn)) return null;
  const named = listed(state.objectUses.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`));
  const rest = `${named} ${/^(?:in|through)$/i.test(c.rest) ? inTool(state, state.container).replace(/^in /, 'into ') : c.rest}`;
  const moved = named.length + 1;
  return { ...c, rest, mentions: mentionsHere(state, rest), tools: c.tools.map((t) => ({ ...t, at: t.at + moved })) };
}

/** "Whisk the tomato purée into the stock": stock is what it is afterwards. */
function liquidOf(state: State, { theme, goal }: Frame): string | null {
  const [known] =
    goal?.vessel === null && goal.mentions.length === 1 ? goal.mentions.map((m) => state.world.ingredients[m.ingredient]!) : [];
  const added = theme?.mentions.map((m) => state.world.ingredients[m.ingredient]!) ?? [];
  const isStirredIn = added.length > 0 && added.every((one) => one.raw === null && !one.liquid && one.food?.form !== 'whole');
  return known?.liquid && isStirredIn ? shortName(known.name).replace(/^(?:hot|cold|warm|boiling)\s+/, '') : null;
}

/** What was spoken of goes along: what lies somewhere, and what was only cut up so far. */
function takeSpoken(state: State, said: Things): void {
  const loose = state.objectUses.filter((i) => isCutLoose(state, [i]) && !said.fresh.some((m) => m.ingredient === i));
  said.there.push(...state.objectUses.filter((i) => state.placed.has(i)));
  said.fresh.unshift(...loose.map(wholeOf));
}

/** "Combine", where two bowls were mixed: what is in hand is mixed already, so it is the other that comes in. */
function otherMixed(state: State, c: Located, to: string): number[] {
  const isMixed = (vessel: string) => isHeld(state, vessel) && contents(state.world, vessel).every((lot) => lot.joined);
  if (!/^(?:combine|mix|stir|fold|whisk|bring)$/.test(c.verb ?? '') || !/^(?:(?:both|it all|the two)\s*)?(?:together)?$/i.test(c.rest))
    return [];
  const last = state.steps.at(-1);
  if (!isMixed(to) || last?.into !== to || actOfKind(kindOf(last.technique)) !== 'join') return [];
  const other = inUse(state).find((v) => v !== to && toolById(v)?.kind === 'container' && isMixed(v) && !isHot(state.world, v));
  return other ? inside(state, other) : [];
}

/** "Beat the eggs", which were cracked into a small bowl: there, and in no other. */
function eggBowl(state: State, c: Located, { fresh, there }: Things, meant: string): string | null {
  const [egg] = fresh;
  const isEgg = egg !== undefined && state.world.ingredients[egg.ingredient]!.raw === 'raw-egg';
  if (fresh.length !== 1 || there.length > 0 || !isEgg || !/^(?:beat|whisk)$/.test(c.verb ?? '') || isHeld(state, meant)) return null;
  makeReady(state, egg, c, false, meant);
  return (
    lotsOf(state.world, egg.ingredient).find((lot) => lot.forms.has('crack-egg') && lot.at !== null && hasMark(lot.at, 'flat') === false)
      ?.at ?? null
  );
}

/** Nothing in it was worked into one yet. */
const unworked = (state: State, vessel: string) => contents(state.world, vessel).every((lot) => !lot.joined);

/** "Dissolve the cube in the boiling water in a jug": the jug is where. */
function inVessel(state: State, c: Located, goal: ReturnType<typeof goalOf>): ReturnType<typeof goalOf> {
  const place = goal.vessel === null ? phrasesOf(state, c).find((p) => p.vessel !== null && /^in(?:to)?$/.test(p.prep ?? '')) : undefined;
  return place ? { ...goal, vessel: vesselOfPhrase(state, c, place) } : goal;
}

const isAlone = (c: Located) => /^(?:beat|whisk|whip|mash|cream)$/.test(c.verb ?? '');

/** "in two batches": a number that the card keeps. */
const IN_TURNS = /(?:^| )in (?:\p{L}+ |\d+ )?(?:batches|goes|turns|lots)\b/iu;
const HOW_LONG = / for (?:about |around |another |a further )?(?:\d\S*(?:\s?(?:-|–|to)\s?\d+)?|an?|half a) (?:min|sec|hour)\w*(?: more)?/i;
const HANDS = / with (?:your |clean |wet )*(?:fingertips|fingers|hands)\b/i;

/** "to make a raita", "to form a thick paste": what comes of it stands on the card. */
const MADE = / to (?:make|form) an? (?:[\p{L}-]+,? ){0,3}?[\p{L}-]+$/iu;

/** "Stir everything in the bowl." */
function joinedWording(state: State, c: Located, to: string): string {
  const tool = c.tools.find((t) => toolById(t.id)?.kind === 'utensil' || (toolById(t.id)?.kind === 'appliance' && t.id !== to));
  const how = kindOf(c.technique!.id) === 'fold' ? 'Fold everything together' : `${capital(c.verb!)} everything`;
  return sentence(
    `${how} ${inTool(state, to)}${tool ? ` with the ${toolCall(state, tool.id)}` : (HANDS.exec(c.rest)?.[0] ?? '')}${c.adverb ? ` ${c.adverb}` : ''}${IN_TURNS.exec(c.rest) ? ` ${IN_TURNS.exec(c.rest)![0].trim()}` : ''}${HOW_LONG.exec(c.rest)?.[0] ?? ''}${MADE.exec(c.rest)?.[0] ?? ''}${c.until ? ` ${untilOnly(c.until)}` : ''}`,
  );
}

/** "until smooth in a blender, in two goes": only the end. */
const untilOnly = (until: string) =>
  until.replace(/\s+(?:in|with|using) (?:an?|the|your)\s+(?:\p{L}+\s+)?(?:blender|processor|fork|whisk|spoon|bowl|jug)\b.*$/iu, '');

/** A counted carrot or pepper, in millilitres (common practice: 100 to 200 g). */
const PIECE_ML = 120;
/** About how much room a thing takes that is not measured by the cup, in millilitres; herbs and spices take none. */
function roomOf({ one, ml, minor }: Known): number {
  if (ml > 0 || minor || one.min === null) return ml;
  const amount = toFraction(one.min)!.valueOf();
  return amount * (gramsIn(one.unit)?.valueOf() ?? (one.unit === null ? PIECE_ML : 0));
}

/** A salad is not tossed in the jar that its dressing was shaken in: not where it has no room, unless the recipe says so. */
function vesselToJoin(state: State, c: Located, said: Things, goal: { vessel: string | null }, insertion: boolean): string {
  const to = vesselMeant(state, c, said, goal, insertion);
  const come = [...new Set([...said.fresh.map((m) => m.ingredient), ...said.there])].filter((i) => state.placed.get(i) !== to);
  const room = (v: string) => (toolById(v)?.kind === 'container' ? (toolById(v)?.holds ?? Infinity) : Infinity);
  // what is tossed needs as much again, and half of that: noodles are weighed dry
  const times = kindOf(c.technique?.id) === 'toss' ? 3 : 1;
  const ml = times * come.reduce((sum, i) => sum + roomOf(state.world.ingredients[i]!), 0);
  if (goal.vessel !== null || hasMark(to, 'aside') || ml <= room(to)) return to;
  const lie = said.there.flatMap((i) => state.placed.get(i) ?? []).filter((v) => v !== to && v !== 'board' && ml <= room(v));
  return lie[0] ?? mixingBowl(state);
}

function vesselMeant(state: State, c: Located, said: Things, goal: { vessel: string | null }, insertion: boolean): string {
  const id = kindOf(c.technique?.id);
  const held = insertion ? inHand(state) : state.container;
  if (goal.vessel) return goal.vessel;
  if (id === 'blend' && !/\b(?:stick|hand|immersion)\b/i.test(`${c.lead ?? ''} ${c.rest} ${c.until ?? ''}`)) return 'blender';
  // what is mixed while the dish bakes, and cornflour that becomes a paste, have a bowl of their own
  const paste =
    !insertion && /\b(?:to|into|makes?|forms?)\s+(?:an?\s+)?(?:\p{L}+\s+)?(?:paste|slurry)\b/iu.test(`${c.rest} ${c.until ?? ''}`);
  if (
    said.fresh.length > 0 &&
    said.there.length === 0 &&
    ((c.meanwhile && held !== null && held === state.inOven) || (paste && isPan(held)))
  )
    return mixingBowl(state);
  const where = placeOf(state, said.there);
  // not into the topping that chills meanwhile
  const isAway = (v: string) => isPutAway(state.world.vessels.get(v)?.place ?? 'table');
  const other = [held, ...inUse(state)].find(
    (v): v is string => v !== null && v !== where && v !== 'board' && isHeld(state, v) && !isAway(v),
  );
  if (insertion && where !== null && (said.fresh.length === 0 || /\bback in\b/i.test(c.rest)) && other) return other;
  // "squeeze the cucumber, then mix with the yoghurt": not into the koftas that chill
  if (!insertion && said.fresh.length > 0 && said.there.length === 0 && held !== null && isAway(held) && !/\bin with\b/i.test(c.rest))
    return mixingBowl(state);
  // eggs that were chopped up are mixed with mayo in a bowl
  if (where === 'board' && said.fresh.length > 0 && WORKS_IN.has(id)) return mixingBowl(state);
  if (where !== null && !insertion) return where;
  if (insertion && held !== null) return held;
  const machine = /^(?:whip|whisk|beat)$/.test(c.verb ?? '') || c.technique?.id === 'whip';
  const water = !insertion && waterIn(c, state) !== null;
  const anew =
    said.fresh.length > 0 &&
    said.there.length === 0 &&
    c.first &&
    (said.fresh.length > 1 || machine || id === 'mash' || water) &&
    WORKS_IN.has(id) &&
    // some of the beans that are in the pan
    (water || !said.fresh.every((m) => m.part === 'some' && state.placed.get(m.ingredient) === held));
  // what was cracked into a cup is beaten there
  const own = placeOf(
    state,
    said.fresh.map((m) => m.ingredient),
  );
  if (said.fresh.length === 1 && own && own !== held && machine) return own;
  // "toss both in the oil", beside a hot tin: not in there
  const isTossed =
    id === 'toss' && said.fresh.length > 0 && said.there.length === 0 && c.first && held !== null && isHot(state.world, held);
  if (isTossed && isHeld(state, held)) return mixingBowl(state);
  // "toss the berries with a spoon of flour", with the batter in hand: not in there
  const isCoatedFirst = id === 'toss' && said.fresh.length > 1 && said.there.length === 0 && c.first && held !== null;
  if (isCoatedFirst && isHeld(state, held) && contents(state.world, held).every((lot) => lot.joined)) return mixingBowl(state);
  // "peel and mash the avocado", while the tray of nachos bakes
  const isOnTray =
    id === 'mash' && said.fresh.length > 0 && said.there.length === 0 && held !== null && hasMark(held, 'bakes') && !isPan(held);
  if (isOnTray && isHeld(state, held)) return mixingBowl(state);
  if (anew && held !== null && (isHeld(state, held) || toolById(held)?.kind !== 'container')) return mixingBowl(state);
  if (held === null || held === 'board' || (toolById(held)?.kind === 'surface' && said.fresh.length > 0)) return mixingBowl(state);
  if (hasMark(held, 'bakes') && toolById(held)?.kind === 'cookware' && said.fresh.length > 1 && id === 'mix' && !insertion)
    return mixingBowl(state);
  return held;
}
