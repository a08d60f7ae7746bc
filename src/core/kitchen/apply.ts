// What a step does to the kitchen: one law for each kind of act.
import { kindOf, techniqueById } from '../technique/lexicon';
import type { Hazard } from '../technique/model';
import { toolById } from '../technique/tools';
import { worksOf, type Act, type Trait, type Works } from '../technique/works';
import type { Known, Lot, Played, World } from './model';
import { contents, HOT, isLotHot, lotsOf, ringVesselOf, shareOf, staysHot, vesselIn, vesselOf } from './world';

/** How the technique of a step works. */
export function worksIn(step: Played): Works {
  const works = worksOf(step.technique, techniqueById(step.technique ?? '')?.like);
  if (works.act !== 'heat') return works;
  // the same words, in another place: a pan that heats in the oven, milk that is heated in the microwave
  if (step.into === 'oven') return { act: 'oven', traits: NO_TRAITS };
  return step.tools.includes('microwave') ? { act: 'microwave', traits: works.traits } : works;
}

const NO_TRAITS: ReadonlySet<Trait> = new Set();

/** Things that take back what they were dipped in; other tools lie clean beside the pan. */
const SOILS = new Set(['cutting', 'utensil', 'surface']);

/** Acts on all that lies in a vessel, whatever was spoken of last. */
const ON_ALL = new Set<Act>(['heat', 'oven', 'microwave', 'join', 'oven-out', 'cover', 'uncover']);

/** The lots that a step speaks of, as they lie before it. */
export function objectsOf(world: World, step: Played): Lot[] {
  const works = worksIn(step);
  const named = step.uses.flatMap((use) => (use.ingredient === null ? [] : (pick(world, step, use) ?? [])));
  if (works.act === 'dip' && step.about?.length) named.unshift(...step.about.flatMap((i) => lotsOf(world, i).slice(-1)));
  if (named.length > 0) return [...new Set(named)];
  if (step.from && (works.act === 'put' || works.act === 'lift')) {
    const lots = contents(world, step.from);
    if (lots.length > 0) return lots;
  }
  // "spread the mash on top": it has a name, and is not there yet
  const noun = step.noun;
  if (noun && (works.act === 'put' || works.act === 'lift')) {
    const away = world.lots.filter((lot) => lot.at !== null && lot.at !== vesselOf(step) && !lot.portion && (lot.joined || lot.cooked));
    const lot = away.find((l) => l.name === noun) ?? away.find((l) => l.forms.has(noun)) ?? away.at(-1);
    if (lot) return [lot];
  }
  // it bakes in the oven, whatever it lies in
  if (step.into === 'oven' && works.act === 'wait') {
    const baking = world.lots.filter((lot) => lot.at !== null && world.vessels.get(lot.at)?.place === 'oven');
    if (baking.length > 0) return baking;
  }
  if (step.about?.length && !ON_ALL.has(works.act)) {
    const meant = step.about.flatMap((i) => lotsOf(world, i).at(-1) ?? []);
    if (meant.length > 0) return [...new Set(meant)];
  }
  if (step.from) return contents(world, step.from);
  const vessel = vesselOf(step);
  return vessel ? contents(world, vessel) : [];
}

/** Which lot with the ingredient in it a use means. */
function pick(world: World, step: Played, use: Played['uses'][number]): Lot | undefined {
  const lots = lotsOf(world, use.ingredient!);
  if (lots.length < 2) return lots[0];
  const { act } = worksIn(step);
  const vessel = vesselOf(step);
  if (act === 'ready' || act === 'measure') {
    const apart = lots.filter((lot) => !lot.joined);
    const whole = apart.filter((lot) => !lot.portion);
    return (act === 'measure' ? whole[0] : undefined) ?? apart.at(-1) ?? lots[0];
  }
  // what is put somewhere is not there yet
  const elsewhere = act === 'put' || act === 'join' || act === 'heat' ? lots.filter((lot) => lot.at !== vessel) : lots;
  const share = shareOf(world, use);
  const measured = elsewhere.filter((lot) => lot.portion);
  return (
    measured.find((lot) => share !== null && Math.abs(lot.parts.get(use.ingredient!)! - share) < 0.01) ??
    measured[0] ??
    elsewhere.find((lot) => !lot.joined && lot.at === null) ??
    elsewhere[0] ??
    lots.find((lot) => lot.at === vessel) ??
    lots[0]
  );
}

/** A part of a lot as a lot of its own. */
function split(world: World, lot: Lot, ingredient: number, share: number): Lot {
  const has = lot.parts.get(ingredient) ?? 0;
  if (lot.parts.size > 1 || share >= has - 0.005) return lot;
  const part: Lot = {
    ...lot,
    parts: new Map([[ingredient, share]]),
    forms: new Set(lot.forms),
    raw: new Set(lot.raw),
    unchecked: new Set(lot.unchecked),
  };
  lot.parts.set(ingredient, has - share);
  world.lots.push(part);
  return part;
}

/** "A little" of a listed amount (common practice). */
const A_LITTLE = 0.05;

/** Lifted out of what it lay in: the chicken comes, its marinade stays. */
function lifted(world: World, lot: Lot, ingredient: number): Lot {
  const others = [...lot.parts.keys()].filter((i) => i !== ingredient);
  if (!lot.joined || others.length === 0 || world.ingredients[ingredient]!.wet) return lot;
  const part: Lot = { ...lot, parts: new Map([[ingredient, lot.parts.get(ingredient)!]]), forms: new Set(lot.forms), raw: new Set(lot.raw), unchecked: new Set([...lot.unchecked].filter((i) => i === ingredient)), joined: false, name: null };
  lot.parts.delete(ingredient);
  lot.unchecked.delete(ingredient);
  world.lots.push(part);
  return part;
}

/** What a step takes, each use as a lot that is no more than what is wanted. */
function taken(world: World, step: Played): Lot[] {
  const lots: Lot[] = [];
  for (const use of step.uses) {
    if (use.ingredient === null) continue;
    const lot = pick(world, step, use);
    const share = shareOf(world, use);
    if (lot && worksIn(step).act === 'lift' && step.uses.length === 1) lots.push(lifted(world, lot, use.ingredient));
    else if (lot) lots.push(step.little && share === null ? split(world, lot, use.ingredient, A_LITTLE) : share === null ? lot : split(world, lot, use.ingredient, share));
  }
  return lots.length > 0 ? [...new Set(lots)] : objectsOf(world, step);
}

/** Puts lots into a vessel; what is hot brings its heat, what is raw leaves its juice. */
export function moveTo(world: World, lots: readonly Lot[], vessel: string): void {
  const to = vesselIn(world, vessel);
  for (const lot of lots) {
    if (lot.at === vessel) continue;
    if (isFromKettle(world, lot)) lot.hotUntil = Math.max(lot.hotUntil, world.clock + HOT.food);
    if (isLotHot(world, lot)) {
      lot.hotUntil = Math.max(lot.hotUntil, world.clock + HOT.food);
      if (toolById(vessel)?.kind !== 'surface') to.hotUntil = Math.max(to.hotUntil, world.clock + HOT.food);
    }
    leave(lot);
    lot.at = vessel;
    for (const hazard of lot.raw) to.raw.add(hazard);
    for (const [measure, held] of world.full) if (held === lot) world.full.delete(measure);
    lot.portion = false;
  }
}

/** "150 ml hot stock": it comes hot. */
const isFromKettle = (world: World, lot: Lot) => !lot.cooked && lot.at === null && [...lot.parts.keys()].some((i) => world.ingredients[i]!.isHot);

/** Food that was on the heat and leaves it is raw no longer. */
function leave(lot: Lot): void {
  if (!lot.cooked) return;
  lot.raw.clear();
}

/** Vessels that come with a lid. */
const HAS_LID = new Set(['saucepan', 'large-pan', 'frying-pan', 'wok', 'slow-cooker', 'jar', 'storage-box', 'blender']);

/** All that lies in a vessel as one lot. */
function join(world: World, vessel: string): void {
  const lots = contents(world, vessel);
  const first = lots[0];
  if (!first) return;
  first.joined ||= lots.length > 1;
  for (const lot of lots.slice(1)) {
    for (const [i, share] of lot.parts) first.parts.set(i, (first.parts.get(i) ?? 0) + share);
    for (const form of lot.forms) first.forms.add(form);
    for (const hazard of lot.raw) first.raw.add(hazard);
    for (const i of lot.unchecked) first.unchecked.add(i);
    first.hotUntil = Math.max(first.hotUntil, lot.hotUntil);
    first.cooked &&= lot.cooked;
    first.name ??= lot.name;
  }
  world.lots = world.lots.filter((lot) => lot === first || !lots.includes(lot));
  // flour is raw for the hands once it is wet
  const parts = [...first.parts.keys()].map((i) => world.ingredients[i]!);
  if (!first.cooked && parts.some((k) => k.raw === 'raw-flour') && parts.some((k) => !isDry(k))) first.raw.add('raw-flour');
}

const GIVES_FAT = new Set(['oil', 'fat', 'meat', 'poultry', 'cured-meat', 'cheese', 'fish', 'nut', 'seed']);
/** Whether something in a lot greases the pan that it lies in. */
export const isFatty = (world: World, lot: Lot) => [...lot.parts.keys()].some((i) => GIVES_FAT.has(world.ingredients[i]!.food?.category ?? ''));

const DRY = new Set(['powder', 'grain', 'packed']);
/** Flour stays dry beside it. */
export const isDry = ({ food, minor }: Known): boolean => DRY.has(food?.form ?? '') || (minor && food?.category !== 'oil' && food?.category !== 'fat' && food?.category !== 'water');

/** What is in a hot place is cooked there. */
function cook(world: World, vessel: string): void {
  for (const lot of contents(world, vessel)) {
    lot.cooked = true;
    lot.hotUntil = Math.max(lot.hotUntil, world.clock + HOT.food);
    lot.raw.clear();
  }
  vesselIn(world, vessel).raw.clear();
}

function soil(world: World, step: Played, lots: readonly Lot[], works: Works): void {
  const raw = new Set<Hazard>(lots.flatMap((lot) => [...lot.raw]));
  if (works.act === 'ready' && kindOf(step.technique) === 'crack-egg') raw.add('raw-egg');
  if (raw.size === 0) return;
  const byHand = (works.traits.has('hand') && !(kindOf(step.technique) === 'tear' && step.tools.some((id) => toolById(id)?.kind === 'utensil'))) || (works.act === 'put' && !works.traits.has('pour') && lots.some((lot) => isByHand(lot)));
  if (byHand) for (const hazard of raw) if (hazard !== 'raw-flour' || works.traits.has('dough')) world.hands.add(hazard);
  // what stirs in the pan is cooked clean with what it stirs
  const vessel = vesselOf(step);
  if (vessel && isHotNow(world, vessel)) return;
  for (const id of step.tools) {
    const kind = toolById(id)?.kind;
    if (!SOILS.has(kind ?? '') && id !== 'board') continue;
    if (kind === 'surface' && id !== 'board') continue;
    const held = world.soiled.get(id) ?? new Set<Hazard>();
    for (const hazard of raw) if (hazard !== 'raw-flour') held.add(hazard);
    if (held.size > 0) world.soiled.set(id, held);
  }
}

const isHotNow = (world: World, vessel: string) => world.ring?.under === vessel || (world.vessels.get(vessel)?.hotUntil ?? 0) > world.clock;

/** Meat and fish in pieces are picked up; a mixture, an egg and what lies in a bowl are not. */
const isByHand = (lot: Lot) => !lot.joined && (lot.raw.has('raw-meat') || lot.raw.has('raw-fish'));

type Law = (world: World, step: Played, lots: Lot[], works: Works) => void;

/** Put on in so thin a layer that it is part of what is below. */
const CLINGS = new Set(['brush', 'sprinkle']);

const put: Law = (world, step, lots) => {
  const to = vesselOf(step);
  for (const lot of lots) lot.portion = false;
  if (to && step.water) vesselIn(world, to).water = 'cold';
  if (to && step.hot) vesselIn(world, to).hotUntil = Math.max(vesselIn(world, to).hotUntil, world.clock + HOT.food);
  if (to && lots.length === 0) vesselIn(world, to).slick = true;
  if (to) moveTo(world, lots, to);
  const others = to ? contents(world, to).some((lot) => !lots.includes(lot)) : false;
  if (others && CLINGS.has(kindOf(step.technique))) for (const lot of lots) lot.clings = true;
};

const ringUnder = (world: World, vessel: string, level: string | null | undefined): void => {
  if (world.ring && world.ring.under !== vessel) world.vessels.get(world.ring.under)!.hotUntil = staysHot(world, world.ring.under);
  const same = world.ring?.under === vessel;
  world.ring = { under: vessel, level: level ?? (same ? world.ring!.level : null), cooks: same && world.ring!.cooks };
  vesselIn(world, vessel).place = 'ring';
};

const LAWS: Partial<Record<Act, Law>> = {
  'wash-hands': (world) => {
    world.hands.clear();
    world.washed = true;
  },
  'wash-tools': (world, step) => {
    world.hands.clear();
    const named = step.tools.filter((id) => toolById(id)?.kind !== 'cleaning' && id !== 'tap');
    for (const id of named.length > 0 ? named : [...world.soiled.keys(), ...world.wet.keys()]) {
      world.soiled.delete(id);
      world.wet.delete(id);
      world.full.delete(id);
    }
  },
  fetch: (world, step) => {
    for (const id of step.tools) world.fetched.add(id);
    for (const { ingredient } of step.uses) {
      const known = ingredient === null ? undefined : world.ingredients[ingredient];
      if (known?.food?.perishable && known.food.keep === 'fridge' && !world.out.has(known.index)) world.out.set(known.index, world.clock);
    }
  },
  ready: (world, step, lots, works) => {
    const kind = kindOf(step.technique);
    for (const lot of lots) {
      lot.forms.add(kind);
      // out of its measure, and cold again
      for (const [measure, held] of world.full) if (held === lot) world.full.delete(measure);
      if (kind === 'rinse') lot.hotUntil = 0;
      if (kind === 'crack-egg') lot.raw.add('raw-egg');
      if (works.traits.has('blade') && !works.traits.has('parts')) lot.forms.add('cut');
      const to = step.into ? vesselOf(step) : null;
      if (to && kind !== 'rinse' && lot.at === null && to !== 'board') {
        lot.at = to;
        lot.portion = false;
      }
      // lifted out to be cut
      if (to === 'board' && works.traits.has('blade') && lot.at !== null && lot.at !== 'board' && lots.length < 4) lot.at = 'board';
    }
  },
  measure: (world, step) => {
    for (const use of step.uses) {
      if (use.ingredient === null) continue;
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
    }
  },
  put,
  join: (world, step, lots) => {
    const to = vesselOf(step);
    for (const lot of lots) lot.forms.add(kindOf(step.technique));
    if (!to) return;
    moveTo(world, lots, to);
    join(world, to);
  },
  // what is dipped takes its coating with it
  dip: (world, step, lots) => {
    const coats = step.uses.flatMap((u) => (u.ingredient === null ? [] : lotsOf(world, u.ingredient).slice(-1)));
    const thing = lots.find((lot) => !coats.includes(lot));
    for (const coat of coats)
      if (thing) {
        for (const hazard of coat.raw) thing.raw.add(hazard);
        for (const hazard of thing.raw) if (hazard !== 'raw-flour') coat.raw.add(hazard);
        thing.joined = true;
      }
  },
  shape: (world, step, lots, works) => {
    for (const lot of lots) {
      lot.forms.add(kindOf(step.technique));
      const floury = [...lot.parts.keys()].some((i) => world.ingredients[i]!.raw === 'raw-flour');
      if (works.traits.has('dough') && floury && lot.joined && kindOf(step.technique) === 'knead') lot.name ??= 'dough';
    }
  },
  touch: (_world, step, lots) => {
    for (const lot of lots) lot.forms.add(kindOf(step.technique));
  },
  soak: put,
  water: (world, step) => {
    const vessel = vesselOf(step);
    if (vessel) vesselIn(world, vessel).water = 'cold';
  },
  cover: (world, step) => {
    const vessel = vesselOf(step);
    if (!vessel) return;
    const v = vesselIn(world, vessel);
    // "cover again": with what lay there before
    v.lid = step.tools.find((id) => ['foil', 'cling-film', 'cloth', 'plate', 'paper'].includes(id) && id !== vessel) ?? v.cover ?? (HAS_LID.has(vessel) ? 'lid' : 'cover');
    v.cover = v.lid;
  },
  uncover: (world, step) => {
    const vessel = vesselOf(step) ?? [...world.vessels].find(([, v]) => v.lid !== null)?.[0];
    if (vessel) vesselIn(world, vessel).lid = null;
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
  bin: (world, _step, lots) => {
    world.lots = world.lots.filter((lot) => !lots.includes(lot));
  },
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
    for (const id of step.tools) world.on.delete(id);
  },
  kettle: (world, _step, lots) => {
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
  'oven-out': (world, step) => {
    const out = vesselOf(step);
    for (const [id, v] of world.vessels)
      if (v.place === 'oven' && (id === out || out === null)) {
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
    v.hotUntil = world.clock + HOT.food;
    for (const lot of contents(world, vessel)) lot.forms.add('microwave');
  },
  toast: (world, step, lots) => {
    const vessel = vesselOf(step);
    for (const lot of lots) {
      lot.forms.add('toast');
      lot.cooked = true;
      lot.hotUntil = world.clock + HOT.food / 2;
      if (vessel) lot.at = vessel;
    }
  },
  check: (world, step, lots, works) => {
    if (!works.traits.has('tests')) return;
    const all = lots.length > 0 ? lots : world.lots.filter((lot) => lot.cooked);
    for (const lot of all) lot.unchecked.clear();
  },
  cool: (world, step, lots) => {
    const vessel = vesselOf(step);
    // it cools as fast as it cools: a full pot is still hot after ten minutes
    for (const lot of lots) if (step.cold) lot.hotUntil = Math.min(lot.hotUntil, world.clock + step.minutes.waiting);
    if (vessel && step.cold && world.ring?.under !== vessel) vesselIn(world, vessel).hotUntil = Math.min(vesselIn(world, vessel).hotUntil, world.clock + Math.max(step.minutes.waiting, 1));
    if (vessel === 'wire-rack' && lots.length > 0) moveTo(world, lots, vessel);
  },
  chill: (world, step, lots) => {
    const vessel = vesselOf(step) ?? lots[0]?.at ?? null;
    const place = step.tools.includes('freezer') ? 'freezer' : 'fridge';
    for (const lot of lots) lot.hotUntil = 0;
    if (vessel) {
      const v = vesselIn(world, vessel);
      v.hotUntil = 0;
      v.place = place;
    }
  },
  'place-in': (world, step) => {
    const vessel = vesselOf(step);
    if (vessel) vesselIn(world, vessel).place = 'microwave';
  },
  'place-out': (world, step) => {
    const vessel = vesselOf(step);
    if (vessel) vesselIn(world, vessel).place = 'table';
  },
  serve: (world, step, lots) => {
    for (const lot of lots) leave(lot);
    const to = vesselOf(step);
    if (to && step.uses.length > 0) moveTo(world, lots, to);
  },
  eat: (world) => world.out.clear(),
  store: (world, step) => {
    // one thing goes back, or all that is left
    for (const { ingredient } of step.uses) if (ingredient !== null) world.out.delete(ingredient);
    if (step.uses.length === 0) world.out.clear();
  },
};

/** Acts after which food stands about no longer. */
const ENDS_OUT = new Set<Act>(['heat', 'oven', 'microwave', 'chill', 'store', 'eat']);

/** Minutes on the lesson's clock: two and more work at once, so half a learner's time (common practice). */
export const CLASS_FACTOR = 1.5;

/** Plays one step. Changes the world that it is given. */
export function apply(world: World, step: Played): void {
  const works = worksIn(step);
  const lots = ['put', 'join', 'serve', 'lift', 'soak', 'toast'].includes(works.act) ? taken(world, step) : objectsOf(world, step);
  soil(world, step, lots, works);
  LAWS[works.act]?.(world, step, lots, works);
  if (ENDS_OUT.has(works.act)) for (const lot of lots.length > 0 ? lots : []) for (const i of lot.parts.keys()) world.out.delete(i);
  world.clock += step.minutes.active * CLASS_FACTOR + step.minutes.waiting;
}
