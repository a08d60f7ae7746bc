// What a step asks of whoever does it: the technique's own asks, sized by amounts, weights, heat and words as they stand in this step.
import { asksOf, type Purpose } from '../technique/asks';
import { USUAL_KITCHEN, type Kitchen, type Step } from '../plan/model';
import { techniqueById } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import { isNarrow, isWide } from '../technique/tool-weights';
import { isNear } from './near';
import { asSet } from './controls';
import { ask, isHard, isTiny, LIFT, nameOf, weight, type Context } from './demand-context';
import { RULES } from './demand-rules';
import { WHY } from './demand-why';
import { loadOfStep, worksOfStep } from './loads';
import type { Asked, Load, Stake } from './model';

/** Purposes at which a slip meets what the step works on; a timer, a card and a number are never hot. */
const AT_WORK = new Set<Purpose>([
  'hold-food',
  'hold-bowl',
  'open',
  'lift',
  'roll',
  'cover',
  'work',
  'cut',
  'squeeze',
  'hold',
  'fill',
  'pour',
  'place',
  'fingers',
  'aim',
  'inspect',
  'doneness',
  'blade',
  'place-hot',
  'hob',
  'oven',
  'steam',
  'near',
  'food',
  'raw',
  'wet',
  'pan',
  'bowl',
  'tray',
  'kettle',
  'basket',
  'temperature',
]);

/**
 * What a step asks, each with its purpose, its size, what is at stake and why. Includes what its card asks of the reader.
 * Does not look at any learner. A step whose technique nobody knows is judged by its tools and its vessel.
 * @param load from `loadsOf`, where the whole task is known; else worked out from the step alone
 */
export function demandsOf(step: Step, kitchen: Kitchen = USUAL_KITCHEN, load: Load = loadOfStep(step)): Asked[] {
  const works = worksOfStep(step);
  const hot = ['hot', 'steam', 'splash'].some((h) => step.hazards.includes(h as 'hot') && isNear(step, h as 'hot'));
  const raw = step.hazards.some((h) => h.startsWith('raw-'));
  const stake: Stake = hot ? 'hot' : step.hazards.includes('sharp') ? 'sharp' : raw ? 'raw' : 'cool';
  const c: Context = { step, works, load, hot, stake, heights: kitchen.heights ?? {}, controls: kitchen.controls ?? {} };
  const list = [...cardAsks(c), ...techniqueAsks(c).map((a) => asSet(c, a)), ...RULES.flatMap((rule) => rule(c))];
  return merged(list.map((a) => ({ ...a, where: AT_WORK.has(a.of) ? a.where : 'cool' })));
}

/** The larger of two of a kind stays. */
function merged(list: readonly Asked[]): Asked[] {
  const by = new Map<string, Asked>();
  for (const a of list) {
    const key = `${a.demand}/${a.of}`;
    const held = by.get(key);
    if (!held || (a.much && !held.much) || (a.n ?? 0) > (held.n ?? 0)) by.set(key, a);
  }
  return [...by.values()];
}

/** A word or two is read at a glance; more is a sentence. */
const WORDS = 4;
function cardAsks(c: Context): Asked[] {
  const long = c.step.text.split(' ').length > WORDS;
  return [
    { ...ask(c, 'sight', 'card', true, 'the card is seen'), where: 'cool' },
    { ...ask(c, 'read-word', 'card', long, `the card says “${c.step.text}”`), where: 'cool' },
    { ...ask(c, 'speak', 'ask', false, 'help is asked for'), where: 'cool' },
  ];
}

function techniqueAsks(c: Context): Asked[] {
  const { step } = c;
  const technique = step.technique ? techniqueById(step.technique) : undefined;
  const asks = technique && asksOf(technique.id, technique.like);
  if (!asks) return unknownAsks(c);
  return asks.flatMap(({ demand, of, much }): Asked[] => {
    const key = `${demand}/${of}`;
    if (key === 'two-hands/lift')
      return c.load.grams >= LIFT.some || isWide(c.load.vessel ?? '')
        ? [
            ask(
              c,
              demand,
              of,
              c.hot || isWide(c.load.vessel ?? '') || c.load.grams > LIFT.twoHands,
              `${nameOf(c.load.vessel)}: ${weight(c.load.grams)}`,
            ),
          ]
        : [];
    if ((key === 'sight/place-hot' || key === 'heat/hold') && !c.hot) return [];
    if (demand === 'reach') return [reachOf(c, of, much)];
    if (key === 'strong-grip/cut') return [ask(c, demand, of, much || isHard(c), isHard(c) ? 'it is hard to cut' : 'it is cut')];
    if (demand === 'fine-aim' && ['fill', 'pour', 'place'].includes(of)) {
      const narrow = step.into !== null && isNarrow(step.into) && step.into !== 'small-bowl';
      return [
        ask(
          c,
          demand,
          of,
          much || c.hot || isTiny(step) || narrow,
          c.hot ? 'close to what is hot' : narrow ? `into the ${nameOf(step.into)}, which is narrow` : (WHY.get(key) ?? 'aim'),
        ),
      ];
    }
    if (key === 'sight/aim') return [ask(c, demand, of, much || c.hot, WHY.get(key)!)];
    return [ask(c, demand, of, much || (demand === 'two-hands' && c.hot), WHY.get(key) ?? demand)];
  });
}

/** What is out of reach from a chair, as far as somebody has said where things are, is much. */
function reachOf(c: Context, of: Purpose, much: boolean): Asked {
  const { step, heights } = c;
  const far = step.tools.includes('microwave')
    ? heights.microwave === 'high'
    : (of === 'oven' && heights.oven === 'low') ||
      (of === 'controls' && step.tools.includes('hob') && heights.hobControls === 'back') ||
      (of === 'shelf' && heights.shelves === 'high');
  const why = WHY.get(`reach/${of}`) ?? 'it is reached';
  return ask(c, 'reach', of, much || far, far ? `${why}: too high, too low or over a hot ring` : why);
}

/** What nobody knows how it is done is judged by what is in the hand. */
function unknownAsks(c: Context): Asked[] {
  const kinds = c.step.tools.map((id) => toolById(id)?.kind);
  const list: Asked[] = [];
  if (kinds.includes('cutting'))
    list.push(
      ask(c, 'sight', 'blade', true, 'a blade is used'),
      ask(c, 'two-hands', 'hold-food', true, 'a blade is used'),
      ask(c, 'fine-aim', 'cut', true, 'a blade is used'),
    );
  if (kinds.includes('appliance')) list.push(ask(c, 'fine-aim', 'dial', false, 'a machine is set'));
  if (c.step.into) list.push(ask(c, 'fine-aim', 'place', c.hot, 'it goes into one place'));
  return list;
}
