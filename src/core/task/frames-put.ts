// The frame of putting: what goes where, each on a card of its own, and what is spoken of after.
import { isHollow, lotsOf, shellOf, type Lot } from '../kitchen/index';
import { findFood, foodIs } from '../recipe/food';
import { listed } from '../recipe/listed';
import { kindOf, techniqueById } from '../technique/lexicon';
import { hasMark, toolById } from '../technique/tools';
import { useOf } from '../plan/draft';
import type { Mention } from './mentions';
import { nameOf } from './ready';
import { inside, push } from './push';
import { say, useOfMention } from './say';
import { focusOn, type Located, type State } from './state';
import { common } from './step-of-clause';
import { makeReady } from './supply';
import { isCutLoose } from './vessel-of-work';
import { isHeld, isPan, vesselOfPhrase } from './vessels';
import { inTool, toolCall } from './tool-names';
import { ringOn } from './frames-hob';
import { isSourcePrep, phrasesOf } from './slots';
import { putThings } from './put-things';
import { type Putting, speakOn } from './spoken-after-put';
import { sentence, theOf, wording } from './wording';

import { edgesAt, isServedUnder, ontoDish, otherBowl, overWhat, placeForPut, placeUnder, spokenFor, withoutStart } from './put-meaning';
import { putIn } from './put-cards';
import { liesAt, placeOf } from './nouns';
import { allBut, frameOf, goalOf, handledAlone, thingsOf, type Frame, type Things } from './things';

/** Verbs with which a thing is put on another: "sprinkle the rice with cheese". */
const isWithVerb = (c: Located) =>
  !/^(?:add|put|place|tip|set|stand|lay|arrange|return|transfer|move|serve|drop|throw|tuck|nestle|poke|slot|wedge)$/.test(c.verb ?? '');

const SHARE =
  /^(?:one|1|a piece|one piece|(?:an?|one|1) (?:circle|round|disc|ball|square|piece))$|^(?:about )?(?:\d[\d ./-]*|an?|one|two|three) (?:heaped |level |rounded |good |big )*(?:tbsp|tablespoon|tsp|teaspoon|spoon|dessertspoon|ladle|scoop)(?:ful)?s?$/i;
const EACH = /\b(?:each|every|both)\b/i;

/** A dish or tin that is baked in, other than a tray, with something in it. */
const isDishFull = (state: State) =>
  state.container !== null &&
  state.container !== 'tray' &&
  hasMark(state.container, 'bakes') &&
  !isPan(state.container) &&
  isHeld(state, state.container);

/** What is named first is what is coated, though nothing was done with it yet. */
const COATS = /^(?:rub|brush|season|coat|drizzle|sprinkle|dress|dust|glaze|spread|stuff|fill|massage)$/;

/** The skins go where they are filled or baked; their flesh stays in its bowl. */
function moveShell(state: State, c: Located, shell: Lot, to: string): void {
  say(state, { ...c, mentions: [] }, { text: wording(state, c), into: to, uses: [], about: [...shell.parts.keys()] });
  state.container = to;
  // what is said next is of the skins, which no ingredient stands for
  state.objectUses = [];
  focusOn(state, [], null);
}

const OVER_HEAT = /\b(?:over|on)\s+(?:an?\s+|the\s+)?(?:very\s+)?(?:low|medium|high|gentle|moderate)[^,.;]{0,15}?\bheat\b/i;

/** "Scatter the peppers and the onion over a tin", an empty one: they lie side by side in it, and none is a topping of another. */
function isLaidOut(state: State, c: Located, { goal }: Frame): boolean {
  const vessel = goal?.vessel ? vesselOfPhrase(state, c, goal) : null;
  const isPiece = (m: Mention) => findFood(state.recipe.ingredients[m.ingredient]!.item)?.form === 'whole';
  return (
    kindOf(c.technique?.id) === 'sprinkle' &&
    vessel !== null &&
    !isHeld(state, vessel) &&
    c.mentions.length > 1 &&
    c.mentions.every(isPiece)
  );
}

/** Puts things somewhere, each on its own card. */
export function put(state: State, said: Located): void {
  const frame = frameOf(state, said);
  const c = isLaidOut(state, said, frame) ? { ...said, technique: techniqueById('layer') ?? null } : said;
  const withs = thingsOf(state, c, frame.with);
  const edged = edgesAt(state, frame, withs);
  const object = edged ? { fresh: [], there: inside(state, edged) } : thingsOf(state, c, frame.theme);
  const hasWith =
    withs.fresh.length + withs.there.length > 0 ||
    // water from the tap is poured by a step of its own
    (frame.with !== null &&
      frame.with.mentions.length === 0 &&
      findFood(frame.with.text) !== null &&
      (findFood(frame.with.text)!.category !== 'water' || !/^(?:pour|tip|add|put|stir)$/.test(c.verb ?? '')));
  const unsaid = c.mentions.filter((m) => m.end <= m.at);
  // "season": with what the list has for it
  const withFrame =
    (hasWith && isWithVerb(c) && (object.fresh.length === 0 || COATS.test(c.verb ?? ''))) ||
    (unsaid.length > 0 && object.fresh.length === 0);
  const goal = ontoDish(state, frame, object, otherBowl(state, frame, goalOf(state, c, frame.goal)));
  const shell = frame.theme && shellOf(state.world, frame.theme.text);
  if (shell && !withFrame && goal.vessel) return moveShell(state, c, shell, goal.vessel);
  // "pour the milk over the oats": the oats have to be there
  const under = frame.goal && frame.goal.vessel === null ? thingsOf(state, c, frame.goal).fresh : [];
  let theme: Things = withFrame
    ? { fresh: [...withs.fresh, ...unsaid], there: withs.there }
    : {
        fresh: [...object.fresh, ...frame.beside, ...(hasWith ? withs.fresh : [])],
        there: [...object.there, ...(hasWith ? withs.there : [])],
      };
  if (frame.theme?.everything && goal.vessel && frame.theme.mentions.length === 0)
    theme = allFrom(state, c) ?? allBut(state, c, goal.vessel);
  // "spoon 2 tablespoons into each glass": of what is in hand, and all of it is shared so
  const isShare =
    frame.theme !== null && frame.theme.mentions.length === 0 && SHARE.test(frame.theme.text) && EACH.test(frame.goal?.text ?? '');
  const nothingSaid =
    isShare || (frame.theme === null && !withFrame && object.fresh.length + object.there.length + frame.beside.length === 0);
  if (nothingSaid) {
    const spoken = spokenFor(state, goal.vessel);
    theme = {
      fresh: [...spoken.fresh.filter((m) => !theme.fresh.some((o) => o.ingredient === m.ingredient)), ...theme.fresh],
      there: [...spoken.there, ...theme.there],
    };
  }
  // "put on a baking tray", of what was filled into its dish: the dish goes there
  if (nothingSaid && goal.vessel === 'tray' && isDishFull(state))
    return say(state, c, {
      text: sentence(`${c.verb} the ${toolCall(state, state.container!)} ${c.rest}`),
      into: state.container,
      uses: [],
      about: [],
    });
  // "pat the chops dry and season": they stay where they are
  if (nothingSaid && c.technique?.id === 'season')
    return say(state, c, { text: wording(state, c), into: placeOf(state, state.objectUses), uses: [], about: state.objectUses });
  const ofWhat =
    isShare && /(?:spoon|scoop|ladle|tbsp|tsp)(?:ful)?s?$/i.test(frame.theme!.text) && object.fresh.length + object.there.length < 2
      ? listed(state.objectUses.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`))
      : null;
  const putting: Putting = { frame, object, theme, goal, shell, under, withFrame, nothingSaid, edged };
  const to = whereTo(state, c, putting);
  for (const m of under) {
    makeReady(state, m, c, false);
    putIn(state, c, m, to);
    state.used.add(m.ingredient);
  }
  if (withFrame)
    for (const m of object.fresh) {
      makeReady(state, m, c, true);
      state.used.add(m.ingredient);
    }
  // rubbed or seasoned where it lies by itself
  // "chop the parsley. Top with the eggs and parsley": it is the dish in hand that is topped
  const isTopped =
    theme.fresh.some((m) => state.objectUses.includes(m.ingredient)) && state.container !== null && isHeld(state, state.container);
  const alone = object.fresh.length > 0 ? object.fresh : frame.theme === null && !isTopped ? handledAlone(state) : [];
  if (withFrame && alone.length > 0 && frame.goal === null) return coatAlone(state, c, theme, alone);
  // "tip on the wedges", "pour on the boiling water": they go on what is at hand
  const turned =
    frame.particle && frame.theme && /^(?:on|over)$/.test(frame.theme.prep ?? '')
      ? c.mentions.length === 0
        ? { ...c, rest: `${frame.theme.text} ${inTool(state, to)} ${c.rest.slice(frame.theme.to)}` }
        : withoutStart(c, frame.theme)
      : ofWhat !== null && state.objectUses.length === 1
        ? { ...c, rest: c.rest.replace(frame.theme!.text, `${frame.theme!.text} of ${ofWhat}`) }
        : c;
  putThings(state, turned, {
    theme,
    to,
    frame,
    withFrame,
    whole: nothingSaid || (theme.fresh.length === 0 && frame.theme?.pronoun !== null),
  });
  // "put the butter, flour and milk in a saucepan over a medium heat and whisk"
  if (isPan(to) && state.hob !== to && OVER_HEAT.test(c.rest)) ringOn(state, { ...c, mentions: [] }, to);
  speakOn(state, c, putting, to);
}

/** "Tip everything from the tin into a pan": all that lies there, and nothing of the list. */
function allFrom(state: State, c: Located): Things | null {
  if (!/^(?:everything|it all)\s+(?:from|out of|off)\s+the\b/i.test(c.rest)) return null;
  const source = phrasesOf(state, c).find((p) => isSourcePrep(p.prep) && p.vessel !== null);
  const from = [source ? vesselOfPhrase(state, c, source) : null, state.container].find((v): v is string => v !== null && isHeld(state, v));
  return from !== undefined ? { fresh: [], there: inside(state, from) } : null;
}

/** The vessel that things go into: the one that is said, the one that is meant, or one that is free. */
function whereTo(state: State, c: Located, { frame, object, theme, goal, shell, under, withFrame, nothingSaid, edged }: Putting): string {
  const coated = edged ?? (withFrame && frame.theme?.vessel ? vesselOfPhrase(state, c, frame.theme) : null);
  let to =
    coated ??
    (withFrame && shell ? shell.at : null) ??
    (frame.goal && shellOf(state.world, frame.goal.text) ? goal.vessel : null) ??
    // "melt the chocolate and spread over the top": over what stands beside
    (nothingSaid || frame.goal?.vessel === null ? overWhat(state, c, frame) : null) ??
    goal.vessel ??
    overWhat(state, c, frame) ??
    (/^(?:(?:it|them|the \p{L}+) )?out\b(?! of\b)/iu.test(c.rest) && /^(?:tip|turn|empty|scrape|roll)$/.test(c.verb ?? '') && !withFrame
      ? 'board'
      : null) ??
    // what is filled lies before the learner
    (withFrame && c.technique?.id === 'stuff' && object.there.length === 0 && object.fresh.length > 0 ? 'board' : null) ??
    onLoose(state, frame, goal.lots, theme) ??
    (withFrame && isCutLoose(state, object.there) ? 'board' : null) ??
    (withFrame ? (placeOf(state, object.there) ?? placeOf(state, state.objectUses) ?? liesAt(state, state.objectUses)) : null) ??
    placeForPut(state, c, theme);
  const plated = under.length > 0 && under.every((m) => isServedUnder(state, m.ingredient)) ? 'serving-bowl' : null;
  if (under.length > 0 && isPan(to) && state.hob === to) to = plated ?? state.prepared ?? 'board';
  // bread is spread where it lies flat, and peppers are filled there
  if (
    under.length > 0 &&
    goal.vessel === null &&
    under.every(
      (m) => foodIs(findFood(state.recipe.ingredients[m.ingredient]!.item), 'of-flour') || lotsOf(state.world, m.ingredient).some(isHollow),
    ) &&
    toolById(to)?.kind === 'container'
  )
    to = 'board';
  // "pipe it into the tubes": out of the bag that it is in
  if (under.length > 0 && goal.vessel === null && to === placeOf(state, object.there))
    to = plated ?? state.prepared ?? placeUnder(state, c);
  return to;
}

/** What is coated lies by itself, in no vessel. */
function coatAlone(state: State, c: Located, theme: Things, base: readonly Mention[]): void {
  for (const m of theme.fresh) {
    makeReady(state, m, c, false);
    const single = theme.fresh.length === 1 && m.end > m.at;
    const words = base.map((b) => theOf(state, b)).join(' and ');
    push(state, {
      ...common(state, c, null, [m]),
      text: single ? wording(state, c) : sentence(`${c.verb} ${words} with ${theOf(state, m)}`),
      uses: [
        useOfMention(state, c, m),
        ...base.map((b) => ({ ...useOf(state.recipe.ingredients, b.ingredient), quantity: null, unit: null })),
      ],
      about: base.map((b) => b.ingredient),
      into: null,
      thing: words,
      name: nameOf(state.recipe.ingredients[base[0]!.ingredient]!),
    });
    state.used.add(m.ingredient);
  }
  if (theme.fresh.length === 0)
    say(
      state,
      { ...c, mentions: [...base] },
      {
        text: wording(state, c),
        into: null,
        about: base.map((b) => b.ingredient),
        uses: base.map((b) => ({ ...useOf(state.recipe.ingredients, b.ingredient), quantity: null, unit: null })),
      },
    );
  focusOn(
    state,
    base.map((b) => b.ingredient),
    null,
  );
}

/** "Put a burger in each", "place the filling at one end", of buns and sheets that lie by themselves: before the learner. */
function onLoose(state: State, { goal }: Frame, lots: readonly number[], theme: Things): string | null {
  // squares of paper were cut for them
  const onPaper = state.container !== null && hasMark(state.container, 'under');
  if (
    goal === null ||
    onPaper ||
    goal.vessel !== null ||
    !/\b(?:each|middle|cent(?:re|er)|ends?|edges?|sides?|half|halves|slices|pieces|cuts|layers)\b/i.test(goal.text)
  )
    return null;
  const under = lots.filter((i) => !theme.there.includes(i) && !theme.fresh.some((m) => m.ingredient === i));
  return under.length > 0 && under.every((i) => !state.placed.has(i)) ? 'board' : null;
}
