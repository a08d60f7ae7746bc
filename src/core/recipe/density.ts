// What a cup of a food weighs, as a range, so that an amount by volume can be weighed and the other way round.
import { table } from '../amount/table';
import { Fraction, showQuantity, toFraction, toQuantity, type Quantity } from '../amount/quantity';
import { gramsIn, millilitresIn, showAmount, type MeasureSystem, type Unit } from '../amount/units';
import { findFood } from './food';

/** Grams in one US cup (236.588 mL), lowest and highest of what is found: how a cup is filled matters more than the scale. */
type Row = [low: number, high: number];

// US cup weights after the household measures of the USDA food composition tables (SR Legacy), from memory, widened where kitchen tables
// differ (flour 120-125, oats 81-90, honey 336-340, brown sugar packed 213-220). Each is a guide to check against a scale.
const GRAMS_A_CUP = table<Row>({
  flour: [120, 125],
  'self-raising-flour': [120, 125],
  'bread-flour': [120, 137],
  'wholemeal-flour': [113, 120],
  'rice-flour': [158, 158],
  cornflour: [120, 128],
  'potato-starch': [120, 160],
  polenta: [122, 157],
  semolina: [163, 167],
  'almond-flour': [95, 112],
  sugar: [198, 200],
  'caster-sugar': [200, 225],
  'demerara-sugar': [200, 220],
  'brown-sugar': [213, 220],
  'icing-sugar': [113, 125],
  honey: [336, 340],
  'maple-syrup': [312, 322],
  'golden-syrup': [328, 341],
  treacle: [328, 340],
  jam: [300, 320],
  cocoa: [84, 86],
  'chocolate-chip': [168, 170],
  butter: [226, 227],
  margarine: [216, 229],
  oil: [216, 218],
  'olive-oil': [216, 216],
  'vegetable-oil': [218, 218],
  'sunflower-oil': [218, 218],
  'coconut-oil': [218, 224],
  mayonnaise: [220, 232],
  water: [237, 237],
  milk: [244, 245],
  buttermilk: [242, 245],
  cream: [238, 242],
  'double-cream': [232, 238],
  'sour-cream': [227, 230],
  yoghurt: [227, 245],
  'greek-yoghurt': [227, 245],
  'coconut-milk': [226, 240],
  'cream-cheese': [227, 232],
  'cottage-cheese': [210, 226],
  ricotta: [227, 246],
  cheese: [100, 113],
  cheddar: [100, 113],
  mozzarella: [112, 113],
  parmesan: [85, 100],
  feta: [113, 150],
  rice: [180, 200],
  'brown-rice': [185, 190],
  'basmati-rice': [180, 195],
  'cooked-rice': [158, 195],
  couscous: [173, 180],
  bulgur: [140, 140],
  quinoa: [170, 184],
  barley: [184, 200],
  oat: [81, 90],
  macaroni: [100, 136],
  pasta: [90, 105],
  breadcrumb: [45, 112],
  lentil: [180, 192],
  chickpea: [152, 164],
  'kidney-bean': [171, 180],
  'black-bean': [171, 180],
  'peanut-butter': [250, 258],
  tahini: [230, 240],
  almond: [92, 143],
  walnut: [100, 117],
  peanut: [140, 146],
  raisin: [145, 165],
  sultana: [145, 165],
  'desiccated-coconut': [80, 93],
  'chia-seed': [160, 170],
  'sesame-seed': [142, 144],
  'sunflower-seed': [128, 140],
  pea: [134, 145],
  corn: [145, 165],
  spinach: [30, 30],
  onion: [150, 160],
  carrot: [110, 128],
  'apple-purée': [244, 255],
  'lemon-juice': [237, 244],
  'orange-juice': [237, 248],
  stock: [235, 240],
  'soy-sauce': [255, 280],
  vinegar: [238, 239],
  ketchup: [240, 272],
  'tomato-purée': [260, 262],
  passata: [240, 245],
  salt: [273, 292],
  'baking-powder': [192, 221],
  'baking-soda': [220, 221],
});

/** The foods that have a weight, by id; for the check that each is in the table of foods. */
export const WEIGHED_FOODS = [...GRAMS_A_CUP.keys()];

/** An amount in grams as a range. `low` and `high` are whole grams under 1 kg, exact fractions of nothing finer. */
export type WeightRange = { low: number; high: number };

const US_CUP = millilitresIn('cup', 'us')!;

/**
 * The weight of an amount by volume.
 * @returns null for units that are no volume, and for foods whose weight is not in the table: none is guessed
 * @example weighVolume('2', 'cup', 'plain flour') // { low: 240, high: 250 }
 */
export function weighVolume(quantity: Quantity, unit: Unit | null, item: string, system: MeasureSystem = 'us'): WeightRange | null {
  const value = toFraction(quantity);
  const size = millilitresIn(unit, system);
  const row = GRAMS_A_CUP.get(findFood(item)?.id ?? '');
  if (!value || !size || !row) return null;
  const cups = value.mul(size).div(US_CUP).valueOf();
  return { low: Math.round(row[0] * cups * 10) / 10, high: Math.round(row[1] * cups * 10) / 10 };
}

/**
 * The volume of an amount by weight, in a unit of volume, as exact fractions: lowest and highest.
 * @returns null where the unit is no mass or the food is not in the table
 */
export function volumeOfWeight(
  quantity: Quantity,
  unit: Unit | null,
  item: string,
  into: Unit = 'cup',
  system: MeasureSystem = 'us',
): { low: Quantity; high: Quantity } | null {
  const value = toFraction(quantity);
  const grams = gramsIn(unit);
  const size = millilitresIn(into, system);
  const row = GRAMS_A_CUP.get(findFood(item)?.id ?? '');
  if (!value || !grams || !size || !row) return null;
  const of = (perCup: number) => toQuantity(value.mul(grams).div(new Fraction(perCup)).mul(US_CUP).div(size));
  return { low: of(row[1]), high: of(row[0]) };
}

/**
 * An amount the other way: by weight for what is given by volume, in cups for what is given by weight, to an eighth, the finest that a cup shows.
 * @returns null where none is known
 * @example otherMeasure('2', 'cup', 'plain flour') // '240–250 g'
 */
export function otherMeasure(quantity: Quantity, unit: Unit | null, item: string, system: MeasureSystem = 'us'): string | null {
  const weight = weighVolume(quantity, unit, item, system);
  if (weight) {
    const [low, high] = [weight.low, weight.high].map((g) => (g < 10 ? g : Math.round(g)));
    return low === high ? `${low} g` : `${low}–${high} g`;
  }
  const cups = volumeOfWeight(quantity, unit, item, 'cup', system);
  if (!cups) return null;
  const [low, high] = [cups.low, cups.high].map((q) => toQuantity(new Fraction(Math.max(1, toFraction(q)!.mul(8).round().valueOf()), 8)));
  return low === high ? showAmount(low!, 'cup') : `${showQuantity(low!)}–${showAmount(high!, 'cup')}`;
}
