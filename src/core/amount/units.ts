// Units of the kitchen: what they are called, what they measure, and their exact size.
import { Fraction, showQuantity, toFraction, toQuantity, type Quantity } from './quantity';

export const VOLUME_UNITS = ['tsp', 'tbsp', 'cup', 'floz', 'pint', 'quart', 'gallon', 'ml', 'cl', 'dl', 'l'] as const;
export type VolumeUnit = (typeof VOLUME_UNITS)[number];
export const MASS_UNITS = ['g', 'kg', 'mg', 'oz', 'lb'] as const;
export type MassUnit = (typeof MASS_UNITS)[number];
export const VAGUE_UNITS = [
  'pinch',
  'dash',
  'handful',
  'splash',
  'drizzle',
  'knob',
  'clove',
  'can',
  'jar',
  'packet',
  'bottle',
  'carton',
  'tub',
  'tube',
  'slice',
  'piece',
  'bunch',
  'sprig',
  'sprinkle',
  'stalk',
  'head',
  'leaf',
  'sheet',
  'cube',
  'stick',
  'ear',
  'drop',
  'fillet',
  'scoop',
  'bag',
  'block',
  'punnet',
  'square',
  'ball',
  'nest',
  'wedge',
  'inch',
  'cm',
] as const;
export type VagueUnit = (typeof VAGUE_UNITS)[number];
/** A unit of an ingredient line. Things that are simply counted (2 eggs) have no unit. */
export type Unit = VolumeUnit | MassUnit | VagueUnit;
export const UNITS: readonly Unit[] = [...VOLUME_UNITS, ...MASS_UNITS, ...VAGUE_UNITS];

/** Whose cups and spoons: US customary, US food labels, metric (15 mL tablespoon), Australian (20 mL tablespoon), imperial. */
export const MEASURE_SYSTEMS = ['us', 'us-label', 'metric', 'australian', 'imperial'] as const;
export type MeasureSystem = (typeof MEASURE_SYSTEMS)[number];

const f = (text: string) => new Fraction(text);

// One US gallon is 231 cubic inches, one inch 25.4 mm, so every US measure is an exact decimal of a millilitre
// (NIST Handbook 44, Appendix C: cup 236.588 mL, tablespoon 14.787 mL, teaspoon 4.929 mL, fluid ounce 29.5735 mL).
const US_TSP = f('4.92892159375');
const METRIC = { ml: f('1'), cl: f('10'), dl: f('100'), l: f('1000') };
// Imperial gallon 4.54609 L, by definition; fluid ounce 1/160 of it (NIST Handbook 44, App. C: 28.4131 mL).
const IMPERIAL_FLOZ = f('28.4130625');

const usLike = (tsp: Fraction, floz: Fraction) => ({
  tsp,
  tbsp: tsp.mul(3),
  cup: tsp.mul(48),
  floz,
  pint: floz.mul(16),
  quart: floz.mul(32),
  gallon: floz.mul(128),
  ...METRIC,
});

const VOLUME: Record<MeasureSystem, Record<VolumeUnit, Fraction>> = {
  us: usLike(US_TSP, US_TSP.mul(6)),
  // 21 CFR 101.9(b)(5)(viii): cup 240 mL, tablespoon 15 mL, teaspoon 5 mL, fluid ounce 30 mL
  'us-label': usLike(f('5'), f('30')),
  // 250 mL cup, 15 mL tablespoon, 5 mL teaspoon (from memory)
  metric: {
    tsp: f('5'),
    tbsp: f('15'),
    cup: f('250'),
    floz: IMPERIAL_FLOZ,
    pint: IMPERIAL_FLOZ.mul(20),
    quart: IMPERIAL_FLOZ.mul(40),
    gallon: IMPERIAL_FLOZ.mul(160),
    ...METRIC,
  },
  // 250 mL cup, 20 mL tablespoon (from memory)
  australian: {
    tsp: f('5'),
    tbsp: f('20'),
    cup: f('250'),
    floz: IMPERIAL_FLOZ,
    pint: IMPERIAL_FLOZ.mul(20),
    quart: IMPERIAL_FLOZ.mul(40),
    gallon: IMPERIAL_FLOZ.mul(160),
    ...METRIC,
  },
  // half a 20 fl oz pint to the cup; spoons as the metric ones (common practice)
  imperial: {
    tsp: f('5'),
    tbsp: f('15'),
    cup: IMPERIAL_FLOZ.mul(10),
    floz: IMPERIAL_FLOZ,
    pint: IMPERIAL_FLOZ.mul(20),
    quart: IMPERIAL_FLOZ.mul(40),
    gallon: IMPERIAL_FLOZ.mul(160),
    ...METRIC,
  },
};

// International avoirdupois pound: 453.59237 g exactly (NIST Handbook 44, App. C).
const MASS: Record<MassUnit, Fraction> = {
  mg: f('0.001'),
  g: f('1'),
  kg: f('1000'),
  oz: f('28.349523125'),
  lb: f('453.59237'),
};

/** Millilitres in one unit of volume, exact; null when the unit is not one of volume. */
export function millilitresIn(unit: Unit | null, system: MeasureSystem = 'us'): Fraction | null {
  return (unit && VOLUME[system][unit as VolumeUnit]) ?? null;
}

/** Grams in one unit of mass, exact; null when the unit is not one of mass. */
export function gramsIn(unit: Unit | null): Fraction | null {
  return (unit && MASS[unit as MassUnit]) ?? null;
}

/** What a unit measures. */
export function kindOfUnit(unit: Unit | null): 'volume' | 'mass' | 'count' {
  if (millilitresIn(unit)) return 'volume';
  return gramsIn(unit) ? 'mass' : 'count';
}

/**
 * Converts between two units of the same kind, exactly.
 * @returns null when the units measure different things (a cup is no gram: that takes the ingredient's density), or the amount is none.
 * @example convertUnit('1', 'tbsp', 'tsp') // '3'
 */
export function convertUnit(quantity: Quantity, from: Unit, to: Unit, system: MeasureSystem = 'us'): Quantity | null {
  const value = toFraction(quantity);
  if (!value) return null;
  if (from === to) return toQuantity(value);
  const a = millilitresIn(from, system) ?? gramsIn(from);
  const b = millilitresIn(to, system) ?? gramsIn(to);
  if (!a || !b || kindOfUnit(from) !== kindOfUnit(to)) return null;
  return toQuantity(value.mul(a).div(b));
}

// Longest first within a word list is not needed: names are looked up whole.
const NAMES: Record<Unit, string[]> = {
  tsp: ['tsp', 'tsps', 'teaspoon', 'teaspoons', 'teaspoonful', 'teaspoonfuls', 't', 'ts', 'teasp', 'tspn', 'tspns'],
  tbsp: [
    'tbsp',
    'tbsps',
    'tablespoon',
    'tablespoons',
    'tablespoonful',
    'tablespoonfuls',
    'tbs',
    'tbl',
    'tblsp',
    'tblspn',
    'tblspns',
    'tbspn',
    'tbspns',
    'tbls',
    'tabsp',
    'tb',
  ],
  cup: ['cup', 'cups', 'c', 'cupful', 'cupfuls', 'mug', 'mugs'],
  floz: ['fl oz', 'floz', 'fl. oz', 'fluid ounce', 'fluid ounces', 'fl ozs'],
  pint: ['pint', 'pints', 'pt', 'pts'],
  quart: ['quart', 'quarts', 'qt', 'qts'],
  gallon: ['gallon', 'gallons', 'gal'],
  ml: ['ml', 'mls', 'millilitre', 'millilitres', 'milliliter', 'milliliters', 'cc'],
  cl: ['cl', 'centilitre', 'centilitres', 'centiliter', 'centiliters'],
  dl: ['dl', 'decilitre', 'decilitres', 'deciliter', 'deciliters'],
  l: ['l', 'litre', 'litres', 'liter', 'liters', 'ltr', 'lt'],
  mg: ['mg'],
  g: ['g', 'gr', 'gm', 'gms', 'gram', 'grams', 'gramme', 'grammes', 'grm'],
  kg: ['kg', 'kgs', 'kilo', 'kilos', 'kilogram', 'kilograms', 'kilogramme', 'kilogrammes'],
  oz: ['oz', 'ozs', 'ounce', 'ounces'],
  lb: ['lb', 'lbs', 'pound', 'pounds'],
  pinch: ['pinch', 'pinches'],
  dash: ['dash', 'dashes'],
  handful: ['handful', 'handfuls'],
  splash: ['splash', 'splashes', 'glug', 'glugs', 'squeeze', 'squeezes'],
  drizzle: ['drizzle', 'drizzles'],
  knob: ['knob', 'knobs', 'pat', 'pats'],
  clove: ['clove', 'cloves'],
  can: ['can', 'cans', 'tin', 'tins'],
  jar: ['jar', 'jars'],
  packet: [
    'packet',
    'packets',
    'pouch',
    'pouches',
    'pack',
    'packs',
    'package',
    'packages',
    'pkg',
    'pkgs',
    'pkt',
    'sachet',
    'sachets',
    'envelope',
    'envelopes',
  ],
  bottle: ['bottle', 'bottles'],
  carton: ['carton', 'cartons', 'box', 'boxes'],
  tub: ['tub', 'tubs', 'pot', 'pots', 'container', 'containers'],
  tube: ['tube', 'tubes'],
  slice: ['slice', 'slices', 'rasher', 'rashers', 'strip', 'strips'],
  piece: ['piece', 'pieces', 'chunk', 'chunks'],
  bunch: ['bunch', 'bunches'],
  sprig: ['sprig', 'sprigs', 'stem', 'stems'],
  sprinkle: ['sprinkle', 'sprinkling'],
  stalk: ['stalk', 'stalks', 'rib', 'ribs'],
  head: ['head', 'heads', 'bulb', 'bulbs'],
  leaf: ['leaf', 'leaves'],
  sheet: ['sheet', 'sheets'],
  cube: ['cube', 'cubes'],
  stick: ['stick', 'sticks'],
  ear: ['ear', 'ears', 'cob', 'cobs'],
  drop: ['drop', 'drops'],
  fillet: ['fillet', 'fillets'],
  scoop: ['scoop', 'scoops', 'dollop', 'dollops', 'spoonful', 'spoonfuls'],
  bag: ['bag', 'bags'],
  block: ['block', 'blocks'],
  punnet: ['punnet', 'punnets'],
  square: ['square', 'squares'],
  ball: ['ball', 'balls'],
  nest: ['nest', 'nests'],
  wedge: ['wedge', 'wedges'],
  inch: ['inch', 'inches'],
  cm: ['cm', 'centimetre', 'centimetres', 'centimeter', 'centimeters'],
};
const BY_NAME = new Map<string, Unit>(Object.entries(NAMES).flatMap(([unit, names]) => names.map((name) => [name, unit as Unit] as const)));

/**
 * Reads a unit at the start of a text, in any of its spellings.
 * "T" alone is a tablespoon and "t" a teaspoon, as in US handwriting; every other name is read in any case.
 * @returns null when the text does not start with a unit
 */
export function readUnit(text: string): { unit: Unit; length: number } | null {
  const m = /^(fl\.?\s?ozs?|fluid\s+ounces?|[a-z]+)(\.?)(?![a-z])/i.exec(text);
  if (!m) return null;
  const raw = m[1]!;
  const length = m[0].length;
  if (raw === 'T' || raw === 'Tb' || raw === 'Tbs') return { unit: 'tbsp', length };
  const name = raw.toLowerCase().replace(/\s+/g, ' ').replace('fl.', 'fl').replace('floz', 'fl oz');
  const unit = BY_NAME.get(name);
  return unit ? { unit, length } : null;
}

const DECIMAL = new Set<Unit>(['ml', 'cl', 'dl', 'l', 'mg', 'g', 'kg']);

/**
 * An amount as a person writes it with its unit: metric in decimals, as scales and jugs show it, everything else in fractions.
 * @example showAmount('6/5', 'l') // '1.2 L'
 */
export function showAmount(quantity: Quantity, unit: Unit | null): string {
  const value = toFraction(quantity);
  const decimal = unit && value && DECIMAL.has(unit) ? value.valueOf() : null;
  // past three figures no kitchen scale goes
  const shown = decimal === null ? showQuantity(quantity) : String(Number(decimal.toPrecision(decimal >= 100 ? 4 : 3)));
  return `${shown} ${showUnit(unit, quantity)}`.trim();
}

const SHOWN: Partial<Record<Unit, [one: string, many: string]>> = {
  floz: ['fl oz', 'fl oz'],
  ml: ['mL', 'mL'],
  cl: ['cL', 'cL'],
  dl: ['dL', 'dL'],
  l: ['L', 'L'],
  leaf: ['leaf', 'leaves'],
  bunch: ['bunch', 'bunches'],
  pinch: ['pinch', 'pinches'],
  dash: ['dash', 'dashes'],
  splash: ['splash', 'splashes'],
  inch: ['inch', 'inches'],
};
const ABBREVIATED = new Set<Unit>(['tsp', 'tbsp', 'g', 'kg', 'mg', 'oz', 'lb', 'cm']);

/** A unit as it stands behind an amount on a screen: "2 cups", "200 g", "2 cloves". */
export function showUnit(unit: Unit | null, quantity: Quantity | null): string {
  if (!unit) return '';
  const many = quantity !== null && (toFraction(quantity)?.compare(1) ?? 0) > 0;
  const shown = SHOWN[unit];
  if (shown) return shown[many ? 1 : 0];
  return many && !ABBREVIATED.has(unit) ? `${unit}s` : unit;
}
