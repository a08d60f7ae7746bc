// Takes what follows a verb apart into slots: the object, and one phrase for each preposition.
import { findFood } from '../recipe/food';
import type { Mention } from './mentions';
import { mentionsHere } from './mentions-here';
import { isContainer, type Located, type State } from './state';

/** A noun phrase of a clause, with the preposition before it; the object has none. */
export type Phrase = {
  prep: string | null;
  text: string;
  from: number;
  to: number;
  mentions: Mention[];
  /** The vessel that it names, as a tool's id. */
  vessel: string | null;
  vesselAt: number;
  pronoun: 'it' | 'them' | null;
  everything: boolean;
};

const PREPS =
  /\b(on top of|out of|all over|into|onto|inside|between|among|around|through|across|near(?= the (?:bottom|top|base|end|edge|side)\b)|over|under|with|using|from|off|to|in|on|at|for|until|by|along|of|down(?= the (?:middle|centre|center|length|side)))\b/gi;

// "in half", "to taste", "on all sides": words that say how, and name no place.
const NO_PLACE =
  /^(?:in(?:to)? (?:\d+(?!\s+(?:\w+\s+)?(?:cups|holes|cases|boxes|moulds|ramekins))\b|(?:about |small |large |big |even |equal |thin |thick |[a-z\d.]+[- ](?:sized?|thick|long|wide) |long |short |fine |little )*(?:strips|cubes|pieces|slices|wedges|chunks|quarters|halves|sticks|balls|rounds|squares|florets|rings|bars|fingers|batons|matchsticks|ribbons|coins|triangles|circles?|dice|segments|portions|thirds|eighths|sixths|parts)\b)|in (?:half|two|three|four|quarters|halves|thirds|batches|turn|turns|layers?|one layer|a single layer|a thin|an even|small|thin|chunks|pieces|strips|advance|the same way|one direction|spoonfuls|a (?:thin )?stream|circles?)|to (?:taste|serve|finish|make|cover|form|coat|combine|the boil|a boil|boil|a simmer|simmer|low|medium|high|room|cool|dry|soften|rest|stand|heat|warm|loosen|keep|give|get|help|seal|a fine|\d)|on (?:high|low|medium|full|each side|both sides|all sides|every side|one side|the other side|its side|their sides)|over (?:a |an |the )?(?:very )?(?:low|medium|high|gentle|moderate)|for|until|by|at(?! (?:one|the|each) (?:end|side|edge|bottom|top|base|centre|center|middle)\b)|through (?:until|for)|off the heat|of)\b/i;

/**
 * The phrases of a clause in their order, the object first where there is one. Places in the words are offsets in `c.rest`.
 * @example "the beans over the potato with a spoon" // the beans; over the potato; with a spoon
 */
export function phrasesOf(state: State, c: Located): Phrase[] {
  const rest = c.rest;
  const cuts: { at: number; prep: string | null; end: number }[] = [{ at: 0, prep: null, end: 0 }];
  const preps = [...rest.matchAll(PREPS)].filter((m) => !/^of$/i.test(m[1]!));
  for (const [k, m] of preps.entries()) {
    const until = preps[k + 1]?.index ?? rest.length;
    const how = NO_PLACE.test(rest.slice(m.index)) && !isSized(c, m.index, until);
    cuts.push({ at: m.index, prep: how ? 'how' : m[1]!.toLowerCase().replace('using', 'with'), end: m.index + m[0].length });
  }
  const phrases = cuts.map(({ prep, end }, k): Phrase => {
    const to = cuts[k + 1]?.at ?? rest.length;
    return phraseAt(c, prep, end, to);
  });
  const lead = leadOf(state, c);
  return [...phrases.map(bareInside).filter((p) => p.text !== ''), ...(lead ? [lead] : [])];
}

/** "Spread it inside": inside what was spoken of. */
const bareInside = (p: Phrase): Phrase => (p.prep === 'inside' && p.text === '' ? { ...p, text: 'inside' } : p);

/** "In 1 1/2 qt. casserole": the number is the size of a place. */
const isSized = (c: Located, from: number, to: number) =>
  /^in(?:to)?\s+\d/i.test(c.rest.slice(from)) && c.tools.some((t) => t.at > from && t.at < to && isContainer(t.id));

/** Where dough is worked, as on a board. */
const WORKTOP = /\b(?:work ?surface|surface|worktop|work top|countertop|counter|table|palm)\b/i;

/** When, not what: "the drizzle while still warm". */
const STILL_WARM = /,?\s+while\s+(?:(?:it|they|the\s+\p{L}+)(?:\s+is|\s+are|['’]s|['’]re)\s+)?(?:still\s+)?(?:hot|warm)\b.*$/iu;

function phraseAt(c: Located, prep: string | null, from: number, to: number): Phrase {
  const text = c.rest
    .slice(from, to)
    .replace(STILL_WARM, '')
    .replace(/[\s,]+$/, '')
    .trim();
  const vessels = c.tools
    .filter(
      (t) =>
        t.at >= from &&
        t.at < to &&
        (isContainer(t.id) ||
          (t.id === 'colander' && /^in(?:to)?$/.test(prep ?? '')) ||
          (t.id === 'wire-rack' && /^(?:on|onto|to)$/.test(prep ?? ''))),
    )
    .sort((a, b) => a.at - b.at);
  // "in a very large frying pan or paella pan": the first will do
  const [first, second] = vessels;
  const tool = first && second && vessels.length === 2 && /\bor\b/i.test(c.rest.slice(first.at, second.at)) ? first : vessels.at(-1);
  // "level the surface" is of what lies in the tin
  const table =
    tool || prep === 'how' || (prep === null && !/^(?:dust|flour|wipe|clean|clear)$/.test(c.verb ?? '')) ? null : WORKTOP.exec(text);
  const pronoun =
    /^some$/i.test(text) && prep === null
      ? 'it'
      : /^(?:all of\s+)?(it|them|these|this|that|both|each one|(?:each|every) batch|the batch(?:es)?)\b/i.exec(text)?.[1]?.toLowerCase();
  return {
    prep,
    text,
    from,
    to,
    mentions: c.mentions.filter((m) => m.end > m.at && m.at >= from && m.at < to),
    vessel: tool?.id ?? (table ? 'board' : null),
    vesselAt: tool?.at ?? (table ? from + table.index : -1),
    pronoun: pronoun === undefined ? null : ['it', 'this', 'that'].includes(pronoun) ? 'it' : 'them',
    everything: /^(?:everything|it all(?! back)|all (?:of )?(?:it|them|the ingredients))\b/i.test(text),
  };
}

/** "In a large bowl, ...": the place that is said before the verb. */
function leadOf(state: State, c: Located): Phrase | null {
  if (!c.lead) return null;
  const m = /^(in|into|on|onto|over|to|from|with|using|on top of)\s+(.*)$/i.exec(c.lead);
  if (!m) return null;
  const tool = c.tools.find((t) => t.at > c.rest.length && isContainer(t.id));
  return {
    prep: m[1]!.toLowerCase(),
    text: m[2]!,
    from: -1,
    to: -1,
    mentions: mentionsHere(state, m[2]!),
    vessel: tool?.id ?? null,
    vesselAt: tool?.at ?? -1,
    pronoun: null,
    everything: false,
  };
}

const INTO = new Set([
  'into',
  'onto',
  'inside',
  'in',
  'on',
  'on top of',
  'to',
  'over',
  'all over',
  'around',
  'between',
  'among',
  'across',
  'through',
  'under',
  'along',
  'down',
  'at',
]);
export const isGoalPrep = (prep: string | null): boolean => prep !== null && INTO.has(prep);
export const isSourcePrep = (prep: string | null): boolean => prep === 'from' || prep === 'out of' || prep === 'off';

/** "Mash roughly with the oil": how it is done, and no thing. */
export const isManner = (p: Phrase) =>
  /^(?:over|together|again|up|out|down|off|back|aside|(?:very |quite |really )?(?:well|\p{L}{3,}ly)(?:(?:,| and| but)+ \p{L}+ly)?|(?:just )?(?:a (?:little|bit)|briefly|slightly))$/iu.test(
    p.text,
  ) &&
  p.mentions.length === 0 &&
  findFood(p.text) === null;
