// The shape of a law: what an act does to the world, by what it is done to and how its technique works.
import type { Works } from '../technique/works';
import type { Lot, Played, World } from './model';

/** Changes the world that it is given. */
export type Law = (world: World, step: Played, lots: Lot[], works: Works) => void;
