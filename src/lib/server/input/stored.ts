// Documents that the database holds, read with the same care as what comes in: an older program or another hand may have written them.
import { createHash } from 'node:crypto';
import { setImmediate } from 'node:timers/promises';
import {
  DEMANDS,
  HOWS,
  NO_PROFILE,
  PROCEDURES,
  PURPOSES,
  USUAL_LOOK,
  USUAL_MASTERY,
  USUAL_PROCEDURE,
  USUAL_RULE,
  type Criterion,
  type OwnLook,
  type InForce,
  type ProcedureId,
  type Differences,
  type Profile,
  type Purpose,
  type Controls,
  type Heights,
  type Hierarchy,
  type Ingredient,
  type Kitchen,
  type MasteryRule,
  type Reading,
  type Scope,
  type Step,
  type Swap,
} from '$core';
import { error } from '@sveltejs/kit';
import { ArrayMinSize, IsIn, IsInt, Max, Min } from 'class-validator';
import { LRUCache } from 'lru-cache';
import { check } from './check';
import { CriterionInput, MasteryInput, ScopeDoc, scopeFrom, StepsDoc, TeachingInput } from './goal';
import { ControlsInput, HeightsInput, MeasureInput, PlacesInput } from './kitchen';
import { PlanInput } from './plan';
import { IngredientInput, ReadingInput, SwapInput } from './recipe';
import { Text, Words } from './rules';
import { DifferencesInput, OwnLookInput, ProfileInput } from './learner';
import { Holds, isPlain, ListOf, Optional, Texts, type Class } from './shape';
import { StepInput } from './task';

class LevelDoc {
  @Words(40)
  id!: string;

  @Words(60)
  name!: string;

  @Words(2)
  letter!: string;

  @Text(200)
  say!: string;
}

class HierarchyDoc implements Hierarchy {
  @Words(40)
  id!: string;

  @Words(60)
  name!: string;

  @ArrayMinSize(2)
  @ListOf(() => LevelDoc, 20)
  levels!: LevelDoc[];
}

class RuleDoc {
  @IsInt()
  @Min(1)
  @Max(100)
  last!: number;

  @IsInt()
  @Min(1)
  @Max(100)
  days!: number;

  @IsInt()
  @Min(1)
  @Max(100)
  down!: number;
}

class NeedDoc {
  @IsIn(DEMANDS)
  demand!: (typeof DEMANDS)[number];

  @Optional()
  @IsIn([...new Set(Object.values(PURPOSES).flat())])
  of?: Purpose;

  @IsIn(HOWS)
  how!: (typeof HOWS)[number];
}

class IngredientsDoc {
  @ListOf(() => IngredientInput, 2000)
  all!: IngredientInput[];
}

class SwapsDoc {
  @ListOf(() => SwapInput, 2000)
  all!: SwapInput[];
}

class NeedsDoc {
  @ListOf(() => NeedDoc, 200)
  all!: NeedDoc[];
}

class LessonDoc {
  @Holds(() => HierarchyDoc)
  hierarchy!: HierarchyDoc;

  @Holds(() => RuleDoc)
  rule!: RuleDoc;

  @Holds(() => MasteryInput)
  mastery!: MasteryInput;
}

class InForceDoc implements InForce {
  @IsIn(PROCEDURES.map((p) => p.id))
  id!: ProcedureId;

  @IsInt()
  @Min(0)
  @Max(60)
  wait!: number;

  @IsInt()
  @Min(0)
  @Max(60)
  delay!: number;
}

/** Fingerprints of documents that were found good: most are read far more often than they change, and a check costs more than a fingerprint. */
const GOOD = new LRUCache<string, true>({ max: 40_000 });

/** Whether a document is what its class says; the first thing that is wrong with it where it is not. */
function wrongWith(cls: Class, doc: unknown): string | null {
  const print = createHash('sha1')
    .update(`${cls.name} ${JSON.stringify(doc)}`)
    .digest('base64');
  if (GOOD.has(print)) return null;
  const checked = check(cls, doc);
  if (checked.ok) GOOD.set(print, true);
  return checked.ok ? null : [...checked.problems][0].join(': ');
}

/** Tells the person on the page that the document belongs to. */
function tell(what: string, wrong: string): never {
  error(422, {
    message: `${what} cannot be shown: what is stored of it is not in a form that this program reads (${wrong.slice(0, 200)}). Nothing was changed. Tell whoever looks after the program.`,
  });
}

/** Answers the document if it is good; else tells. */
function orTell<T>(cls: Class, doc: unknown, what: string, held: T): T {
  const wrong = wrongWith(cls, doc);
  return wrong === null ? held : tell(what, wrong);
}

class OwnCardDoc {
  @Words(120)
  key!: string;

  @Text(4000)
  text!: string;

  @Texts(40, 400)
  lines!: string[];

  @IsIn(['learner', 'shared', 'adult'])
  who!: 'learner' | 'shared' | 'adult';

  /** Where he uses others than the class. */
  @Optional()
  @Texts(40, 60)
  tools?: string[];
}

class OwnCardsDoc {
  @ListOf(() => OwnCardDoc, 2000)
  all!: OwnCardDoc[];
}

/** One step of a lesson as the learner does it: what was in force when the lesson began. */
export type OwnCard = OwnCardDoc;
/** Own cards kept with a lesson; none where they cannot be read: the class's cards stand then. */
export const cardsOf = (all: unknown): OwnCard[] => (wrongWith(OwnCardsDoc, { all }) === null ? (all as OwnCard[]) : []);

/** Steps that are checked in one go: some 5 ms. A task without end lets others in between. */
const AT_ONCE = 40;

/** Steps are known one by one: an edit changes one of them. */
export async function storedSteps(all: unknown, what = 'These steps'): Promise<Step[]> {
  if (!Array.isArray(all)) tell(what, 'a list is expected here');
  for (const [i, step] of all.entries()) {
    const wrong = wrongWith(StepInput, step);
    if (wrong !== null) tell(what, `step ${i + 1}, ${wrong}`);
    if (i % AT_ONCE === AT_ONCE - 1) await setImmediate();
  }
  return all as Step[];
}

export const storedReading = (doc: unknown) => orTell(ReadingInput, doc, 'This recipe', doc as Reading);
export const storedIngredients = (all: unknown) => orTell(IngredientsDoc, { all }, 'This version', all as Ingredient[]);
export const storedSwaps = (all: unknown) => orTell(SwapsDoc, { all }, 'This recipe', all as Swap[]);

export type LessonRules = { hierarchy: Hierarchy; rule: { last: number; days: number; down: number }; mastery: MasteryRule };
export const storedLesson = (doc: LessonRules) => orTell(LessonDoc, doc, 'This lesson', doc);

/** Of several documents the good ones, where one bad one must not hide the others. */
export const isGoodLesson = (doc: LessonRules) => wrongWith(LessonDoc, doc) === null;
/** How help was given; what is no procedure, or was never said, is the usual one. */
export const procedureOf = (doc: unknown): InForce => (doc && wrongWith(InForceDoc, doc) === null ? (doc as InForce) : USUAL_PROCEDURE);
export const isGoodRoutine = (all: unknown): all is Step[] =>
  Array.isArray(all) && all.every((step) => wrongWith(StepInput, step) === null);
export const isGoodMeasure = (doc: unknown) => wrongWith(MeasureInput, doc) === null;
export const needsOf = (all: unknown): NeedDoc[] | null => (wrongWith(NeedsDoc, { all }) === null ? (all as NeedDoc[]) : null);
/** A learner nobody was asked about has an empty document; null where what is stored cannot be read. */
export const profileOf = (doc: unknown): Profile | null =>
  isPlain(doc) && Object.keys(doc).length === 0 ? NO_PROFILE : wrongWith(ProfileInput, doc) === null ? (doc as Profile) : null;
/** A screen that nobody set is the usual one. */
/** What was not asked when it was stored is as usual. */
export function ownLookOf(doc: unknown): OwnLook {
  const whole = isPlain(doc) ? { ...USUAL_LOOK, ...doc } : doc;
  return wrongWith(OwnLookInput, whole) === null ? (whole as OwnLook) : USUAL_LOOK;
}
export const differencesOf = (doc: unknown): Differences =>
  wrongWith(DifferencesInput, doc) === null ? (doc as Differences) : { words: [], answered: [] };
export const heightsOf = (doc: unknown): Heights => (wrongWith(HeightsInput, doc) === null ? (doc as Heights) : {});
export const controlsOf = (doc: unknown): Controls => (wrongWith(ControlsInput, doc) === null ? (doc as Controls) : {});
export const namesOf = (all: unknown): string[] => (Array.isArray(all) ? all.filter((n): n is string => typeof n === 'string') : []);
export const placesOf = (doc: unknown): Kitchen['places'] => (wrongWith(PlacesInput, doc) === null ? (doc as Kitchen['places']) : {});

/** Which revision of each routine a draft was asked about. */
export function settledOf(doc: unknown): Map<string, number> {
  const pairs = isPlain(doc) ? Object.entries(doc) : [];
  return new Map(pairs.filter((pair): pair is [string, number] => Number.isInteger(pair[1])));
}

/** What a goal is about; null where what is stored cannot be read. */
export const scopeOf = (doc: unknown): Scope | null =>
  wrongWith(ScopeDoc, { scope: doc }) === null ? scopeFrom(doc as ScopeDoc['scope']) : null;
export const criterionOf = (doc: unknown): Criterion | null => (wrongWith(CriterionInput, doc) === null ? (doc as Criterion) : null);
export const stepsOf = (all: unknown): { recipeId: string; key: string }[] =>
  wrongWith(StepsDoc, { all }) === null ? (all as StepsDoc['all']) : [];

/** The class's rules of teaching; the usual ones where it set none. */
export function teachingOf(doc: unknown): Pick<LessonRules, 'rule' | 'mastery'> {
  if (doc && wrongWith(TeachingInput, doc) === null) return doc as TeachingInput;
  const { last, days, down } = USUAL_RULE;
  return { rule: { last, days, down }, mastery: USUAL_MASTERY };
}

/** The plan of a lesson; null where there is none, or what is stored is not one: it is planned anew then. */
export const planOf = (doc: unknown): PlanInput | null =>
  doc === null || doc === undefined || wrongWith(PlanInput, doc) !== null ? null : (doc as PlanInput);

/** How many of each thing a kitchen has; what is no number is left out. */
export const countsOf = (doc: unknown): Map<string, number> =>
  new Map(Object.entries(isPlain(doc) ? doc : {}).filter((e): e is [string, number] => Number.isInteger(e[1]) && Number(e[1]) >= 0));
