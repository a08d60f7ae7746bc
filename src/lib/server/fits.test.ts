import { buildTask, fitTask, learnerOf, NO_PROFILE, readRecipe, USUAL_KITCHEN, type OwnTask } from '$core';
import { expect, test } from 'vitest';
import { ownCards } from './fits';
import type { VersionRow } from './tasks';

const task = buildTask(readRecipe('Carrots\n\n2 carrots\n\nMethod\nWash the carrots. Slice the carrots. Put them in a bowl.').recipe, {
  grain: 'standard',
});
const version = { number: 1, steps: task.steps } as VersionRow;

test('a card that a lesson keeps says which tools are the learner’s own, and is silent where they are the class’s', () => {
  const learner = learnerOf({ ...NO_PROFILE, answers: [{ q: 'hands', a: 'one' }] });
  const kitchen = { ...USUAL_KITCHEN, tools: [{ id: 'rocker-knife', place: 'drawer 2' }] };
  const cards = ownCards(fitTask(task, learner, kitchen), version);
  const slice = task.steps.find((s) => s.technique === 'slice')!;
  expect(cards.map((c) => c.key)).toEqual(task.steps.map((s) => s.key));
  expect(cards.find((c) => c.key === slice.key)?.tools).toContain('rocker-knife');
  const unchanged = cards.filter((c) => !c.tools).map((c) => c.key);
  expect(unchanged.length).toBeGreaterThan(3);
  // nobody's own: the class's cards as they are
  const plain = ownCards(fitTask(task, learnerOf(NO_PROFILE), kitchen), version);
  expect(plain.filter((c) => c.tools)).toEqual([]);
});
test('a step that only the learner has stands as a line on the next one', () => {
  const fit = fitTask(task, learnerOf(NO_PROFILE));
  const own = { ...fit.task.steps[1], key: 'own', text: 'Put on your gloves.' };
  const steps: OwnTask['steps'] = [fit.task.steps[0], own, ...fit.task.steps.slice(1)];
  const cards = ownCards({ ...fit, task: { ...fit.task, steps } }, version);
  expect(cards[1].lines).toEqual(['Put on your gloves.']);
  expect(cards.map((c) => c.key)).toEqual(task.steps.map((s) => s.key));
});
