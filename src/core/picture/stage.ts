// What the picture of a step shows, as data: the scene, the things in the state that they are in, the vessel with what is in it, the tool, the measures to fill, what is read, what can hurt.
import type { Hazard } from '../technique/model';
import type { Act } from './acts';
import type { Look } from './looks';

export const STATES = [
  'whole',
  'peeled',
  'halves',
  'wedges',
  'slices',
  'sticks',
  'dice',
  'chopped',
  'grated',
  'mashed',
  'torn',
  'shell',
  'filled',
] as const;
export type State = (typeof STATES)[number];

export const VESSEL_KINDS = [
  'bowl',
  'large-bowl',
  'small-bowl',
  'saucepan',
  'frying-pan',
  'wok',
  'jug',
  'glass',
  'cup',
  'jar',
  'dish',
  'tin',
  'tray',
  'board',
  'plate',
  'storage-box',
  'bag',
  'cooker',
  'sieve',
] as const;
export type VesselKind = (typeof VESSEL_KINDS)[number];

export type Content = { name: string; look: Look; state: State; mixed: boolean };

export type StageVessel = { kind: VesselKind; contents: Content[]; lid: boolean; hot: boolean; onHob: boolean };

/** A measure as it is drawn: its label, its shape, and how often it is filled. */
export type DrawnMeasure = {
  label: string;
  shape: 'cup' | 'spoon' | 'jug';
  /** Share of a whole cup or tablespoon: 0 to 1. */ size: number;
  times: number;
};

/** A thing that is fetched, held or worked on: a food with its look, a tool by the name of its drawing, a measure with what stands on it. */
export type Thing = {
  name: string;
  look: Look | null;
  drawing: string;
  state: State;
  pack: Look['pack'];
  measure?: Omit<DrawnMeasure, 'times'>;
};

export const STORES = ['fridge', 'freezer', 'microwave', 'cupboard', 'drawer', 'counter'] as const;
export type Store = (typeof STORES)[number];

export type Dial = {
  kind: 'oven' | 'hob';
  /** Degrees, as the class reads them; null where none is said. */ heat: string | null;
  /** Height of the flame before and after: 0 off to 3 high. */ from: number;
  to: number;
};

export type Stage = Act & {
  stepKey: string;
  /** The same act in words: what stands beside the picture, and its title where it stands alone. */
  words: string;
  things: Thing[];
  /** What they go onto or into, where the words name it: "over the potato". */
  onto: Thing | null;
  /** Where it happens, as it is before the step. */
  vessel: StageVessel | null;
  /** Where things come from, if that is a vessel. */
  source: StageVessel | null;
  store: Store | null;
  tool: string | null;
  measures: DrawnMeasure[];
  /** Weight or volume that a display or a jug has to show. */
  reads: string | null;
  /** What the timer shows; 0 as it rings. */
  minutes: number | null;
  dial: Dial | null;
  count: number | null;
  mat: boolean;
  oneHand: boolean;
  hazards: Hazard[];
  adult: boolean;
};
