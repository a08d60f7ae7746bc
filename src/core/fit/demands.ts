// What a step asks of whoever does it: the technique's own asks, sized by amounts, weights, heat and words as they stand in this step.
import { asksOf, type Purpose } from '../technique/asks';
import { USUAL_KITCHEN, type Kitchen, type Step } from '../plan/model';
import { findFood } from '../recipe/food';
import { techniqueById } from '../technique/lexicon';
import type { Demand } from '../technique/model';
import { toolById } from '../technique/tools';
import { isNarrow, isWide } from '../technique/tool-weights';
import type { Works } from '../technique/works';
import { isNear } from './near';
import { loadOfStep, worksOfStep } from './loads';
import type { Asked, Load, Stake } from './model';

type Context = { step: Step; works: Works; load: Load; hot: boolean; stake: Stake };

/** From this weight a thing asks to be lifted with two hands; from the second it is heavy for anybody (handbook, 8: sizes are first figures). */
const LIFT = { some: 500, much: 2500, twoHands: 1500 } as const;

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
export function demandsOf(step: Step, _kitchen: Kitchen = USUAL_KITCHEN, load: Load = loadOfStep(step)): Asked[] {
  const works = worksOfStep(step);
  const hot = ['hot', 'steam', 'splash'].some((h) => step.hazards.includes(h as 'hot') && isNear(step, h as 'hot'));
  const raw = step.hazards.some((h) => h.startsWith('raw-'));
  const stake: Stake = hot ? 'hot' : step.hazards.includes('sharp') ? 'sharp' : raw ? 'raw' : 'cool';
  const c: Context = { step, works, load, hot, stake };
  const list = [...cardAsks(c), ...techniqueAsks(c), ...RULES.flatMap((rule) => rule(c))];
  return merged(list.map((a) => ({ ...a, where: AT_WORK.has(a.of) ? a.where : 'cool' })));
}

const ask = (c: Context, demand: Demand, of: Purpose, much: boolean, why: string, n?: number): Asked => ({
  demand,
  of,
  much,
  where: c.stake,
  why,
  ...(n === undefined ? {} : { n }),
});

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

const foodsOf = (step: Step) => step.uses.map((u) => ({ item: u.item, food: findFood(u.item) }));

/** Hard to cut (common practice): roots, squash, hard cheese, citrus. */
const isHard = (step: Step): boolean =>
  foodsOf(step).some(
    ({ item, food }) =>
      ['root', 'cheese', 'citrus'].includes(food?.category ?? '') || /squash|pumpkin|potato|swede|melon|cabbage/i.test(item),
  ) || /\b(?:carrot|potato|squash|pumpkin|swede|parsnip|beetroot)/i.test(step.text);

/** Under a teaspoon: a slip is a large part of it. */
const isTiny = (step: Step): boolean => step.fillings.some((f) => /^[½⅓¼⅛].*tsp/.test(f.label));

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
    if (key === 'strong-grip/cut') return [ask(c, demand, of, much || isHard(step), isHard(step) ? 'it is hard to cut' : 'it is cut')];
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

const WHY = new Map<string, string>([
  ['two-hands/hold-food', 'one hand holds the food'],
  ['two-hands/hold-bowl', 'one hand holds the bowl or pan'],
  ['two-hands/open', 'one hand holds, one opens'],
  ['two-hands/own-body', 'both hands reach around the body'],
  ['two-hands/roll', 'both hands roll'],
  ['two-hands/cover', 'one hand holds the cover down'],
  ['two-hands/work', 'both hands work'],
  ['strong-grip/open', 'it opens stiffly'],
  ['strong-grip/squeeze', 'it is squeezed hard'],
  ['strong-grip/work', 'it is pushed or turned with strength'],
  ['strong-grip/hold', 'it is held by a handle'],
  ['fine-aim/cut', 'the blade goes to one place'],
  ['fine-aim/fill', 'the measure is filled to its mark'],
  ['fine-aim/pour', 'it is poured without a spill'],
  ['fine-aim/place', 'it is put in one place'],
  ['fine-aim/dial', 'a knob or a key is set'],
  ['fine-aim/fingers', 'the fingers work small'],
  ['fine-aim/right-tool', 'the tool is made for the right hand'],
  ['sight/blade', 'the blade is watched'],
  ['sight/fill', 'the mark is watched'],
  ['sight/number', 'a number is read'],
  ['sight/dial', 'the mark on the knob is seen'],
  ['sight/aim', 'where it goes is watched'],
  ['sight/find', 'things are looked for'],
  ['sight/inspect', 'it is looked at'],
  ['sight/place-hot', 'where the hot thing goes is seen'],
  ['sight/doneness', 'how it cooks is watched'],
  ['wet-sticky/wet', 'the hands get wet'],
  ['wet-sticky/food', 'the hands get sticky'],
  ['wet-sticky/raw', 'the hands touch raw food'],
  ['reach/shelf', 'things are on a shelf'],
  ['reach/sink', 'the tap is reached'],
  ['reach/oven', 'the oven is reached into'],
  ['reach/hob', 'the back of the hob is reached'],
  ['reach/controls', 'the knob is reached'],
  ['reach/low', 'it is low down'],
  ['moving-about/fetch', 'things are fetched'],
  ['taste/eat', 'it is tasted'],
  ['swallow/eat', 'it is eaten by mouth'],
  ['smell/eat', 'it smells of food'],
  ['smell/cook', 'frying smells'],
  ['noise/machine', 'the machine is loud'],
  ['noise/fry', 'it sizzles or clicks'],
  ['memory/things', 'several things have to be kept in mind'],
]);

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

const nameOf = (id: string | null) => toolById(id ?? '')?.name ?? 'thing';
/** "about 3 kg" */
export const weight = (grams: number): string =>
  grams >= 950 ? `about ${Math.round(grams / 500) / 2} kg` : `about ${Math.round(grams / 50) * 50} g`;

type Rule = (c: Context) => Asked[];

const fillings: Rule = (c) =>
  c.step.fillings.flatMap((f): Asked[] => {
    const part = /[½⅓⅔¼¾⅛/]/.test(f.label);
    return [
      ...(f.times > 1 ? [ask(c, 'count', 'fillings', f.times > 3, `${f.times} times`, f.times)] : []),
      ...(part ? [ask(c, 'fraction', 'measure', !f.label.includes('½'), `the measure says ${f.label}`)] : []),
      ask(c, 'read-number', 'measure', false, `the measure says ${f.label}`),
    ];
  });

const marks: Rule = (c) =>
  c.works.act === 'measure' && c.step.fillings.length === 0 && c.step.technique !== 'weigh'
    ? [ask(c, 'read-number', 'measure', true, 'a mark on the jug is read')]
    : [];

/** "8 cherry tomatoes", "into 12 balls" */
const pieces: Rule = (c) => {
  if (c.works.act === 'measure') return [];
  const said = [
    ...c.step.text.matchAll(
      /(?<![\d.,/-])(\d{1,3})(?![\d.,/-]| ?(?:°|minutes?|mins?|seconds?|hours?|g|kg|ml|mL|L|cm|tsp|tbsp|cups?|more minutes?|%|teaspoons?|tablespoons?)\b)/g,
    ),
  ];
  const n = Math.max(0, ...said.map((m) => Number(m[1])));
  return n > 1 ? [ask(c, 'count', 'pieces', n > 5, `${n} of them`, n)] : [];
};

const halves: Rule = (c) =>
  /\bone half\b|\b(?:quarter|third)s?\b/i.test(c.step.text) ? [ask(c, 'fraction', 'part', !/half/i.test(c.step.text), 'a part of it')] : [];

/** From this wait on somebody does something else, and may be out of reach of the timer. */
const LONG_WAIT = 10;
/** Nobody waits that long: the class goes on to something else, and comes back in another lesson. */
const OTHER_DAY = 120;
const waits: Rule = (c) => {
  const { waiting } = c.step.minutes;
  if (waiting <= 0) return [];
  if (waiting >= OTHER_DAY) return [];
  const long = waiting >= LONG_WAIT;
  const timed =
    c.step.tools.includes('timer') ||
    c.works.act === 'microwave' ||
    c.works.act === 'wait' ||
    /\d+ minute|\d+ second|\d+ more minute/.test(c.step.text);
  return [
    ask(c, 'waiting', 'time', long, `${waiting} minutes`),
    ...(long ? [ask(c, 'memory', 'between', true, 'it goes on while something else is done')] : []),
    ...(timed
      ? [
          ask(c, 'hearing', 'timer', long, 'the timer rings'),
          ask(c, 'read-number', 'timer', waiting > 9, 'minutes are set'),
          ask(c, 'sight', 'number', true, 'the timer is read'),
        ]
      : []),
  ];
};

const RINGED = new Set(['heat', 'ring-on', 'ring-set']);
const heat: Rule = (c) => {
  if (!c.hot) return [];
  const { act, traits } = c.works;
  const list = [ask(c, 'heat', 'near', traits.has('fat') || c.step.hazards.includes('splash'), 'something hot is near')];
  if (RINGED.has(act) || c.step.tools.includes('hob')) list.push(ask(c, 'heat', 'hob', traits.has('fat'), 'the ring is hot'));
  if (act === 'oven' || act === 'oven-out') list.push(ask(c, 'heat', 'oven', true, 'the oven is open'));
  if (c.step.hazards.includes('steam')) list.push(ask(c, 'heat', 'steam', true, 'steam rises'));
  if (HELD.has(act))
    list.push(
      ask(c, 'heat', 'hold', true, 'something hot is held'),
      ask(c, 'touch', 'temperature', false, 'whoever does not feel heat burns unnoticed'),
    );
  return list;
};

const HELD = new Set(['oven-out', 'off-ring', 'place-out', 'drain']);
const LIFTS = new Set(['oven', 'oven-out', 'off-ring', 'place-out', 'place-in', 'drain', 'kettle', 'water']);
const lift: Rule = (c) => {
  const { act } = c.works;
  const { grams, vessel } = c.load;
  const pours = c.step.technique === 'pour' && c.step.from != null;
  if (!(LIFTS.has(act) || pours) || grams < LIFT.some || vessel === null) return [];
  const of =
    vessel === 'kettle'
      ? 'kettle'
      : isWide(vessel) && vessel !== 'large-pan'
        ? 'tray'
        : toolById(vessel)?.kind === 'cookware'
          ? 'pan'
          : 'bowl';
  const much = grams >= LIFT.much || (c.hot && act === 'drain');
  const why = `the ${nameOf(vessel)} with what is in it: ${weight(grams)}`;
  const list = [ask(c, 'lift', of, much, why)];
  if (act === 'drain' || act === 'water' || act === 'oven-out') list.push(ask(c, 'carry', of, much || c.hot, `${why}, across the kitchen`));
  return list;
};

const carries: Rule = (c) =>
  c.works.act === 'fetch' ? [{ ...ask(c, 'carry', 'bowl', false, 'things are carried to the table'), where: 'cool' as const }] : [];

/** Minutes on the feet: a learner's, three times an adult's. */
const STAND = { some: 3, much: 10 } as const;
const stands: Rule = (c) => {
  const { act, traits } = c.works;
  if (act === 'fetch' || act === 'store' || act === 'serve') return [];
  const at = act === 'wash-tools' || act === 'wash-hands' ? 'sink' : RINGED.has(act) || c.step.tools.includes('hob') ? 'hob' : 'work';
  const watched = act === 'heat' && traits.has('utensil') ? c.step.minutes.waiting : 0;
  const minutes = c.step.minutes.active * 3 + watched;
  return minutes >= STAND.some && act !== 'eat'
    ? [{ ...ask(c, 'standing', at, minutes >= STAND.much, `about ${Math.round(minutes)} minutes on the feet`), where: 'cool' as const }]
    : [];
};

const MANY = 4;
const things: Rule = (c) => {
  if (c.works.act !== 'fetch') return [];
  const n = c.step.uses.length + c.step.tools.length;
  return n > 1 ? [ask(c, 'memory', 'things', n >= MANY, `${n} things to fetch`)] : [];
};

const LOUD = new Set(['blender', 'mixer', 'electric-opener']);
const machines: Rule = (c) =>
  c.step.tools.some((id) => LOUD.has(id)) && c.works.act !== 'fetch' && c.works.act !== 'wash-tools'
    ? [ask(c, 'noise', 'machine', true, 'the machine is loud')]
    : [];

const smells: Rule = (c) => {
  const foods = foodsOf(c.step);
  const cut = c.works.act === 'ready';
  return [
    ...(cut && (foods.some(({ food }) => food?.category === 'onion') || /\b(?:onion|garlic|leek)/i.test(c.step.text))
      ? [ask(c, 'smell', 'onion', true, 'it smells sharp')]
      : []),
    ...(c.step.hazards.includes('raw-fish') ? [ask(c, 'smell', 'raw-fish', true, 'raw fish smells')] : []),
    ...(c.works.act === 'heat' && c.works.traits.has('cooks') ? [ask(c, 'smell', 'cook', false, 'cooking smells')] : []),
  ];
};

const rawHands: Rule = (c) =>
  c.works.traits.has('hand') && c.step.hazards.some((h) => h.startsWith('raw-'))
    ? [ask(c, 'wet-sticky', 'raw', true, 'the hands touch raw food')]
    : [];

/** Done by time alone is easy; by look it is judged, the more so where it is raw inside. */
const doneness: Rule = (c) => {
  const { act, traits } = c.works;
  const judges = (act === 'heat' && traits.has('cooks')) || act === 'check' || act === 'toast' || /\buntil\b/i.test(c.step.text);
  if (!judges) return [];
  if (c.step.technique === 'take-temperature') return [ask(c, 'judge-doneness', 'thermometer', false, 'the thermometer tells')];
  const timed = /\d+(?:[-–]\d+)? (?:more )?minute/.test(c.step.text);
  const raw = c.step.hazards.some((h) => h === 'raw-meat' || h === 'raw-fish' || h === 'raw-egg');
  const colours = /\b(?:golden|brown|pink|pale|red|green|white)\b/i.test(c.step.text);
  return [
    ask(c, 'judge-doneness', 'look', raw || !timed, timed ? 'whether it is done, by time and look' : 'whether it is done'),
    ask(c, 'sight', 'doneness', !timed, 'how it looks when it is done'),
    ...(colours ? [ask(c, 'colour', 'cue', true, 'a colour tells that it is done')] : []),
  ];
};

const overTheRing: Rule = (c) => {
  const { act } = c.works;
  const near = c.hot && (RINGED.has(act) || c.step.hazards.includes('splash') || act === 'off-ring');
  return near ? [ask(c, 'reach', 'hob', act === 'off-ring', 'it is on the hob')] : [];
};

const RULES: readonly Rule[] = [
  fillings,
  marks,
  pieces,
  halves,
  waits,
  heat,
  lift,
  carries,
  stands,
  things,
  machines,
  smells,
  rawHands,
  doneness,
  overTheRing,
];
