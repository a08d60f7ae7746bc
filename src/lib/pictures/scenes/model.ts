// What every scene has to hand: the pen, the stage, and the thing that it is about.
import { lookByName, type Content, type Look, type Scene, type Stage, type Thing } from '$core';
import type { Pen } from '../pen';

export type Draw = (pen: Pen, stage: Stage) => string;
export type Scenes = Partial<Record<Scene, Draw>>;

const NOTHING: Thing = { name: 'food', look: lookByName('food'), drawing: 'food', state: 'whole', pack: 'none' };

/** What is worked on: the first thing of the step, or what lies in its vessel. */
export function mainThing({ things, vessel }: Stage): Thing {
  const first = things[0];
  if (first) return first;
  const inside = vessel?.contents.find((c) => c.look.shape !== 'liquid') ?? vessel?.contents[0];
  return inside ? { name: inside.name, look: inside.look, drawing: 'food', state: inside.state, pack: 'none' } : NOTHING;
}
export const mainLook = (stage: Stage): Look => mainThing(stage).look ?? lookByName('food');

/** Something that lies by itself, as it is. */
export const lying = (name: string, look: Look, state: Content['state'] = 'whole'): Content => ({
  name,
  look,
  state,
  mixed: false,
});

export const asContent = (t: Thing): Content => lying(t.name, t.look ?? lookByName('food'), t.state);

/** What is in the vessel, or, where nobody knows, what the step is about. */
export function contentsOf(stage: Stage): Content[] {
  if (stage.vessel && stage.vessel.contents.length > 0) return stage.vessel.contents;
  const named = stage.things.filter((t) => t.look).map(asContent);
  return named.length > 0 ? named : [{ name: 'mixture', look: lookByName('mixture'), state: 'mashed', mixed: true }];
}

/** The same each time for a step, and unlike for two steps. */
export const seedOf = (stage: Stage): number => [...stage.stepKey].reduce((n, c) => (n * 31 + c.charCodeAt(0)) >>> 0, 7) % 997;

/** Bare hands touch nothing hot: where the step is hot, a mitt takes the place of the pose. */
export const gloved = <P extends string>(stage: Stage, pose: P): P | 'mitt' =>
  stage.hazards.some((h) => h === 'hot' || h === 'steam') ? 'mitt' : pose;
