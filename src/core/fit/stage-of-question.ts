// The picture beside a question about a learner: an act that asks for what the question is about.
import type { ProfileQuestion } from './profile-questions';
import { USUAL_KITCHEN, type Step } from '../plan/model';
import { plainStep } from '../plan/plain-step';
import { techniqueById } from '../technique/lexicon';
import type { Stage } from '../picture/stage';
import { stageAlone } from '../picture/stage-of';

/** A step of no recipe, as the question has it. */
function stepOf({ id, shows }: ProfileQuestion): Step {
  const technique = shows.technique ? techniqueById(shows.technique) : null;
  return plainStep({
    key: `q-${id}`,
    text: shows.words,
    technique: shows.technique,
    phase: technique?.phase ?? 'prepare',
    tools: [...(shows.tools ?? technique?.tools ?? [])],
    uses: (shows.foods ?? []).map((item) => ({ ingredient: null, item, quantity: null, unit: null })),
    fillings: shows.measure ? [{ measure: '', label: shows.measure, times: 1 }] : [],
    hazards: [...(technique?.hazards ?? [])],
    into: shows.into ?? null,
    minutes: { active: 0, waiting: shows.minutes ?? 0 },
  });
}

/** The stage of what a question asks about, in a usual kitchen. */
export const stageOfQuestion = (question: ProfileQuestion): Stage => stageAlone(stepOf(question), [], USUAL_KITCHEN);
