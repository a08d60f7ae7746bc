// "Boil the potatoes for 15 minutes. Meanwhile, chop the chives": the timer is set, the other work is done, and what cooks is gone back to when it rings.
import { contents, isWet, lotsOf } from '../kitchen/index';
import { minutesOfDraft, type Draft } from '../plan/draft';
import { capital } from '../recipe/method-lines';
import { techniqueById, kindOf } from '../technique/lexicon';
import { worksOf, type Act } from '../technique/works';
import type { State } from './state';

/** Something that cooks by itself, and what is done meanwhile. */
export type Beside = {
  cooking: Draft;
  /** The pan on its ring, or the dish in the oven. */
  vessel: string;
  /** It bakes by itself, so that a ring may be lit beside it. */
  isOven: boolean;
  foods: ReadonlySet<number>;
  /** What ends it and is said before the other work: out of the oven, drained. */
  ends: readonly Draft[];
  /** The steps of each action that is done meanwhile. */
  work: Draft[][];
};

/** Minutes of hands that a timer takes. */
const SET_TIMER = 0.5;
/** What cooks for less than this is waited for, in minutes. */
const SHORTEST = 4;
/** Over this the class is at something else, in minutes. */
const LONGEST = 90;

/** For how long: "for another 10 minutes", "for 15–20 mins"; or as long as the packet says. */
const HOW_LONG =
  /,? ?\b(?:for )?(?:about |around |another |a further |the last |at least |up to )*\d[\d½¼¾.]*(?:\s?\d?\/\d)?(?:\s?(?:-|–|to|or)\s?\d+)? ?(?:min(?:ute)?s?|hours?|hrs?)\b(?: and \d+ min(?:ute)?s?)?\.?(?: more| longer)?/i;
const BY_PACKET = /,? ?\b(?:according to|following|as per|as directed on|as on) (?:the )?(?:packet|package|pack|box)\b[\p{L}' ]*/iu;

/** What somebody has to be at all the time is not left. */
const KEEPS_BUSY =
  /\b(?:stir|turn(?!s? (?:golden|brown|pink|white|soft))|toss|shak|whisk|bast|flip|mov)\p{L}*\b|\bfr(?:y|ied)\b|\bin (?:two|2|three|3|four|4)? ?batches\b/iu;
const NOW_AND_THEN =
  /\b(?:stirring|turning|shaking|stir|turn|shake)\b[^.,]*\b(?:now and then|occasionally|sometimes|from time to time|once or twice)\b/gi;

const wait = (d: Draft) => d.minutes?.waiting ?? 0;
const minutes = (all: readonly Draft[]) => all.reduce((sum, d) => sum + minutesOfDraft(d), 0);
const actOf = (d: Draft) => worksOf(d.technique, kindOf(d.technique)).act;

/**
 * What cooks by its timer as a "meanwhile" begins; null where nothing does, or where it wants somebody beside it.
 * @param from the steps that there were before the draining that comes first
 */
export function cooksBeside(state: State, from: readonly Draft[]): Beside | null {
  const isOut = from.length > 1 && actOf(from.at(-1)!) === 'oven-out' && from.at(-1)!.sourceLine === from.at(-2)!.sourceLine;
  const cooking = from.at(isOut ? -2 : -1);
  const isOven = cooking?.technique === 'wait' && isOut;
  if (!cooking || wait(cooking) < SHORTEST || wait(cooking) > LONGEST) return null;
  const vessel = isOven ? state.inOven : (cooking.into ?? null);
  const words = [cooking.text, ...(cooking.cues ?? []).map((cue) => cue.text)].join('. ').replace(NOW_AND_THEN, '');
  if (vessel === null || KEEPS_BUSY.test(words) || !(HOW_LONG.test(words) || BY_PACKET.test(words))) return null;
  const { act, traits } = worksOf(cooking.technique, kindOf(cooking.technique));
  if (!isOven && (act !== 'heat' || traits.has('utensil') || !traits.has('cooks') || !isWetIn(state, vessel))) return null;
  // half of the oil is in the tin, and the rest is wanted for the gravy
  const isAllThere = (i: number) => lotsOf(state.world, i).every((lot) => lot.at === vessel);
  const foods = new Set(contents(state.world, vessel).flatMap((lot) => [...lot.parts.keys()].filter(isAllThere)));
  return { cooking, vessel, isOven, foods, ends: isOut ? [from.at(-1)!] : [], work: [] };
}

/** It cooks in water, or in its own: what fries is never left (common practice). */
function isWetIn({ world }: State, vessel: string): boolean {
  const lots = contents(world, vessel);
  return (world.vessels.get(vessel)?.water ?? 'none') !== 'none' || lots.some((lot) => isWet(world, lot));
}

/** Acts of other places, of the end, or of what is hot: with them the other work is over. */
const NOT_BESIDE: ReadonlySet<Act | null> = new Set<Act>([
  'heat',
  'oven',
  'oven-out',
  'oven-on',
  'microwave',
  'ring-on',
  'ring-set',
  'off',
  'off-ring',
  'kettle',
  'toast',
  'lift',
  'serve',
  'eat',
  'store',
  'cool',
  'check',
]);

/** "While it bakes, make the gravy": what an oven does by itself leaves the ring free. */
const BESIDE_OVEN: ReadonlySet<Act | null> = new Set<Act>(['heat', 'ring-on', 'ring-set', 'off', 'off-ring', 'kettle', 'lift']);

const isColdWork = (d: Draft, { vessel, foods, isOven }: Beside): boolean =>
  (isOven ? !NOT_BESIDE.has(actOf(d)) || BESIDE_OVEN.has(actOf(d)) : !NOT_BESIDE.has(actOf(d)) && wait(d) === 0) &&
  d.into !== vessel &&
  d.from !== vessel &&
  !(d.tools ?? []).some((id) => id === vessel || (id === 'hob' && !isOven) || id === 'oven') &&
  !(d.uses ?? []).some((use) => use.ingredient !== null && foods.has(use.ingredient)) &&
  !(d.about ?? []).some((i) => foods.has(i));

/**
 * The action that the recipe itself says is done meanwhile may take a little longer than there is: somebody goes to the pan then. A class takes longer over
 * a sauce than the oven does over its dish, and would else begin it when that is done and getting cold.
 */
const longestBeside = (cooking: Draft, isSaid: boolean, isOven: boolean) => wait(cooking) * (isOven ? 2 : isSaid ? 1.5 : 1);

/** What goes on in a pan that was heated as other work: a sauce is not left half made. */
function goesOn({ work }: Beside, steps: readonly Draft[]): boolean {
  const heated = new Set(work.flat().flatMap((d) => (actOf(d) === 'heat' ? (d.into ?? []) : [])));
  return steps.some((d) => d.into != null && heated.has(d.into) && actOf(d) !== 'serve');
}

/** Takes one more action as other work, where it is that. @returns whether it was */
export function takeBeside(beside: Beside, steps: readonly Draft[]): boolean {
  const isWork = steps.every((d) => isColdWork(d, beside));
  const isLong = minutes([...beside.work.flat(), ...steps]) > longestBeside(beside.cooking, beside.work.length === 0, beside.isOven);
  if (isWork && isLong && goesOn(beside, steps)) beside.work.length = 0;
  if (!isWork || isLong) return false;
  if (steps.length > 0) beside.work.push([...steps]);
  return true;
}

const isSame = (a: Draft, b: Draft) =>
  a.technique === b.technique &&
  a.sourceLine === b.sourceLine &&
  a.into === b.into &&
  a.name === b.name &&
  a.thing === b.thing &&
  wait(a) > 0;

/** All steps, with the timer set before what is done meanwhile and gone back to after it. */
export function withTimers(steps: readonly Draft[], all: readonly Beside[]): Draft[] {
  let done = [...steps];
  for (const { cooking, ends, work, isOven } of all) {
    // its time may have been parted since: "when there are 3 minutes left, add the peas"
    const own = done.indexOf(cooking);
    const at = own >= 0 ? own : done.findIndex((d) => isSame(d, cooking));
    const moved = new Set(work.flat().filter((d) => done.indexOf(d) > at));
    const last = done.findLastIndex((d) => ends.includes(d));
    // what was made ready before the heat is no work beside it
    if (
      at < 0 ||
      moved.size === 0 ||
      minutes([...moved]) > longestBeside(done[at]!, work.length === 1, isOven) ||
      done.slice(at + 1, Math.max(at, last) + 1).some((d) => !ends.includes(d))
    )
      continue;
    const rest = done.slice(at + 1).filter((d) => !moved.has(d));
    done = [...done.slice(0, at), timerSet(done[at]!), ...done.filter((d) => moved.has(d)), untilItRings(done[at]!), ...rest];
  }
  return done;
}

/** No verb stands in front: "With the lid on, simmer ..." */
const NO_VERB = /^(?:with|without|in|on|over|at|under|once|when|again|\p{L}+ly)\b/iu;

function timerSet(d: Draft): Draft {
  const words = d.text.charAt(0).toLowerCase() + d.text.slice(1);
  return {
    ...d,
    text: NO_VERB.test(words) ? `Set the timer: ${words}` : `Set the timer to ${words}`,
    tools: [...new Set([...(d.tools ?? []), 'timer'])],
    cues: [{ sense: 'time', text: 'the timer runs' }],
    begins: true,
    minutes: { active: SET_TIMER, waiting: wait(d) },
    meanwhile: 'Go on with the next steps until the timer rings.',
    small: [...techniqueById('set-timer')!.small],
  };
}

function untilItRings(d: Draft): Draft {
  const words = d.text.replace(/[.!]$/, '').replace(HOW_LONG, '').replace(BY_PACKET, '').replace(/\s+/g, ' ').trim();
  const endsByTimer = techniqueById(d.technique ?? '')?.cues.some((cue) => cue.sense === 'time');
  return {
    ...d,
    text: capital(/\buntil\b/i.test(words) ? `${words}, when the timer rings.` : `${words} until the timer rings.`),
    uses: [],
    tools: [...new Set([...(d.tools ?? []), 'timer'])],
    cues: [
      ...(d.cues ?? []).filter((cue) => cue.sense !== 'time'),
      ...(endsByTimer ? [] : [{ sense: 'time' as const, text: 'the timer rings' }]),
    ],
    minutes: { active: 0.3, waiting: 0 },
    small: ['Listen for the timer.', 'Stop the timer.', 'Look whether it is done.'],
    name: `${d.name ?? d.thing ?? ''} rings`.trim(),
  };
}
