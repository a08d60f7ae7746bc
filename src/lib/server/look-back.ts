// The record of learners as core takes it: lessons up to today, what is in force in them, and the steps of the recipes in their newest words.
import { stoppingLessons, type Goal, type HeldLesson, type KnownStep, type LearnerRecord, type MadeByLesson } from '$core';
import { aimsDecided, listDecisions, type DecisionRow } from './decisions';
import { inForceOf, readerOfKept, type InForceRow } from './in-force';
import { namesOf } from './input/stored';
import { IN_FORCE, inForceIn } from './lesson-rules';
import type { SchoolTrx } from './school-scope';
import { dayAfter, today } from './today';

export type Looked = { record: LearnerRecord; decisions: DecisionRow[] };
type Of = { id: string; name: string };
/**
 * Lessons of which days, both in, YYYY-MM-DD; without a last day those up to today. Or one lesson. `whole`: a learner of whom all come, and of the others
 * those that say what stops them in a recipe.
 */
type Days = { from?: string; until?: string; lesson?: string; whole?: { learner: string; recipe: string } };

/** The records of some learners. A handful of questions, however many there are. */
export async function recordsOf(trx: SchoolTrx, learners: readonly Of[], days: Days = {}): Promise<Looked[]> {
  const ids = learners.map((l) => l.id);
  const { lessons, kept } = await heldLessons(trx, ids, days);
  const recipeIds = [...new Set([...lessons.values()].flat().map((l) => l.recipeId))];
  const [steps, made, decisions, recipes] = await Promise.all([
    knownSteps(trx, recipeIds),
    madeOf(trx, lessons, kept),
    listDecisions(trx, ids),
    titlesOf(trx, recipeIds),
  ]);
  return learners.map((learner) => {
    const own = decisions.filter((d) => d.learnerId === learner.id);
    const held = lessons.get(learner.id) ?? [];
    return {
      record: {
        learner,
        lessons: held,
        made: made.get(learner.id) ?? new Map<string, never>(),
        steps,
        recipes,
        aims: aimsDecided(own),
      },
      decisions: own,
    };
  });
}

async function titlesOf(trx: SchoolTrx, recipeIds: readonly string[]): Promise<Map<string, string>> {
  if (recipeIds.length === 0) return new Map();
  const rows = await trx('recipe').where({ school_id: trx.school }).whereIn('id', recipeIds).select('id', 'title');
  return new Map(rows.map((r) => [r.id as string, r.title as string]));
}

/** Half a year says what a learner does now; a goal asks as far back as its baseline may lie. */
const CLASS_DAYS = 182;
const BEFORE_GOAL_DAYS = 90;
const MOST_DAYS = 365;

/** The records that say what is next, of the whole class or of one: as far back as open goals ask for, a year at most. Charts have all of it. */
export const recentRecords = (trx: SchoolTrx, learners: readonly Of[], goals: readonly Goal[]): Promise<Looked[]> =>
  recordsOf(trx, learners, { from: recentFrom(goals) });

/** A recipe and one of its learners: all that there is of him, what of it is recent, and what says where the class is stopped. */
export async function recordsAtRecipe(
  trx: SchoolTrx,
  learners: readonly Of[],
  goals: readonly Goal[],
  whole: { learner: string; recipe: string },
): Promise<{ whole: LearnerRecord; recent: Looked; all: LearnerRecord[] } | null> {
  const from = recentFrom(goals);
  const all = await recordsOf(trx, learners, { from, whole });
  const his = all.find((l) => l.record.learner.id === whole.learner);
  return his ? { whole: his.record, recent: { ...his, record: since(his.record, from) }, all: all.map((l) => l.record) } : null;
}

function since(record: LearnerRecord, from: string): LearnerRecord {
  const lessons = record.lessons.filter((l) => l.heldOn >= from);
  return { ...record, lessons, made: ofThese(record.made, lessons) };
}

/** What was made in these lessons. */
function ofThese(made: MadeByLesson, lessons: readonly HeldLesson[]): MadeByLesson {
  const known = new Set(lessons.map((l) => l.id));
  return new Map([...made].filter(([id]) => known.has(id)));
}

function recentFrom(goals: readonly Goal[]): string {
  const open = goals.filter((g) => g.putAwayOn === null).map((g) => dayAfter(g.since[0].day, -BEFORE_GOAL_DAYS));
  const first = [dayAfter(today(), -CLASS_DAYS), ...open].reduce((a, b) => (a < b ? a : b));
  const most = dayAfter(today(), -MOST_DAYS);
  return first > most ? first : most;
}

type Held = { lessons: Map<string, HeldLesson[]>; kept: Kept };
/** What those lessons came to, of each learner by lesson, where it is kept with them. */
type Kept = ReadonlyMap<string, ReadonlyMap<string, string>>;

async function heldLessons(
  trx: SchoolTrx,
  learnerIds: readonly string[],
  { from, until = today(), lesson: only, whole }: Days,
): Promise<Held> {
  const rows = await trx('lesson_learner as ll')
    .where('ll.school_id', trx.school)
    .whereIn('ll.learner_id', [...learnerIds])
    .join('lesson as l', function () {
      this.on('l.school_id', 'll.school_id').andOn('l.id', 'll.lesson_id');
    })
    .join('class_lesson as c', function () {
      this.on('c.school_id', 'l.school_id').andOn('c.id', 'l.class_lesson_id');
    })
    .whereNull('c.put_away_at')
    .where('l.held_on', '<=', until)
    .where(
      (q) =>
        void (
          from !== undefined && q.where('l.held_on', '>=', from).modify((p) => void (whole && p.orWhere('ll.learner_id', whole.learner)))
        ),
    )
    .where((q) => void (only !== undefined && q.where('l.id', only)))
    .orderBy(['l.held_on', 'l.created_at'])
    .select(
      'll.learner_id',
      'l.id',
      'l.recipe_id',
      'l.version',
      'l.held_on',
      'll.phase',
      'll.state',
      'll.chaining',
      'c.place',
      'll.fit_is',
      'll.kept',
      trx.raw(IN_FORCE),
    );
  const inForce = await inForceIn(trx, rows);
  const found = new Map<string, HeldLesson[]>();
  const kept = new Map(learnerIds.map((id): [string, Map<string, string>] => [id, new Map()]));
  for (const r of rows) {
    // one whose rules cannot be read is left out: its levels mean nothing
    const known = inForce(r);
    if (!known) continue;
    const lesson: HeldLesson = {
      id: r.id,
      recipeId: r.recipe_id,
      heldOn: r.held_on,
      phase: r.phase,
      state: r.state,
      version: r.version,
      ...known,
      chaining: r.chaining,
      own: r.fit_is,
      place: r.place,
    };
    const his = found.get(r.learner_id);
    if (his) his.push(lesson);
    else found.set(r.learner_id, [lesson]);
    if (r.kept !== null) kept.get(r.learner_id)?.set(lesson.id, r.kept as string);
  }
  if (whole) for (const [id, his] of found) if (id !== whole.learner) found.set(id, stoppingLessons(his, whole.recipe));
  return { lessons: found, kept };
}

/** Each step that any version of the recipes has had, as its newest version says it. */
async function knownSteps(trx: SchoolTrx, recipeIds: readonly string[]): Promise<KnownStep[]> {
  if (recipeIds.length === 0) return [];
  const rows = await trx('task_step as s')
    .where('s.school_id', trx.school)
    .whereIn('s.recipe_id', [...recipeIds])
    .distinctOn('s.recipe_id', 's.key')
    .orderBy(['s.recipe_id', 's.key', { column: 's.number', order: 'desc' }])
    .select(
      's.recipe_id',
      's.key',
      's.position',
      's.number',
      trx.raw(`s.step->>'text' as text, s.step->>'technique' as technique, s.step->>'phase' as phase, s.step->'hazards' as hazards`),
    );
  const newest = new Map<string, number>();
  for (const r of rows) newest.set(r.recipe_id, Math.max(newest.get(r.recipe_id) ?? 0, r.number));
  return rows
    .sort((a, b) => a.position - b.position)
    .map((r) => ({
      recipeId: r.recipe_id,
      key: r.key,
      text: r.text ?? '',
      technique: r.technique,
      hazards: namesOf(r.hazards),
      phase: r.phase ?? '',
      here: r.number === newest.get(r.recipe_id),
    }));
}

/** What is in force of each learner in his lessons: as it is kept with them, and of the others from their records. */
async function madeOf(trx: SchoolTrx, lessons: ReadonlyMap<string, readonly HeldLesson[]>, kept: Kept): Promise<Map<string, MadeByLesson>> {
  const read = readerOfKept();
  const found = new Map<string, Map<string, InForceRow[]>>();
  const others = new Map<string, Set<string>>();
  for (const [learner, his] of lessons) {
    const made = new Map<string, InForceRow[]>();
    found.set(learner, made);
    for (const { id } of his) {
      const text = kept.get(learner)?.get(id);
      if (text === undefined) others.set(learner, (others.get(learner) ?? new Set()).add(id));
      else if (text !== '') made.set(id, read(text));
    }
  }
  const ids = new Set([...others.values()].flatMap((of) => [...of]));
  for (const { learnerId, lessonId, made } of await inForceOf(trx, [...others.keys()], [...ids]))
    if (others.get(learnerId)?.has(lessonId)) found.get(learnerId)?.set(lessonId, made);
  return found;
}

/** Somebody looked at what was recorded with a recipe up to now. */
export async function markLooked(trx: SchoolTrx, recipeId: string): Promise<void> {
  await trx('looked_back')
    .insert({ school_id: trx.school, recipe_id: recipeId, until: trx.fn.now() })
    .onConflict(['school_id', 'class_id', 'recipe_id'])
    .merge(['until']);
}
