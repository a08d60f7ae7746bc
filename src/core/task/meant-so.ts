// What an action means here beside what its words say: done already, kept, of the dish or of the side, in the vessel that was spoken of.
import { MIXTURE } from './nouns';
import { contents, lotsOf } from '../kitchen/index';
import { isPutAway } from '../kitchen/world';
import { kindOf, techniqueById } from '../technique/lexicon';
import { worksOf, type Act } from '../technique/works';
import { isOnlyWater } from './frames-water';
import { isOverWater } from './means/here';
import { listed } from '../recipe/listed';
import { wholeOf } from './mentions';
import { mentionsHere } from './mentions-here';
import { inside } from './push';
import { nameOf } from './ready';
import { focusOn, isContainer, lastOf, type Located, type State } from './state';
import { hasMark, toolById } from '../technique/tools';
import { toolCall } from './tool-names';
import { isHeld, isPan } from './vessels';

const APART =
  /^(?:\d+|some|a few|a little|the rest)(?:\s+(?:of\s+)?(?:the\s+)?(?!(?:warm|hot|cold|cool|chilled)\b)\p{L}+)?\s+for\s+(?:the|later|\p{L}+ing)\b/iu;

/** "Slice off the tops and keep them", "Keep 2 for the top": nothing more is done. "Keep some warm for 10 minutes" is. */
export const isKept = (state: State, c: Located) =>
  c.verb === 'keep' && state.steps.length > 0 && ((!c.first && /^(?:it|them|this|these)$/i.test(c.rest.trim())) || APART.test(c.rest));

/** "Dust the fish in the flour": it is turned in it. "Dust the table with flour" strews it. */
export const isDusted = (c: Located) => c.mentions.length > 1 && /\sin\s/i.test(c.rest.slice(c.mentions[0]!.end));

/** "Shake off the excess", "press the crumbs on", of what was dipped; "shake off the water", of what was drained: the last move of that step. */
export const isExcess = (state: State, c: Located) => {
  const last = state.steps.at(-1)?.technique;
  const { act } = worksOf(last);
  const isShaken = /^(?:shake|tap|knock|let)$/.test(c.verb ?? '');
  if (act === 'drain' || kindOf(last) === 'rinse') return isShaken && /\b(?:water|excess|drips?|dry|colander|sieve)\b/i.test(c.rest);
  return (
    act === 'dip' &&
    ((isShaken && /\b(?:excess|extra|drip)\b/i.test(c.rest)) ||
      (/^(?:press|pat)$/.test(c.verb ?? '') && /\bon(?:to (?:it|them|the \p{L}+))?(?: well| firmly)?$/iu.test(c.rest)))
  );
};

/** "Turn off", of the slow cooker that the dish is in. */
export function applianceOff(state: State, c: Located): Located | null {
  const at = state.container;
  if (at === null || !state.world.on.has(at) || c.tools.length > 0 || !/^(?:it\s+)?off$/i.test(c.rest.trim())) return null;
  return { ...c, rest: `off the ${toolCall(state, at)}`, tools: [{ id: at, at: 'off the '.length }] };
}

export function keepLast(state: State, text: string): void {
  const last = state.steps.at(-1);
  if (last) state.steps[state.steps.length - 1] = { ...last, cues: [...(last.cues ?? []), { sense: 'sight', text }] };
}

const OFTEN =
  /\b(?:now and (?:then|again)|every (?:so often|now and (?:then|again)|few minutes|couple of minutes|minute|(?:\d+|two|three|five|ten)(?:\s?(?:-|–|to|or)\s?\d+)? ?min(?:ute)?s?)|sometimes|occasionally|from time to time|regularly|frequently|constantly|continuously|all the time|(?:the )?whole time)\b/i;

/** "Simmer for 20 minutes. Stir it every so often": while it simmers, and not once it is off. */
export const isMeanwhileStirred = (state: State, c: Located): boolean => {
  const last = state.steps.at(-1);
  return (
    /^(?:stir|shake|whisk|baste)$/.test(c.verb ?? '') &&
    c.mentions.length === 0 &&
    OFTEN.test(`${c.adverb ?? ''} ${c.rest}`) &&
    // on its own line where a paragraph was parted
    c.line - (last?.sourceLine ?? -2) <= 1 &&
    (last?.minutes?.waiting ?? 0) >= 2
  );
};

/** "Take off the plate", where the plate is the cover. */
export function uncovers(state: State, c: Located, act: Act): boolean {
  if (act !== 'lift' && act !== 'ready') return false;
  const covers = [...state.world.vessels.values()].flatMap((v) => v.lid ?? []);
  return /\boff\b/i.test(c.rest) && covers.some((lid) => c.tools.some((t) => t.id === lid)) && c.mentions.length === 0;
}

/** "Meanwhile, boil the rice. Drain." and on the next line "stir in the spinach": into the stew, and not into the rice. */
export function backToDish(state: State, c: Located): void {
  const { beside } = state;
  if (!beside || c.line === beside.line) return;
  // draining, and a cup of the water before it, are still of the rice
  if (c.verb === 'drain' || (c.technique?.id === 'reserve' && /\bwater\b/i.test(c.rest))) {
    state.beside = { ...beside, line: c.line };
    return;
  }
  const { world } = state;
  // "boil a pan of water" and on the next line "add the rice": nothing was cooked in it yet
  const isAwaited = c.mentions.length > 0 && c.mentions.every((m) => !state.placed.has(m.ingredient));
  const isWater = (world.vessels.get(beside.pan)?.water ?? 'none') !== 'none' && world.drained !== beside.pan;
  if (isAwaited && isWater && state.container === beside.pan && contents(world, beside.pan).length === 0) {
    state.beside = { ...beside, line: c.line };
    return;
  }
  state.beside = null;
  // a pan that was drained and emptied, and that a sauce is made in now, is no pan of water any more
  const isDrained = (vessel: string) =>
    world.drained === vessel && [...contents(world, 'colander'), ...contents(world, vessel)].some((lot) => lot.forms.has('drain'));
  const water = (vessel: string) => (world.vessels.get(vessel)?.water ?? 'none') !== 'none' || isDrained(vessel);
  const isNamed = c.mentions.some((m) => state.placed.get(m.ingredient) === beside.pan);
  if (state.container !== beside.pan || !water(beside.pan) || water(beside.container) || isNamed) return;
  state.container = beside.container;
  if (isPan(beside.container)) state.lastPan = beside.container;
  focusOn(state, inside(state, beside.container), null);
}

/** "Make the gravy. Cut into portions": of what came out of the oven, and no gravy is cut. */
export function backToBaked(state: State, c: Located, act: Act): void {
  const isAll =
    c.mentions.length === 0 &&
    /^(?:(?:it|everything)\s+)?(?:in|into)\s+(?:\p{L}+\s+|\d+\s+){0,2}(?:portions|squares|slices|wedges|bars|pieces)\b/iu.test(c.rest);
  if (act !== 'ready' || !isAll || !isPan(state.container)) return;
  const out = state.steps.findLast((s) => worksOf(s.technique).act === 'oven-out');
  const dish = out?.tools?.find((id) => hasMark(id, 'bakes') && isHeld(state, id));
  if (dish === undefined || dish === state.container) return;
  state.container = dish;
  focusOn(state, inside(state, dish), null);
}

/** "Squeeze one half over the fish and cut the other half into wedges": of what was halved last. */
export function withOtherHalf(state: State, c: Located): Located {
  // "cut them into quarters and share between the cups": what lies cut up and in nothing yet
  const isLoose = state.objectUses.length > 0 && state.objectUses.every((i) => !state.placed.has(i));
  if (c.technique?.id === 'share-out' && c.mentions.length === 0 && isLoose) return { ...c, mentions: state.objectUses.map(wholeOf) };
  if (c.mentions.length > 0 || !/^the other half\b/i.test(c.rest)) return c;
  const halved = state.steps.findLast((s) => kindOf(s.technique) === 'halve')?.uses?.find((use) => use.ingredient !== null)?.ingredient;
  return halved == null ? c : { ...c, mentions: [{ ...wholeOf(halved), part: 'rest' }] };
}

/** "Shred the cabbage, grate the carrots, slice the onions. Toss in a bowl with the yoghurt": all that was cut, where nothing of it lies anywhere yet. */
export function takesAllCut(state: State, c: Located): void {
  const { act } = worksOf(c.technique?.id, c.technique?.like);
  const isBare = /^(?:(?:it|them|together|all|everything)\b|(?:in|on)(?:to)? (?:a|the|another)\b|with\b|$)/i.test(c.rest.trim());
  if (!c.first || !isBare || (act !== 'put' && act !== 'join') || state.lineObjects.length < 2) return;
  const loose = state.lineObjects.every((i) => !state.placed.has(i) && lotsOf(state.world, i).some((lot) => lot.forms.size > 0));
  if (loose && state.objectUses.some((i) => state.lineObjects.includes(i))) state.objectUses = [...state.lineObjects];
}

/** "Remove to a bowl and set aside": it stands there. */
export const isMovedAside = (state: State, c: Located) => {
  const last = state.steps.at(-1);
  return (
    c.technique?.id === 'reserve' &&
    !c.first &&
    /^(?:(?:it|them)\s+)?(?:aside|to one side)$/i.test(c.rest.trim()) &&
    ['lift', 'put'].includes(worksOf(last?.technique).act) &&
    last?.sourceLine === c.line &&
    (toolById(last?.into ?? '')?.kind === 'container' || last?.into === 'plate') &&
    c.until === null
  );
};

/** "Cook uncovered", with the lid still on. */
export const isUncovered = (state: State, c: Located, act: Act) =>
  /\buncovered\b/i.test(c.rest) &&
  (act === 'heat' || act === 'oven' || act === 'microwave' || act === 'cool' || act === 'wait') &&
  state.container !== null &&
  (state.world.vessels.get(state.container)?.lid ?? null) !== null;

const ON_HEAT =
  /^(?:it\s+)?(?:back\s+)?(?:on|onto|over|to)\s+(?:an?\s+|the\s+)?(?:(?:very\s+)?(?:low|gentle|medium|moderate|high)\s+)?(?:heat|hob|stove|ring)\b/i;

/** "Wipe out the pan and put it back on a low heat": the pan that was spoken of, with nothing in it. */
export function emptyPanOnHeat(state: State, c: Located, act: Act): string | null {
  const pan = state.vesselSpoken;
  return act === 'put' && isPan(pan) && c.mentions.length === 0 && ON_HEAT.test(c.rest) && !isHeld(state, pan) ? pan : null;
}

/** "Stir in the flour, then put back on the heat": its ring is lit again. */
export const panBackOnHeat = (state: State, c: Located, act: Act): string | null =>
  act === 'put' &&
  c.mentions.length === 0 &&
  state.hob === null &&
  isPan(state.container) &&
  (c.verb === 'return' || /^(?:it\s+|the\s+pan\s+)?back\b/i.test(c.rest)) &&
  ON_HEAT.test(c.rest.replace(/^the\s+pan\s+/i, ''))
    ? state.container
    : null;

/** "Fill the muffin cups": with what is in the bowl. */
export function filled(state: State, c: Located, act: Act): Located | null {
  const to = c.tools.find((t) => isContainer(t.id));
  if (act !== 'put' || c.verb !== 'fill' || c.mentions.length > 0 || !to || /\b(?:with|from)\b/i.test(c.rest)) return null;
  if (state.container === null || state.container === to.id || !isHeld(state, state.container)) return null;
  const by = 'the mixture into '.length;
  return {
    ...c,
    verb: 'spoon',
    technique: techniqueById('spoon')!,
    rest: `the mixture into ${c.rest}`,
    tools: c.tools.map((t) => ({ ...t, at: t.at + by })),
  };
}

/** "Take out, stir in the peas and put back for 5 minutes": into the oven that it came out of. */
export function backInOven(state: State, c: Located, act: Act): Located | null {
  const said = /^(?:(?:it|them|the \p{L}+)\s+)?(?:back\s+(?:in\s+)?)?(?=for\s+(?:about\s+|another\s+|a further\s+)*\d)/iu.exec(c.rest);
  const isOut = state.inOven !== null && state.container === state.inOven && lastOf(state, 'take-out-oven') > lastOf(state, 'bake');
  if (act !== 'put' || !said || !isOut || !/^(?:put|return|pop|place|slide)$/.test(c.verb ?? '')) return null;
  return { ...c, verb: 'bake', technique: techniqueById('bake')!, rest: c.rest.slice(said[0].length), mentions: [], tools: [] };
}

/** "Cover with the oat mixture": that is no lid. */
export function spreadOver(c: Located, act: Act): Located | null {
  const said = /^(?:(?:it|them|the \p{L}+)\s+)?with\s+/iu.exec(c.rest);
  const what = said && c.rest.slice(said[0].length);
  if (act !== 'cover' || !said || !what || c.tools.length > 0 || /\bwater\b/i.test(what)) return null;
  if (c.mentions.every((m) => m.at < said[0].length) && !MIXTURE.test(what)) return null;
  const by = said[0].length;
  const mentions = c.mentions.flatMap((m) => (m.at < by ? [] : [{ ...m, at: m.at - by, end: m.end - by }]));
  return { ...c, verb: 'spread', technique: techniqueById('spread')!, rest: `${what} over the top`, mentions };
}

/** "Roll in the seeds": it is rolled in them. */
export function coatedIn(c: Located, act: Act): Located | null {
  if (act !== 'dip' || !/^in\s+\S/i.test(c.rest)) return null;
  const by = 'it '.length;
  return {
    ...c,
    rest: `it ${c.rest}`,
    mentions: c.mentions.map((m) => ({ ...m, at: m.at + by, end: m.end + by })),
    tools: c.tools.map((t) => ({ ...t, at: t.at + by })),
  };
}

/** "Put the cornflour on a plate and roll the tofu in it": in the cornflour. */
export function coatNamed(state: State, c: Located, act: Act): Located | null {
  const coat = state.objectUses;
  const named = c.mentions.map((m) => m.ingredient);
  if (act !== 'dip' || named.length === 0 || coat.length === 0 || coat.length > 3 || coat.some((i) => named.includes(i))) return null;
  if (!/\bin (?:it|them|this|these)\b/i.test(c.rest)) return null;
  const words = listed(coat.map((i) => `the ${nameOf(state.recipe.ingredients[i]!)}`));
  const rest = c.rest.replace(/\bin (?:it|them|this|these)\b/i, `in ${words}`);
  return { ...c, rest, mentions: mentionsHere(state, rest) };
}

/** "Sit the bowl on top", with nothing but water on the ring: over that. */
export function bowlOnWater(state: State, c: Located): Located | null {
  const said = /^(?:the|your)\s+(?:\p{L}+\s+)?bowl\s+(?:on\s+top|over\s+(?:it|this|the\s+(?:pan|saucepan|pot)))(?!\s+of\b)/iu.exec(c.rest);
  if (!said || !isOnlyWater(state) || isOverWater(c.rest)) return null;
  return { ...c, rest: `the bowl over the pan of simmering water${c.rest.slice(said[0].length)}`, technique: techniqueById('simmer')! };
}

/** "Weigh the flour into a bowl": it is measured by steps of its own, and goes there. */
export function tippedIn(c: Located): Located | null {
  const goes = c.mentions.length > 0 && /\b(?:in|into)\b/i.test(`${c.rest} ${c.lead ?? ''}`) && c.tools.some((t) => isContainer(t.id));
  return goes && /^(?:measure|weigh)$/.test(c.verb ?? '') ? { ...c, verb: 'put', technique: techniqueById('add')! } : null;
}

/** "Take it out", of what is in the microwave or the fridge. */
export function takenOut(state: State, c: Located, act: Act): Located | null {
  const place = state.container === null ? undefined : state.world.vessels.get(state.container)?.place;
  const isIt = c.mentions.length === 0 && /^(?:out$|(?:it|them|the \p{L}+) out$|out (?:it|them|the \p{L}+)$)/iu.test(c.rest.trim());
  if (act !== 'lift' || !isIt || !isPutAway(place)) return null;
  return { ...c, technique: techniqueById('take-out-place')!, rest: `the ${toolCall(state, state.container!)} out of the ${place}` };
}

/** "Press the edges down", "pat them flat": nothing goes anywhere. */
export const isTurned = (c: Located) =>
  /^(?:press|pat)$/.test(c.verb ?? '') && c.mentions.length === 0 && !/\b(?:in|into|onto|over)\b/i.test(c.rest);

/** "Toss" what is in no vessel yet, on the tray or the board: it is only turned about. */
export const isLeftAlone = (state: State, c: Located) =>
  c.technique?.id === 'mash' &&
  c.mentions.length === 0 &&
  !c.tools.some((t) => isContainer(t.id)) &&
  state.objectUses.every((i) => !state.placed.has(i)) &&
  state.container === null;
