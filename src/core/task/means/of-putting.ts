// By the technique that the verb alone would give, of what is turned, folded, put, shared, covered and left.
import { table } from '../../amount/table';
import { hasMark, toolById } from '../../technique/tools';
import { cutSheet } from '../sheet-cut';
import { inUse, isHeld, isPan } from '../vessels';
import { isContainer } from '../state';
import { isCutByItself, isBreadThere, LINERS, type Rule } from './here';

const COATING = /\bin\b.*\b(?:flour|cornflour|cornstarch|starch|crumbs|breadcrumbs|seasoning|spices?|sugar)\b/i;
const WITH_LIQUID =
  /\bwith\s+(?:\d[\d.,/ ]*\s?(?:ml|l|litres?|cups?|tbsp|fl oz)\s+(?:of\s+)?)?(?:\p{L}+\s+)?(?:\p{L}+\s+)?(?:water|stock|milk|liquid)\b/iu;

const COVERED_BY_WATER: Rule[] = [
  // "put them in a pan and cover with cold water": the pan is filled from the tap
  {
    when: ({ state, rest, mentions }) =>
      mentions.length === 0 && isPan(state.container) && /\bwith\s+(?:plenty of\s+)?(?:cold\s+|fresh\s+)?water\b/i.test(rest),
    then: 'fill-pan',
  },
  { when: ({ rest }) => WITH_LIQUID.test(rest), then: 'pour' },
];

/** What the table of all techniques has of them. */
export const OF_PUTTING = table<Rule[]>({
  // "turn each one in the flour"
  toss: [{ when: ({ clause, rest }) => clause.verb === 'turn' && COATING.test(rest), then: 'coat' }],
  fold: [
    // "fold in the ends", of a sheet
    {
      when: ({ rest }) => /^(?:in\s+)?(?:the|both|all)\s+(?:sides|edges|ends|corners|flaps|bottom|bottom edge)(?:\s+in)?\b/i.test(rest),
      then: 'fold-over',
    },
    {
      when: ({ rest }) =>
        /^(?:(?:it|them|the \p{L}+)\s+)?(?:over|in half|in two|up\b)/iu.test(rest) || /\b(?:paper|parchment|foil)\b/i.test(rest),
      then: 'fold-over',
    },
  ],
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
  // "divide the spinach among the muffin cups": it is put there, and cut into no pieces
  divide: [
    {
      when: ({ rest, mentions, tools }) =>
        mentions.length > 0 &&
        /\b(?:between|among|amongst)\b/i.test(rest) &&
        !/\b(?:dough|pastry)\b/i.test(rest) &&
        tools.some((t) => isContainer(t.id)),
      then: ({ tools }) => (tools.some((t) => hasMark(t.id, 'shared')) ? 'spoon' : 'share-out'),
    },
  ],
  // batter and dough are shared into tins, not served
  'share-out': [
    // "share out the pepper and mushroom on top"
    { when: ({ rest, mentions }) => mentions.length > 0 && /\bon\s+(?:the\s+)?top\b/i.test(rest), then: 'add' },
    // "between the two squares", of paper
    { when: ({ rest, state }) => cutSheet(state, /\b(?:between|among|onto|on|over)\s+(.+)$/i.exec(rest)?.[1] ?? '') !== null, then: 'add' },
    // "divide between the cases", of what is in the bowl; "share it out between the pastry cases", in their tin
    {
      when: ({ rest, state }) =>
        /^(?:(?:it|them|the\s+\p{L}+)\s+)?(?:out\s+)?(?:evenly\s+)?(?:between|among|into)\b.*\b(?:cases|holes|liners|moulds|ramekins)\b/iu.test(
          rest,
        ) &&
        (state.prepared !== null || inUse(state).some((v) => hasMark(v, 'shared') && isHeld(state, v))),
      then: 'spoon',
    },
    {
      when: ({ rest, tools }) => /\b(?:batter|dough|mixture|mix|filling)\b/i.test(rest) || tools.some((t) => hasMark(t.id, 'shared')),
      then: ({ rest }) => (/\bdough\b/i.test(rest) ? 'divide' : 'spoon'),
    },
  ],
  // "scoop out a tablespoon of the mixture at a time": no skin is left
  'scoop-out': [
    {
      when: ({ rest }) =>
        /^(?:out\s+)?(?:about\s+)?(?:an?|one|heaped|\d\S*)\s+(?:\p{L}+\s+)?(?:tablespoon|teaspoon|spoon|tbsp|tsp|scoop)(?:ful)?s?\b/iu.test(
          rest,
        ),
      then: 'divide',
    },
  ],
  // dough goes out of its bowl, and out of no tin
  'turn-out': [
    {
      when: ({ rest, about, state }) =>
        !about.has('hot') &&
        /\b(?:surface|board|worktop|table|counter|bench)\b/i.test(rest) &&
        toolById(state.container ?? '')?.kind === 'container',
      then: 'add',
    },
  ],
  // turned with no heat under it, it is only moved about in its sauce
  'turn-over': [{ when: ({ state }) => state.hob === null && state.inOven === null && !state.hotFood, then: 'toss' }],
  wait: [
    // "sit the fish on top of the beans", "sit the dumplings on top"
    {
      when: ({ clause, mentions, tools, rest }) =>
        /^(?:sit|stand)$/.test(clause.verb ?? '') &&
        ((mentions.length + (tools.length > 0 ? 0 : 1) > 0 &&
          /^(?:the|your|each|both|all)\b.*\b(?:on|onto|in|into|over|next to|beside|among|between|around)\b/i.test(rest)) ||
          /^them\s+(?:on|in|next to|beside|among|between)\b/i.test(rest)),
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
    // "heat the grill. Put the bread on a baking sheet and toast on one side"
    {
      when: ({ state }) =>
        hasMark(state.container ?? '', 'bakes') &&
        state.steps.some((s) => s.technique === 'preheat-oven' && s.tools?.includes('grill') === true),
      then: 'grill',
    },
    { when: ({ tools }) => tools.some((t) => t.id === 'grill'), then: 'grill' },
    // "stir in the rice and toast for 1 minute", in the pan in hand
    { when: ({ state, mentions }) => isPan(state.container) && isHeld(state, state.container) && mentions.length === 0, then: 'cook' },
    { when: ({ tools }) => tools.some((t) => toolById(t.id)?.kind === 'cookware' && t.id !== 'tray'), then: 'fry' },
  ],
  measure: [{ when: ({ clause, rest }) => clause.verb === 'fill' && !/\b(?:cup|spoon|measure|jug)\b/i.test(rest), then: 'stuff' }],
});
