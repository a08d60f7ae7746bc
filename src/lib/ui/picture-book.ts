// The pictures of a list of steps that changes: what stays as it was is not drawn again.
import { stagesOf, type Kitchen, type TaskAnalysis } from '$core';
import { drawStage } from '$lib/pictures/draw-stage';
import type { PenOptions } from '$lib/pictures/pen';

/** So many pictures are kept; a list is never longer (core's MOST_STEPS). */
const MOST_KEPT = 1200;

export class PictureBook {
  #drawn = new Map<string, string>();

  /** @param look how pictures are drawn in this class */
  constructor(private look: PenOptions) {}

  /** @returns the picture of each step, by its key */
  draw(task: TaskAnalysis, kitchen: Kitchen): Map<string, string> {
    if (this.#drawn.size > MOST_KEPT) this.#drawn.clear();
    return new Map(
      stagesOf(task, { kitchen }).map((stage) => {
        const what = JSON.stringify(stage);
        let svg = this.#drawn.get(what);
        if (svg === undefined) this.#drawn.set(what, (svg = drawStage(stage, this.look)));
        return [stage.stepKey, svg];
      }),
    );
  }
}
