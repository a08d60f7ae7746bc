import { buildTask, describeCard, HIERARCHIES, readRecipe } from '$core';
import { drawCard, spriteFor } from '$lib/pictures/draw-card';

// A living page of the components in use, from a recipe that is built anew each time.
export const load = () => {
  const steps = buildTask(
    readRecipe('Oats\n1/2 cup oats\n1 banana, sliced\nPut the oats in a bowl. Wait 5 minutes. Add the banana to the bowl.').recipe,
    { grain: 'standard' },
  ).steps;
  const cards = steps
    .filter((s) => s.phase === 'prepare')
    .map((s) => ({ key: s.key, text: s.text, hazards: s.hazards, svg: drawCard(describeCard(s)) }));
  return { title: 'Design', cards, sprite: spriteFor(cards.map((c) => c.svg)), hierarchy: HIERARCHIES[0] };
};
