// Lessons of recipes: one recipe in a lesson of the class, its learners, and the rules that were in force.
import { LEARNING_PHASES, type Hierarchy, type InForce, type LearningPhase, type MasteryRule } from '$core';
import { cardsOf, namesOf, storedLesson, type LessonRules, type OwnCard } from './input/stored';
import { IN_FORCE, inForceIn } from './lesson-rules';
import { ownClass, type SchoolTrx } from './school-scope';

export const PHASES_OF_LEARNING = LEARNING_PHASES;
export type Phase = LearningPhase;
export type LearnerState = 'open' | 'finished' | 'missed';
export type LessonHead = {
  id: string;
  recipeId: string;
  version: number;
  heldOn: string;
  learnerId: string;
  phase: Phase;
  state: LearnerState;
};
/** With the hierarchy and the rules that were in force, which its figures are worked out with. */
export type LessonRow = LessonHead & LessonRules & { procedure: InForce };
type Begin = {
  id: string;
  recipeId: string;
  learnerId: string;
  version: number;
  heldOn: string;
  hierarchy: Hierarchy;
  phase: Phase;
  mastery: MasteryRule;
  rule: { last: number; days: number; down: number };
  /** The learner's own cards, where some are in use. */
  fit?: OwnCard[] | null;
};

/** A lesson of a learner’s class with nothing in it but its day: one that begins at once. */
async function beginClassLesson(trx: SchoolTrx, id: string, learnerId: string, heldOn: string): Promise<void> {
  const class_id = trx('learner').where({ school_id: trx.school, id: learnerId }).select('class_id');
  await trx('class_lesson')
    .insert({ school_id: trx.school, class_id, id, held_on: heldOn, begun_at: trx.fn.now() })
    .onConflict(['school_id', 'id'])
    .ignore();
}

/** Begins a lesson for one learner: a lesson of the class with one recipe and nobody else. The hierarchy and the rules in force are kept with it, so that its data keep their meaning. */
export async function beginLesson(trx: SchoolTrx, lesson: Begin): Promise<void> {
  await beginClassLesson(trx, lesson.id, lesson.learnerId, lesson.heldOn);
  await trx('lesson')
    .insert({
      school_id: trx.school,
      id: lesson.id,
      class_lesson_id: lesson.id,
      recipe_id: lesson.recipeId,
      version: lesson.version,
      held_on: lesson.heldOn,
      hierarchy: JSON.stringify(lesson.hierarchy),
      procedure: 'least to most',
      rule: JSON.stringify(lesson.rule),
      mastery: JSON.stringify(lesson.mastery),
    })
    .onConflict(['school_id', 'id'])
    .ignore();
  await trx('lesson_learner')
    .insert({
      school_id: trx.school,
      lesson_id: lesson.id,
      learner_id: lesson.learnerId,
      phase: lesson.phase,
      state: 'open',
      fit: lesson.fit ? JSON.stringify(lesson.fit) : null,
    })
    .onConflict(['school_id', 'lesson_id', 'learner_id'])
    .ignore();
}

const HEAD = ['l.id', 'l.recipe_id', 'l.version', 'l.held_on', 'll.learner_id', 'll.phase', 'll.state'];

/** Lessons that count: not those that somebody put away. */
function lessons(trx: SchoolTrx) {
  return trx('lesson as l')
    .where('l.school_id', trx.school)
    .join('lesson_learner as ll', function () {
      this.on('ll.school_id', 'l.school_id').andOn('ll.lesson_id', 'l.id');
    })
    .join('class_lesson as c', function () {
      this.on('c.school_id', 'l.school_id').andOn('c.id', 'l.class_lesson_id');
    })
    .whereNull('c.put_away_at');
}

/** A row as the driver gives it: each column is whatever the table holds. */
type Row = {
  [column in 'id' | 'recipe_id' | 'version' | 'held_on' | 'learner_id' | 'phase' | 'state' | 'hierarchy' | 'rule' | 'mastery']: never;
} & { own_hierarchy?: never; procedure?: never };

const headOf = (r: Row): LessonHead => ({
  id: r.id,
  recipeId: r.recipe_id,
  version: r.version,
  heldOn: r.held_on,
  learnerId: r.learner_id,
  phase: r.phase,
  state: r.state,
});

const rulesOf = (r: Row): LessonRules => ({ hierarchy: r.hierarchy, rule: r.rule, mastery: r.mastery });
/** The levels of help of one learner go before those of the lesson. */
const ownRules = (rules: LessonRules, own: Hierarchy | null | undefined): LessonRules => (own ? { ...rules, hierarchy: own } : rules);

/** The learner's own cards that were in force when the lesson began; empty where the class's were. */
export async function ownCardsOf(trx: SchoolTrx, lessonId: string, learnerId: string): Promise<Map<string, OwnCard>> {
  const row = await trx('lesson_learner').where({ school_id: trx.school, lesson_id: lessonId, learner_id: learnerId }).first('fit');
  return new Map(cardsOf(row?.fit).map((c) => [c.key, c]));
}

/** All lessons of one learner with one recipe, oldest first. */
export const lessonsOf = (trx: SchoolTrx, recipeId: string, learnerId: string): Promise<LessonRow[]> =>
  lessonsOfAll(trx, [recipeId], [learnerId]);

const lessonsWith = (trx: SchoolTrx, recipeIds: readonly string[], learnerIds: readonly string[]) =>
  lessons(trx)
    .whereIn('l.recipe_id', [...recipeIds])
    .whereIn('ll.learner_id', [...learnerIds])
    .orderBy('l.held_on')
    .orderBy('l.created_at');

/** Which lessons some learners had with some recipes, oldest first, for whoever asks nothing of their levels. */
export const headsOfAll = async (trx: SchoolTrx, recipeIds: readonly string[], learnerIds: readonly string[]): Promise<LessonHead[]> =>
  (await lessonsWith(trx, recipeIds, learnerIds).select(...HEAD)).map(headOf);

/** All lessons of some learners with some recipes, oldest first. One whose rules cannot be read is left out: its levels mean nothing. */
export async function lessonsOfAll(trx: SchoolTrx, recipeIds: readonly string[], learnerIds: readonly string[]): Promise<LessonRow[]> {
  const rows = await lessonsWith(trx, recipeIds, learnerIds).select(...HEAD, trx.raw(IN_FORCE));
  const inForce = await inForceIn(trx, rows);
  return rows.flatMap((r) => {
    const known = inForce(r);
    return known ? [Object.assign(headOf(r), known)] : [];
  });
}

/** The newest lessons of each recipe: what is looked at to know how it goes now. @param lessons oldest first */
export function newestOf(lessons: readonly LessonHead[], most: number): string[] {
  const byRecipe = new Map<string, Set<string>>();
  for (const { id, recipeId } of lessons) byRecipe.set(recipeId, (byRecipe.get(recipeId) ?? new Set()).add(id));
  return [...byRecipe.values()].flatMap((ids) => [...ids].slice(-most));
}

/** So many lessons of a recipe say how fast somebody works now. */
export const OF_PACE = 12;

/** Lessons of days that are over, begun and not finished, the newest first: they wait for somebody. */
export async function openLessons(
  trx: SchoolTrx,
  today: string,
): Promise<{ id: string; heldOn: string; title: string; learners: string[]; recorded: number }[]> {
  const rows = await trx('class_lesson as c')
    .where({ 'c.school_id': trx.school, 'c.class_id': ownClass(trx) })
    .whereNotNull('c.begun_at')
    .whereNull('c.ended_at')
    .whereNull('c.put_away_at')
    .where('c.held_on', '<', today)
    .orderBy('c.held_on', 'desc')
    .limit(20)
    .select(
      'c.id',
      'c.held_on',
      trx.raw(`(select string_agg(r.title, ', ' order by l.position) from lesson l
        join recipe r on r.school_id = l.school_id and r.id = l.recipe_id where l.school_id = c.school_id and l.class_lesson_id = c.id) as title`),
      trx.raw(`(select coalesce(json_agg(distinct p.name), '[]') from lesson l
        join lesson_learner ll on ll.school_id = l.school_id and ll.lesson_id = l.id
        join learner p on p.school_id = ll.school_id and p.id = ll.learner_id
        where l.school_id = c.school_id and l.class_lesson_id = c.id and ll.state = 'open') as learners`),
      trx.raw(`(select count(distinct (o.learner_id, o.lesson_id, o.step_key))::int from lesson l
        join observation o on o.school_id = l.school_id and o.lesson_id = l.id
        where l.school_id = c.school_id and l.class_lesson_id = c.id) as recorded`),
    );
  return rows
    .map((r) => ({ id: r.id, heldOn: r.held_on, title: r.title ?? '', learners: namesOf(r.learners), recorded: r.recorded }))
    .filter((l) => l.learners.length > 0);
}

/** Of some learners those who had a lesson with a recipe that has begun. */
export async function cookedBy<T extends { id: string }>(trx: SchoolTrx, recipeId: string, learners: readonly T[]): Promise<T[]> {
  const ids: string[] = await lessons(trx)
    .where({ 'l.recipe_id': recipeId })
    .whereNotNull('c.begun_at')
    .distinct('ll.learner_id')
    .pluck('ll.learner_id');
  return learners.filter((l) => ids.includes(l.id));
}

/**
 * What may be recorded in a lesson: of whom, with which levels of help, of which steps; and the lesson of the class that it is part of. One question,
 * since each tap asks it. Null where there is no such lesson.
 */
export async function lessonFrame(trx: SchoolTrx, lessonId: string): Promise<Frame | null> {
  const row = await trx('lesson as l')
    .join('class_lesson as c', function () {
      this.on('c.school_id', 'l.school_id').andOn('c.id', 'l.class_lesson_id');
    })
    .where({ 'l.school_id': trx.school, 'l.id': lessonId })
    .first(
      'l.hierarchy',
      'l.rule',
      'l.mastery',
      'c.id as whole',
      'c.begun_at',
      trx.raw(`(select coalesce(json_agg(json_build_object('id', ll.learner_id, 'own', ll.hierarchy)), '[]') from lesson_learner ll
        where ll.school_id = l.school_id and ll.lesson_id = l.id) as learners`),
      trx.raw(`(select coalesce(json_agg(s.key), '[]') from task_step s
        where s.school_id = l.school_id and s.recipe_id = l.recipe_id and s.number = l.version) as keys`),
    );
  if (!row) return null;
  const people = row.learners as { id: string; own: Hierarchy | null }[];
  const levels = people.map((p) => [p.id, storedLesson(ownRules(rulesOf(row as Row), p.own)).hierarchy] as const);
  return { learners: new Map(levels), stepKeys: new Set(row.keys as string[]), whole: row.whole, begun: row.begun_at !== null };
}
export type Frame = { learners: Map<string, Hierarchy>; stepKeys: Set<string>; whole: string; begun: boolean };
