// The one world: every law of the kitchen stands here once, for building steps, for the dry run, for mends and for hazards.
export { apply, CLASS_FACTOR, objectsOf, worksIn } from './apply';
export { isFresh, type FormLack } from './forms';
export { hazardsOf } from './hazards';
export { isRaw, lacks, uncheckedIn, type Lack } from './lacks';
export type { Known, Lot, Place, Played, World } from './model';
export { contents, copyWorld, holdsFood, isHot, isLotHot, lotsOf, newWorld, ringVesselOf, vesselIn, vesselOf, volumeOf } from './world';
