// Heavy work of the server, done in a thread of its own: reading a text, building steps, drawing cards. Pure: the same task gives the same answer.
import {
  buildTask,
  describeCard,
  fitPrepared,
  prepareFit,
  buyingFamilies,
  type Fit,
  type Learner,
  type Family,
  readRecipe,
  type Kitchen,
  type Reading,
  type Recipe,
  type Step,
  type TaskAnalysis,
} from '../../../core/index';
import { drawCard, spriteFor } from '../../pictures/draw-card';

export type Drawn = { svgs: string[]; sprite: string };

/** Each kind of work, by name: what it takes and what it gives. */
const WORK = {
  read: (source: string): Reading => readRecipe(source),
  build: (recipe: Recipe, kitchen: Kitchen): TaskAnalysis => buildTask(recipe, { grain: 'standard', kitchen }),
  fit: (task: TaskAnalysis, learners: Learner[], kitchen: Kitchen, brief: boolean): Fit[] => {
    const prepared = prepareFit(task, kitchen);
    return learners.map((learner) => fitPrepared(prepared, learner, { brief }));
  },
  families: (task: TaskAnalysis, learners: Learner[], kitchen: Kitchen): Family[] => buyingFamilies(task, learners, kitchen),
  draw: (steps: Step[]): Drawn => {
    const svgs = steps.map((step) => drawCard(describeCard(step)));
    return { svgs, sprite: spriteFor(svgs) };
  },
};

export type Work = typeof WORK;
export type Job<K extends keyof Work = keyof Work> = { what: K; given: Parameters<Work[K]> };

/** Does one job; what a pool of threads calls. */
export default function work<K extends keyof Work>({ what, given }: Job<K>): ReturnType<Work[K]> {
  return (WORK[what] as unknown as (...all: Parameters<Work[K]>) => ReturnType<Work[K]>)(...given);
}
