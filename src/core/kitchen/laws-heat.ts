// What a step does to the kitchen by heat and cold: rings, ovens, microwaves, the fridge, and what cooks or cools in them.
import { kindOf } from '../technique/lexicon';
import { hasMark, toolById } from '../technique/tools';
import type { Act } from '../technique/works';
import type { World } from './model';
import { contents, HOT, isLotHot, isShutIn, NO_FLOUR, ringVesselOf, staysHot, vesselIn, vesselOf } from './world';
import { cook, isFatty, join, moveTo } from './matter';
import type { Law } from './law';

const ringUnder = (world: World, vessel: string, level: string | null | undefined): void => {
  if (world.ring && world.ring.under !== vessel) world.vessels.get(world.ring.under)!.hotUntil = staysHot(world, world.ring.under);
  const same = world.ring?.under === vessel;
  world.ring = { under: vessel, level: level ?? (same ? world.ring!.level : null), cooks: same && world.ring!.cooks };
  vesselIn(world, vessel).place = 'ring';
};

/** From so many minutes a microwave heats a bowl and all that is in it (common practice). */
const HEATS_THROUGH = 2;

export const HEAT_LAWS: Partial<Record<Act, Law>> = {
  'oven-on': (world, step) => {
    for (const id of step.tools) if (toolById(id)?.kind === 'appliance' && !world.on.has(id)) world.on.set(id, world.clock);
  },
  'ring-on': (world, step) => {
    const vessel = vesselOf(step);
    if (step.tools.includes('slow-cooker')) world.on.set('slow-cooker', world.clock);
    else if (vessel) ringUnder(world, vessel, step.level ?? null);
    else world.ring = { under: 'hob', level: step.level ?? null, cooks: false };
  },
  'ring-set': (world, step) => {
    if (!world.ring) return;
    if (step.level) world.ring.level = step.level;
    // heat that is set anew is wanted for what follows
    world.ring.cooks = false;
  },
  off: (world, step) => {
    const ring = step.tools.length === 0 || step.tools.includes('hob');
    if (ring && world.ring) {
      const under = vesselIn(world, world.ring.under);
      under.hotUntil = staysHot(world, world.ring.under);
      if (under.place === 'ring') under.place = 'stand';
      for (const lot of contents(world, world.ring.under)) lot.hotUntil = Math.max(lot.hotUntil, under.hotUntil);
      if (under.water === 'boiling') under.hotUntil = world.clock + HOT.pot;
      // what went into a hot pan has cooked there
      cook(world, world.ring.under);
      world.ring = null;
    }
    for (const id of step.tools) {
      // a slow cooker that is off is a hot pot still
      if (world.on.has(id) && contents(world, id).some((lot) => isLotHot(world, lot))) {
        vesselIn(world, id).hotUntil = world.clock + HOT.pot;
        for (const lot of contents(world, id)) lot.hotUntil = Math.max(lot.hotUntil, world.clock + HOT.pot);
      }
      world.on.delete(id);
    }
  },
  kettle: (world, _step, lots) => {
    world.kettle = world.clock + HOT.food + HOT.food;
    for (const lot of lots) lot.hotUntil = world.clock + HOT.food + HOT.food;
  },
  heat: (world, step, lots, works) => {
    const vessel = vesselOf(step);
    if (!vessel) return;
    const own = vessel === 'slow-cooker';
    if (step.base) vesselIn(world, vessel).over = step.base;
    if (!own) ringUnder(world, ringVesselOf(world, step)!, step.level);
    if (lots.length === 0 || contents(world, vessel).some((lot) => isFatty(world, lot))) vesselIn(world, vessel).slick = true;
    moveTo(
      world,
      lots.filter((lot) => lot.at !== vessel),
      vessel,
    );
    if (works.traits.has('wet') && vesselIn(world, vessel).water !== 'none') vesselIn(world, vessel).water = 'boiling';
    if (works.traits.has('cooks')) {
      if (world.ring) world.ring.cooks = true;
      cook(world, vessel);
    }
    for (const lot of contents(world, vessel)) {
      lot.forms.add(kindOf(step.technique));
      if (kindOf(step.technique) === 'melt') lot.forms.add('melt');
    }
    if (own) vesselIn(world, vessel).hotUntil = Infinity;
    if (kindOf(step.technique) === 'simmer' && step.technique !== 'poach' && vesselIn(world, vessel).water === 'none') join(world, vessel);
  },
  'off-ring': (world, step) => {
    const vessel = vesselOf(step) ?? world.ring?.under;
    if (vessel) vesselIn(world, vessel).place = 'stand';
  },
  oven: (world, step) => {
    const vessel = vesselOf(step);
    if (!vessel) return;
    cook(world, vessel);
    const v = vesselIn(world, vessel);
    v.place = 'oven';
    v.hotUntil = Infinity;
  },
  // a cup comes out of the microwave as a tin out of the oven
  'oven-out': (world, step) => {
    const out = vesselOf(step);
    for (const [id, v] of world.vessels)
      if (isShutIn(v.place) && (id === out || out === null)) {
        v.place = 'stand';
        v.hotUntil = staysHot(world, id);
        for (const lot of contents(world, id)) lot.hotUntil = v.hotUntil;
      }
  },
  microwave: (world, step) => {
    const vessel = vesselOf(step);
    if (!vessel) return;
    cook(world, vessel);
    const v = vesselIn(world, vessel);
    v.place = 'microwave';
    // it cools from when it comes out, however long it was in
    v.hotUntil = Infinity;
    const { waiting } = step.minutes;
    for (const lot of contents(world, vessel)) {
      lot.forms.add('microwave');
      lot.hotUntil = world.clock + waiting + (waiting >= HEATS_THROUGH ? HOT.pan : HOT.food);
    }
  },
  toast: (world, step, lots) => {
    const vessel = vesselOf(step);
    for (const lot of lots) {
      lot.forms.add('toast');
      lot.cooked = true;
      lot.floury = NO_FLOUR;
      lot.hotUntil = world.clock + HOT.food / 2;
      if (vessel) lot.at = vessel;
    }
  },
  check: (world, step, lots, works) => {
    if (!works.traits.has('tests')) return;
    const all = lots.length > 0 ? lots : world.lots.filter((lot) => lot.cooked);
    for (const lot of all) for (const [i, heated] of lot.unchecked) if (heated) lot.unchecked.delete(i);
  },
  // "pour in the egg and leave it to set for 1 minute": on a lit ring it cooks
  wait: (world, step) => {
    const under = world.ring?.under;
    if (!under || vesselOf(step) !== under || step.minutes.waiting < 1) return;
    // it is raw no longer when it leaves the pan
    for (const lot of contents(world, under)) {
      lot.cooked = true;
      for (const i of lot.unchecked.keys()) lot.unchecked.set(i, true);
    }
  },
  cool: (world, step, lots) => {
    const vessel = vesselOf(step);
    // it cools as fast as it cools: a full pot is still hot after ten minutes
    for (const lot of lots) if (step.cold) lot.hotUntil = Math.min(lot.hotUntil, world.clock + step.minutes.waiting);
    if (vessel && step.cold && world.ring?.under !== vessel)
      vesselIn(world, vessel).hotUntil = Math.min(vesselIn(world, vessel).hotUntil, world.clock + Math.max(step.minutes.waiting, 1));
    if (vessel === 'wire-rack' && lots.length > 0) moveTo(world, lots, vessel);
  },
  chill: (world, step, lots) => {
    const vessel = vesselOf(step) ?? lots[0]?.at ?? null;
    const place = step.tools.includes('freezer') ? 'freezer' : 'fridge';
    for (const lot of lots) lot.hotUntil = 0;
    // what lies on the board goes in without it
    if (vessel && !hasMark(vessel, 'stand')) {
      const v = vesselIn(world, vessel);
      v.hotUntil = 0;
      v.steams = false;
      v.place = place;
    }
  },
  'place-in': (world, step) => {
    const vessel = vesselOf(step);
    if (vessel) vesselIn(world, vessel).place = 'microwave';
  },
  'place-out': (world, step) => {
    const vessel = vesselOf(step);
    if (!vessel) return;
    const v = vesselIn(world, vessel);
    v.place = 'table';
    if (v.hotUntil < Infinity) return;
    v.hotUntil = Math.max(world.clock + HOT.food, ...contents(world, vessel).map((lot) => lot.hotUntil));
  },
};
