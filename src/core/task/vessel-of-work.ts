// Where work is done that neither puts, joins nor heats: what the clause names, where its thing lies, or what is in hand.
import { lotsOf } from '../kitchen/index';
import { isPutAway } from '../kitchen/world';
import { kindOf, techniqueById, worksById } from '../technique/lexicon';
import { hasMark, toolById } from '../technique/tools';
import { worksOf, type Act, type Works } from '../technique/works';
import { isSourcePrep, phrasesOf, type Phrase } from './slots';
import { isContainer, PARCEL, type Located, type State } from './state';
import { frameOf, goalOf, thingsOf } from './things';
import { inUse, isHeld, isPan, mixingBowl, panOfWater, servedIn, vesselOfPhrase } from './vessels';
import { isOnCloth } from './place-said';
import { STANDS_ON } from './place-words';

/** The pan that a named thing is in: "the soup". */
export function panOfThing(state: State, c: Located): string | null {
  const there = thingsOf(state, c, frameOf(state, c).theme).there;
  const pans = new Set(there.map((i) => state.placed.get(i)));
  const [pan] = pans;
  return pans.size === 1 && pan !== undefined && isPan(pan) ? pan : null;
}

/** Where work is done, or where it lets its thing fall. */
export function vesselOfWork(state: State, c: Located, works: Works, goal: Phrase | null, about: readonly number[]): string | null {
  const named = phrasesOf(state, c).find((p) => p.vessel !== null && p.prep !== 'with' && !isSourcePrep(p.prep) && p.prep !== 'off');
  const own = named ? vesselOfPhrase(state, c, named) : null;
  const lies = about.map((i) => state.placed.get(i)).find((v) => v !== undefined) ?? null;
  const { act, traits } = works;
  if (c.technique?.id === 'squeeze-out' || act === 'off' || act === 'ring-set' || act === 'wash-hands' || act === 'wash-tools') return null;
  if (act === 'ready') return goalOfReady(state, c, own, goal, about);
  // "grease a tin and line it"
  if (act === 'coat-vessel') return own ?? c.tools.find((t) => isContainer(t.id))?.id ?? (about.length === 0 ? state.vesselSpoken : null);
  // "take one sheet of pastry" of the packet: it is worked on before the learner, not in the pan that the filling is in
  if (act === 'lift' && own === null && about.length > 0 && about.every((i) => !state.placed.has(i) && !state.used.has(i))) return 'board';
  if (act === 'lift')
    return (
      own ??
      (c.technique?.id === 'drain-on-paper' || ON_PAPER.test(c.rest)
        ? 'plate'
        : goal !== null && isOnCloth(goal)
          ? 'board'
          : c.technique?.id === 'reserve' && isPart(c)
            ? 'small-bowl'
            : c.technique?.id === 'reserve' && isInFryingPan(state, lies)
              ? 'plate'
              : c.technique?.id === 'lift-out' &&
                  about.some((i) => !state.world.ingredients[i]!.minor) &&
                  isPan(lies) &&
                  IS_OUT.test(c.rest)
                ? 'plate'
                : isOutOfTin(c, lies ?? state.container)
                  ? 'board'
                  : (lies ?? state.container))
    );
  if (act === 'water' && c.verb === 'cover') return own ?? lies ?? state.container;
  // what comes out of the toaster lies on a plate
  if (act === 'toast') return own ?? 'plate';
  if (act === 'soak') return own ?? lies ?? (state.container && state.container !== 'board' ? state.container : mixingBowl(state));
  // pastry is rolled out on the board, not in the pan that the filling is in
  // and no dough is cut up in its bowl
  if (act === 'shape' && c.verb === 'cut' && toolById(lies ?? '')?.kind === 'container') return own ?? 'board';
  if (act === 'shape') return own ?? (about.some((i) => !state.placed.has(i)) ? 'board' : (lies ?? state.container));
  // the chicken that was fried lies on its plate: the fat is in the pan
  if (isFatOff(c, act)) {
    const from = state.steps.findLast((s) => worksOf(s.technique).act === 'lift')?.from ?? null;
    if (isPan(state.container) || from) return isPan(state.container) ? state.container : from;
  }
  if (act === 'drain' && own && goal?.prep === 'into' && own !== 'colander') return own;
  // a cup of the water was kept: what is drained is what it was cooked in
  if (
    act === 'drain' &&
    lies !== null &&
    state.steps.some((s) => s.technique === 'reserve' && s.into === lies && /\bwater\b/i.test(s.text))
  )
    return panOfWater(state) ?? lies;
  if (act === 'drain') return lies ?? own ?? (about.length === 0 ? state.container : null);
  if (act === 'dip') return coatingOf(state, c) ?? own ?? state.container;
  if (act === 'serve')
    return (
      own ??
      (goal !== null && goalOf(state, c, goal).vessel === PARCEL ? PARCEL : null) ??
      eachOwn(state, c, goal) ??
      casesInTin(state, c) ??
      sharedInto(state, c) ??
      (about.length > 0 || c.mentions.length > 0 ? 'serving-bowl' : state.container)
    );
  // the jar is what the recipe calls "the pots"
  if (act === 'uncover') return coveredWith(state, c) ?? own ?? lies ?? state.container;
  // "put it on a plate and put it in the microwave": the plate goes in with it
  if (act === 'place-in' && own === null && lies !== null && lies !== 'board') return lies;
  if (act === 'place-out') return shutAway(state, c, own ?? lies) ?? own ?? lies ?? state.container;
  // what lies on the board goes in by itself
  if (act === 'chill' && own === null && (lies ?? state.container) === 'board') return null;
  if (act === 'wait' && STANDS_ON.test(c.rest) && state.container && state.container !== 'board') return state.container;
  // "put a plate on top": the plate is the cover
  if (act === 'cover' && named?.prep === null) return lies ?? state.container;
  if (act === 'wait' || act === 'cool' || act === 'chill' || act === 'check' || act === 'cover') return own ?? lies ?? state.container;
  // raw meat that lies nowhere yet is slashed on the board
  if (act === 'touch' && lies === null && about.length > 0 && c.technique?.tools.includes('board')) return own ?? 'board';
  if (act === 'touch') return own ?? goalOf(state, c, goal).vessel ?? lies ?? (isCutLoose(state, about) ? 'board' : state.container);
  return own ?? (traits.has('utensil') ? (lies ?? state.container) : null);
}

/** Whole things that came out of the oven as they went in. */
const isLoosePieces = (state: State, about: readonly number[]) => {
  const lots = about.flatMap((i) => lotsOf(state.world, i));
  return lots.length > 0 && lots.length <= 2 && lots.every((lot) => lot.cooked && !lot.joined);
};

/** "Pour off all but 1 tablespoon of the fat". */
export const isFatOff = (c: Located, act: Act) => act === 'drain' && /\b(?:fat|grease|dripping)\b/i.test(c.rest);

/** Cut up before the learner, and in no vessel yet. */
export const isCutLoose = (state: State, about: readonly number[]) =>
  about.some((i) => !state.placed.has(i) && lotsOf(state.world, i).some((lot) => lot.forms.has('cut')));

/** "Take off the plate": the vessel that the plate lies on. */
function coveredWith(state: State, c: Located): string | null {
  const covered = [...state.world.vessels].filter(([, v]) => v.lid !== null);
  const byIt = covered.filter(([, v]) => c.tools.some((t) => t.id === v.lid));
  if (byIt.length === 1) return byIt[0]![0];
  // "lift the lid", with the dip in hand: the one thing that has a lid on
  const isOpen = state.container === null || (state.world.vessels.get(state.container)?.lid ?? null) === null;
  return covered.length === 1 && isOpen && c.tools.some((t) => t.id === 'lid') ? covered[0]![0] : null;
}

/** "Share it between the cups": those of the muffin tin in use. */
function eachOwn(state: State, c: Located, goal: Phrase | null): string | null {
  const vessel = goal ? goalOf(state, c, goal).vessel : null;
  return vessel !== null && goal!.mentions.length === 0 && hasMark(vessel, 'each') ? vessel : null;
}

/** "Divide the ham between the pastry cases", which lie in the holes of their tin. */
const casesInTin = (state: State, c: Located): string | null =>
  c.technique?.id === 'share-out' &&
  /\b(?:between|among|into)\s+(?:the\s+|each\s+)?(?:\p{L}+\s+)?(?:cases|shells|nests|tartlets|holes)\b/iu.test(c.rest)
    ? (inUse(state).find((v) => hasMark(v, 'each') && hasMark(v, 'bakes')) ?? null)
    : null;

/** "Divide between 6 cups. Share out the raspberries": into the same. */
const sharedInto = (state: State, c: Located): string | null =>
  c.technique?.id === 'share-out' ? (state.steps.findLast((s) => s.technique === 'share-out')?.into ?? null) : null;

/** The one vessel that is shut away, where the one that is named is not. */
function shutAway(state: State, c: Located, named: string | null): string | null {
  const said = /\b(?:microwave|fridge|freezer)\b/i.exec(c.rest)?.[0].toLowerCase();
  const away = [...state.world.vessels].flatMap(([id, v]) => (isPutAway(v.place) && (said === undefined || v.place === said) ? [id] : []));
  return away.length === 1 && (named === null || !away.includes(named)) ? away[0]! : null;
}

/** "Griddle the vegetables. Set aside.": the pan is wanted, and is on. */
const isInFryingPan = (state: State, lies: string | null) =>
  lies !== null && lies === state.hob && (hasMark(lies, 'fries') || wasFriedIn(state, lies)) && !isOff(state);
/** What was heated last in this pan was fried there. */
const wasFriedIn = (state: State, pan: string) => {
  const last = state.steps.findLast((s) => s.into === pan && worksById(s.technique).act === 'heat');
  return worksOf(last?.technique, techniqueById(last?.technique ?? '')?.like).traits.has('fat');
};
const isOff = (state: State) => ['off', 'off-ring'].includes(worksOf(state.steps.at(-1)?.technique).act);

/** "Lift the fish out with a slotted spoon": out of the pan, wherever it goes then. */
const IS_OUT = /^(?:out\b|(?:the|it|them|your)\b[^.]*\bout\b)(?! of the (?:oven|tin|dish)\b)/i;

/** "Lift the chicken onto kitchen paper", which lies on a plate. */
const ON_PAPER =
  /\b(?:on|onto|to)\s+(?:some\s+|a\s+(?:sheet|piece)\s+of\s+)?(?:kitchen paper|kitchen roll|paper towels?|absorbent paper)\b/i;

/** "Lift it out using the paper": it lies before the learner then, and is cut there and not in the tin. */
const isOutOfTin = (c: Located, from: string | null): boolean =>
  from !== null &&
  hasMark(from, 'bakes') &&
  !hasMark(from, 'each') &&
  !isPan(from) &&
  c.technique?.id === 'lift-out' &&
  c.mentions.length === 0 &&
  (/\bout\b.*\b(?:paper|parchment|foil|film)\b/i.test(c.rest) ||
    /^(?:(?:it|them|the (?:block|slab|cake|loaf|slice))\s+)?out(?: of (?:the|its) \p{L}+)?$/iu.test(c.rest));

/** "Reserve a cup of the water": a part, which needs a bowl of its own. */
const isPart = (c: Located) =>
  c.mentions.some((m) => m.part !== 'all') ||
  /\b(?:water|half|some|cups?|tbsp|tablespoons?|a little|third|quarter|handful)\b/i.test(c.rest);

/** "Dip each piece in the flour": the bowl that the flour is in. */
function coatingOf(state: State, c: Located): string | null {
  const coat = c.mentions.find((m) => state.placed.has(m.ingredient));
  return coat ? state.placed.get(coat.ingredient)! : null;
}

function goalOfReady(state: State, c: Located, own: string | null, goal: Phrase | null, about: readonly number[]): string | null {
  const id = kindOf(c.technique?.id);
  const lies = about.map((i) => state.placed.get(i)).find((v) => v !== undefined) ?? null;
  // "squeeze in the juice of one half"
  const isNamed = c.mentions.length > 0 || (id === 'juice' && state.container !== 'board');
  if (/^in\s+(?:(?:the|half|both|some|all)\s+|\p{L}+$)/iu.test(c.rest) && isNamed) return state.container;
  // "flake the salmon over the top": of what is in hand, and not of its own dish
  const held = state.container;
  if (/\bover (?:the )?(?:top|it all|everything)\b/i.test(c.rest) && lies && held && lies !== held && isHeld(state, held)) return held;
  const served = servedIn(state);
  if (served && /\bover\b/i.test(c.rest)) return served;
  if (/^over\b|\bover(?:$| (?:it|them|everything|the)\b)/i.test(c.rest) && ['juice', 'grate', 'tear', 'snip'].includes(id))
    // the other half of the lemon lies on the fish
    return (c.mentions.some((m) => m.part === 'rest') ? null : lies) ?? goalOf(state, c, goal).vessel ?? state.container;
  const target = goalOf(state, c, goal).vessel;
  if (target && /\b(?:into|over|onto|on top)\b/i.test(c.rest)) return target;
  if (/\bon top\b/i.test(c.rest) && state.container !== null && state.container !== 'board') return state.container;
  if (own && /\b(?:into|in|onto|over)\b/i.test(`${c.rest} ${c.lead ?? ''}`)) return own;
  if (id === 'crack-egg') return own ?? (/^in\b/i.test(c.rest) ? state.container : 'small-bowl');
  // what was drained is rinsed where it lies
  if (id === 'rinse' && about.length > 0 && about.every((i) => lotsOf(state.world, i).at(-1)?.at === 'colander')) return 'colander';
  if (
    id === 'rinse' ||
    id === 'pat-dry' ||
    id === 'open-can' ||
    id === 'open' ||
    id === 'tear' ||
    id === 'peel-by-hand' ||
    id === 'crush-garlic'
  )
    return lies;
  if (id === 'juice') return own ?? 'small-bowl';
  // the rest of the lemon lies where it was cut
  if (c.mentions.some((m) => m.part === 'rest')) return 'board';
  // nothing raw is cut on the paper that it is baked in
  if (lies && hasMark(lies, 'under') && about.every((i) => !state.cooked.has(i))) return 'board';
  // what was baked or shaped as one is cut up where it lies; a potato or a slice of toast comes to the board, and nothing is cut in a pan or a bowl
  return lies && hasMark(lies, 'bakes') && !isLoosePieces(state, about) ? lies : 'board';
}
