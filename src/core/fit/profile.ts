// A learner's profile, and the learner that its answers make.
import type { Allergen } from '../recipe/allergens';
import type { Demand, Hazard } from '../technique/model';
import type { Learner, Need } from './model';
import { PROFILE_QUESTIONS, type Choice, type ProfileQuestion } from './profile-questions';

/** A rule of a plan: who said so, and when to look at it again (a day, or empty). */
export type NeverRule = { hazard: Hazard; said: string; again: string };
export type WayNoted = { way: string; by: string; at: string; why?: string };
export type Profile = {
  answers: readonly { q: string; a: string }[];
  allergies: readonly Allergen[];
  never: readonly NeverRule[];
  kept: readonly WayNoted[];
  refused: readonly WayNoted[];
};

export const NO_PROFILE: Profile = { answers: [], allergies: [], never: [], kept: [], refused: [] };

const chosen = (profile: Profile): Choice[] =>
  profile.answers.flatMap(({ q, a }) => PROFILE_QUESTIONS.find((x) => x.id === q)?.choices.find((c) => c.id === a) ?? []);

/**
 * The learner that the answers make; `before` are needs that were known before there were questions: an answer about the same demand goes before them.
 * An unknown question or answer is passed over: it is as if it had not been asked.
 */
export function learnerOf(profile: Profile, before: readonly Need[] = []): Learner {
  const choices = chosen(profile);
  const answered = new Set(choices.flatMap((c) => [...c.needs, ...c.has].filter((n) => n.of === undefined).map((n) => n.demand)));
  const last = <K extends 'hand' | 'reads' | 'countsTo'>(key: K) => choices.findLast((c) => c[key] !== undefined)?.[key];
  const [hand, reads, countsTo] = [last('hand'), last('reads'), last('countsTo')];
  return {
    needs: [...before.filter((n) => !answered.has(n.demand)), ...choices.flatMap((c) => c.needs)],
    has: choices.flatMap((c) => c.has),
    ...(hand ? { hand } : {}),
    ...(reads ? { reads } : {}),
    ...(countsTo !== undefined ? { countsTo } : {}),
    allergies: profile.allergies,
    never: profile.never.map((n) => n.hazard),
    kept: profile.kept.map((k) => k.way),
    refused: profile.refused.map((r) => r.way),
  };
}

/** The question that asks about a demand; undefined where none does. */
export const questionAbout = (demand: Demand): ProfileQuestion | undefined => PROFILE_QUESTIONS.find((q) => q.about.includes(demand));
