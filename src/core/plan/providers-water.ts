// The steps that provide water, bring it to the boil, and take food out of it.
import { contents, isForWater, type Lack, type World } from '../kitchen/index';
import type { Draft } from './draft';
import { call, nameLots, type Calls } from './naming';

/** How long a pan of cold water takes to boil, in minutes (common practice). */
export const COLD_TO_BOIL = 8;

type Of<F extends Lack['fact']> = Extract<Lack, { fact: F }>;
type Facts = 'water' | 'boiling' | 'out-of-water';
/** One for each fact of water, as the others stand in `providers.ts`. */
export const WATER_PROVIDERS: { [F in Facts]: (lack: Of<F>, world: World, calls: Calls) => Draft[] } = {
  water: ({ vessel, lots }, world, calls) => [
    {
      text:
        lots.length === 0
          ? `Fill the ${call(calls, vessel)} two-thirds with water.`
          : `Pour cold water into the ${call(calls, vessel)} until it covers ${nameLots(world, lots, vessel, calls)}.`,
      technique: 'fill-pan',
      sourceLine: null,
      tools: ['tap', vessel],
      into: vessel,
      thing: 'the water',
      name: 'water',
    },
  ],
  'out-of-water': ({ vessel, lots }, world, calls) => {
    const things = nameLots(world, lots, vessel, calls);
    const isAll = contents(world, vessel).every((lot) => lots.includes(lot) && isForWater(world, lot));
    // what gave its taste to the water stays a soup
    return [
      isAll
        ? {
            text: `Drain ${things}.`,
            technique: 'drain-hot',
            sourceLine: null,
            tools: ['colander', vessel],
            into: vessel,
            thing: things,
            name: 'out',
            about: lots.flatMap((lot) => [...lot.parts.keys()]),
          }
        : {
            text: `Lift ${things} out of the ${call(calls, vessel)} onto a plate.`,
            technique: 'lift-out',
            sourceLine: null,
            tools: ['slotted-spoon', vessel, 'plate'],
            into: 'plate',
            thing: things,
            name: 'out',
            about: lots.flatMap((lot) => [...lot.parts.keys()]),
          },
    ];
  },
  boiling: ({ vessel }, world, calls) => {
    const things = nameLots(world, contents(world, vessel), vessel, calls);
    return [
      {
        text: `Bring ${things} to the boil.`,
        technique: 'boil',
        sourceLine: null,
        tools: ['hob', vessel],
        into: vessel,
        thing: things,
        name: 'to-boil',
        minutes: { waiting: COLD_TO_BOIL },
      },
    ];
  },
};
