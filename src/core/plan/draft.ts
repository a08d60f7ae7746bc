// A step in the making: from a technique and what it is done to, everything else that a step carries is worked out here.
import { table } from '../amount/table';
import type { Quantity } from '../amount/quantity';
import { CLASS_FACTOR } from '../kitchen/index';
import { findFood } from '../recipe/food';
import type { Ingredient } from '../recipe/recipe';
import { techniqueById, kindOf } from '../technique/lexicon';
import { SUPERVISION, type Cue, type Demand, type Hazard, type Phase, type Supervision, type Technique } from '../technique/model';
import { objectPhrase } from './object-phrase';
import { asksOf } from '../technique/asks';
import { findTools, hasMark, toolById } from '../technique/tools';
import { worksOf } from '../technique/works';
import type { Filling, Step, Use } from './model';

export type Draft = {
  text: string;
  technique: string | null;
  sourceLine: number | null;
  uses?: Use[];
  tools?: string[];
  into?: string | null;
  /** Where the things are taken from, when they are not named one by one. */
  from?: string | null;
  /** Heat that the recipe names: "medium". */
  level?: string | null;
  /** What it speaks of without naming it, by ingredient: "them". */
  about?: number[];
  /** The pan on the ring, where what it works in stands over that. */
  base?: string | null;
  /** It says how long, or until when. */
  lasts?: boolean;
  /** Only a little of what it uses, the rest stays. */
  little?: boolean;
  /** What the recipe calls the mixture that it works on: "dough". */
  noun?: string | null;
  /** What the recipe calls what comes of it: "mix to a soft dough". */
  becomes?: string | null;
  thing?: string;
  fillings?: Filling[];
  small?: string[];
  minutes?: { active?: number; waiting?: number };
  cues?: Cue[];
  /** What its technique says of the end is not seen yet. */
  begins?: boolean;
  hazards?: Hazard[];
  demands?: Demand[];
  phase?: Phase;
  meanwhile?: string | null;
  /** The least that the recipe itself asks for. */
  supervision?: Supervision;
  /** Put in by the planner: the method does not say it. */
  put?: boolean;
  /** Said in the key, where two steps would else look alike. */
  name?: string;
};

const more = (a: Supervision, b: Supervision): Supervision => (SUPERVISION.indexOf(a) >= SUPERVISION.indexOf(b) ? a : b);

// The least supervision that each hazard asks for (handbook practice: an adult within reach of edges, heat and steam; nearby for raw food).
const LEAST: Record<Hazard, Supervision> = {
  sharp: 'within-reach',
  hot: 'within-reach',
  steam: 'within-reach',
  splash: 'within-reach',
  'raw-egg': 'nearby',
  'raw-meat': 'within-reach',
  'raw-fish': 'within-reach',
  'raw-flour': 'none',
  edge: 'nearby',
  electric: 'nearby',
  choking: 'nearby',
  allergen: 'none',
  slip: 'nearby',
};

/** What is raw of a kind that its ready-made sorts are not: "raw peeled prawns". */
const RAW_KINDS = table<Hazard>({ fish: 'raw-fish', shellfish: 'raw-fish', meat: 'raw-meat', poultry: 'raw-meat' });

const RAW = table<Hazard>({ egg: 'raw-egg', meat: 'raw-meat', poultry: 'raw-meat', fish: 'raw-fish', flour: 'raw-flour' });

/** The hazards that an ingredient brings while it is raw. */
export function rawHazard(one: Ingredient | undefined): Hazard | null {
  const food = one && findFood(one.item);
  if (!food || one.unit === 'can') return null;
  if (food.raw) return RAW.get(food.raw)!;
  return /\b(?:raw|uncooked)\b/i.test(one.item) ? (RAW_KINDS.get(food.category) ?? null) : null;
}

/** Of an action that nobody knows nothing says that it needs no adult; a person may say so. */
export const UNKNOWN_ACTION: Supervision = 'nearby';

/** The supervision that these hazards ask for at least. */
export function supervisionFor(hazards: readonly Hazard[], least: Supervision = 'none'): Supervision {
  return hazards.reduce<Supervision>((level, hazard) => more(level, LEAST[hazard]), least);
}

/** What a step demands beyond its technique, from its own amounts and words. */
function demandsOf(draft: Draft, technique: Technique | undefined): Demand[] {
  const asked = (technique && asksOf(technique.id, technique.like)) ?? [];
  const demands = new Set<Demand>([...asked.map((a) => a.demand), ...(draft.demands ?? [])]);
  const fillings = draft.fillings ?? [];
  if (kindOf(draft.technique) === 'measure') {
    demands.delete('count');
    demands.delete('fraction');
    if (fillings.some((f) => f.times > 1)) demands.add('count');
    if (fillings.some((f) => /[/½⅓⅔¼¾⅛]/.test(f.label))) demands.add('fraction');
    if (fillings.length === 0) demands.add('read-number');
  }
  if (/\d/.test(draft.text) && kindOf(draft.technique) !== 'measure') demands.add('read-number');
  return [...demands];
}

const SLUG = /[^a-z0-9]+/g;

/** Gives out keys that say where a step came from, and are the same each time the same recipe is built. */
export function keyMaker(): (draft: Draft) => string {
  const given = new Map<string, number>();
  return (draft) => {
    const about = (draft.name ?? draft.thing ?? '').toLowerCase().replace(/^the /, '').replace(SLUG, '-').slice(0, 24);
    const base = [draft.sourceLine ? `m${draft.sourceLine}` : 'r', draft.technique ?? 'step', about]
      .filter(Boolean)
      .join('-')
      .replace(/-+$/, '');
    const times = (given.get(base) ?? 0) + 1;
    given.set(base, times);
    return times === 1 ? base : `${base}-${times}`;
  };
}

const stems = (text: string) => (text.toLowerCase().match(/\p{L}{3,}/gu) ?? []).map((word) => word.replace(/(?:es|s)$/, ''));

/** "Top the oats with the berries": what is taken in the hand, where something is put. */
const withPhrase = (text: string): string | null => {
  const said = / with (.+?)[.!]?$/i.exec(text)?.[1];
  return said ? objectPhrase(/^(?:the|an?|some)\b/i.test(said) ? said : `the ${said}`) : null;
};

/** What a card says is acted on: a draft's thing is an ingredient, and its words may call that "the mixture", or come of a line before. */
function spokenOf({ thing, text, technique }: Draft): string {
  const told = new Set(stems(text));
  if (thing && stems(thing).some((word) => word !== 'the' && told.has(word))) return article(thing);
  const put = worksOf(technique, kindOf(technique)).act === 'put' ? withPhrase(text) : null;
  const said = put && findTools(put).length === 0 ? put : objectPhrase(text.replace(/^\S+\s+/, '').replace(/[.!]$/, ''));
  const object =
    said && !/^(?:it|them|this|these|that|everything)\b/i.test(said) ? said.replace(/[,;:(–].*$/, '').replace(AFTER_OBJECT, '') : null;
  return object ? article(object.charAt(0).toLowerCase() + object.slice(1)) : thing ? article(thing) : 'it';
}

/** How, not what: "the potato all over", "the beetroot coarsely". */
const AFTER_OBJECT =
  / (?:all (?:over|round|around)|away|down|back|apart|overnight|uncovered|covered|lengthways|lengthwise|crossways|if|when|just|\p{L}+ly)(?: .*)?$/iu;

/** "Pick up it" is no English. */
const inOrder = (line: string) => line.replace(/\b(up|out|down) (it|them)\b/g, '$2 $1');

const article = (text: string) => (/^(the|a|an|each|your|it|them|half|all|\d)\b/i.test(text) ? text : `the ${text}`);

/** Fills the small steps of a technique with this step's own things. */
function smallSteps(technique: Technique | undefined, draft: Draft): string[] {
  if (draft.small) return draft.small;
  const ownTool = draft.tools?.find(
    (id) => ['utensil', 'cutting', 'cookware', 'measure'].includes(toolById(id)?.kind ?? '') || hasMark(id, 'bare') || hasMark(id, 'under'),
  );
  const named = findTools(withPhrase(draft.text) ?? '')[0]?.tool.id;
  const tool = `the ${toolById(named ?? ownTool ?? technique?.tools[0] ?? '')?.name ?? 'spoon'}`;
  const place = `the ${toolById(draft.into ?? '')?.name ?? 'bowl'}`;
  const thing = spokenOf(draft);
  return (technique?.small ?? []).map((line) =>
    inOrder(line.replace(/\{(thing|tool|place)\}/g, (_all, name: string) => (name === 'thing' ? thing : name === 'tool' ? tool : place))),
  );
}

/** A full step from a draft. `phase` is the one it falls in where the draft names none. */
export function stepOf(draft: Draft, key: string, phase: Phase): Step {
  const technique = draft.technique ? techniqueById(draft.technique) : undefined;
  const tools = [...new Set(draft.tools ?? technique?.tools ?? [])];
  const hazards = new Set<Hazard>([...(technique?.hazards ?? []), ...(draft.hazards ?? [])]);
  for (const id of tools) if (toolById(id)?.kind === 'cutting') for (const hazard of toolById(id)!.hazards) hazards.add(hazard);
  const list = [...hazards];
  const step: Step = {
    key,
    text: draft.text,
    technique: draft.technique,
    phase: draft.phase ?? phase,
    sourceLine: draft.sourceLine,
    uses: draft.uses ?? [],
    tools,
    into: draft.into ?? null,
    fillings: draft.fillings ?? [],
    hazards: list,
    supervision: supervisionFor(list, more(technique?.supervision ?? UNKNOWN_ACTION, draft.supervision ?? 'none')),
    cues: [...(draft.cues ?? []), ...((draft.begins ? [] : technique?.cues) ?? [])],
    minutes: { active: draft.minutes?.active ?? technique?.minutes.active ?? 0.5, waiting: draft.minutes?.waiting ?? 0 },
    demands: demandsOf(draft, technique),
    small: smallSteps(technique, draft),
    meanwhile: draft.meanwhile ?? null,
  };
  if (draft.from) step.from = draft.from;
  if (draft.level) step.level = draft.level;
  if (draft.little) step.little = true;
  if (draft.lasts) step.lasts = true;
  if (draft.base) step.base = draft.base;
  if (draft.about?.length) step.about = draft.about;
  return step;
}

/** A use of a whole ingredient, or of part of it. */
export function useOf(ingredients: readonly Ingredient[], index: number, quantity: Quantity | null = null, unit: Use['unit'] = null): Use {
  const one = ingredients[index]!;
  return { ingredient: index, item: one.item, quantity: quantity ?? one.min, unit: quantity === null ? one.unit : unit };
}

/** Minutes of a step in the making on the clock of a lesson: hands of a class take longer than an adult's. */
export const minutesOfDraft = (d: Draft): number =>
  (d.minutes?.active ?? techniqueById(d.technique ?? '')?.minutes.active ?? 0.5) * CLASS_FACTOR + (d.minutes?.waiting ?? 0);
