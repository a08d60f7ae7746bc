// What becomes of things by work on them: where they lie after it, and what they are then.
import { SHAPE_MANY, SHAPE_ONE } from '../recipe/shape-nouns';
import { contents, lotsOf } from '../kitchen/index';
import { hasMark, toolById } from '../technique/tools';
import { lastBaked } from './dish-calls';
import { nameOf } from './ready';
import type { Works } from '../technique/works';
import { ofNoun, placeOf, sheetUnder } from './nouns';
import { objectPhrase } from '../plan/object-phrase';
import { inside } from './push';
import { SHEET_NAME } from './sheet-cut';
import { phrasesOf } from './slots';
import { focusOn, isContainer, type Located, type State } from './state';
import { isPan, panOfWater, vesselOfPhrase } from './vessels';

/** What cooks by itself, with food left in it: "lift the chicken out of the slow cooker". */
const cookerInHand = ({ container, world }: State): string | null =>
  container !== null && hasMark(container, 'holds') && contents(world, container).length > 0 ? container : null;

/** What is spoken of next, and which vessel is in hand. */
export function after(
  state: State,
  c: Located,
  works: Works,
  named: readonly number[],
  about: readonly number[],
  into: string | null,
): void {
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
  // "transfer the mushrooms to a plate. Lower the heat. Add the shallot": to the pan on the ring, not to the plate
  if (works.act === 'ring-set' && !pan && isPan(state.hob) && toolById(state.container ?? '')?.kind === 'surface')
    state.container = state.hob;
  // "fill a big pot half full and bring to the boil"
  if (works.act === 'water' && into !== null) state.container = into;
  // "snip the sausages straight into a frying pan. Fry for 10 minutes"
  if (works.act === 'ready' && isPan(into) && /\binto\b/i.test(c.rest)) state.container = into;
  // "wipe out the pan, add the oil": that pan is in hand
  if (works.act === 'other' && into !== null && c.tools.some((t) => isContainer(t.id))) state.container = into;
  // "and put it back on the heat": the pan that was wiped
  if (works.act === 'wash-tools' || c.technique?.id === 'wipe') state.vesselSpoken = wipedOf(state, c);
  // "find a big mug. Put in the flour"
  const found = works.act === 'fetch' && c.mentions.length === 0 ? c.tools.filter((t) => isContainer(t.id)) : [];
  if (found.length === 1 && !isPan(found[0]!.id)) state.container = found[0]!.id;
  // "take the glasses out of the fridge. Spoon in the cream"
  if (works.act === 'place-out' && into !== null) state.container = into;
  if (works.act === 'toast' && c.tools.every((t) => !isContainer(t.id))) state.container = 'plate';
  if (works.act === 'off' && /oven/.test(c.words)) state.oven = false;
  // what is lifted out onto a plate waits there; the pan stays in hand
  if (works.act === 'lift') {
    const pot = state.hob ?? cookerInHand(state);
    // "take the bowl off the pan": the bowl itself
    const isVessel =
      into !== null &&
      c.mentions.length === 0 &&
      /^(?:off\s+)?(?:the|your)\s/i.test(c.rest) &&
      c.tools[0]?.id === into &&
      c.tools[0].at < 12;
    // "take the tea bags out of the jug", with a soup on its ring: the jug
    const isOfIts = into !== null && into === state.container && toolById(into)?.kind === 'container' && !isPan(into);
    state.container = id !== 'turn-out' && pot !== null && !isVessel && !isOfIts ? pot : into;
    // a ladleful of its water stands aside: the pan is in hand
    if (id === 'reserve' && state.container === 'small-bowl')
      state.container = (/\bwater\b/i.test(c.rest) ? panOfWater(state) : null) ?? state.steps.at(-2)?.into ?? state.container;
    if (/^(?:stones?|bones?|skins?|stalks?|seeds?|pods?|leaf|leaves)\b/i.test(objectPhrase(c.rest)?.replace(/^(?:the|any)\s+/i, '') ?? ''))
      return;
    // "set aside 4 strawberries. Chop the others"
    const parted =
      id === 'reserve' && c.mentions.length === 1 && c.mentions[0]!.part === 'some' && !state.placed.has(c.mentions[0]!.ingredient);
    if (parted) focusOn(state, [c.mentions[0]!.ingredient], null);
    if (id !== 'reserve' && about.length > 0) focusOn(state, about, null);
    return;
  }
  // "squeeze one half over the fish and cut the other half into wedges": it is still the fish that lies there
  if (works.act === 'ready' && /^the other (?:half|one)\b/i.test(c.rest) && state.container !== null && state.container !== 'board') return;
  // "bring up the sides of the paper and fold over the top": all that lies on it is one parcel
  if (into !== null && hasMark(into, 'under') && works.act !== 'put' && WRAPS.test(c.rest)) {
    const many = state.steps.some((s) => s.name === SHEET_NAME && /\b(?:two|three|four|six|\d+)\b/i.test(s.text));
    return focusOn(state, inside(state, into), many ? 'the parcels' : 'the parcel');
  }
  // "cut a cross in the top of the potato, squeeze it open"
  if (id === 'score' && c.mentions.length > 0) {
    const scored = c.mentions.map((m) => m.ingredient);
    focusOn(state, scored, null);
    state.container = state.placed.get(scored[0]!) ?? state.container;
    return;
  }
  // "check that the chicken is done. Lift it onto a board"; "leave the potatoes for 2 minutes, then cut a cross in the top"
  const at = c.mentions.length === 1 && c.first ? (state.placed.get(c.mentions[0]!.ingredient) ?? null) : null;
  if (at !== null && (works.act === 'check' || (works.act === 'wait' && at !== state.container))) {
    focusOn(state, [c.mentions[0]!.ingredient], null);
    state.container = at;
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
  if (works.act === 'ready' || works.act === 'drain')
    for (const i of named) if (!state.lineObjects.includes(i) && !isMixedIn(state, i)) state.lineObjects.push(i);
  const takesAway = /^(?:remove|discard|take|pull|throw|scoop|fish)$/.test(c.verb ?? '') && ['hull', 'pit', 'core', 'deseed'].includes(id);
  if (takesAway && named.length > 0 && named.every((i) => !about.includes(i))) return;
  const single = works.act === 'shape' && !/^(?:each|every)\b/i.test(c.rest) ? SHAPED_ONE.exec(c.rest)?.[1] : undefined;
  const shaped = SHAPED.exec(c.rest)?.[1] ?? single ?? (id === 'cut-out' ? CUT_OUT.exec(c.rest)?.[0] : undefined);
  const closed = works.act === 'shape' && works.traits.has('closes') && !shaped ? closedOver(state, about) : null;
  if (closed) return focusOn(state, about, closed);
  if (works.act === 'shape' || shaped) {
    focusOn(state, about, shaped ? `the ${shaped.toLowerCase()}` : (eachOf(c) ?? state.object));
    return;
  }
  // "grate in the cheese and leave it": all that it lies with
  const among =
    works.act === 'ready' && into !== null && into !== 'board' && /^(?:in|over)\s|\bover\s+(?:the|it|them|everything)\b/i.test(c.rest)
      ? inside(state, into)
      : [];
  // "squeeze one half over the fish": the fish
  const beneathIt = /^(?:in|over)\s/i.test(c.rest) ? [] : among.filter((i) => !about.includes(i));
  if (beneathIt.length > 0) return focusOn(state, beneathIt, null);
  if (among.length > about.length) return focusOn(state, among, null);
  if (about.length > 0 && (works.act !== 'other' || named.length > 0)) focusOn(state, about, eachOf(c));
}

/** Flour in a scone that is split: nobody speaks of it as one of them. */
const isMixedIn = (state: State, i: number): boolean => {
  const lots = lotsOf(state.world, i);
  return lots.length > 0 && lots.every((lot) => lot.joined && lot.parts.size > 1);
};

/** "Fold over, press together": the pasties, or the pastry, and the filling no more. */
function closedOver(state: State, about: readonly number[]): string | null {
  const sheet = sheetUnder(state, about);
  if (sheet === undefined) return null;
  return `the ${lastBaked(state.recipe.title) ?? nameOf(state.recipe.ingredients[sheet]!)}`;
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

/** "Shape it into a long roll". */
const SHAPED_ONE = /\b(?:into|to form|to make)\s+an?\s+(?:[\p{L}-]+\s+){0,2}?(roll|log|sausage|oval)\b/iu;

const WRAPS =
  /\b(?:sides?|edges?|ends?|corners?|long sides?)\s+of\s+(?:the\s+|each\s+)?(?:paper|foil|parchment|squares?|sheets?)\b|^the\s+(?:paper|foil|parchment)\b/i;

/** "Cut out rounds". */
const CUT_OUT = new RegExp(`\\b${SHAPE_MANY}\\b`, 'i');

/** "Twist each strip": strips are in hand. */
const EACH = new RegExp(`^(?:each|every|one|the)\\s+(?:of the\\s+)?(${SHAPE_ONE})\\b(?!\\s+(?:mixture|mix|meat|filling|dough)\\b)`, 'i');
const eachOf = (c: Located): string | null => {
  const one = EACH.exec(c.rest)?.[1]?.toLowerCase();
  return one ? `the ${one === 'patty' ? 'patties' : `${one}s`}` : null;
};
