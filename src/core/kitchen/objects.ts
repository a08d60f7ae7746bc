// Which matter a step speaks of, and how much of it.
import { techniqueById, worksById } from '../technique/lexicon';
import type { Hazard } from '../technique/model';
import { toolById } from '../technique/tools';
import { type Act, type Trait, type Works } from '../technique/works';
import type { Lot, Placed, Played, World } from './model';
import { split } from './matter';
import { contents, lotsOf, shareOf, vesselOf } from './world';

/** How the technique of a step works. */
export function worksIn(step: Placed): Works {
  const works = worksById(step.technique);
  if (works.act !== 'heat') return works;
  // the same words, in another place: a pan that heats in the oven, milk that is heated in the microwave
  if (step.into === 'oven') return { act: 'oven', traits: NO_TRAITS };
  return step.tools.includes('microwave') ? { act: 'microwave', traits: works.traits } : works;
}

/** What an act brings raw by what it is: an egg is cracked. Flour is raw only once it is wet, which the world knows. */
export const ownRaw = (step: Played): Hazard[] =>
  (techniqueById(step.technique ?? '')?.hazards ?? []).filter((hazard) => hazard.startsWith('raw-') && hazard !== 'raw-flour');

const NO_TRAITS: ReadonlySet<Trait> = new Set();
/** What is raw on any of them. */
export function rawOf(lots: readonly Lot[]): Set<Hazard> {
  const raw = new Set<Hazard>();
  for (const lot of lots) for (const hazard of lot.raw) raw.add(hazard);
  return raw;
}

/** Acts on all that lies in a vessel, whatever was spoken of last. */
const ON_ALL = new Set<Act>(['heat', 'oven', 'microwave', 'join', 'oven-out', 'cover', 'uncover']);

/** The lots that are meant by ingredients spoken of together: what they were worked into, and not what is left of each. */
export function meantLots(world: World, about: readonly number[]): Lot[] {
  const meant = new Set<Lot>();
  for (const i of about) {
    const lots = lotsOf(world, i);
    const lot =
      lots.find((lot) => lot.joined && about.some((o) => o !== i && lot.parts.has(o))) ??
      // the oil that the chicken is fried in, not the oil that went into the sauce
      (lots.length > 1
        ? lots.find((lot) => lot.at !== null && about.some((o) => o !== i && lotsOf(world, o).some((other) => other.at === lot.at)))
        : undefined) ??
      lots.at(-1);
    if (lot) meant.add(lot);
  }
  return [...meant];
}

/** The lots that a step speaks of, as they lie before it. */
export function objectsOf(world: World, step: Played): Lot[] {
  const works = worksIn(step);
  const named: Lot[] = [];
  for (const use of step.uses) {
    const lot = pick(world, step, use);
    if (lot) named.push(lot);
  }
  if (works.act === 'dip' && step.about?.length) named.unshift(...meantLots(world, step.about));
  // "wrap each one with a strip of nori": what was spoken of is wrapped
  if (works.act === 'shape' && named.length > 0 && step.about?.length) return meantLots(world, step.about);
  if (named.length > 0) return [...new Set(named)];
  // "put the skins on a tray": not the flesh that was in them
  const shell = step.ofShell && !step.inside ? world.lots.find((lot) => lot.shell && lot.at !== null) : undefined;
  if (shell) return [shell];
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
  // it bakes in the oven or under the grill, whatever it lies in
  if (works.act === 'wait' && step.into && toolById(step.into)?.kind === 'appliance') {
    const baking = world.lots.filter((lot) => lot.at !== null && world.vessels.get(lot.at)?.place === 'oven');
    if (baking.length > 0) return baking;
  }
  if (step.about?.length && !ON_ALL.has(works.act)) {
    const meant = meantLots(world, step.about);
    if (meant.length > 0) return meant;
  }
  if (step.from) return contents(world, step.from);
  const vessel = vesselOf(step);
  return vessel ? contents(world, vessel) : [];
}

/** Which lot with the ingredient in it a use means. */
export function pick(world: World, step: Played, use: Played['uses'][number]): Lot | undefined {
  const lots = lotsOf(world, use.ingredient);
  const { act } = worksIn(step);
  // nobody measures flour out of a batter: it comes from the packet
  if (act === 'measure' && lots.every((lot) => lot.joined && lot.parts.size > 1)) return undefined;
  if (lots.length < 2) return lots[0];
  const vessel = vesselOf(step);
  if (act === 'ready' || act === 'measure') {
    const apart = lots.filter((lot) => !lot.joined);
    const whole = apart.filter((lot) => !lot.portion);
    return (act === 'measure' ? whole[0] : undefined) ?? apart.at(-1) ?? lots[0];
  }
  // "heat the rest of the milk": what is in the pan already, and not the paste that has some of it
  const inPan = act === 'heat' ? lots.find((lot) => lot.at === vessel) : undefined;
  if (inPan) return inPan;
  // what is put somewhere is not there yet
  const elsewhere = act === 'put' || act === 'join' || act === 'heat' ? lots.filter((lot) => lot.at !== vessel) : lots;
  const share = shareOf(world, use);
  // the oil in its spoon, and not the potatoes that the other half of it is on
  const portions = elsewhere.filter((lot) => lot.portion);
  const measured = portions.some((lot) => !lot.joined) ? portions.filter((lot) => !lot.joined) : portions;
  return (
    measured.find((lot) => share !== null && Math.abs(lot.parts.get(use.ingredient)! - share) < 0.01) ??
    measured[0] ??
    elsewhere.find((lot) => !lot.joined && lot.at === null) ??
    elsewhere.find((lot) => !lot.joined) ??
    elsewhere[0] ??
    lots.find((lot) => lot.at === vessel) ??
    lots[0]
  );
}

/** The jug that something is measured in and stays in, since it is poured from there. */
export const measuredIn = (step: Played): string[] =>
  step.fillings.length === 0 && !step.into ? step.tools.filter((id) => toolById(id)?.kind === 'container') : [];

/** "A little" of a listed amount (common practice). */
const A_LITTLE = 0.05;

/** Lifted out of what it lay in: the chicken comes, its marinade stays. */
function lifted(world: World, lot: Lot, ingredient: number): Lot {
  const others = [...lot.parts.keys()].filter((i) => i !== ingredient);
  if (!lot.joined || others.length === 0 || world.ingredients[ingredient]!.wet) return lot;
  const part: Lot = {
    ...lot,
    parts: new Map([[ingredient, lot.parts.get(ingredient)!]]),
    forms: new Set(lot.forms),
    raw: new Set(lot.raw),
    unchecked: new Map([...lot.unchecked].filter(([i]) => i === ingredient)),
    joined: false,
    name: null,
  };
  lot.parts.delete(ingredient);
  lot.unchecked.delete(ingredient);
  world.lots.push(part);
  return part;
}

/** What a step takes, each use as a lot that is no more than what is wanted. */
export function taken(world: World, step: Played): Lot[] {
  const lots: Lot[] = [];
  for (const use of step.uses) {
    const lot = pick(world, step, use);
    const share = shareOf(world, use);
    if (lot && worksIn(step).act === 'lift' && step.uses.length === 1) lots.push(lifted(world, lot, use.ingredient));
    else if (lot)
      lots.push(
        step.little && share === null
          ? split(world, lot, use.ingredient, A_LITTLE)
          : share === null
            ? lot
            : split(world, lot, use.ingredient, share),
      );
  }
  if (lots.length > 0) return [...new Set(lots)];
  const all = objectsOf(world, step);
  return step.part && step.uses.length === 0 ? all.map((lot) => parted(world, lot, step.part!, vesselOf(step))) : all;
}

/** Half of a mixture goes, and half stays where it is. */
function parted(world: World, lot: Lot, part: number, to: string | null): Lot {
  if (!lot.joined || lot.at === null || to === null || lot.at === to) return lot;
  const goes: Lot = { ...lot, parts: new Map(), forms: new Set(lot.forms), raw: new Set(lot.raw), unchecked: new Map(lot.unchecked) };
  for (const [i, share] of lot.parts) {
    goes.parts.set(i, share * part);
    lot.parts.set(i, share * (1 - part));
  }
  world.lots.push(goes);
  return goes;
}
