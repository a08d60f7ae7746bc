// Heavy work of the server, done in a thread of its own: reading a text, building steps, drawing cards. Pure: the same task gives the same answer.
import {
  buildTask,
  fitPrepared,
  prepareFit,
  type Prepared,
  buyingFamilies,
  type Fit,
  type Learner,
  type Family,
  readRecipe,
  stagesOf,
  type Kitchen,
  type Reading,
  type Recipe,
  type TaskAnalysis,
} from '../../../core/index';
import { drawStage } from '../../pictures/draw-stage';
import type { PenOptions } from '../../pictures/pen';
import { layPaper, type FormName } from '../../paper/index';
import type { Page, PaperData, PaperOptions } from '../../paper/model';
import { linesOnly } from '../../pictures/lines';
import { STRIP } from '../../pictures/pen';
import { spriteFor, standalone } from '../../pictures/sprite';

/** How pictures are drawn for a class or a learner. */
export type Look = PenOptions & { oneHand?: boolean; /** Black lines, no colours. */ line?: boolean };

/** One picture as a loop, and its three moments. */
export type Moving = { loop: string; strip: string[] };

export type Drawn = { svgs: string[]; sprite: string };

/** What the last fits started from: learners of one recipe come one after the other. */
let last: { of: string; prepared: Prepared } | null = null;
function preparedFor(task: TaskAnalysis, kitchen: Kitchen): Prepared {
  const of = JSON.stringify([task, kitchen]);
  if (last?.of !== of) last = { of, prepared: prepareFit(task, kitchen) };
  return last.prepared;
}

/** Each kind of work, by name: what it takes and what it gives. */
const WORK = {
  read: (source: string): Reading => readRecipe(source),
  build: (recipe: Recipe, kitchen: Kitchen): TaskAnalysis => buildTask(recipe, { grain: 'standard', kitchen }),
  fit: (task: TaskAnalysis, learners: Learner[], kitchen: Kitchen, brief: boolean): Fit[] => {
    const prepared = preparedFor(task, kitchen);
    return learners.map((learner) => fitPrepared(prepared, learner, { brief }));
  },
  families: (task: TaskAnalysis, learners: Learner[], kitchen: Kitchen): Family[] => buyingFamilies(task, learners, kitchen),
  draw: (task: TaskAnalysis, kitchen: Kitchen, look: Look): Drawn => {
    const svgs = stagesOf(task, { kitchen, oneHand: look.oneHand ?? false }).map((stage) => drawStage(stage, look));
    // a page may show the same tools in colour beside these: each holds its own
    return look.line ? { svgs: svgs.map((svg) => linesOnly(standalone(svg))), sprite: '' } : { svgs, sprite: spriteFor(svgs) };
  },
  moving: (task: TaskAnalysis, kitchen: Kitchen, look: Look, step: number): Moving => {
    const stage = stagesOf(task, { kitchen, oneHand: look.oneHand ?? false })[step];
    if (!stage) return { loop: '', strip: [] };
    const ink = look.line ? linesOnly : (svg: string) => svg;
    const draw = (at: number | 'loop', id: string) => ink(standalone(drawStage(stage, { ...look, at, id })));
    return { loop: draw('loop', `loop${step}`), strip: STRIP.map((at, i) => draw(at, `strip${step}-${i}`)) };
  },
  paper: (form: FormName, data: PaperData, options: PaperOptions): Page[] => layPaper(form, data, options),
};

export type Work = typeof WORK;
export type Job<K extends keyof Work = keyof Work> = { what: K; given: Parameters<Work[K]> };

/** Does one job; what a pool of threads calls. */
export default function work<K extends keyof Work>({ what, given }: Job<K>): ReturnType<Work[K]> {
  return (WORK[what] as unknown as (...all: Parameters<Work[K]>) => ReturnType<Work[K]>)(...given);
}
