// What a step does to the kitchen: one law for each kind of act.
import { foodIs } from '../recipe/food';
import { kindOf } from '../technique/lexicon';
import { hasMark, toolById } from '../technique/tools';
import type { Act } from '../technique/works';
import type { Lot, World } from './model';
import { contents, HOT, isHot, isKettleWater, isLotHot, lotsOf, shareOf, staysHot, vesselIn, vesselOf } from './world';
import { measuredIn, ownRaw, pick } from './objects';
import { empty, fill } from './shells';
import { isPieces, join, joinLots, leave, moveTo, split } from './matter';
import type { Law } from './law';
import { HEAT_LAWS } from './laws-heat';

/** The rest of a lime is cut; the dressing that its juice is in stays in its bowl. */
const isStirredIn = (lot: Lot) => lot.joined && lot.name === null && lot.parts.size > 1 && toolById(lot.at ?? '')?.kind === 'container';

/** Pastry, dough or bread is closed over what lies on it: butter that was spread on dough is in the roll, which goes by the name of what is outside. */
function close(world: World, lots: readonly Lot[]): void {
  const isSheet = (lot: Lot) =>
    lot.name === 'dough' || (!lot.joined && [...lot.parts.keys()].some((i) => foodIs(world.ingredients[i]!.food, 'of-flour')));
  // "fold over", of the filling: the pastry that it lies on
  const at = lots.find((lot) => lot.at !== null)?.at ?? null;
  const outer = lots.find(isSheet) ?? (at === null ? undefined : contents(world, at).find(isSheet));
  if (!outer?.at) return;
  const outside = outer.name === null ? ([...outer.parts.keys()][0] ?? null) : null;
  const { name } = outer;
  joinLots(world, [outer, ...contents(world, outer.at).filter((lot) => lot !== outer && (lots.includes(lot) || lot.clings))]);
  // the filling is inside, and gives its name to it no more
  outer.name = name;
  outer.outside = outside;
}

/** Under the tap food goes cold, and the colander that it lies in with it. */
function coolUnderTap(world: World, lot: Lot): void {
  lot.hotUntil = 0;
  if (lot.at !== null && hasMark(lot.at, 'strains')) vesselIn(world, lot.at).hotUntil = 0;
}

/** Off the heat and open it cools as fast as what had no lid. */
function coolOpen(world: World, vessel: string): void {
  const v = vesselIn(world, vessel);
  if (v.hotUntil === Infinity || world.ring?.under === vessel || v.place !== 'table') return;
  const until = staysHot(world, vessel);
  v.hotUntil = Math.min(v.hotUntil, until);
  for (const lot of contents(world, vessel)) if (lot.hotUntil < Infinity) lot.hotUntil = Math.min(lot.hotUntil, until);
}

/** What grating takes off a lemon (common practice: a tenth of it). */
const OUTSIDE = 0.1;

const put: Law = (world, step, lots, { traits }) => {
  const to = vesselOf(step);
  for (const lot of lots) lot.portion = false;
  if (to && step.water) vesselIn(world, to).water = 'cold';
  if (to && isKettleWater(world, step)) vesselIn(world, to).hotUntil = Math.max(vesselIn(world, to).hotUntil, world.clock + HOT.food);
  if (to && lots.length === 0) vesselIn(world, to).slick = true;
  // "season everything in the tin": what lies there already clings to nothing
  const came = lots.filter((lot) => lot.at !== to);
  if (to) moveTo(world, lots, to);
  // rubbed on potatoes that lie in nothing yet, the oil is in its spoon no more
  else if (step.uses.length > 0) for (const [measure, held] of world.full) if (lots.includes(held)) world.full.delete(measure);
  if (to && step.inside) fill(world, came, to, step.inside);
  const others = to ? contents(world, to).some((lot) => !lots.includes(lot)) : false;
  // a fillet on its vegetables is no topping
  const isMain = (lot: Lot) => [...lot.parts.keys()].some((i) => ['raw-meat', 'raw-fish'].includes(world.ingredients[i]!.raw ?? ''));
  // the flour that the table is dusted with stays behind, or on what was rolled in it
  const isDusting = (lot: Lot) => to === 'board' && [...lot.parts.keys()].every((i) => world.ingredients[i]!.food?.category === 'flour');
  if (traits.has('clings')) for (const lot of came) if (isDusting(lot) || (others && !isMain(lot))) lot.clings = true;
};

export const LAWS: Partial<Record<Act, Law>> = {
  ...HEAT_LAWS,
  'wash-hands': (world) => {
    world.hands.clear();
    world.washed = true;
  },
  'wash-tools': (world, step) => {
    world.hands.clear();
    const named = step.tools.filter((id) => toolById(id)?.kind !== 'cleaning' && id !== 'tap');
    for (const id of named.length > 0 ? named : [...world.soiled.keys(), ...world.wet.keys(), ...world.vessels.keys()]) {
      world.vessels.get(id)?.raw.clear();
      world.soiled.delete(id);
      world.wet.delete(id);
      world.full.delete(id);
    }
  },
  fetch: (world, step) => {
    for (const id of step.tools) world.fetched.add(id);
    for (const { ingredient } of step.uses) {
      const known = world.ingredients[ingredient];
      if (known?.food?.perishable && known.food.keep === 'fridge' && !world.out.has(known.index)) world.out.set(known.index, world.clock);
    }
  },
  ready: (world, step, lots, works) => {
    const kind = kindOf(step.technique);
    for (const lot of lots) {
      lot.forms.add(kind);
      // out of its measure, and cold again
      for (const [measure, held] of world.full) if (held === lot) world.full.delete(measure);
      if (kind === 'rinse') coolUnderTap(world, lot);
      for (const hazard of ownRaw(step)) lot.raw.add(hazard);
      if (works.traits.has('blade') && !works.traits.has('parts')) lot.forms.add('cut');
      const to = step.into ? vesselOf(step) : null;
      // zest goes into the bowl, and the lemon stays
      if (works.traits.has('outside') && to && to !== 'board' && lot.at !== to) {
        for (const i of lot.parts.keys()) split(world, lot, i, OUTSIDE).at = to;
        continue;
      }
      // "flake the fish into the dish", from the plate that it was lifted onto
      const isLoose = lot.at === null || hasMark(lot.at, 'flat');
      if (to && kind !== 'rinse' && isLoose && to !== 'board') {
        lot.at = to;
        lot.portion = false;
      }
      // lifted out to be cut
      if (to === 'board' && works.traits.has('blade') && lot.at !== null && lot.at !== 'board' && lots.length < 4 && !isStirredIn(lot))
        lot.at = 'board';
    }
  },
  measure: (world, step) => {
    for (const use of step.uses) {
      const known = world.ingredients[use.ingredient]!;
      const lot = pick(world, step, use);
      if (!lot) continue;
      const share = shareOf(world, use);
      const part = share === null ? lot : split(world, lot, use.ingredient, share);
      part.portion = true;
      part.forms.add('measure');
      for (const { measure } of step.fillings) {
        if (known.wet) world.wet.set(measure, known.name);
        if (!step.into) world.full.set(measure, part);
      }
      for (const id of measuredIn(step)) world.full.set(id, part);
      // filled to a line of what it is wanted in, it stays there
      if (step.into && step.tools.every((id) => id === step.into)) moveTo(world, [part], step.into);
    }
  },
  put,
  join: (world, step, lots) => {
    const to = vesselOf(step);
    for (const lot of lots) lot.forms.add(kindOf(step.technique));
    if (!to) return;
    moveTo(world, lots, to);
    const coats = kindOf(step.technique) === 'toss' && contents(world, to).some((lot) => isPieces(world, lot));
    join(world, to);
    // chicken that is turned in what was mixed is chicken, coated
    if (coats) for (const lot of contents(world, to)) for (const form of ['mix', 'beat']) lot.forms.delete(form);
  },
  // what is dipped takes its coating with it
  dip: (world, step, lots) => {
    const coats = step.uses.flatMap((u) => lotsOf(world, u.ingredient).slice(-1));
    const thing = lots.find((lot) => !coats.includes(lot));
    for (const coat of coats)
      if (thing) {
        for (const hazard of coat.raw) thing.raw.add(hazard);
        for (const hazard of thing.raw) if (hazard !== 'raw-flour') coat.raw.add(hazard);
        thing.joined = true;
      }
  },
  shape: (world, step, lots, works) => {
    const on = vesselOf(step);
    for (const lot of lots) {
      lot.at ??= on;
      lot.forms.add(kindOf(step.technique));
      const floury = [...lot.parts.keys()].some((i) => world.ingredients[i]!.raw === 'raw-flour');
      if (works.traits.has('dough') && floury && lot.joined && kindOf(step.technique) === 'knead') lot.name ??= 'dough';
    }
    if (works.traits.has('closes')) close(world, lots);
  },
  touch: (world, step, lots) => {
    for (const lot of lots) lot.forms.add(kindOf(step.technique));
    if (step.hollows) empty(world, lots, vesselOf(step));
  },
  soak: put,
  water: (world, step) => {
    const vessel = vesselOf(step);
    // from the kettle it comes boiling
    if (vessel) vesselIn(world, vessel).water = isKettleWater(world, step) ? 'boiling' : 'cold';
  },
  cover: (world, step) => {
    const vessel = vesselOf(step);
    if (!vessel) return;
    const v = vesselIn(world, vessel);
    // "cover again": with what lay there before
    v.lid =
      step.tools.find((id) => hasMark(id, 'covers') && id !== vessel) ??
      (step.lid ? 'lid' : null) ??
      v.cover ??
      (hasMark(vessel, 'lid') ? 'lid' : 'cover');
    v.cover = v.lid;
    // couscous under its plate steams when the plate comes off
    v.steams = isHot(world, vessel);
  },
  uncover: (world, step) => {
    const vessel = vesselOf(step) ?? [...world.vessels].find(([, v]) => v.lid !== null)?.[0];
    if (!vessel) return;
    const v = vesselIn(world, vessel);
    v.lid = null;
    v.steams = false;
    coolOpen(world, vessel);
  },
  drain: (world, step, lots) => {
    const from = step.from ?? vesselOf(step);
    for (const lot of lots) {
      leave(lot);
      lot.forms.add('drain');
      if (isLotHot(world, lot)) lot.hotUntil = world.clock + HOT.food;
    }
    if (!from) return;
    const vessel = vesselIn(world, from);
    if (vessel.water !== 'none') {
      vessel.water = 'none';
      if (step.tools.includes('colander')) {
        for (const lot of contents(world, from)) lot.at = 'colander';
        world.drained = from;
      }
    }
    if (vessel.place === 'ring') vessel.place = 'stand';
    const to = vesselOf(step);
    if (step.from && to && to !== from) moveTo(world, lots, to);
  },
  lift: (world, step, lots) => {
    const to = vesselOf(step);
    for (const lot of lots) {
      if (isLotHot(world, lot)) lot.hotUntil = Math.max(Math.min(lot.hotUntil, 1e9), world.clock + HOT.food);
      leave(lot);
    }
    if (to && to !== step.from) moveTo(world, lots, to);
  },
  // the bay leaf of a stew, and not the stew
  bin: (world, step, lots) => {
    const named = step.uses.map(({ ingredient }) => ingredient);
    for (const lot of lots)
      for (const i of named) {
        lot.parts.delete(i);
        lot.unchecked.delete(i);
      }
    world.lots = world.lots.filter((lot) => lot.parts.size > 0 && (named.length > 0 || !lots.includes(lot)));
  },
  serve: (world, step, lots) => {
    for (const lot of lots) leave(lot);
    const to = vesselOf(step);
    if (to && (step.names || step.from)) moveTo(world, lots, to);
  },
  eat: (world) => world.out.clear(),
  store: (world, step) => {
    // one thing goes back, or all that is left
    for (const { ingredient } of step.uses) world.out.delete(ingredient);
    if (!step.names) world.out.clear();
  },
};
