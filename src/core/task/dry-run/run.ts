// Plays the steps of a task in the one world: how each went, and the counter as it stands after it.
import type { Ingredient } from '../../recipe/recipe';
import {
  bringsHotWater,
  contents,
  inWords,
  isHot,
  isListed,
  poursWater,
  volumeOf,
  vesselOf,
  type Played,
  type World,
} from '../../kitchen/index';
import type { Kitchen, Step, TaskAnalysis } from '../../plan/model';
import { play, type Turn } from '../../plan/play';
import { wholeKey, wholeStep } from '../grain';
import { callsIn } from '../tool-names';
import { isGather, type Held, type Snapshot } from './model';

/** One step as it was played: the step on the list that it is, or is part of, how it went, and what the list looks like before and after. */
export type Ran = {
  step: Step;
  shown: string;
  turn: Turn;
  shot: Snapshot;
  before: Snapshot | null;
  vesselMl: number;
  vesselMlBefore: number;
};

/** The steps that the world plays: parts of a joined step one by one, small steps as the whole that they are part of. */
export function standardSteps(steps: readonly Step[]): { step: Step; shown: string }[] {
  const out: { step: Step; shown: string }[] = [];
  for (const step of steps) {
    if (step.parts) out.push(...step.parts.map((part) => ({ step: part, shown: step.key })));
    else if (step.whole === undefined) out.push({ step, shown: step.key });
    else {
      const key = wholeKey(step.key);
      if (out.some((o) => o.step.key === key && o.step.text === step.whole)) continue;
      const [whole] = wholeStep(
        steps.filter((s) => s.whole !== undefined && wholeKey(s.key) === key),
        key,
      );
      if (whole) out.push({ step: whole, shown: step.key });
    }
  }
  return out;
}

export const playedStep = (step: Step): Played => ({
  technique: step.technique,
  uses: step.uses.filter(isListed),
  names: step.uses.length > 0,
  tools: step.tools,
  into: step.into,
  fillings: step.fillings,
  minutes: step.minutes,
  from: step.from ?? null,
  level: step.level ?? null,
  about: step.about ?? [],
  little: step.little ?? false,
  base: step.base ?? null,
  lasts: step.lasts ?? false,
  spared: step.spared ?? [],
  ...inWords(step.technique, step.text),
  water: step.uses.length === 0 && poursWater(step.text),
  hot: bringsHotWater(step.text),
});

/** What the steps call their tools: findings and mends speak as they do. */
export const callsOf = (task: TaskAnalysis): ReadonlyMap<string, string> =>
  callsIn({ tools: [], instructions: task.steps.filter((s) => !isGather(s)).map((s) => s.text) });

/** @returns one entry for each step that was played, and the world at the end */
export function run(task: TaskAnalysis, kitchen: Kitchen): { ran: Ran[]; on: string[] } {
  const list = standardSteps(task.steps);
  const shots: { shot: Snapshot; ml: number; before: number }[] = [];
  let last: World | null = null;
  let mlBefore = new Map<string, number>();
  const turns = play(
    list.map(({ step }) => playedStep(step)),
    list.map(({ step }) => step.sourceLine),
    task.ingredients,
    {
      kitchen,
      calls: { tools: callsOf(task), dish: null },
      seen: (world, i) => {
        last = world;
        const vessel = vesselOf(list[i]!.step);
        const ml = vessel ? contents(world, vessel).reduce((sum, lot) => sum + volumeOf(world, lot), 0) : 0;
        shots.push({ shot: snapshot(world, list[i]!.shown, task.ingredients), ml, before: vessel ? (mlBefore.get(vessel) ?? 0) : 0 });
        if (vessel) mlBefore = new Map(mlBefore).set(vessel, ml);
      },
    },
  );
  const ran = list.map(({ step, shown }, i): Ran => {
    const { shot, ml, before } = shots[i]!;
    return { step, shown, turn: turns[i]!, shot, before: shots[i - 1]?.shot ?? null, vesselMl: ml, vesselMlBefore: before };
  });
  return { ran, on: last ? [...(last as World).on.keys()] : [] };
}

/** A vessel with food in it, as the list of steps shows it. */
function heldIn(world: World, id: string, ingredients: readonly Ingredient[]): Held {
  const items = new Set<number>();
  let [ml, raw]: [number, Held['raw']] = [0, null];
  for (const lot of contents(world, id)) {
    for (const i of lot.parts.keys()) items.add(i);
    ml += volumeOf(world, lot);
    raw ??= [...lot.raw][0] ?? null;
  }
  return { id, items: [...items].map((i) => ingredients[i]!.item), ml, raw, hot: isHot(world, id) };
}

function snapshot(world: World, stepKey: string, ingredients: readonly Ingredient[]): Snapshot {
  const places = new Set<string>();
  for (const { at } of world.lots) if (at !== null && at !== 'board') places.add(at);
  const held = [...places].map((id) => heldIn(world, id, ingredients));
  const on = new Map(world.on);
  if (world.ring) on.set('hob', world.clock);
  return {
    stepKey,
    clock: world.clock,
    hands: [...world.hands][0] ?? null,
    wet: new Map(world.wet),
    rawTools: new Map([...world.soiled].map(([id, raw]) => [id, [...raw][0]!])),
    on,
    held,
    ring: world.ring?.under ?? null,
    out: new Map(world.out),
    fetched: [...world.fetched],
  };
}
