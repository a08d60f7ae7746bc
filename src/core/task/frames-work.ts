// The frame of all other work: cutting, shaping, draining, lifting, waiting: one step, on what is named or was spoken of.
import { kindOf } from '../technique/lexicon';
import { findFood, foodIs } from '../recipe/food';
import { SHAPE_MANY, SHAPE_ONE } from '../recipe/shape-nouns';
import { lotsOf, volumeOf } from '../kitchen/index';
import { hasMark, toolById } from '../technique/tools';
import { actOfKind, worksOf, type Act, type Works } from '../technique/works';
import { ofNoun, placeOf } from './nouns';
import { frameOf, thingsOf, type Frame } from './things';
import { objectPhrase } from '../plan/object-phrase';
import { isTarget } from './locate';
import { wholeOf, type Mention } from './mentions';
import { inside, push } from './push';
import { moveIn, putIn } from './put-cards';
import { say } from './say';
import { isSourcePrep, phrasesOf, type Phrase } from './slots';
import { focusOn, isContainer, type Located, type State } from './state';
import { common } from './step-of-clause';
import { makeReady } from './supply';
import { freeBowl, isHeld, isPan, mixingBowl, vesselOfPhrase } from './vessels';
import { isFatOff, vesselOfWork } from './vessel-of-work';
import { wording } from './wording';

/** Everything that neither puts, joins nor heats: one step, on what it names or what was spoken of. */
export function work(state: State, c: Located): void {
  const works = worksOf(c.technique?.id, c.technique?.like);
  speakOfVessel(state, c, works.act);
  const frame = frameOf(state, c);
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
  // squares of paper are what is filled next
  if (works.act === 'ready' && c.mentions.length === 0 && SHEET.test(c.rest)) {
    state.container = /paper|parchment/i.test(c.rest) ? 'paper' : 'foil';
    push(state, {
      ...common(state, c, null, []),
      text: wording(state, c),
      tools: ['scissors', state.container],
      about: [],
      into: null,
      thing: 'the paper',
      name: 'paper',
    });
    return;
  }
  const mentions = c.mentions.filter((m) => !isGoalOfWork(state, c, m, works.act));
  const from = (works.act === 'lift' || works.act === 'drain' || isShared(c)) && into !== null ? fromOf(state, about, into) : null;
  if (works.act === 'kettle') state.explicit.add('kettle');
  say(
    state,
    { ...c, mentions },
    {
      text: aside(state, c, into),
      into,
      ...(from ? { from } : {}),
      ...(about.length > 0 && (mentions.length === 0 || works.act === 'dip' || isBeside(frame)) ? { about } : {}),
    },
  );
  after(state, c, works, named, about, into);
}

/** "Leave in the tin for 5 minutes", with the drizzle in hand: what is in the tin is spoken of from then on. */
function speakOfVessel(state: State, c: Located, act: Act): void {
  if (!['cool', 'wait', 'chill'].includes(act) || c.mentions.length > 0 || !/^in\s/i.test(c.rest)) return;
  const phrase = phrasesOf(state, c).find((p) => p.prep === 'in' && p.vessel !== null);
  const at = phrase ? vesselOfPhrase(state, c, phrase) : null;
  if (at === null || placeOf(state, state.objectUses) === at || !isHeld(state, at)) return;
  state.container = at;
  focusOn(state, inside(state, at), null);
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
  const isFlat = works.traits.has('flat') || said === 'board' || (works.traits.has('dough') && state.vesselSpoken === 'board');
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

const SHEET = /\b(?:squares?|sheets?|pieces?|rounds?|circles?|rectangles?)\s+of\s+(?:baking |greaseproof )?(?:paper|parchment|foil)\b/i;

const isContained = (act: Act) =>
  ['soak', 'cover', 'uncover', 'shape', 'serve', 'lift', 'oven-out', 'cool', 'chill', 'touch', 'dip', 'drain'].includes(act);

/** What is worked into, or on: the goal of the work and no part of what is worked on. */
const isGoalOfWork = (state: State, c: Located, m: Mention, act: Act): boolean =>
  (act === 'ready' || act === 'shape') && isTarget(c, m) && state.placed.has(m.ingredient);

/** The vessel that things are lifted out of, where all that is in it goes. */
function fromOf(state: State, about: readonly number[], into: string): string | null {
  const from = about.length > 0 ? state.placed.get(about[0]!) : state.container;
  if (!from || from === into) return null;
  return inside(state, from).every((i) => about.includes(i)) || about.length === 0 ? from : null;
}

/** What is spoken of next, and which vessel is in hand. */
function after(state: State, c: Located, works: Works, named: readonly number[], about: readonly number[], into: string | null): void {
  const id = c.technique?.id ?? '';
  if (works.act === 'coat-vessel') {
    state.prepared = into ?? state.prepared;
    state.vesselSpoken = into;
    // "brush a frying pan with oil": that pan is cooked in next
    if (isPan(into)) state.container = into;
    return;
  }
  // "turn the heat under the sauce right down": the sauce is what is stirred next
  const under = works.act === 'ring-set' ? /\bunder (the \p{L}+)/iu.exec(c.rest)?.[1] : undefined;
  const pan = under ? placeOf(state, ofNoun(state, under)) : null;
  if (pan) state.container = pan;
  // "fill a big pot half full and bring to the boil"
  if (works.act === 'water' && into !== null) state.container = into;
  // "wipe out the pan, add the oil": that pan is in hand
  if (works.act === 'other' && into !== null && c.tools.some((t) => isContainer(t.id))) state.container = into;
  // "and put it back on the heat": the pan that was wiped
  if (works.act === 'wash-tools' || c.technique?.id === 'wipe') state.vesselSpoken = wipedOf(state, c);
  if (works.act === 'toast' && c.tools.every((t) => !isContainer(t.id))) state.container = 'plate';
  if (works.act === 'off' && /oven/.test(c.words)) state.oven = false;
  // what is lifted out onto a plate waits there; the pan stays in hand
  if (works.act === 'lift') {
    const left = id !== 'turn-out' && isPan(state.hob) && into !== state.hob;
    state.container = left ? state.hob : into;
    if (id === 'reserve')
      state.container = state.container === 'small-bowl' ? (state.steps.at(-2)?.into ?? state.container) : state.container;
    if (/^(?:stones?|bones?|skins?|stalks?|seeds?|pods?|leaf|leaves)\b/i.test(objectPhrase(c.rest)?.replace(/^(?:the|any)\s+/i, '') ?? ''))
      return;
    if (id !== 'reserve' && about.length > 0) focusOn(state, about, null);
    return;
  }
  // "cut a cross in the top of the potato, squeeze it open"
  if (id === 'score' && c.mentions.length > 0) {
    const scored = c.mentions.map((m) => m.ingredient);
    focusOn(state, scored, null);
    state.container = state.placed.get(scored[0]!) ?? state.container;
    return;
  }
  // "check that the chicken is done. Lift it onto a board"
  if (works.act === 'check' && c.mentions.length === 1 && c.first && state.placed.has(c.mentions[0]!.ingredient)) {
    focusOn(state, [c.mentions[0]!.ingredient], null);
    state.container = state.placed.get(c.mentions[0]!.ingredient)!;
  }
  if (
    works.act === 'bin' ||
    works.act === 'cover' ||
    works.act === 'uncover' ||
    works.act === 'check' ||
    works.traits.has('still') ||
    id === 'score' ||
    id === 'make-well'
  )
    return;
  if (works.act === 'dip' && named.length > 0) focusOn(state, named, eachOf(c) ?? (/^(?:it|them)\b/i.test(c.rest) ? state.object : null));
  if (works.act === 'dip' || works.act === 'wash-tools' || works.act === 'wash-hands' || works.act === 'ring-set' || works.act === 'off')
    return;
  // "crack the eggs into a jug. Add the milk": that jug is in hand
  if (works.act === 'ready' && into !== null && toolById(into)?.kind === 'container' && c.tools.some((t) => isContainer(t.id)))
    state.container = into;
  if (works.act === 'ready' || works.act === 'drain') for (const i of named) if (!state.lineObjects.includes(i)) state.lineObjects.push(i);
  const takesAway = /^(?:remove|discard|take|pull|throw|scoop|fish)$/.test(c.verb ?? '') && ['hull', 'pit', 'core', 'deseed'].includes(id);
  if (takesAway && named.length > 0 && named.every((i) => !about.includes(i))) return;
  const shaped = SHAPED.exec(c.rest)?.[1] ?? (id === 'cut-out' ? CUT_OUT.exec(c.rest)?.[0] : undefined);
  if (works.act === 'shape' || shaped) {
    focusOn(state, about, shaped ? `the ${shaped.toLowerCase()}` : (eachOf(c) ?? state.object));
    return;
  }
  // "grate in the cheese and leave it": all that it lies with
  const among = works.act === 'ready' && into !== null && into !== 'board' && /^(?:in|over)\s/i.test(c.rest) ? inside(state, into) : [];
  if (among.length > about.length) return focusOn(state, among, null);
  if (about.length > 0 && (works.act !== 'other' || named.length > 0)) focusOn(state, about, eachOf(c));
}

/** The vessel that is washed or wiped. */
function wipedOf(state: State, c: Located): string | null {
  const named = phrasesOf(state, c).find((p) => p.vessel !== null && (p.prep === null || p.prep === 'how'));
  return named ? vesselOfPhrase(state, c, named) : (c.tools.find((t) => isContainer(t.id))?.id ?? null);
}

const SHAPED = new RegExp(
  `\\b(?:into|as|to form|to make)\\s+(?:\\p{L}+\\s+)?(?:\\d+\\s+)?(?:(?:small|large|big|little|equal|even|flat|long|thin|walnut-sized|bite-size|round)[\\s-]+)*((?:\\p{L}+\\s+)?${SHAPE_MANY})\\b`,
  'iu',
);

/** "Cut out rounds". */
const CUT_OUT = new RegExp(`\\b${SHAPE_MANY}\\b`, 'i');

/** "Twist each strip": strips are in hand. */
const EACH = new RegExp(`^(?:each|every|one|the)\\s+(?:of the\\s+)?(${SHAPE_ONE})\\b`, 'i');
const eachOf = (c: Located): string | null => {
  const one = EACH.exec(c.rest)?.[1]?.toLowerCase();
  return one ? `the ${one === 'patty' ? 'patties' : `${one}s`}` : null;
};
