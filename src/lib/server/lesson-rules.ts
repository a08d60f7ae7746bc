// What is in force in lessons of years: mostly the same rules and the same ways to help, so each is fetched and read once.
import type { Hierarchy, InForce } from '$core';
import { LRUCache } from 'lru-cache';
import { isGoodLesson, procedureOf, type LessonRules } from './input/stored';
import type { SchoolTrx } from './school-scope';

/** Columns, of `lesson as l` and `lesson_learner as ll`, that tell it. Few learners have levels of their own, which go before those of the lesson. */
export const IN_FORCE = 'l.rules_are, ll.hierarchy::text as own_levels, ll.procedure::text as how';
/** `rules_are`: a name for all that the rules say, the same where they say the same, whatever the school. */
type Told = { id: string; rules_are: string; own_levels: string | null; how: string | null };
type InForceThere = LessonRules & { procedure: InForce };

const MOST = 500;
/** Rules as they are stored, by their name. */
const stored = new LRUCache<string, LessonRules>({ max: MOST });
/** Rules that were read, by their name and the text of the learner's own levels. Nobody changes them. */
const readable = new LRUCache<string, LessonRules | 'no'>({ max: MOST });
const ways = new LRUCache<string, InForce>({ max: MOST });

/**
 * What is in force in some lessons.
 * @param rows with the columns of `IN_FORCE`
 * @returns the rules of a lesson for one learner, and how he is helped; null where the rules cannot be read: its levels mean nothing
 */
export async function inForceIn(trx: SchoolTrx, rows: readonly Told[]): Promise<(row: Told) => InForceThere | null> {
  const docs = await storedRules(trx, rows);
  return (row) => {
    const key = `${row.rules_are} ${row.own_levels}`;
    let rules = readable.get(key);
    if (rules === undefined) readable.set(key, (rules = readRules(docs.get(row.rules_are), row.own_levels)));
    return rules === 'no' ? null : { ...rules, procedure: wayOf(row.how) };
  };
}

async function storedRules(trx: SchoolTrx, rows: readonly Told[]): Promise<Map<string, LessonRules>> {
  const found = new Map<string, LessonRules>();
  const unknown = new Map<string, string>();
  for (const { id, rules_are } of rows) {
    const known = found.get(rules_are) ?? stored.get(rules_are);
    if (known) found.set(rules_are, known);
    else unknown.set(rules_are, id);
  }
  if (unknown.size === 0) return found;
  const fetched: (LessonRules & { rules_are: string })[] = await trx('lesson')
    .where({ school_id: trx.school })
    .whereIn('id', [...unknown.values()])
    .select('rules_are', 'hierarchy', 'rule', 'mastery');
  for (const { rules_are, hierarchy, rule, mastery } of fetched) {
    const rules = { hierarchy, rule, mastery };
    stored.set(rules_are, rules);
    found.set(rules_are, rules);
  }
  return found;
}

function readRules(doc: LessonRules | undefined, ownLevels: string | null): LessonRules | 'no' {
  if (!doc) return 'no';
  const rules = ownLevels === null ? doc : { ...doc, hierarchy: JSON.parse(ownLevels) as Hierarchy };
  return isGoodLesson(rules) ? rules : 'no';
}

function wayOf(text: string | null): InForce {
  const key = text ?? '';
  let way = ways.get(key);
  if (!way) ways.set(key, (way = procedureOf(text === null ? null : JSON.parse(text))));
  return way;
}
