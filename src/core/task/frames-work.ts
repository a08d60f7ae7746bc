// The frame of all other work: cutting, shaping, draining, lifting, waiting: one step, on what is named or was spoken of.
import { kindOf } from '../technique/lexicon';
import { findFood, foodIs } from '../recipe/food';
import { contents, FLESH, isHot, lotsOf, volumeOf } from '../kitchen/index';
import { hasMark, toolById } from '../technique/tools';
import { type Act, actOfKind, type Works, worksOf } from '../technique/works';
import { mainsOf, placeOf } from './nouns';
import { type Frame, frameOf, thingsOf } from './things';
import { listed } from '../recipe/listed';
import { mentionsHere } from './mentions-here';
import { nameOf } from './ready';
import { isTarget } from './locate-all';
import { type Mention, wholeOf } from './mentions';
import { inside } from './push';
import { moveIn, putIn } from './put-cards';
import { say } from './say';
import { isSourcePrep, type Phrase, phrasesOf } from './slots';
import { focusOn, isContainer, type Located, type State } from './state';
import { common } from './step-of-clause';
import { makeReady } from './supply';
import { isFatOff, vesselOfWork } from './vessel-of-work';
import { freeBowl, isHeld, isPan, mixingBowl, panOfWater, vesselOfPhrase } from './vessels';
import { wording } from './wording';
import { after } from './frames-after';

/** Everything that neither puts, joins nor heats: one step, on what it names or what was spoken of. */
export function work(state: State, c: Located): void {
  const works = worksOf(c.technique?.id, c.technique?.like);
  speakOfVessel(state, c, works.act);
  speakOfHollow(state, c, works);
  const frame = frameOf(state, c);
  const solid = works.act === 'lift' && isUnsaid(frame) ? solidOnly(state, c) : null;
  if (solid) return work(state, solid);
  const meant = c.mentions.filter((m) => m.end <= m.at).map((m) => m.ingredient);
  // "open both tins": tins, and not what was spoken of
  const object = meant.length > 0 && frame.theme?.pronoun ? { fresh: [], there: [] } : thingsOf(state, c, frame.theme);
  const named = [...object.fresh.map((m) => m.ingredient), ...object.there, ...meant];
  const about = aboutOf(state, c, works, frame, named);
  intoBowl(state, c, works, frame);
  outOfVessel(state, c, works, about);
  makeReadyFor(state, c, works, about);
  const vessel = vesselOfWork(state, c, works, frame.goal, about);
  if (isContained(works.act) && vessel !== null && vessel !== 'board') state.container = vessel;
  const into = vessel;
  const mentions = c.mentions.filter((m) => !isGoalOfWork(state, c, m, works.act));
  const from =
    (works.act === 'lift' || works.act === 'drain' || isShared(c)) && into !== null ? fromOf(state, about, into, isShared(c)) : null;
  if (works.act === 'kettle') state.explicit.add('kettle');
  // "save a cup of the cooking water": out of the pan that it boiled in
  const boiled = c.technique?.id === 'reserve' && /\bwater\b/i.test(c.rest) ? panOfWater(state) : null;
  say(
    state,
    { ...c, mentions },
    {
      text: works.act === 'uncover' ? awayFromFace(state, aside(state, c, into), into) : aside(state, c, into),
      into,
      ...(from ? { from } : {}),
      ...(boiled ? { tools: [...common(state, c, into).tools!, boiled] } : {}),
      ...(about.length > 0 && (mentions.length === 0 || works.act === 'dip' || isBeside(frame)) ? { about } : {}),
    },
  );
  after(state, c, works, named, about, into);
}

/** Nothing is named, or only "it". */
const isUnsaid = ({ theme }: Frame): boolean => theme === null || (theme.pronoun !== null && theme.mentions.length === 0);

const MOST_LIFTED = 3;
/** "Poach the fish in the milk and lift it out": the fish is lifted, and the milk stays in the pan. */
function solidOnly(state: State, c: Located): Located | null {
  const food = (i: number) => state.world.ingredients[i]!.food;
  const isLiquid = (i: number) => food(i)?.form === 'liquid' && !foodIs(food(i), 'fatty');
  const solid = state.objectUses.filter((i) => !isLiquid(i));
  const isPoached = isPan(placeOf(state, state.objectUses)) && c.mentions.length === 0 && c.technique?.id === 'lift-out';
  // a batter is no liquid with solids in it
  const isWorked = state.object !== null || solid.length > MOST_LIFTED;
  if (!isPoached || isWorked || solid.length === 0 || solid.length === state.objectUses.length) return null;
  const named = listed(solid.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`));
  const rest = `${named} ${c.rest.replace(/^(?:it|them)\b\s*/i, '')}`.trim();
  const moved = rest.length - c.rest.length;
  return { ...c, rest, mentions: mentionsHere(state, rest), tools: c.tools.map((t) => ({ ...t, at: t.at + moved })) };
}

/** "Leave the cake in the tin for 5 minutes", with the drizzle in hand: what is in the tin is spoken of from then on. */
function speakOfVessel(state: State, c: Located, act: Act): void {
  if (!['cool', 'wait', 'chill'].includes(act) || c.mentions.length > 0) return;
  const phrase = phrasesOf(state, c).find((p) => p.prep === 'in' && p.vessel !== null);
  const at = phrase ? vesselOfPhrase(state, c, phrase) : null;
  if (at === null || placeOf(state, state.objectUses) === at || !isHeld(state, at)) return;
  state.container = at;
  focusOn(state, inside(state, at), null);
}

/** "Scoop out the middles", with the beans in hand: of what was baked or cut whole. */
function speakOfHollow(state: State, c: Located, { traits }: Works): void {
  if (!traits.has('hollows') || !FLESH.test(c.rest) || c.mentions.length > 0) return;
  const isWhole = (i: number) =>
    state.world.ingredients[i]!.food?.form === 'whole' &&
    lotsOf(state.world, i).some((lot) => !lot.joined && !lot.shell && !lot.portion && lot.forms.size > 0);
  if (state.objectUses.length > 0 && state.objectUses.every(isWhole)) return;
  const whole = state.recipe.ingredients.findIndex((_, i) => state.used.has(i) && isWhole(i) && state.placed.has(i));
  if (whole < 0) return;
  state.container = state.placed.get(whole)!;
  focusOn(state, [whole], null);
}

/** What is worked on: what is named, what it is taken out of, or what was spoken of; and what is rolled up in it. */
function aboutOf(state: State, c: Located, { act }: Works, { theme, goal }: Frame, named: number[]): number[] {
  // fat that is poured off is nothing that was spoken of
  if (isFatOff(c, act)) return [];
  const source = named.length === 0 ? sourceOf(state, c, act) : [];
  if (source.length > 0) return source;
  const unsaid = named.length === 0 && (theme === null || theme.pronoun !== null || theme.everything);
  // "add the lemon juice. Leave to cool": all that is in the pan
  const onAll = ['drain', 'cool', 'wait', 'chill'].includes(act) || isShared(c);
  if (unsaid) return onAll && theme === null ? allIn(state) : spoken(state, c, theme);
  // "roll the pastry over the meat"
  const round = act === 'shape' && goal !== null && goal.vessel === null && /^(?:over|around|in)$/.test(goal.prep ?? '');
  const core = round ? thingsOf(state, c, goal) : { fresh: [], there: [] };
  const rolled = [
    ...core.there,
    ...core.fresh.flatMap((m) => (lotsOf(state.world, m.ingredient).some((lot) => lot.forms.size > 0) ? [m.ingredient] : [])),
  ];
  if (named.length > 0) return [...new Set([...named, ...rolled])];
  return SPEAKS_ON.has(act) ? state.objectUses : named;
}

/** "Wrap each one with a strip of nori": the nori is used, and is not what is wrapped. */
const isBeside = ({ theme, with: by }: Frame): boolean =>
  theme !== null && theme.pronoun !== null && theme.mentions.length === 0 && by !== null;

/** Nothing is shaped between blades, nor rolled out in a bowl. */
function outOfVessel(state: State, c: Located, works: Works, about: readonly number[]): void {
  const from = placeOf(state, about);
  const said = phrasesOf(state, c).find((p) => p.vessel !== null)?.vessel;
  if (works.act !== 'shape' || from === null || (said && said !== 'board')) return;
  // "wrap them in a tea towel": out of the pan first
  if (works.traits.has('closes') && c.technique?.id === 'wrap' && isPan(from)) {
    moveIn(state, { ...c, rest: '' }, inside(state, from), 'plate');
    state.container = 'plate';
    return;
  }
  const isMachine = hasMark(from, 'holds') && toolById(from)?.hazards.includes('sharp');
  // "dust the worktop and knead the dough"
  // dough that was kneaded or has risen is parted and shaped on the board; its bowl is where it is knocked back
  const isKneaded =
    kindOf(c.technique?.id) !== 'knead' && contents(state.world, from).some((lot) => lot.forms.has('knead') || lot.forms.has('prove'));
  const isFlat = works.traits.has('flat') || said === 'board' || isKneaded || (works.traits.has('dough') && state.vesselSpoken === 'board');
  const to = isMachine ? mixingBowl(state) : isFlat && toolById(from)?.kind === 'container' ? 'board' : null;
  if (to === null) return;
  moveIn(state, { ...c, rest: '' }, inside(state, from), to);
  // "knead the dough": it has its name before it is kneaded
  const called = /^(?:out\s+)?(the (?:dough|pastry))\b/i.exec(c.rest)?.[1];
  const last = state.steps.at(-1);
  if (called && last) state.steps[state.steps.length - 1] = { ...last, text: last.text.replace(/⟦[^⟧]*⟧/, called) };
  state.container = to;
}

/** "Snip the chives into the cream": the cream has to be in a bowl. "Roll the balls in the seeds": the seeds too. */
function intoBowl(state: State, c: Located, works: Works, { goal }: Frame): void {
  if (works.act === 'dip' && goal?.prep === 'in') return layOut(state, c, thingsOf(state, c, goal).fresh);
  if (works.act !== 'ready' || goal === null || goal.vessel !== null || !/^(?:in|into|over)$/.test(goal.prep ?? '')) return;
  const under = thingsOf(state, c, goal).fresh.filter((m) => {
    const food = findFood(state.recipe.ingredients[m.ingredient]!.item);
    return food?.form !== 'whole' && !foodIs(food, 'runny');
  });
  for (const m of under) {
    const bowl = mixingBowl(state);
    makeReady(state, m, c, false);
    putIn(state, c, m, bowl);
    state.used.add(m.ingredient);
    state.container = bowl;
  }
}

/** What is tossed or turned wants twice the room that it takes (common practice). */
const ROOM = 2;

/** What things are dipped or rolled in stands ready, in a bowl of its own: no clean food lies there later. */
function layOut(state: State, c: Located, coats: readonly Mention[]): void {
  const dipped = c.mentions.filter((m) => !coats.some((coat) => coat.ingredient === m.ingredient));
  const ml = dipped.flatMap((m) => lotsOf(state.world, m.ingredient)).reduce((sum, lot) => sum + volumeOf(state.world, lot), 0);
  for (const m of coats) {
    makeReady(state, m, c, false);
    // a beaten egg stands in its bowl
    if (lotsOf(state.world, m.ingredient).some((lot) => lot.at !== null && lot.at !== 'board' && !isPan(lot.at) && lot.forms.size > 0))
      continue;
    // what was measured into a small bowl is tipped into another: there is room to turn things in it
    const last = state.steps.at(-1);
    const measured = actOfKind(kindOf(last?.technique)) === 'measure' ? (last?.into ?? null) : null;
    putIn(state, c, m, freeBowl(state, ml * ROOM, measured));
    state.used.add(m.ingredient);
  }
}

/** Steam comes out from under a lid or foil that is hot. */
function awayFromFace(state: State, text: string, vessel: string | null): string {
  const steams = vessel !== null && (isHot(state.world, vessel) || state.world.vessels.get(vessel)?.steams === true);
  return steams && !/\b(?:face|away|steam)\b/i.test(text) ? text.replace(/\.$/, ', away from your face.') : text;
}

/** "Set the peppers aside": out of the pan, and one has to say where. */
function aside(state: State, c: Located, into: string | null): string {
  const said = wording(state, c);
  return c.technique?.id === 'reserve' && into === 'plate' && !c.tools.some((t) => t.id === into)
    ? said.replace(/(?: aside)?\.$/, ' aside on a plate.')
    : said;
}

/** "Divide between 4 glasses": it is in the glasses then. */
const isShared = (c: Located) => c.technique?.id === 'share-out' && c.tools.some((t) => isContainer(t.id));

/** "Drain well": all that is in the pan. */
function allIn(state: State): number[] {
  const vessel = placeOf(state, state.objectUses);
  return vessel ? inside(state, vessel) : state.objectUses;
}

const spoken = (state: State, c: Located, theme: Phrase | null): number[] =>
  ((theme?.pronoun === 'them' && c.first) || theme?.everything) && state.lineObjects.length > 1 ? state.lineObjects : state.objectUses;

/** "Lift the block out of the tin": all that is in the tin. "Squeeze the water out of the courgette": the courgette. */
function sourceOf(state: State, c: Located, act: Act): number[] {
  const sources = phrasesOf(state, c).filter((p) => isSourcePrep(p.prep));
  const things = sources.flatMap((p) => (p.vessel === null ? p.mentions : [])).map((m) => m.ingredient);
  if (things.length > 0 || act !== 'lift') return things;
  const source = sources.find((p) => p.vessel !== null);
  const vessel = source ? vesselOfPhrase(state, c, source) : null;
  return vessel ? inside(state, vessel) : [];
}

/** "Scrape out the seeds": of what was spoken of. */
const SPEAKS_ON = new Set<Act>(['ready', 'touch', 'shape', 'dip', 'cool', 'chill', 'soak']);

/** Work on a thing by itself makes it ready here, and it is measured at its next step; other acts need it measured. */
function makeReadyFor(state: State, c: Located, works: Works, about: readonly number[]): void {
  const isWork = works.act === 'ready' || works.act === 'measure' || works.act === 'drain';
  // "wash the cucumber and grate it": half of it is wanted, so it is cut first
  if (works.act === 'ready' && c.mentions.length === 0) for (const i of about) makeReady(state, wholeOf(i), c, true);
  for (const mention of c.mentions) {
    const one = state.recipe.ingredients[mention.ingredient]!;
    // cut and measured at its next step: it is rinsed whole
    if (c.technique?.id === 'rinse' && one.unit !== 'can' && findFood(one.item)?.form !== 'grain') continue;
    makeReady(state, mention, c, isWork);
  }
}

const isContained = (act: Act) =>
  ['soak', 'cover', 'uncover', 'shape', 'serve', 'lift', 'oven-out', 'cool', 'chill', 'touch', 'dip', 'drain'].includes(act);

/** What is worked into, or on: the goal of the work and no part of what is worked on. */
const isGoalOfWork = (state: State, c: Located, m: Mention, act: Act): boolean =>
  (act === 'ready' || act === 'shape') && isTarget(c, m) && state.placed.has(m.ingredient);

/** The vessel that things are lifted out of, where all that is in it goes; what is shared out takes its salt with it. */
function fromOf(state: State, about: readonly number[], into: string, shared: boolean): string | null {
  const from = about.length > 0 ? state.placed.get(about[0]!) : state.container;
  if (!from || from === into) return null;
  const goes = shared ? mainsOf(state, inside(state, from)) : inside(state, from);
  return goes.every((i) => about.includes(i)) || about.length === 0 ? from : null;
}
