import { buildTask, HIERARCHIES, readRecipe, stagesOf } from '$core';
import { drawStage } from '$lib/pictures/draw-stage';
import { spriteFor } from '$lib/pictures/sprite';

// A living page of the components in use, from a recipe that is built anew each time.
export const load = () => {
  const task = buildTask(
    readRecipe('Oats\n1/2 cup oats\n1 banana, sliced\nPut the oats in a bowl. Wait 5 minutes. Add the banana to the bowl.').recipe,
    { grain: 'standard' },
  );
  const stages = stagesOf(task);
  const cards = task.steps
    .map((s, i) => ({ key: s.key, text: s.text, hazards: s.hazards, phase: s.phase, svg: drawStage(stages[i]) }))
    .filter((s) => s.phase === 'prepare');
  return { title: 'Design', cards, sprite: spriteFor(cards.map((c) => c.svg)), hierarchy: HIERARCHIES[0] };
};
