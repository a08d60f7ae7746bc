// The one world: every law of the kitchen stands here once, for building steps, for the dry run, for mends and for hazards.
export { apply, CLASS_FACTOR, SOILS } from './apply';
export { meantLots, objectsOf, worksIn } from './objects';
export { hazardsOf } from './hazards';
export type { Lack } from './lack';
export { lacks, uncheckedIn } from './lacks';
export { isForWater } from './lacks-water';
export { isWet } from './matter';
export { FLESH, hollowMeant, isHollow, saysShell, shellOf } from './shells';
export { isListed, type Known, type Lot, type Place, type Played, type World } from './model';
export { contents, isHot, isLotHot, lotsOf, newWorld, ringVesselOf, vesselOf, volumeOf } from './world';
export { bringsHotWater, inWords, poursWater } from './said';
