// What a step needs that the kitchen does not give yet: one law for each fact.
import { kindOf, worksById } from '../technique/lexicon';
import type { Hazard } from '../technique/model';
import { heatsIn, toolById } from '../technique/tools';
import type { Act } from '../technique/works';
import { measuredIn, objectsOf, ownRaw, rawOf, worksIn } from './objects';
import { formLacks } from './forms';
import type { Lack, NeedLaw } from './lack';
import { boiling, fat, outOfWater, water } from './lacks-water';
import type { Lot, Place, Played, World } from './model';
import { contents, isHot, isLotHot, isPutAway, isShutIn, ringVesselOf, vesselOf } from './world';

const isClosed = (place: Place): boolean => place === 'oven' || isPutAway(place);
/** Acts that leave a thing where it is, though it is shut away. */
const NEEDS_NO_REACH = new Set<Act>([
  'wait',
  'oven-on',
  'off',
  'ring-on',
  'ring-set',
  'wash-hands',
  'wash-tools',
  'other',
  'fetch',
  'cool',
  'store',
  'eat',
  'place-out',
  'oven-out',
]);

/** What is served is all that was made, where nothing is named. */
const servedFrom = (world: World): string[] =>
  [...world.vessels].flatMap(([id, v]) => (isClosed(v.place) && contents(world, id).length > 0 ? [id] : []));

/** What waits measured stands in a small bowl of its own, on the table: not in the one that is in the fridge. */
const touched = (step: Played, lots: readonly Lot[], act: Act): string[] => [
  ...new Set(
    [act === 'measure' ? null : vesselOf(step), step.from ?? null, ...lots.map((lot) => (lot.portion ? null : lot.at))].filter(
      (id): id is string => id !== null,
    ),
  ),
];

const outOfPlace: NeedLaw = (world, step, lots, { act }) => {
  const named = touched(step, lots, act);
  // nothing cools in the microwave, and no taco is built there
  const isInMicrowave =
    (act === 'cool' || (act === 'other' && step.names && lots.length > 0)) &&
    named.some((id) => world.vessels.get(id)?.place === 'microwave');
  if (NEEDS_NO_REACH.has(act) && !isInMicrowave && !(step.atRoom && act === 'wait')) return [];
  return [...named, ...(act === 'serve' && lots.length === 0 ? servedFrom(world) : [])].flatMap((vessel): Lack[] => {
    const place = world.vessels.get(vessel)?.place ?? 'table';
    if (!isClosed(place) || (act === 'microwave' && place === 'microwave') || (act === 'oven' && place === 'oven')) return [];
    if (act === 'chill' && (place === 'fridge' || place === 'freezer')) return [];
    return [{ fact: 'out-of-place', vessel, place }];
  });
};

const inPlace: NeedLaw = (world, step, _lots, { act }) => {
  const vessel = vesselOf(step);
  if (act !== 'microwave' || vessel === null || world.vessels.get(vessel)?.place === 'microwave') return [];
  // one dish at a time
  const other = [...world.vessels].find(([, v]) => v.place === 'microwave')?.[0];
  if (other) return [{ fact: 'out-of-place', vessel: other, place: 'microwave' }];
  return [{ fact: 'in-place', vessel, place: 'microwave' }];
};

/** Nothing comes out of an oven into which nothing was put. */
const inOven: NeedLaw = (world, step, _lots, { act }) => {
  const vessel = vesselOf(step);
  if (act !== 'oven-out' || vessel === null || isShutIn(world.vessels.get(vessel)?.place)) return [];
  return [{ fact: 'in-oven', vessel }];
};

/** Covers under which food is stirred, tipped or added to by nobody. */
const lidOff: NeedLaw = (world, step, lots, { act, traits }) => {
  const opens =
    traits.has('utensil') ||
    // a hand blender goes into the pot
    (act === 'join' && traits.has('blade') && vesselOf(step) !== null && vesselOf(step) !== 'blender') ||
    act === 'shape' ||
    act === 'dip' ||
    act === 'drain' ||
    act === 'lift' ||
    act === 'bin' ||
    act === 'serve' ||
    act === 'water' ||
    act === 'ready';
  const baked = act === 'oven';
  if (!opens && !baked) return [];
  return touched(step, lots, act).flatMap((vessel): Lack[] => {
    const lid = world.vessels.get(vessel)?.lid ?? null;
    if (lid === null || (baked && lid !== 'cloth' && lid !== 'cling-film' && lid !== 'cover')) return [];
    const steams = world.vessels.get(vessel)?.steams ?? false;
    return [
      { fact: 'lid-off', vessel, lid, hot: steams || isHot(world, vessel) || contents(world, vessel).some((lot) => isLotHot(world, lot)) },
    ];
  });
};

/** What was drained lies in the colander: it has to be back in the pan before more is done to it there. */
const inVessel: NeedLaw = (world, step, _lots, { act }) => {
  const vessel = vesselOf(step);
  const drained = contents(world, 'colander');
  // rice that lies in the colander makes room for the potatoes
  const isInTheWay = act === 'drain' && drained.some((lot) => lot.forms.has('drain')) && (step.from ?? vessel) !== world.drained;
  if (isInTheWay && world.drained !== null && step.tools.includes('colander'))
    return [{ fact: 'in-vessel', vessel: world.drained, from: 'colander', lots: drained }];
  if (vessel === null || drained.length === 0 || vessel !== world.drained) return [];
  const works = ['join', 'heat', 'touch', 'put', 'cover', 'serve'].includes(act);
  if (!works || contents(world, vessel).length > 0) return [];
  const named = step.uses.map((u) => u.ingredient);
  const meant = drained.filter((lot) => named.some((i) => lot.parts.has(i)));
  // put or served by name, it goes straight there
  if ((act === 'put' || act === 'serve') && (meant.length > 0 || step.from === 'colander')) return [];
  return [{ fact: 'in-vessel', vessel, from: 'colander', lots: drained }];
};

/** The ring goes off before a pan is lifted away or drained. */
const ringOff: NeedLaw = (world, step, _lots, { act }) => {
  const under = world.ring?.under;
  if (!under || (act !== 'off-ring' && act !== 'drain')) return [];
  const vessel = step.from ?? vesselOf(step);
  return vessel === under || (act === 'off-ring' && vessel === null) ? [{ fact: 'ring-off', vessel: under }] : [];
};

const HIGH = 'high';
const LOW = 'low';

const ring: NeedLaw = (world, step, _lots, { act, traits }) => {
  const vessel = ringVesselOf(world, step);
  if (act !== 'heat' || vessel === null || vessel === 'slow-cooker') return [];
  if (world.ring?.under !== vessel)
    return [
      {
        fact: 'ring-on',
        vessel,
        level: step.level ?? (traits.has('high') ? HIGH : traits.has('low') ? LOW : null),
        other: world.ring?.under ?? null,
      },
    ];
  const wanted = step.level ?? (traits.has('low') ? LOW : null);
  const now = world.ring.level;
  if (wanted === null || now === wanted || (now === null && !step.level)) return [];
  // "simmer" on a ring that was turned down already
  if (!step.level && now !== HIGH && now !== null && !/high/.test(now)) return [];
  return [{ fact: 'ring-level', vessel, level: wanted, from: now }];
};

const ovenOn: NeedLaw = (world, step, lots, { act }) => {
  if (act !== 'oven' || step.technique === 'air-fry') return [];
  const appliance = step.tools.find((id) => id === 'oven' || id === 'grill' || id === 'air-fryer') ?? 'oven';
  const since = world.on.get(appliance);
  if (since === undefined) return [{ fact: 'oven-on', appliance }];
  // an empty tray gets hot with the oven; what is baked, though nobody knows what it is, waits until it is hot
  if (lots.length === 0 && worksById(step.technique).act === 'heat') return [];
  const minutes = Math.ceil(heatsIn(appliance) - (world.clock - since));
  return minutes > 0 && appliance !== 'air-fryer' ? [{ fact: 'oven-ready', appliance, minutes, since: world.clock - since }] : [];
};

const WASHES = new Set<Act>(['wash-hands', 'wash-tools']);

/** Acts on food and its tools: nobody begins them with unwashed hands. */
const NEEDS_WASHED = new Set<Act>(['ready', 'measure', 'put', 'join', 'dip', 'shape', 'soak', 'coat-vessel', 'serve', 'eat']);

const hands: NeedLaw = (world, step, lots, works) => {
  if (!world.washed && NEEDS_WASHED.has(works.act)) return [{ fact: 'hands', raw: [] }];
  if (world.hands.size === 0 || WASHES.has(works.act)) return [];
  const vessel = vesselOf(step);
  const inside = vessel && (works.traits.has('hand') || works.act === 'join') ? contents(world, vessel).flatMap((lot) => [...lot.raw]) : [];
  const here = new Set<Hazard>([...lots.flatMap((lot) => [...lot.raw]), ...inside, ...ownRaw(step)]);
  const byHand =
    works.traits.has('hand') ||
    works.act === 'put' ||
    works.act === 'dip' ||
    works.act === 'shape' ||
    works.act === 'join' ||
    works.act === 'soak';
  const goesOn = byHand && [...world.hands].every((hazard) => here.has(hazard));
  return goesOn ? [] : [{ fact: 'hands', raw: [...world.hands] }];
};

const clean: NeedLaw = (world, step, lots, { act }) => {
  if (WASHES.has(act) || act === 'fetch') return [];
  const here = rawOf(lots);
  const bowl = emptied(world, step, act);
  const rawOn = (id: string): Hazard[] => [...(world.soiled.get(id) ?? []), ...(id === bowl ? leftIn(world, id) : [])];
  const touched = new Set([...step.tools, ...(bowl === null ? [] : [bowl])]);
  const dirty = [...touched].filter((id) => rawOn(id).some((hazard) => !here.has(hazard)));
  if (dirty.length === 0) return [];
  return [{ fact: 'clean', tools: dirty, raw: [...new Set(dirty.flatMap(rawOn))] }];
};

/** The bowl that something is put into, where raw food was and is no more. */
const emptied = (world: World, step: Played, act: Act): string | null => {
  const vessel = act === 'put' || act === 'join' ? vesselOf(step) : null;
  return vessel !== null && toolById(vessel)?.kind === 'container' && contents(world, vessel).length === 0 ? vessel : null;
};
const leftIn = (world: World, vessel: string): Hazard[] =>
  [...(world.vessels.get(vessel)?.raw ?? [])].filter((hazard) => hazard !== 'raw-flour');

const measures: NeedLaw = (world, step, _lots, { act }) => {
  if (act !== 'measure') return [];
  const known = world.ingredients[step.uses[0]?.ingredient ?? -1];
  const filled = [...step.fillings, ...measuredIn(step).map((id) => ({ measure: id, label: toolById(id)!.name }))];
  const full = filled.flatMap(({ measure, label }): Lack[] => {
    const lot = world.full.get(measure);
    return lot && world.lots.includes(lot) ? [{ fact: 'empty-measure', measure, label, lot }] : [];
  });
  const wet = known?.wet ? [] : step.fillings.filter(({ measure }) => world.wet.has(measure) && world.wet.get(measure) !== known?.name);
  if (wet.length === 0) return full;
  return [
    ...full,
    { fact: 'dry-measure', measures: wet.map(({ measure, label }) => ({ measure, label })), from: world.wet.get(wet[0]!.measure)! },
  ];
};

/** Ingredients that were on the heat, and whose inside nobody has looked at; or that were on none. */
export const uncheckedIn = (lots: readonly Lot[], wasHeated = true): number[] => [
  ...new Set(lots.flatMap((lot) => [...lot.unchecked].flatMap(([i, heated]) => (heated === wasHeated ? [i] : [])))),
];

/** Acts by which food goes from the heat toward the plate. */
const TO_THE_PLATE = new Set<Act>(['serve', 'eat', 'store']);

const checked: NeedLaw = (world, step, lots, { act, traits }) => {
  const cut = act === 'ready' && (traits.has('blade') || traits.has('hand') || kindOf(step.technique) === 'tear');
  if (!TO_THE_PLATE.has(act) && !cut) return [];
  // carrots that go back into the fridge say nothing of the chicken that roasts
  const meant = TO_THE_PLATE.has(act) && !(act === 'store' && step.names) ? world.lots : lots;
  // the pastry of a pie is trimmed before it is baked
  const isUnbaked = cut && lots.some((lot) => !lot.cooked && lot.raw.has('raw-flour'));
  const open = isUnbaked ? [] : uncheckedIn(meant);
  if (open.length > 0) return [{ fact: 'checked', foods: open }];
  // meat that lies on the plate and was on no heat: nobody can say by what it should have been cooked
  const raw =
    act === 'serve'
      ? uncheckedIn(
          world.lots.filter((lot) => lot.at !== null),
          false,
        )
      : [];
  return raw.length > 0 ? [{ fact: 'cooked', foods: raw }] : [];
};

const LAWS: readonly NeedLaw[] = [
  outOfPlace,
  inOven,
  checked,
  lidOff,
  inVessel,
  outOfWater,
  hands,
  clean,
  measures,
  ringOff,
  water,
  fat,
  boiling,
  ring,
  ovenOn,
  inPlace,
];

/**
 * What a step lacks in this kitchen, in the order in which it is best provided. Does not change the world.
 * @param rest the steps behind it: some work is done later, in the pan or on the plate
 */
export function lacks(world: World, step: Played, rest: readonly Played[] = []): Lack[] {
  const works = worksIn(step);
  const lots = objectsOf(world, step);
  const forms = formLacks(world, step, rest);
  if (forms.length > 0) return forms;
  for (const law of LAWS) {
    const found = law(world, step, lots, works);
    if (found.length > 0) return found;
  }
  return [];
}
