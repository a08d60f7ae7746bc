// For each fact that a step may lack, the steps that provide it.
import { listed } from '../recipe/listed';
import { table } from '../amount/table';
import { contents, volumeOf, type Lack, type Lot, type Place, type World } from '../kitchen/index';
import { preparationVerb } from '../recipe/preparation';
import { techniqueById } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import { useOf, type Draft } from './draft';
import { temperatureFor } from './doneness';
import { call, cansOf, itOf, nameLots, type Calls } from './naming';
import { WATER_PROVIDERS } from './providers-water';

const LIDS = table<string>({ cover: 'cover', foil: 'foil', 'cling-film': 'cling film', cloth: 'cloth', plate: 'plate', paper: 'paper' });
const PLACES: Record<Place, string> = {
  table: 'table',
  ring: 'hob',
  oven: 'oven',
  microwave: 'microwave',
  fridge: 'fridge',
  freezer: 'freezer',
  stand: 'stand',
};

export const WASH_HANDS = 'Wash your hands with soap for 20 seconds.';

/**
 * The steps that provide what is lacking, in order; none where only a person can tell.
 * @param line the line of the method that they are for
 */
export function provide(lack: Lack, world: World, calls: Calls, line: number | null): Draft[] {
  return PROVIDERS[lack.fact](lack as never, world, calls).map((draft) => ({ ...draft, sourceLine: draft.sourceLine ?? line, put: true }));
}

/** The bowl for what was measured: a small one, of which there are as many as are wanted, or a larger one that is free. */
const bowlFor = (world: World, lot: Lot): string =>
  volumeOf(world, lot) <= (toolById('small-bowl')?.holds ?? 0)
    ? 'small-bowl'
    : (['large-bowl', 'bowl'].find((id) => contents(world, id).length === 0) ?? 'small-bowl');

/** What was measured goes out of its measure, which is wanted again. */
export function emptied(world: World, lot: Lot, measure: string, label: string, calls: Calls): Draft {
  const bowl = bowlFor(world, lot);
  const things = nameLots(world, [lot], null, calls);
  return {
    text: `Tip ${things} from the ${label} into a ${call(calls, bowl)}.`,
    technique: 'add',
    sourceLine: null,
    uses: [...lot.parts.keys()].map((i) => ({ ingredient: i, item: world.ingredients[i]!.one.item, quantity: null, unit: null })),
    tools: [measure, bowl],
    into: bowl,
    thing: things,
    name: `${measure}-empty`,
  };
}

type Of<F extends Lack['fact']> = Extract<Lack, { fact: F }>;
const PROVIDERS: { [F in Lack['fact']]: (lack: Of<F>, world: World, calls: Calls) => Draft[] } = {
  'out-of-place': ({ vessel, place }, _world, calls) => {
    const name = `the ${call(calls, vessel)}`;
    const oven = place === 'oven';
    return [
      {
        text: oven ? `Take ${name} out of the oven and put ${itOf(name)} on a stand.` : `Take ${name} out of the ${PLACES[place]}.`,
        technique: oven ? 'take-out-oven' : 'take-out-place',
        sourceLine: null,
        tools: [...(oven ? ['oven-gloves', 'stand'] : place === 'microwave' ? ['oven-gloves', 'microwave'] : [place]), vessel],
        into: oven ? 'stand' : vessel,
        thing: name,
        name: `${vessel}-out`,
      },
    ];
  },
  // what should have been baked only a person can tell
  'in-oven': () => [],
  'in-place': ({ vessel }, _world, calls) => [
    {
      text: `Put the ${call(calls, vessel)} in the microwave.`,
      technique: 'put-in-place',
      sourceLine: null,
      tools: ['microwave', vessel],
      into: vessel,
      thing: `the ${call(calls, vessel)}`,
      name: `${vessel}-in`,
    },
  ],
  'lid-off': ({ vessel, lid, hot }, _world, calls) => [
    {
      text: `Take the ${LIDS.get(lid) ?? 'lid'} off the ${call(calls, vessel)}${hot ? ', away from your face' : ''}.`,
      technique: 'uncover',
      sourceLine: null,
      tools: hot ? ['oven-gloves', vessel] : [vessel],
      into: vessel,
      thing: `the ${LIDS.get(lid) ?? 'lid'}`,
      name: vessel,
    },
  ],
  'in-vessel': ({ vessel, from, lots }, world, calls) => {
    const things = nameLots(world, lots, from, calls);
    return [
      {
        text: `Tip ${things} back into the ${call(calls, vessel)}.`,
        technique: 'add',
        sourceLine: null,
        tools: [from, vessel],
        into: vessel,
        from,
        thing: things,
        name: 'back',
      },
    ];
  },
  ...WATER_PROVIDERS,
  fat: () => [],
  form: ({ ingredient, technique, form, work }, world) => {
    const known = world.ingredients[ingredient]!;
    const the = `the ${known.name}`;
    const base = {
      technique,
      sourceLine: null,
      uses: [useOf([...world.ingredients.map((k) => k.one)], ingredient)],
      thing: the,
      name: known.name,
    };
    if (form === 'opened')
      return [{ ...base, text: `Open ${cansOf(known.one)} of ${known.name}.`, thing: `${cansOf(known.one)} of ${known.name}` }];
    if (form === 'cracked') return [{ ...base, text: `Crack ${the} into a small bowl.`, into: 'small-bowl', tools: ['small-bowl'] }];
    if (form === 'halved') return [{ ...base, text: `Cut ${the} in half.`, into: 'board', tools: ['knife', 'board'] }];
    if (form === 'rinsed')
      return known.food?.rinse === 'sieve'
        ? [{ ...base, text: `Rinse ${the} in a sieve under cold water.`, tools: ['tap', 'sieve'] }]
        : [{ ...base, text: `Rinse ${the} under cold water.`, tools: ['tap'] }];
    const verb = preparationVerb(work ?? '') ?? techniqueById(technique)!.name;
    return [{ ...base, text: `${verb.charAt(0).toUpperCase()}${verb.slice(1)} ${the}.` }];
  },
  'ring-on': ({ vessel, level, other }, _world, calls) => [
    ...(other && other !== 'hob' ? [ringOff(other, calls)] : []),
    {
      text: `Turn on the hob under the ${call(calls, vessel)}${level ? `, ${level} heat` : ''}.`,
      technique: 'hob-on',
      sourceLine: null,
      tools: ['hob', vessel],
      into: vessel,
      level,
      thing: 'the hob',
      name: vessel,
    },
  ],
  'ring-level': ({ vessel, level, from }) => [
    {
      text: `Turn the heat ${from === null && level === 'high' ? 'up' : isLower(level, from) ? 'down' : 'up'} to ${level}.`,
      technique: 'turn-heat',
      sourceLine: null,
      tools: ['hob'],
      into: vessel,
      level,
      thing: 'the heat',
      name: level,
    },
  ],
  'ring-off': ({ vessel }, _world, calls) => [ringOff(vessel, calls)],
  'oven-on': ({ appliance }) => [
    {
      text: `Turn the ${toolById(appliance)?.name ?? 'oven'} on.`,
      technique: 'preheat-oven',
      sourceLine: null,
      tools: [appliance],
      thing: `the ${toolById(appliance)?.name ?? 'oven'}`,
      minutes: { waiting: 0 },
    },
  ],
  'oven-ready': ({ appliance, minutes }) => {
    const name = toolById(appliance)?.name ?? 'oven';
    return [
      {
        text: `Wait until the ${name} is hot.`,
        technique: 'wait',
        sourceLine: null,
        tools: ['timer'],
        thing: `the ${name}`,
        name: `${appliance}-hot`,
        minutes: { active: 0.2, waiting: minutes },
        cues: [{ sense: 'sight', text: `the light of the ${name} goes out` }],
      },
    ];
  },
  hands: () => [{ text: WASH_HANDS, technique: 'wash-hands', sourceLine: null, thing: 'your hands', name: 'raw', minutes: { active: 1 } }],
  clean: ({ tools }, _world, calls) => {
    const both = listed(tools.map((id) => `the ${call(calls, id)}`));
    return [
      {
        text: `Wash ${both} with hot water and soap.`,
        technique: 'wash-up',
        sourceLine: null,
        tools: [...tools, 'sponge', 'soap', 'tap'],
        thing: both,
        name: tools.join('-'),
        minutes: { active: 1 },
      },
    ];
  },
  'dry-measure': ({ measures }) => {
    const labels = listed(measures.map(({ label }) => `the ${label}`));
    return [
      {
        text: `Wash and dry ${labels}.`,
        technique: 'wash-up',
        sourceLine: null,
        tools: measures.map(({ measure }) => measure),
        thing: labels,
        name: measures.map(({ measure }) => measure).join('-'),
        minutes: { active: 0.5 },
      },
    ];
  },
  'empty-measure': ({ label, lot, measure }, world, calls) => [emptied(world, lot, measure, label, calls)],
  cooked: () => [],
  checked: ({ foods: open }, world) => {
    const least = temperatureFor(open.map((i) => world.ingredients[i]!));
    const things = listed(open.map((i) => `the ${world.ingredients[i]!.name}`));
    return [
      {
        text: `Check ${things} with the thermometer: ${least.celsius} °C (${least.fahrenheit} °F) in the middle.`,
        technique: 'take-temperature',
        sourceLine: null,
        uses: open.map((i) => ({ ingredient: i, item: world.ingredients[i]!.one.item, quantity: null, unit: null })),
        tools: ['thermometer'],
        thing: things,
        name: 'inside',
        cues: [{ sense: 'thermometer', text: `${least.celsius} °C, ${least.fahrenheit} °F, or more` }],
      },
    ];
  },
};

const ORDER = ['very low', 'low', 'gentle', 'medium-low', 'medium low', 'medium', 'moderate', 'medium-high', 'medium high', 'high'];
const isLower = (level: string, from: string | null) => from === null || ORDER.indexOf(level) < ORDER.indexOf(from);

/** The ring under a pan goes off. */
export function ringOff(vessel: string, calls: Calls, line: number | null = null): Draft {
  return {
    text: vessel === 'hob' ? 'Turn off the hob.' : `Turn off the hob under the ${call(calls, vessel)}.`,
    technique: 'turn-off',
    sourceLine: line,
    tools: ['hob'],
    thing: 'the hob',
    name: vessel,
    put: true,
  };
}
