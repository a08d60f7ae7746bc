// What can hurt in a step, worked out from the kitchen as it stands: hot until it has cooled, raw until it is cooked or washed off.
import { techniqueById } from '../technique/lexicon';
import type { Hazard } from '../technique/model';
import { toolById } from '../technique/tools';
import type { Act } from '../technique/works';
import { isDry } from './matter';
import { objectsOf, rawOf, worksIn } from './objects';
import type { Played, World } from './model';
import { contents, isHot, isKettleWater, isLotHot, vesselOf } from './world';

/** Acts in which nobody is near what is hot. */
const FAR = new Set<Act>(['wash-hands', 'fetch', 'measure', 'eat', 'store']);
/** Acts that pour something in. */
const BRINGS = new Set<Act>(['put', 'join', 'soak', 'water']);
const INTO_HOT = new Set<Act>(['put', 'join', 'heat', 'touch']);

/** Flour is raw for the hands once it is wet, and on what is dipped in it. */
function makesDough(world: World, step: Played, act: Act): boolean {
  const vessel = vesselOf(step);
  if (act !== 'join' && act !== 'dip') return false;
  const lots = [...objectsOf(world, step), ...(vessel ? contents(world, vessel) : [])];
  const isFloury = lots.some((lot) => lot.floury.size > 0);
  return isFloury && (act === 'dip' || lots.some((lot) => !lot.cooked && [...lot.parts.keys()].some((i) => !isDry(world.ingredients[i]!))));
}

/** The hazards of a step in this kitchen, its technique's own among them. Does not change the world. */
export function hazardsOf(world: World, step: Played): Hazard[] {
  const spared = new Set(step.spared ?? []);
  return dangersOf(world, step).filter((h) => !spared.has(h));
}

/** "Serve the pie with cream" names the cream: the dish of the pie is hot all the same. What is shared out by its name is that alone. */
const isServedHot = (world: World): boolean => world.lots.some((lot) => lot.at !== null && isLotHot(world, lot));

function dangersOf(world: World, step: Played): Hazard[] {
  const { act, traits } = worksIn(step);
  const found = new Set<Hazard>(techniqueById(step.technique ?? '')?.hazards ?? []);
  for (const id of step.tools) if (toolById(id)?.kind === 'cutting') for (const hazard of toolById(id)!.hazards) found.add(hazard);
  if (FAR.has(act)) return [...found];
  const lots = objectsOf(world, step);
  const vessel = vesselOf(step);
  // nobody is near the pan that it was drained from
  const from = step.from && contents(world, step.from).length > 0 ? step.from : null;
  const vessels = new Set([vessel, from, ...lots.map((lot) => lot.at), ...step.tools].filter((id): id is string => id !== null));
  const isNear = act !== 'ready' || lots.some((lot) => lot.at !== null) || (vessel !== null && vessel !== 'board');
  // what is put on hot food is put near it, though its plate is cold
  const onHot = BRINGS.has(act) && vessel !== null && contents(world, vessel).some((lot) => isLotHot(world, lot));
  const hot = onHot || [...vessels].some((id) => isHot(world, id)) || lots.some((lot) => isLotHot(world, lot));
  if ((hot && isNear) || (step.technique === 'serve' && isServedHot(world))) found.add('hot');
  if (BRINGS.has(act) && step.water && isKettleWater(world, step)) {
    found.add('hot');
    if (act !== 'join') found.add('steam');
  }
  const onRing = vessel !== null && world.ring?.under === vessel;
  if (onRing && INTO_HOT.has(act)) found.add('splash');
  if (act === 'drain' && hot) found.add('steam').add('splash');
  const steams = vessel !== null && (world.vessels.get(vessel)?.steams ?? false);
  if (act === 'uncover' && (hot || steams)) found.add('steam').add('hot');
  const boils = vessel !== null && world.vessels.get(vessel)?.water === 'boiling' && hot;
  if (boils && act !== 'wait') found.add('steam');
  const raw = rawOf(lots);
  const handles = ['put', 'join', 'dip', 'shape', 'touch', 'soak', 'ready', 'coat-vessel'].includes(act);
  if (handles && vessel !== null && (act !== 'ready' || traits.has('hand')) && !onRing)
    for (const lot of contents(world, vessel)) for (const hazard of lot.raw) raw.add(hazard);
  if (makesDough(world, step, act)) raw.add('raw-flour');
  if (handles || act === 'lift' || act === 'heat' || act === 'drain') for (const hazard of raw) found.add(hazard);
  return [...found];
}
