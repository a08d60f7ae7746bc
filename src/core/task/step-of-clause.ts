// A step from a clause: its tools, hazards, times and cues; and what "it" will mean in the next one.
import { coverFor } from './covers';
import { madeSaid } from './made-said';
import { MADE_MANY } from '../recipe/shape-nouns';
import { kindHas, worksOf } from '../technique/works';
import { kindOf, techniqueById } from '../technique/lexicon';
import { findFood, nameWords } from '../recipe/food';
import type { Hazard } from '../technique/model';
import { isOverWater } from './means/here';
import { hasMark, isVessel, toolById } from '../technique/tools';
import { type Draft } from '../plan/draft';
import { minutesOfText } from '../amount/minutes';
import { type Mention } from './mentions';
import { nameOf } from './ready';
import { isContainer, type Located, type State } from './state';
import { MIXTURE } from './nouns';
import { objectPhrase } from '../plan/object-phrase';
import { isTarget } from './locate-all';
import { theOf, cuesOf } from './wording';

const hotHazards = (item: string): Hazard[] => (/\b(?:boiling|hot)\b/i.test(item) ? ['hot', 'steam'] : []);

export function common(state: State, c: Located, into: string | null, mentions: Mention[] = c.mentions): Draft {
  const technique = c.technique;
  const named = c.tools.map((t) => bluntOf(c, t.id)).filter((id) => !isOtherName(state, id, into));
  // "fill the empty tin with water": no pan is fetched for that
  const isTin =
    into === null &&
    worksOf(technique?.id, technique?.like).act === 'water' &&
    /^(?:the|your|one|an?|one of the|each of the) (?:empty )?(?:can|tin|jar)s?\b/i.test(c.rest);
  const own = (technique?.tools ?? []).filter(
    (id) =>
      !replaced(id, named, into) &&
      !(isTin && isVessel(id)) &&
      !(id === 'rolling-pin' && c.verb === 'pat') &&
      !(isUtensil(id) && BY_HAND.test(`${c.rest} ${c.lead ?? ''}`)),
  );
  // "cover it again": with the plate that lay on it
  const cover = own.includes('lid') ? coverFor(state, c, into) : null;
  const tools = [...named, ...own].map((id) => (id === 'lid' && cover !== null && !named.includes('lid') ? cover : id));
  // a worktop needs no board
  if (into && !tools.includes(into) && (isContainer(into) || hasMark(into, 'strains')) && into !== 'board') tools.push(into);
  const unsaid = mentions.length > 0 ? mentions.every((m) => isTarget(c, m)) : !spokenThing(c);
  const told: Hazard[] = [];
  if (/\bboiling\s+water\b/i.test(c.rest)) told.push('hot', 'steam');
  if (/\bblades?\b/i.test(c.rest)) told.push('sharp');
  // "(the jam will be very hot)"
  if (c.aside && /\bhot\b/i.test(c.aside)) told.push('hot');
  if (c.aside && /\bsteam\b/i.test(c.aside)) told.push('hot', 'steam');
  const hotItem = mentions.flatMap((m) => hotHazards(state.recipe.ingredients[m.ingredient]!.item));
  const choking =
    kindHas(kindOf(technique?.id), 'cuts') && mentions.some((m) => findFood(state.recipe.ingredients[m.ingredient]!.item)?.choking);
  const waiting = minutesOfText(`${c.rest} ${c.until ?? ''}`);
  if (waiting !== null && technique && ['cook', 'simmer', 'fry', 'boil'].includes(technique.id) && !tools.includes('timer'))
    tools.push('timer');
  // "bring to a simmer" is over when it simmers, as it is when it boils
  const usual = (c.verb === 'bring' ? techniqueById('boil') : technique)?.minutes.waiting ?? 0;
  // "let the butter melt", "let the runny egg fill the gap": it takes a moment
  const brief = c.verb === 'let' && !RESTS.test(c.rest) ? Math.min(usual, 1) : usual;
  // "sit the bowl over a pan of simmering water": it is set there, and what is done next takes the time
  const isSet =
    waiting === null && c.until === null && isOverWater(c.rest) && /^(?:set|sit|put|place|rest|stand|balance)$/.test(c.verb ?? '');
  const waits = technique !== null && (technique.minutes.waiting > 0 || technique.id === 'fry');
  return {
    text: '',
    technique: technique?.id ?? null,
    sourceLine: c.line,
    tools,
    into,
    about: unsaid ? state.objectUses : [],
    noun: nounOf(c),
    becomes: becomesOf(c),
    lasts: c.until !== null || waiting !== null,
    level: levelOf(c),
    hazards: [...told, ...hotItem, ...(choking ? (['choking'] as const) : [])],
    cues: cuesOf(c, technique?.id ?? null),
    ...(isSet ? { begins: true } : {}),
    minutes: isSet
      ? { active: 0.5, waiting: 0 }
      : waits
        ? { waiting: waiting ?? (technique.id === 'fry' ? 0 : brief) }
        : waiting !== null && technique
          ? { active: Math.max(waiting, technique.minutes.active) }
          : {},
    thing: c.mentions[0] ? theOf(state, c.mentions[0]) : (spokenThing(c) ?? state.object ?? undefined),
    name: c.mentions[0]
      ? nameOf(state.recipe.ingredients[c.mentions[0].ingredient]!)
      : (nameWords(objectPhrase(c.rest) ?? '').slice(-1)[0] ?? ''),
  };
}

const RESTS =
  /\b(?:stand|rest|cool|sit|rise|prove|chill|set|soak|marinate|dry|thaw|steep|simmer|bubble|boil|cook|infuse|drain|freeze|firm|come|warm)\b/i;

/** What a clause names as its object; null for a pronoun. */
function spokenThing(c: Located): string | null {
  const phrase = objectPhrase(c.rest);
  return phrase && !/^(?:it|them|everything|these|this)\b/i.test(phrase) ? phrase : null;
}

/** What a recipe calls its mixtures. */
const NOUN =
  /^(?:the|your|this)\s+(?:\p{L}+\s+){0,2}?((?:\p{L}+\s+)?(?:dough|batter|sauce|soup|stew|curry|filling|dressing|marinade|mixture|mash|crumble|paste|salad|porridge|risotto|topping|glaze|icing|custard|pastry|base|crumbs|patties|balls|meatballs|burgers|rolls|buns|biscuits|cookies|muffins|cakes|scones|pancakes|fritters|wraps|parcels|omelette))$/iu;

/** "mix to a soft dough", "until it forms a smooth batter". A sauce that food is turned in is not all that there is, nor "most of the dressing". */
const BECOMES =
  /\b(?:to|into|as|forms?|makes?|get|have|of)\s+(?:form |make |give |get )?(?:an?\s+)?(?:\p{L}+,?\s+){0,3}?(dough|batter|paste|crumble|pastry|(?<!\b(?:most|half|some|rest|all|part|third|quarter|little|bit|any)\s+of\s+(?:the\s+)?(?:\p{L}+\s+)?)(?:dressing|marinade|icing|glaze|custard))\b/iu;

/** "shape the mixture into 8 flat cakes": cakes, from then on. */
const SHAPED = new RegExp(`\\binto\\s+(?:[\\p{L}\\d-]+\\s+){0,5}?(${MADE_MANY})\\b`, 'iu');
/** "Stir the spinach into the soup": what is there is the soup. Pasta that is stirred into a sauce is no sauce. */
const INTO_NAMED = /\b(?:in)?to the (batter|dough|soup|stew|dressing|custard|gravy|curry|porridge|risotto)\b/i;
const actOf = (c: Located) => worksOf(c.technique?.id, c.technique?.like).act;
const CALLED = new RegExp(`^(?:the|your) (${MADE_MANY})$`, 'iu');
const becomesOf = (c: Located): string | null => {
  const said = `${c.rest} ${c.until ?? ''}`;
  const shaped = actOf(c) === 'shape' ? SHAPED.exec(said)?.[1] : undefined;
  // shaped into "sausages", and then "fry the koftas"
  const called = c.mentions.length === 0 ? CALLED.exec(objectPhrase(c.rest) ?? '')?.[1] : undefined;
  const into = actOf(c) === 'join' ? INTO_NAMED.exec(c.rest)?.[1] : undefined;
  const made = actOf(c) === 'join' ? madeSaid(c.rest)?.noun : undefined;
  // a sauce or a paste is found by what it is
  const own = made !== undefined && !MIXTURE.test(made) ? made : undefined;
  return (shaped ?? called ?? into ?? BECOMES.exec(said)?.[1] ?? own)?.toLowerCase() ?? null;
};

function nounOf(c: Located): string | null {
  const phrase = c.mentions.length === 0 && !/^(?:over|on|onto|in|into|to)\b/i.test(c.rest) ? objectPhrase(c.rest) : null;
  return (phrase && NOUN.exec(phrase)?.[1]?.toLowerCase()) || null;
}

const LEVEL =
  /\b(very low|low|gentle|medium[- ]low|medium[- ]high|med[- ]high|med|medium|moderate|high)\b(?=[ -](?:heat|flame)|$|[.,)]|\s+(?:and|for|until))/i;

/** The heat that a clause names: "over a medium heat", "turn down to low". */
export function levelOf(c: Located): string | null {
  const said = LEVEL.exec(`${c.rest} ${c.lead ?? ''}`.trim())?.[1]
    ?.toLowerCase()
    .replace('-', ' ')
    .replace(/^med\b/, 'medium');
  if (said) return said === 'medium high' ? 'medium-high' : said === 'medium low' ? 'medium-low' : said;
  return /^(?:reduce|lower|turn)$/.test(c.verb ?? '') && /\b(?:simmer|down|heat$)/i.test(c.rest) && kindOf(c.technique?.id) === 'turn-heat'
    ? 'low'
    : null;
}

/** "Mix with clean hands": no spoon is fetched for it. */
const BY_HAND = /\b(?:with|using|use)\s+(?:your\s+|clean\s+|wet\s+|damp\s+)*(?:hands|fingers|fingertips)\b/i;
const isUtensil = (id: string) => toolById(id)?.kind === 'utensil' && id !== 'timer';

/** "Bring together with a knife", "level it with a knife": nothing is cut. */
function bluntOf(c: Located, id: string): string {
  const { act, traits } = worksOf(c.technique?.id, c.technique?.like);
  const isBlunt =
    id === 'knife' &&
    !traits.has('blade') &&
    (act === 'join' || act === 'put' || act === 'touch') &&
    !/\b(?:sharp|tip|point|holes?|slits?)\b/i.test(c.rest);
  return isBlunt ? 'table-knife' : id;
}

/** "the tin" is another word for the roasting tray in use: nobody fetches a cake tin. */
function isOtherName(state: State, id: string, into: string | null): boolean {
  const kind = toolById(id)?.kind;
  if ((kind !== 'cookware' && kind !== 'container') || !isContainer(id) || id === into) return false;
  // "another frying pan", which is the second one
  if (into !== null && hasMark(into, 'second') && toolById(into)?.picture === id) return true;
  return into !== null && !state.steps.some((s) => s.into === id || s.tools?.includes(id));
}

/** Whether a technique's usual tool is not wanted here, since the recipe names another, or the food stands in something already. */
function replaced(id: string, named: string[], into: string | null): boolean {
  const kind = toolById(id)?.kind;
  if (named.includes(id)) return true;
  // paper cases need no paper beside them
  if (hasMark(id, 'covers') && hasMark(id, 'under')) return named.some((n) => n !== id && hasMark(n, 'lines'));
  if (id === 'lid') return named.some((n) => hasMark(n, 'covers'));
  if (kind === 'cookware' || kind === 'container') return (into !== null && isContainer(into)) || named.some((n) => isContainer(n));
  if (kind === 'utensil' && id !== 'timer') return named.some((n) => toolById(n)?.kind === 'utensil' && n !== 'timer');
  if (id === 'hob') return into === 'slow-cooker' || named.some((n) => ['microwave', 'slow-cooker', 'air-fryer', 'oven'].includes(n));
  if (id === 'board') return named.includes('plate');
  if (kind === 'cutting') return named.some((n) => toolById(n)?.kind === 'cutting');
  return false;
}
