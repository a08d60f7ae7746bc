// What each technique does to the kitchen, in a small vocabulary: the one world asks for these traits and keeps no list of ids of its own.
import { table } from '../amount/table';

/** Kinds of act, each with one law in core/kitchen. */
export const ACTS = [
  'other',
  'wash-hands',
  'wash-tools',
  'fetch',
  'ready',
  'measure',
  'put',
  'coat-vessel',
  'water',
  'join',
  'dip',
  'shape',
  'touch',
  'soak',
  'cover',
  'uncover',
  'drain',
  'lift',
  'bin',
  'oven-on',
  'ring-on',
  'ring-set',
  'off',
  'kettle',
  'heat',
  'off-ring',
  'oven',
  'oven-out',
  'microwave',
  'toast',
  'check',
  'wait',
  'cool',
  'chill',
  'place-out',
  'place-in',
  'serve',
  'eat',
  'store',
] as const;
export type Act = (typeof ACTS)[number];

/**
 * `hand`: fingers touch what is worked on. `blade`: an edge does. `utensil`: something is put into what lies there, so its cover must be off.
 * `wet`: only in liquid. `fat`: only in fat or its own juice. `cooks`: food is done when its time is up. `low`: on a low ring.
 * `high`: on a high ring. `dry`: with nothing in the pan on purpose. `still`: nothing is moved; a cover may stay on. `dough`: raw dough clings to the fingers.
 * `covered`: works under a cover. `pour`: a liquid runs. `tests`: tells whether food is done. `heats`: only warms. `parts`: waste or a part comes off, the thing stays what it is.
 * `newest`: "it" is what went in last, which changes among the rest. `clings`: in so thin a layer that it is part of what is below, and goes where that goes.
 * `shown`: where it was not done one sees that. `cuts`: cuts or peels. `pieces`: makes pieces of it, on a board. `tips`: of several things each is a step of its own.
 * `keeps`: cold work that can be done the day before. `fingers`: raw meat and fish are on the hands after it. `flat`: on something flat, never in a bowl.
 * `closes`: what lies on it is in it afterwards. `hollows`: its inside comes out, and its skin stays.
 * `later`: what it is done to waits for later.
 * `outside`: only its outside comes off and goes along; the thing stays where it is.
 */
export const TRAITS = [
  'hand',
  'blade',
  'utensil',
  'wet',
  'fat',
  'cooks',
  'low',
  'high',
  'dry',
  'still',
  'dough',
  'covered',
  'pour',
  'tests',
  'parts',
  'newest',
  'clings',
  'shown',
  'cuts',
  'pieces',
  'tips',
  'keeps',
  'fingers',
  'flat',
  'closes',
  'hollows',
  'later',
  'outside',
] as const;
export type Trait = (typeof TRAITS)[number];

export type Works = { act: Act; traits: ReadonlySet<Trait> };

// id: act and traits; what is not here works as the technique that it is done like.
const WRITTEN = table<string>({
  'wash-hands': 'wash-hands',
  'wash-up': 'wash-tools',
  gather: 'fetch tips keeps',
  open: 'ready keeps',
  'open-can': 'ready keeps',
  store: 'store',
  'put-away': 'store',
  'throw-away': 'bin',
  measure: 'measure keeps',
  weigh: 'measure keeps',
  rinse: 'ready keeps',
  peel: 'ready hand blade shown cuts keeps',
  'peel-by-hand': 'ready hand cuts keeps',
  trim: 'ready hand blade parts shown cuts pieces fingers',
  slice: 'ready hand blade shown cuts pieces keeps fingers',
  dice: 'ready hand blade shown cuts pieces keeps fingers',
  chop: 'ready hand blade shown cuts pieces keeps fingers',
  halve: 'ready hand blade shown cuts pieces fingers',
  grate: 'ready hand blade shown cuts pieces keeps',
  zest: 'ready hand blade shown cuts pieces keeps outside',
  tear: 'ready hand cuts',
  flake: 'ready',
  'pull-apart': 'ready',
  'shred-cooked': 'ready',
  snip: 'ready hand blade cuts',
  'crush-garlic': 'ready hand shown cuts pieces',
  juice: 'ready hand shown',
  'crack-egg': 'ready hand shown fingers',
  'pat-dry': 'ready hand fingers',
  thaw: 'chill',
  beat: 'join utensil',
  cream: 'join utensil',
  mix: 'join utensil',
  fold: 'join utensil',
  toss: 'join utensil fingers',
  shake: 'join covered',
  coat: 'dip hand',
  'mix-by-hand': 'join hand dough utensil',
  mash: 'join utensil shown pieces',
  crush: 'touch',
  blend: 'join covered blade',
  'rub-in': 'join hand dough fingers',
  'make-well': 'touch utensil',
  knead: 'shape hand dough fingers',
  'roll-out': 'shape hand dough fingers flat',
  shape: 'shape hand dough fingers',
  wrap: 'shape hand closes',
  'fold-over': 'shape hand closes',
  'roll-up': 'shape hand dough fingers closes',
  spread: 'put utensil',
  tilt: 'touch',
  'draw-in': 'touch utensil',
  'loosen-edge': 'touch utensil',
  level: 'touch utensil',
  brush: 'put utensil clings',
  'rub-on': 'put hand clings',
  baste: 'touch utensil',
  grease: 'coat-vessel',
  line: 'coat-vessel keeps',
  'flour-surface': 'coat-vessel',
  add: 'put utensil tips fingers',
  'press-in': 'put hand utensil',
  layer: 'put hand utensil',
  dip: 'dip hand',
  'drain-on-paper': 'lift',
  reserve: 'lift parts later',
  scrape: 'put utensil',
  pour: 'put utensil pour tips',
  'fill-pan': 'water',
  spoon: 'put utensil tips',
  stuff: 'put utensil clings',
  'scoop-out': 'touch hollows',
  sprinkle: 'put utensil clings tips',
  sift: 'put utensil tips',
  drain: 'drain shown keeps',
  'squeeze-out': 'drain hand',
  soak: 'soak',
  prick: 'touch',
  score: 'touch hand blade',
  cover: 'cover',
  uncover: 'uncover',
  'preheat-oven': 'oven-on',
  'hob-on': 'ring-on',
  'turn-heat': 'ring-set',
  'turn-off': 'off',
  'boil-kettle': 'kettle',
  'heat-pan': 'heat dry',
  reheat: 'heat',
  boil: 'heat wet high cooks',
  simmer: 'heat wet low cooks',
  reduce: 'heat wet cooks utensil',
  fry: 'heat fat cooks utensil',
  'toast-dry': 'heat dry cooks utensil',
  cook: 'heat cooks',
  steam: 'heat wet covered cooks',
  'slow-cook': 'heat covered cooks',
  melt: 'heat low newest shown',
  wilt: 'heat fat cooks utensil newest',
  'take-off-heat': 'off-ring',
  bake: 'oven cooks',
  'take-out-oven': 'oven-out',
  microwave: 'microwave cooks',
  toast: 'toast cooks',
  'turn-over': 'touch utensil',
  'drain-hot': 'drain',
  skim: 'touch utensil',
  'check-done': 'check utensil tests',
  taste: 'check utensil',
  'take-temperature': 'check utensil tests',
  wait: 'wait still',
  prove: 'wait still covered',
  cool: 'cool still',
  chill: 'chill still',
  'take-out-place': 'place-out',
  'put-in-place': 'place-in',
  fluff: 'touch utensil',
  'lift-out': 'lift utensil',
  serve: 'serve utensil',
  assemble: 'other',
  pack: 'store',
  eat: 'eat',
});

const TABLE = new Map(
  [...WRITTEN].map(([id, said]): [string, Works] => {
    const [act, ...traits] = said.split(' ');
    return [id, { act: act as Act, traits: new Set(traits as Trait[]) }];
  }),
);

const NOTHING: Works = { act: 'other', traits: new Set() };

/** How a technique works; `like` is the technique that it is done like, where its own is not written. */
export function worksOf(id: string | null | undefined, like?: string): Works {
  return (id ? (TABLE.get(id) ?? (like ? TABLE.get(like) : undefined)) : undefined) ?? NOTHING;
}

/** Whether a kind of technique (see `kindOf`) has a trait. */
export const kindHas = (kind: string, trait: Trait): boolean => TABLE.get(kind)?.traits.has(trait) ?? false;

/** The act of a kind of technique; null for one that has none. */
export const actOfKind = (kind: string): Act | null => TABLE.get(kind)?.act ?? null;

const WITH = new Map(TRAITS.map((trait) => [trait, [...TABLE].flatMap(([kind, works]) => (works.traits.has(trait) ? [kind] : []))]));

/** The kinds of technique that have a trait. */
export const kindsWith = (trait: Trait): readonly string[] => WITH.get(trait)!;
