// What hangs on the step and not on its technique alone: counts, parts, waits, heat, weight, standing, noise, smell, when it is done.
import { ask, foodsOf, LIFT, nameOf, weight, type Context } from './demand-context';
import { isWide } from '../technique/tool-weights';
import { hasMark, toolById } from '../technique/tools';
import type { Asked } from './model';

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

const machines: Rule = (c) =>
  c.step.tools.some((id) => hasMark(id, 'loud')) && c.works.act !== 'fetch' && c.works.act !== 'wash-tools'
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

export const RULES: readonly Rule[] = [
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
