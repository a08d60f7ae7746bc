// Which technique a clause means here: the lexicon knows the verb, what is in hand decides between its meanings.
import { actOfKind, kindHas } from '../technique/works';
import { table } from '../amount/table';
import { FLESH, lotsOf } from '../kitchen/index';
import { minutesOfText } from '../amount/minutes';
import { findFood } from '../recipe/food';
import { kindOf, techniqueById } from '../technique/lexicon';
import type { Technique } from '../technique/model';
import { hasMark, isVessel, toolById } from '../technique/tools';
import type { Clause } from './clauses';
import { rawHazard } from '../plan/draft';
import type { Mention } from './mentions';
import { isPan } from './vessels';
import { isContainer, lastOf, type State } from './state';

/** A clause and all that it is about. */
export type Here = {
  state: State;
  clause: Clause;
  rest: string;
  mentions: readonly Mention[];
  tools: readonly { id: string; at: number }[];
  /** Ids and words of what is acted on and with. */
  about: ReadonlySet<string>;
};

type Rule = { when: (here: Here) => boolean; then: string | ((here: Here) => string) };

/** What it names, or what was spoken of. */
const spokenIn = ({ mentions, state }: Here): readonly number[] =>
  mentions.length > 0 ? mentions.map((m) => m.ingredient) : state.objectUses;
const foodOf = ({ state }: Here, i: number) => findFood(state.recipe.ingredients[i]!.item);
const hasCookware = ({ tools }: Here) => tools.some((t) => toolById(t.id)?.kind === 'cookware');
const hasContainer = ({ tools }: Here) => tools.some((t) => isContainer(t.id));
const vesselOf = ({ tools, state }: Here) => [...tools.map((t) => t.id), state.container ?? ''].find(isContainer) ?? '';
const inMicrowave = ({ state }: Here, back: number) => state.steps.slice(-back).some((s) => kindOf(s.technique) === 'microwave');

const HEATING = new Set<string | null>(['heat', 'oven', 'microwave']);
/** Whether what is spoken of still lies where it was heated last, and that was in the microwave. */
function isStillInMicrowave({ state, mentions }: Here): boolean {
  const last = state.steps.findLast((s) => HEATING.has(actOfKind(kindOf(s.technique))));
  const meant = mentions.length > 0 ? mentions.map((m) => m.ingredient) : state.objectUses;
  return kindOf(last?.technique) === 'microwave' && meant.length > 0 && meant.every((i) => state.placed.get(i) === last?.into);
}

/** "Heat everything for 2 minutes", in a dish and with all heated in the microwave so far. */
const isMicrowavedOn = (here: Here): boolean =>
  here.state.hob === null &&
  !isPan(vesselOf(here)) &&
  !hasCookware(here) &&
  !/\b(?:oven|hob|grill)\b/i.test(here.rest) &&
  kindOf(here.state.steps.findLast((s) => HEATING.has(actOfKind(kindOf(s.technique))))?.technique) === 'microwave';

/** Food is heated through; a pan and its oil are made hot. */
function isFoodHeated(here: Here): boolean {
  const { mentions, state, rest } = here;
  const isOil = (i: number) => foodOf(here, i)?.category === 'oil';
  const isLiquid = (i: number) => ['liquid', 'sticky'].includes(foodOf(here, i)?.form ?? '');
  if (mentions.length > 0) return mentions.some((m) => isLiquid(m.ingredient) && !isOil(m.ingredient));
  const inPan = [...state.placed].some(([i, at]) => at === state.container && !isOil(i));
  return inPan && !hasContainer(here) && !/\b(?:oil|butter|fat)\b/i.test(rest);
}

const OVER_HEAT = /\bover (?:an? |the )?(?:very )?(?:low|medium|gentle|moderate|high)(?:[- ]\p{L}+)? heat\b/iu;
const COATING = /\bin\b.*\b(?:flour|cornflour|crumbs|breadcrumbs|seasoning|spices?|sugar)\b/i;
const PARTED =
  /\binto\s+(?:\d+|\p{L}+)\s+(?:even\s+|equal\s+)?(?:squares|bars)\b|^(?:it\s+|them\s+|(?:each|every)\s+\p{L}+\s+)?into\s+\d+\b(?!\s*(?:cm|mm|inch|in\b|[-.x×"]))/iu;

// By the technique that the verb alone would give, in the order in which they are tried; the first that holds is taken.
const COVERED_BY_WATER: Rule[] = [
  // "put them in a pan and cover with cold water": the pan is filled from the tap
  {
    when: ({ state, rest, mentions }) =>
      mentions.length === 0 && isPan(state.container) && /\bwith\s+(?:plenty of\s+)?(?:cold\s+|fresh\s+)?water\b/i.test(rest),
    then: 'fill-pan',
  },
  { when: ({ rest }) => WITH_LIQUID.test(rest), then: 'pour' },
];

// "Pull off the green tops", of strawberries
const OFF_TOPS: Rule = {
  when: ({ about, rest, state }) =>
    (about.has('fruit') || state.objectUses.some((i) => findFood(state.recipe.ingredients[i]!.item)?.group === 'fruit')) &&
    /\boff\b/i.test(rest) &&
    /\b(?:(?:green|leafy)\s+)?(?:tops?|leaves|stalks?|stems?|hulls?)\b/i.test(rest),
  then: 'hull',
};

// "Put", "pop" or "arrange paper liners in the muffin tin"
const LINERS: Rule = {
  when: ({ rest }) =>
    /^(?:\d+\s+)?(?:(?:paper|muffin|cupcake|cake|bun|baking|foil)\s+)+(?:liners|cases|cups)\b.*\b(?:in|into)\b/i.test(rest),
  then: 'line',
};

const BY_TECHNIQUE = table<Rule[]>({
  'preheat-oven': [
    { when: ({ mentions }) => mentions.length > 0, then: 'bake' },
    // "put the oil in a tin and heat in the oven for 5 minutes": it goes in
    { when: ({ rest }) => /^(?:(?:it|them|this)\s+)?in the (?:hot )?oven\b/i.test(rest) && minutesOfText(rest) !== null, then: 'bake' },
  ],
  // "beat the eggs in a cup" works nothing in
  mix: [
    {
      when: ({ clause, rest }) => /^(?:beat|whisk)$/.test(clause.verb ?? '') && !/^(?:it\s+|them\s+)?in\b/i.test(rest),
      then: ({ clause }) => clause.verb!,
    },
  ],
  // "shake the cheese over": what is in the bowl is not shaken
  shake: [{ when: ({ mentions, rest }) => mentions.length > 0 && /\b(?:over|on|onto|on top)\b(?! each\b)/i.test(rest), then: 'sprinkle' }],
  // "cool the drained pasta under cold water"
  cool: [
    {
      // eggs in their shells cool in their pan
      when: (here) =>
        here.state.world.lots.some((lot) => lot.at === 'colander') &&
        /\bunder (?:the |a )?(?:cold |running )*(?:water|tap)\b/i.test(here.rest) &&
        spokenIn(here).every((i) => foodOf(here, i)?.raw !== 'egg'),
      then: 'rinse',
    },
  ],
  // a freezer bag is no freezer
  freeze: [{ when: ({ rest }) => /\bfreezer bag\b/i.test(rest), then: 'add' }],
  // only what is in an oven comes out of it
  'take-out-oven': [
    { when: ({ rest }) => /\b(?:out of|from) the (?:fridge|freezer|refrigerator|cupboard|box|packet|bag)\b/i.test(rest), then: 'lift-out' },
    // with tongs, after its tray came out
    {
      when: ({ about, state }) => ['tongs', 'fork', 'spatula', 'spoon', 'slotted-spoon'].some((id) => about.has(id)) && cameOut(state),
      then: 'lift-out',
    },
    {
      when: (here) => !here.about.has('oven') && !here.about.has('oven-gloves') && !hasContainer(here) && here.state.inOven === null,
      then: 'lift-out',
    },
  ],
  // berries under a fork, no biscuits in a bag
  crush: [{ when: ({ about }) => about.has('fork') || about.has('masher') || about.has('potato-masher'), then: 'mash' }],
  soften: [{ when: isUnderLid, then: 'cook' }],
  fry: [{ when: isUnderLid, then: 'cook' }],
  // a tin is opened with its opener
  open: [
    { when: ({ rest }) => /\b(?:parcels?|foil|pouch|pouches)\b/i.test(rest), then: 'uncover' },
    {
      when: ({ mentions, state, rest }) =>
        /\b(?:tins?|cans?)\b/i.test(rest) || mentions.some((m) => state.recipe.ingredients[m.ingredient]!.unit === 'can'),
      then: 'open-can',
    },
  ],
  // "bring to a simmer": it does not boil
  boil: [
    {
      when: ({ clause, rest }) => clause.verb === 'bring' && !/\b(?:boil|simmer|bubbl\w*|heat|hot|temperature)\b/i.test(rest),
      then: ({ rest }) => (/\b(?:edges?|sides?|corners?|ends?|foil|paper)\b/i.test(rest) ? 'seal' : 'mix-by-hand'),
    },
    { when: ({ clause, rest }) => clause.verb === 'bring' && /\bsimmer\b/i.test(rest), then: 'simmer' },
  ],
  // "remove from the tin": off no heat
  'take-off-heat': [
    { when: ({ rest, state }) => state.hob === null && !/\b(?:heat|hob|stove|ring|burner|flame)\b/i.test(rest), then: 'lift-out' },
  ],
  // "cook for 15 minutes", on a tray, with the oven hot
  cook: [
    // "microwave for 4 minutes. Turn and cook for a further 4 minutes"
    { when: (here) => here.state.hob === null && !hasCookware(here) && isStillInMicrowave(here), then: 'microwave' },
    { when: (here) => vesselOf(here) === 'air-fryer-basket' && here.state.hob === null, then: 'air-fry' },
    {
      when: (here) =>
        here.state.oven &&
        here.state.hob === null &&
        isVessel(vesselOf(here)) &&
        hasMark(vesselOf(here), 'bakes') &&
        !here.about.has('microwave') &&
        !/\bwater\b/i.test(here.rest) &&
        !here.mentions.some((m) => ['pasta', 'noodle'].includes(foodOf(here, m.ingredient)?.category ?? '')),
      then: 'bake',
    },
    // "cook on high for 4 minutes", of a dish in a recipe for the microwave
    {
      when: (here) =>
        here.state.hob === null &&
        !isPan(vesselOf(here)) &&
        vesselOf(here) !== 'slow-cooker' &&
        /\bon (?:high|full|low|medium)(?: power)?\b(?! heat)/i.test(here.rest) &&
        /microwav/i.test(`${here.state.recipe.title} ${here.state.recipe.instructions.join(' ')}`),
      then: 'microwave',
    },
    // "cook on high" in a bowl is no hob
    {
      when: (here) =>
        here.state.hob === null &&
        toolById(vesselOf(here))?.kind === 'container' &&
        /microwav/i.test(here.state.recipe.instructions.join(' ')),
      then: 'microwave',
    },
  ],
  // "coat the tin with cooking spray"
  coat: [{ when: (here) => hasContainer(here) && /\b(?:spray|butter|oil|margarine)\b/i.test(here.rest), then: 'grease' }],
  // food that is packed into something is no packed lunch
  pack: [
    { when: ({ rest }) => /\binto\b/i.test(rest), then: 'stuff' },
    // "pack the rolls in", side by side
    { when: ({ rest }) => /^(?:the\s.*|them|it)\s+in\b/i.test(rest), then: 'layer' },
  ],
  // bread is buttered with butter, a tin is greased with it
  grease: [{ when: (here) => here.clause.verb === 'butter' && !hasContainer(here), then: 'spread' }],
  // a blender is washed, not rinsed
  rinse: [
    {
      when: ({ mentions, tools, rest }) =>
        mentions.length === 0 && tools.some((t) => !isContainer(t.id) || t.id === 'blender') && /^(?:up\s+)?(?:the|your|all)\s/i.test(rest),
      then: 'wash-up',
    },
  ],
  // "rub the dish with garlic" makes no crumbs
  'rub-in': [
    { when: ({ rest }) => !/^in\b|\btogether\b|\binto\b/i.test(rest) && /\b(?:with|over|on|inside)\b/i.test(rest), then: 'rub-on' },
  ],
  // cut through the skin all round, so that it does not burst
  'loosen-edge': [{ when: ({ rest }) => !/\b(?:edges?|sides?|tin|pan)\b/i.test(rest), then: 'score' }],
  // what was baked is cut up, not diced
  dice: [
    {
      when: ({ mentions, rest }) => mentions.length === 0 && PARTED.test(rest),
      then: 'cut-pieces',
    },
  ],
  // dough is shared out, not chopped; what lies in its tin is cut up
  chop: [
    {
      when: ({ clause, mentions, rest, state }) =>
        clause.verb === 'cut' &&
        mentions.length === 0 &&
        ((rest === '' && state.inOven !== null) ||
          (PARTED.test(rest) && !['knead', 'mix-by-hand'].includes(state.steps.at(-1)?.technique ?? ''))),
      then: 'cut-pieces',
    },
    {
      when: ({ state, mentions, rest }) =>
        mentions.length === 0 && /^(?:into|in)\s+\d/i.test(rest) && ['knead', 'mix-by-hand'].includes(state.steps.at(-1)?.technique ?? ''),
      then: 'divide',
    },
  ],
  // no seeds and no spices: meat in a dry pan is browned
  'toast-dry': [
    {
      when: ({ mentions, state }) => mentions.some((m) => rawHazard(state.recipe.ingredients[m.ingredient]) === 'raw-meat'),
      then: 'brown',
    },
  ],
  'heat-pan': [
    { when: ({ tools }) => tools.some((t) => t.id === 'toaster'), then: 'toast' },
    { when: (here) => inMicrowave(here, 1) && !hasCookware(here), then: 'microwave' },
    { when: (here) => inMicrowave(here, 2) && here.tools.length === 0 && here.mentions.length === 0, then: 'microwave' },
    { when: (here) => isFoodHeated(here) && /\bmelt/i.test(here.clause.until ?? ''), then: 'melt' },
    { when: isMicrowavedOn, then: 'microwave' },
    { when: isFoodHeated, then: 'reheat' },
  ],
  'drain-hot': [{ when: ({ clause, rest }) => clause.verb === 'strain' && /\binto\b/i.test(rest), then: 'strain' }],
  // balls are pressed flat by hand, dough is rolled
  'roll-out': [
    // bread is no dough
    { when: ({ rest, about }) => about.has('bread') || /\bslices?\b/i.test(rest), then: 'press-in' },
    {
      when: ({ clause, about }) => clause.verb === 'flatten' && !about.has('dough') && !about.has('pastry') && !about.has('rolling-pin'),
      then: 'press-in',
    },
  ],
  // "turn each one in the flour"
  toss: [{ when: ({ clause, rest }) => clause.verb === 'turn' && COATING.test(rest), then: 'coat' }],
  fold: [{ when: ({ rest }) => /^(?:(?:it|them|the \p{L}+)\s+)?(?:over|in half|in two|up\b)/iu.test(rest), then: 'fold-over' }],
  // "toss the beef in the flour"; "toss in the beans" puts them in
  add: [
    LINERS,
    {
      when: ({ clause, rest, state }) =>
        clause.verb === 'toss' &&
        (!/^in\b/i.test(rest) || /^in (?:an?|the) (?:\p{L}+ )?bowl with\b/iu.test(rest) || (COATING.test(rest) && isCutByItself(state))),
      then: ({ rest }) => (COATING.test(rest) ? 'coat' : 'toss'),
    },
  ],
  layer: [LINERS],
  // batter and dough are shared into tins, not served
  'share-out': [
    // "divide between the cases", of what is in the bowl
    {
      when: ({ rest, state }) =>
        /^(?:evenly\s+)?(?:between|among|into)\b.*\b(?:cases|holes|liners|moulds|ramekins)\b/i.test(rest) && state.prepared !== null,
      then: 'spoon',
    },
    {
      when: ({ rest, tools }) => /\b(?:batter|dough|mixture|mix|filling)\b/i.test(rest) || tools.some((t) => hasMark(t.id, 'shared')),
      then: ({ rest }) => (/\bdough\b/i.test(rest) ? 'divide' : 'spoon'),
    },
  ],
  // turned with no heat under it, it is only moved about in its sauce
  'turn-over': [{ when: ({ state }) => state.hob === null && state.inOven === null && !state.hotFood, then: 'toss' }],
  wait: [
    // "sit the fish on top of the beans"
    {
      when: ({ clause, mentions, rest }) =>
        /^(?:sit|stand)$/.test(clause.verb ?? '') &&
        ((mentions.length > 0 && /^(?:the|each|both)\b.*\b(?:on|in|over)\b/i.test(rest)) || /^them\s+(?:on|in)\b/i.test(rest)),
      then: 'add',
    },
    { when: ({ rest }) => /^to (?:go|get|become) cold\b/i.test(rest), then: 'cool' },
    { when: ({ clause, rest, state }) => clause.verb === 'let' && /\bwilt\b/i.test(rest) && state.hob !== null, then: 'wilt' },
    { when: ({ clause, rest, state }) => clause.verb === 'let' && /\bmelt\b/i.test(rest) && state.hob !== null, then: 'melt' },
    { when: ({ clause }) => /\b(?:cold|cool)\b/i.test(clause.until ?? ''), then: 'cool' },
  ],
  cover: [
    {
      when: ({ rest, state }) =>
        /^with (?:the )?(?:(?:other|top|remaining|second)\s+)?(?:tops?|halves|half|lids?|slices?|buns?)\b/i.test(rest) &&
        isBreadThere(state),
      then: 'layer',
    },
    ...COVERED_BY_WATER,
  ],
  soak: COVERED_BY_WATER,
  toast: [
    { when: ({ tools }) => tools.some((t) => t.id === 'grill'), then: 'grill' },
    { when: ({ tools }) => tools.some((t) => toolById(t.id)?.kind === 'cookware' && t.id !== 'tray'), then: 'fry' },
  ],
  measure: [{ when: ({ clause, rest }) => clause.verb === 'fill' && !/\b(?:cup|spoon|measure|jug)\b/i.test(rest), then: 'stuff' }],
});

/** "Cover with a lid and sweat for 10 minutes": the lid that just went on stays on. */
function isUnderLid({ state }: Here): boolean {
  const last = state.steps.at(-1);
  return actOfKind(kindOf(last?.technique)) === 'cover' && last?.into === state.container;
}

const WITH_LIQUID =
  /\bwith\s+(?:\d[\d.,/ ]*\s?(?:ml|l|litres?|cups?|tbsp|fl oz)\s+(?:of\s+)?)?(?:\p{L}+\s+)?(?:\p{L}+\s+)?(?:water|stock|milk|liquid)\b/iu;

/** "Set the bowl over a pan of simmering water": water has to simmer. */
export const isOverWater = (rest: string) =>
  /\bover\s+(?:(?:an?|the)\s+(?:sauce)?pan\s+of\b.*\bwater\b|(?:gently |barely )?(?:simmering|boiling|hot)\s+water\b)/i.test(rest);

const TO_TABLE: Rule = {
  when: ({ rest }) => /^(?:everything|it all|them|it)\b.*\b(?:on|in the (?:middle|centre|center) of|to) the table\b/i.test(rest),
  then: 'serve',
};

const OVER_WATER: Rule = { when: ({ rest }) => isOverWater(rest), then: 'simmer' };

/** "Whisk over a medium heat until it thickens": it cooks. */
const ON_THE_HEAT: Rule = { when: ({ rest, state }) => isPan(state.container) && OVER_HEAT.test(rest), then: 'cook' };

// By the verb itself, whatever the lexicon makes of it.
const BY_VERB = table<Rule[]>({
  whisk: [ON_THE_HEAT],
  stir: [
    ON_THE_HEAT,
    { when: ({ clause, state }) => isPan(state.container) && /\bscrambled\b/i.test(clause.until ?? ''), then: 'scramble' },
  ],
  beat: [ON_THE_HEAT],
  butter: [{ when: hasContainer, then: 'grease' }],
  // meat out of its skin
  squeeze: [
    { when: ({ rest }) => /^to open\b/i.test(rest), then: 'pull-apart' },
    { when: ({ rest }) => /^(?:(?:it|them|the \p{L}+)\s+)?open\b/iu.test(rest), then: 'squeeze-open' },
    {
      when: ({ rest, about }) => /\b(?:liquid|water|moisture)\b|^out\b.*\bjuices?\b/i.test(rest) && !about.has('citrus'),
      then: 'squeeze-out',
    },
    { when: ({ rest }) => /\bout of (?:its|their|the) (?:skins?|casings?)\b/i.test(rest), then: 'lift-out' },
    { when: ({ rest }) => /\b(?:skins?|casings?)\b.*\b(?:pieces|bits|lumps|balls)\b/i.test(rest), then: 'break-up' },
    { when: ({ rest, about }) => /^out\b/i.test(rest) && !about.has('citrus') && !/juice/i.test(rest), then: 'lift-out' },
  ],
  put: [
    // of a bun
    {
      when: ({ about, state }) => about.has('lid') && state.container !== null && hasMark(state.container, 'flat') && isBreadThere(state),
      then: 'layer',
    },
    { when: ({ about, rest }) => about.has('lid') && !/\bwith (?:a|its) lid\b/i.test(rest), then: 'cover' },
    // "put a plate on top", of a bowl
    {
      when: ({ rest, mentions, state }) =>
        mentions.length === 0 &&
        /^(?:an?|the) (?:plate|saucer|lid)\b.{0,12}\b(?:on top|over)/i.test(rest) &&
        toolById(state.container ?? '')?.kind === 'container',
      then: 'cover',
    },
    OVER_WATER,
    TO_TABLE,
    { when: isPanOverHeat, then: 'heat-pan' },
  ],
  place: [TO_TABLE, OVER_WATER, { when: isPanOverHeat, then: 'heat-pan' }],
  peel: [{ when: ({ rest }) => /\b(?:cling ?film|film|paper|parchment|foil|lining|wrap)\b/i.test(rest), then: 'peel-by-hand' }],
  set: [
    { when: ({ about, rest }) => about.has('slow-cooker') && /\bto\s+(?:high|low|warm)\b/i.test(rest), then: 'hob-on' },
    OVER_WATER,
    { when: isPanOverHeat, then: 'heat-pan' },
  ],
  // "stand the apples in a dish": they are put there
  stand: [
    { when: ({ mentions, rest }) => mentions.length > 0 && /\b(?:in|on)\b/i.test(rest), then: 'add' },
    // "stand the mugs on a tray"
    {
      when: ({ about, rest }) => about.has('tray') && /^(?:the|\d+|an?)\s.*\bon\b/i.test(rest) && minutesOfText(rest) === null,
      then: 'add',
    },
  ],
  rest: [{ when: ({ rest, mentions }) => mentions.length > 0 && /\bon\b/i.test(rest), then: 'add' }],
  weigh: [{ when: ({ rest, mentions }) => mentions.length > 1 && /\binto\b/i.test(rest), then: 'add' }],
  measure: [{ when: ({ rest, mentions }) => mentions.length > 1 && /\binto\b/i.test(rest), then: 'add' }],
  remove: [
    {
      when: ({ mentions, state, rest }) =>
        /\b(?:stems?|sprigs?|stalks?|leaf|leaves|pods?|stick)\b/i.test(rest) && mentions.some((m) => state.placed.has(m.ingredient)),
      then: 'lift-out',
    },
  ],
  // by the lexicon it is corn in a hot pan
  pop: [
    LINERS,
    { when: ({ rest }) => /^(?:(?:it|them)\s+)?out\b/i.test(rest), then: 'turn-out' },
    // the tops of peppers
    { when: ({ rest, state }) => /\blids\b/i.test(rest) && state.container !== null && hasMark(state.container, 'bakes'), then: 'layer' },
    { when: ({ about, rest }) => about.has('lid') && /\bon\b/i.test(rest), then: 'cover' },
    { when: ({ rest }) => /\b(?:on|in|into|onto)\b/i.test(rest), then: 'add' },
  ],
  // whites from yolks, or what sticks together
  separate: [{ when: ({ about, rest }) => !about.has('egg') && !/\b(?:yolks?|whites?)\b/i.test(rest), then: 'break-up' }],
  grind: [{ when: ({ rest }) => /\b(?:pepper|salt)\b/i.test(rest), then: 'season' }],
  cut: [{ when: ({ rest }) => /\bslice off\b|^(?:away|off)\b/i.test(rest), then: 'trim' }],
  sit: [OVER_WATER],
  pull: [OFF_TOPS],
  lift: [{ when: ({ about, rest }) => about.has('lid') && /^(?:off\s+)?the lid\b/i.test(rest), then: 'uncover' }],
  twist: [OFF_TOPS, { when: ({ rest }) => /\bapart$/i.test(rest), then: 'twist-apart' }],
  take: [
    OFF_TOPS,
    { when: ({ about }) => about.has('corer'), then: 'core' },
    {
      when: ({ rest, mentions }) => mentions.length === 0 && /^(?:out\s+)?(?:the|any|their|its|all the)\s+seeds\b/i.test(rest),
      then: 'deseed',
    },
    // a pan, no lid, foil or stalk
    {
      when: (here) =>
        /^(?:(?:it|them|this)\s+)?off$|^the\b.*\boff$/i.test(here.rest) &&
        here.state.hob !== null &&
        (hasContainer(here) || !/^the/i.test(here.rest)),
      then: 'take-off-heat',
    },
  ],
  push: [
    { when: ({ rest }) => /\b(?:to|towards?) (?:one|the) (?:side|edges?)\b/i.test(rest), then: 'draw-in' },
    { when: ({ rest }) => /\binto the (?:holes?|middles?|cent(?:re|er)s?|hollows?)\b/i.test(rest), then: 'stuff' },
  ],
  press: [
    { when: ({ rest }) => /\bout\b.*\bair\b|\bair out\b/i.test(rest), then: 'seal' },
    { when: ({ rest }) => /\bin (?:it|them|the (?:\p{L}+ )?(?:crumbs|breadcrumbs|polenta|flour|seeds|oats))$/iu.test(rest), then: 'coat' },
  ],
  roll: [
    { when: ({ rest }) => /\baway\b/i.test(rest), then: 'roll-up' },
    { when: ({ rest }) => /^(?:in\s+)?the\s+(?:sides|edges|ends)(?:\s+in)?$/i.test(rest), then: 'fold-over' },
  ],
  make: [
    { when: ({ rest }) => /\bcuts\b/i.test(rest), then: 'score' },
    { when: ({ rest }) => /\bribbons\b/i.test(rest), then: 'peel' },
    { when: ({ rest }) => /\b(?:holes?|slits?)\b.*\b(?:knife|skewer|fork|top|lid|pastry|each)\b/i.test(rest), then: 'prick' },
  ],
  preheat: [{ when: ({ rest }) => /^(?:it\s+)?to\s+(?:\d|gas)/i.test(rest), then: 'preheat-oven' }],
  keep: [
    {
      when: ({ rest, mentions, state }) =>
        /\b(?:warm|hot)\b/i.test(rest) &&
        /\b(?:pan|pot|saucepan|low heat|hob|stove)\b/i.test(rest) &&
        mentions.length > 0 &&
        !state.cooked.has(mentions[0]!.ingredient),
      then: 'reheat',
    },
    { when: ({ rest }) => /\b(?:in|into) the fridge\b|^(?:(?:it|them)\s+)?(?:chilled|cold|cool)\b/i.test(rest), then: 'chill' },
  ],
  reduce: [{ when: ({ rest }) => /^(?:it\s+)?to\s+(?:an?\s+)?(?:very\s+)?(?:low|medium|simmer|gentle)\b/i.test(rest), then: 'turn-heat' }],
  scoop: [
    { when: ({ rest }) => FLESH.test(rest), then: 'scoop-out' },
    { when: ({ rest }) => /\bof (?:the|its) (?:cooking |pasta )?(?:water|liquid)\b/i.test(rest), then: 'reserve' },
    {
      when: ({ rest }) =>
        /\b(?:\p{L}*spoon(?:ful)?s|balls|heaps|portions)\s+of\b|\binto\b.*\b(?:cups|cases|liners|tins?|bowls|glasses|jars)\b/iu.test(rest),
      then: 'spoon',
    },
  ],
  fill: [{ when: ({ rest }) => /\bwith\s+(?:[\p{L}]+\s+)?water\b/iu.test(rest), then: 'fill-pan' }],
});

/** What is spoken of was cut up and lies nowhere yet: "cut the pork and toss in the cornflour". */
const isCutByItself = (state: State) =>
  state.objectUses.length > 0 &&
  state.objectUses.every(
    (i) => !state.placed.has(i) && lotsOf(state.world, i).some((lot) => [...lot.forms].some((form) => kindHas(form, 'pieces'))),
  );

/** Bread or buns lie in what is in hand. */
const isBreadThere = (state: State) =>
  [...state.placed].some(([i, at]) => at === state.container && findFood(state.recipe.ingredients[i]!.item)?.category === 'bread');

const cameOut = (state: State) => lastOf(state, 'take-out-oven') > lastOf(state, 'bake');

/** "Place the pan over a high heat": the pan is heated, not put in. */
function isPanOverHeat(here: Here): boolean {
  return here.mentions.length === 0 && hasCookware(here) && /\b(?:over|on)\b.{0,24}\b(?:heat|hob|ring|stove|burner)\b/i.test(here.rest);
}

/** The technique that `found`, the lexicon's choice for the verb, turns out to be; null stays null unless the verb alone decides. */
export function techniqueHere(found: Technique | null, here: Here): Technique | null {
  const holds = (rule: Rule) => rule.when(here);
  const rule = BY_VERB.get(here.clause.verb ?? '')?.find(holds) ?? (found ? BY_TECHNIQUE.get(found.id)?.find(holds) : undefined);
  if (rule) return techniqueById(typeof rule.then === 'string' ? rule.then : rule.then(here))!;
  if (found && here.clause.verb === 'cut' && here.about.has('scissors') && kindHas(kindOf(found.id), 'cuts')) return techniqueById('snip')!;
  return found;
}
