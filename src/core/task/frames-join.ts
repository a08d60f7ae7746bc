// The frame of joining: what is worked into one goes in first.
import { contents, isHot, isWet, lotsOf } from '../kitchen/index';
import { listed } from '../recipe/listed';
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
import { inTool } from './tool-names';
import { phrasesOf } from './slots';
import { inUse, isHeld, isPan, mixingBowl, vesselOfPhrase } from './vessels';
import { isLittle, sentence, wording } from './wording';
import { isMinor } from './put-meaning';
import { isCutLoose } from './vessel-of-work';
import { moveIn, pourWater, putIn, saidOf, unlistedIn, waterIn } from './put-cards';
import { placeOf } from './nouns';
import { shortName } from '../plan/naming';
import { allBut, frameOf, goalOf, thingsOf, type Frame, type Things } from './things';
import { joinedWording } from './joined-wording';
import { vesselToJoin } from './vessel-to-join';

/** A pan with a dish in it that runs. */
const isPotOf = (state: State, vessel: string | null): boolean =>
  isPan(vessel) && contents(state.world, vessel).some((lot) => lot.cooked && isWet(state.world, lot));

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
  // "cut the bread into cubes and toss with the oil", with the soup in hand: it is not tossed in the soup
  const isApart =
    !insertion &&
    goal.vessel === null &&
    said.there.length === 0 &&
    (frame.theme === null || frame.theme.pronoun !== null) &&
    isPotOf(state, state.container) &&
    state.objectUses.length > 0 &&
    isCutLoose(state, state.objectUses) &&
    state.objectUses.every((i) => !state.placed.has(i));
  const meant =
    byIt ??
    (isApart ? mixingBowl(state) : null) ??
    (mine !== null && isMash ? mine : null) ??
    (isLoose ? mixingBowl(state) : vesselToJoin(state, c, said, goal, insertion));
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
  const alone = fresh.length === 1 && said.there.length === 0 && isAlone(c);
  for (const m of fresh) if (!inTurn.includes(m)) makeReady(state, m, c, false, to, alone);
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
