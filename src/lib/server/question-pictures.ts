// The pictures beside the questions about a learner: drawn once for each look of hands.
import { PROFILE_QUESTIONS, stageOfQuestion } from '$core';
import { drawStage } from '../pictures/draw-stage';
import { standalone } from '../pictures/sprite';

const DRAWN = new Map<number, ReadonlyMap<string, string>>();

/** @param skin which of the five skins @returns a picture for each question, by its id */
export function questionPictures(skin: number): ReadonlyMap<string, string> {
  const known = DRAWN.get(skin);
  if (known) return known;
  const made = new Map(PROFILE_QUESTIONS.map((q) => [q.id, standalone(drawStage(stageOfQuestion(q), { skin }))]));
  DRAWN.set(skin, made);
  return made;
}
