// By the technique that the verb alone would give, in the order in which they are tried; the first that holds is taken.
import { table } from '../../amount/table';
import { minutesOfText } from '../../amount/minutes';
import { foodIs } from '../../recipe/food';
import { hasMark, isVessel, toolById } from '../../technique/tools';
import { rawHazard } from '../../plan/draft';
import { isPan } from '../vessels';
import { isContainer } from '../state';
import {
  spokenIn,
  foodOf,
  hasCookware,
  hasContainer,
  vesselOf,
  inMicrowave,
  isStillInMicrowave,
  isAirFriedOn,
  isGrilledOn,
  isMicrowavedOn,
  isFoodHeated,
  isUnderLid,
  cameOut,
  type Rule,
} from './here';
import { OF_PUTTING } from './of-putting';

const PARTED =
  /\binto\s+(?:\d+|\p{L}+)\s+(?:even\s+|equal\s+)?(?:squares|bars)\b|^(?:it\s+|them\s+|(?:each|every)\s+\p{L}+\s+)?into\s+\d+\b(?!\s*(?:cm|mm|inch|in\b|[-.x×"]))/iu;
/** "Cook on high" in a bowl is no hob. */
const IN_BOWL: Rule = {
  when: (here) =>
    here.state.hob === null && toolById(vesselOf(here))?.kind === 'container' && /microwav/i.test(here.state.recipe.instructions.join(' ')),
  then: 'microwave',
};

/** "Heat it in 20 second bursts": nothing else is switched on and off so. */
const IN_BURSTS: Rule = {
  when: (here) =>
    here.state.hob === null &&
    !hasCookware(here) &&
    !here.about.has('microwave') &&
    /\bin\s+(?:short\s+|(?:\p{L}+|\d+)[- ](?:sec(?:ond)?|min(?:ute)?)s?[- ])bursts\b/iu.test(here.rest),
  then: 'microwave',
};

const OWN = table<Rule[]>({
  'preheat-oven': [
    { when: ({ mentions }) => mentions.length > 0, then: 'bake' },
    // "put the oil in a tin and heat in the oven for 5 minutes": it goes in
    { when: ({ rest }) => /^(?:(?:it|them|this)\s+)?in the (?:hot )?oven\b/i.test(rest) && minutesOfText(rest) !== null, then: 'bake' },
  ],
  // "beat the eggs in a cup" works nothing in
  mix: [
    // "blend in batches", "blend in the processor": in the machine, and nothing is blended in
    {
      when: ({ clause, rest }) =>
        clause.verb === 'blend' &&
        /^in\s+(?:(?:\p{L}+|\d+)\s+)?(?:batches|goes|turns|lots|blender|(?:food\s+)?processor|liquidi[sz]er)\b/iu.test(rest),
      then: 'blend',
    },
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
  // on the worktop overnight: in no fridge
  chill: [
    {
      when: ({ rest }) => /\b(?:on the (?:side|counter|worktop|table|kitchen \p{L}+)|room temperature|out of the fridge)\b/iu.test(rest),
      then: 'wait',
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
    // "take out the bay leaf", of the pan, though a dish was baked before
    {
      when: ({ about, mentions, state }) =>
        !about.has('oven') &&
        mentions.length > 0 &&
        mentions.every((m) => state.placed.has(m.ingredient) && state.placed.get(m.ingredient) !== state.inOven),
      then: 'lift-out',
    },
  ],
  // berries under a fork, no biscuits in a bag
  crush: [{ when: ({ about }) => about.has('fork') || about.has('masher') || about.has('potato-masher'), then: 'mash' }],
  soften: [{ when: isUnderLid, then: 'cook' }],
  fry: [{ when: isUnderLid, then: 'cook' }],
  // a tin is opened with its opener
  open: [
    // "open it at the table": the parcel that was spoken of
    { when: ({ rest, state }) => /^it\b/i.test(rest) && /\bparcel$/i.test(state.object ?? ''), then: 'uncover' },
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
    // "cook the sausages on a tray in the oven"
    { when: ({ rest }) => /\bin (?:the|an?) (?:hot |preheated |warm )?oven\b/i.test(rest), then: 'bake' },
    // "microwave for 4 minutes. Turn and cook for a further 4 minutes"
    {
      when: (here) => (here.state.hob === null || !isPan(here.state.container)) && !hasCookware(here) && isStillInMicrowave(here),
      then: 'microwave',
    },
    { when: (here) => vesselOf(here) === 'air-fryer-basket' && here.state.hob === null, then: 'air-fry' },
    { when: isAirFriedOn, then: 'air-fry' },
    { when: isGrilledOn, then: 'grill' },
    {
      when: (here) =>
        here.state.oven &&
        here.state.hob === null &&
        isVessel(vesselOf(here)) &&
        hasMark(vesselOf(here), 'bakes') &&
        !here.about.has('microwave') &&
        !/\bwater\b/i.test(here.rest) &&
        !here.mentions.some((m) => foodIs(foodOf(here, m.ingredient), 'own-water')),
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
    IN_BOWL,
    IN_BURSTS,
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
  melt: [IN_BURSTS],
  'heat-pan': [
    IN_BURSTS,
    { when: (here) => isFoodHeated(here) && IN_BOWL.when(here), then: 'microwave' },
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
});

export const BY_TECHNIQUE: ReadonlyMap<string, Rule[]> = new Map([...OWN, ...OF_PUTTING]);
