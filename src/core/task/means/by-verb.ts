// By the verb itself, whatever the lexicon makes of it.
import { table } from '../../amount/table';
import { FLESH } from '../../kitchen/index';
import { minutesOfText } from '../../amount/minutes';
import { findFood } from '../../recipe/food';
import { hasMark, toolById } from '../../technique/tools';
import { isPan } from '../vessels';
import {
  foodOf,
  hasContainer,
  spokenIn,
  isOverWater,
  isBreadThere,
  isPanOverHeat,
  LINERS,
  STOOD_ON_HOB,
  type Here,
  type Rule,
} from './here';

const OVER_HEAT = /\bover (?:an? |the )?(?:very )?(?:low|medium|gentle|moderate|high)(?:[- ]\p{L}+)? heat\b/iu;

// "Pull off the green tops", of strawberries
const OFF_TOPS: Rule = {
  when: ({ about, rest, state }) =>
    (about.has('fruit') || state.objectUses.some((i) => findFood(state.recipe.ingredients[i]!.item)?.group === 'fruit')) &&
    /\boff\b/i.test(rest) &&
    /\b(?:(?:green|leafy)\s+)?(?:tops?|leaves|stalks?|stems?|hulls?)\b/i.test(rest),
  then: 'hull',
};

/** Something lies over the vessel in hand. */
const isCovered = (state: Here['state']): boolean =>
  state.container !== null && (state.world.vessels.get(state.container)?.lid ?? null) !== null;

/** The grains of a pouch are squeezed apart. */
const IN_POUCH: Rule = { when: ({ rest }) => /\b(?:pouch|packet|sachet|bag)\b/i.test(rest), then: 'break-up' };

const TO_TABLE: Rule = {
  when: ({ rest }) => /^(?:everything|it all|them|it)\b.*\b(?:on|in the (?:middle|centre|center) of|to) the table\b/i.test(rest),
  then: 'serve',
};

const OVER_WATER: Rule = { when: ({ rest }) => isOverWater(rest), then: 'simmer' };

/** "Whisk over a medium heat until it thickens": it cooks. */
const ON_THE_HEAT: Rule = { when: ({ rest, state }) => isPan(state.container) && OVER_HEAT.test(rest), then: 'cook' };

/** "Spoon off any fat into a cup": the fat leaves the pan, and what cooks in it stays. */
const OFF_TOP: Rule = {
  when: ({ rest, mentions, state }) =>
    mentions.length === 0 && isPan(state.container) && /^off\s+(?:[\p{L}]+\s+){0,4}?(?:fat|grease|oil|foam|scum|froth)\b/iu.test(rest),
  then: ({ rest }) => (/\b(?:foam|scum|froth)\b/i.test(rest) ? 'skim' : 'skim-fat'),
};

export const BY_VERB = table<Rule[]>({
  spoon: [OFF_TOP],
  ladle: [OFF_TOP],
  tip: [OFF_TOP],
  whisk: [ON_THE_HEAT],
  stir: [
    ON_THE_HEAT,
    // "stir until there is no pink left", on a lit ring: so long it cooks
    {
      when: ({ clause, state }) =>
        isPan(state.container) && state.hob === state.container && /\b(?:pink|brown(?:ed)?|cooked)\b/i.test(clause.until ?? ''),
      then: 'cook',
    },
    {
      when: (here) => {
        const until = here.clause.until ?? '';
        // "pour in the eggs and stir until just set"
        const isEgg = spokenIn(here).some((i) => foodOf(here, i)?.id === 'egg');
        return isPan(here.state.container) && (/\bscrambled\b/i.test(until) || (isEgg && /\b(?:set|cooked)\b/i.test(until)));
      },
      then: 'scramble',
    },
  ],
  // eggs that were fried are not cracked again
  break: [{ when: ({ rest }) => /^(?:(?:it|them|the \p{L}+)\s+)?up\b/iu.test(rest), then: 'break-up' }],
  beat: [ON_THE_HEAT],
  butter: [{ when: hasContainer, then: 'grease' }],
  // meat out of its skin, air out of a bag
  squeeze: [
    { when: ({ rest }) => /\bout\b.*\bair\b|\bair out\b/i.test(rest), then: 'seal' },
    { when: ({ rest }) => /^to open\b/i.test(rest), then: 'pull-apart' },
    IN_POUCH,
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
    // the tops of peppers
    {
      when: ({ rest, state }) => /^(?:the|their)\s+lids\b/i.test(rest) && state.container !== null && hasMark(state.container, 'bakes'),
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
    STOOD_ON_HOB,
    { when: isPanOverHeat, then: 'heat-pan' },
  ],
  place: [TO_TABLE, OVER_WATER, STOOD_ON_HOB, { when: isPanOverHeat, then: 'heat-pan' }],
  peel: [
    { when: ({ rest }) => /\bwith\s+(?:an?|the|your)\s+(?:edge of an?\s+)?(?:tea|table|dessert)?spoon\b/i.test(rest), then: 'scrape-skin' },
    // the film that it was covered with
    { when: ({ rest, state }) => /\b(?:film|foil)\b/i.test(rest) && isCovered(state), then: 'uncover' },
    {
      when: ({ rest }) =>
        /\b(?:cling ?film|film|papers?|parchment|foil|lining|liners?|cases|wrappers?|wrap|labels?|stickers?|backing)\b/i.test(rest),
      then: 'peel-by-hand',
    },
  ],
  // meat, and no biscuits in a bag
  bash: [
    {
      when: ({ clause, rest }) => /\brolling pin\b/i.test(rest) && /\b(?:thick|thin|flat)\b/i.test(`${rest} ${clause.until ?? ''}`),
      then: 'roll-out',
    },
  ],
  set: [
    // "set out 8 cups and 8 spoons"
    { when: ({ mentions, rest }) => mentions.length === 0 && /^out\s+(?:\d+|the|your|some)\b/i.test(rest), then: 'set-table' },
    { when: ({ about, rest }) => about.has('slow-cooker') && /\bto\s+(?:high|low|warm)\b/i.test(rest), then: 'hob-on' },
    OVER_WATER,
    STOOD_ON_HOB,
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
    { when: ({ rest }) => /\boff (?:the|its) (?:burner|hob|stove|ring|flame)\b/i.test(rest), then: 'take-off-heat' },
    { when: ({ about }) => about.has('corer'), then: 'core' },
    {
      when: ({ rest, mentions }) =>
        /^(?:out\s+)?(?:the|any|their|its|all the)\s+seeds\b/i.test(rest) && (mentions.length === 0 || /\b(?:out of|from)\b/i.test(rest)),
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
  // "squash the rice pouch": what is in it falls apart
  squash: [IN_POUCH],
  turn: [{ when: ({ rest }) => /\bupside[- ]down\b/i.test(rest), then: 'turn-out' }],
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
    { when: ({ rest }) => /\bswirls?\b/i.test(rest), then: 'spread' },
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
    OFF_TOP,
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
