// The forty cases: what is proposed is what a therapist would accept, and never the mistake.
import { expect, test } from 'vitest';
import { ADAPTED_TOOLS, buildTask, fitTask, readRecipe, techniqueById, USUAL_KITCHEN, type Kitchen } from '../../src/core/index';
import { CASES, type Case } from './cases';

const isAt = (c: Case, step: { text: string; technique: string | null }) =>
  typeof c.at === 'string' ? step.technique === c.at || techniqueById(step.technique ?? '')?.like === c.at : c.at.test(step.text);

function proposed(c: Case): { ways: string[]; who: string; text: string } {
  const kitchen: Kitchen = {
    ...USUAL_KITCHEN,
    tools: ADAPTED_TOOLS.filter((t) => !c.lacks?.includes(t.id)).map((t) => ({ id: t.id, place: '' })),
    ...(c.lacks ? { lacks: c.lacks } : {}),
  };
  const task = buildTask(readRecipe(c.recipe).recipe, { grain: 'standard', kitchen });
  const step = task.steps.find((s) => isAt(c, s) && (c.at instanceof RegExp || s.phase !== 'gather'));
  expect(step, `${c.name}: no such step in\n${task.steps.map((s) => `${s.technique}: ${s.text}`).join('\n')}`).toBeDefined();
  const fit = fitTask(task, c.learner, kitchen);
  const own = fit.steps.find((s) => s.key === step!.key)!;
  const text = fit.task.steps.find((s) => s.key === step!.key)!.text;
  const ways = [
    ...own.chosen.map((w) => w.id),
    ...(text !== step!.text && c.learner.allergies ? ['swap'] : []),
    ...fit.shown.map((w) => w.id),
  ];
  return { ways, who: own.who, text };
}

test.each(CASES.map((c) => [c.name, c] as const))('%s', (_, c) => {
  const { ways, who, text } = proposed(c);
  const said = [
    ...ways,
    ...(who === 'adult' ? ['adult'] : []),
    ...(who === 'shared' ? ['share'] : []),
    ...(ways.length === 0 && who === 'learner' ? ['none'] : []),
  ];
  const told = `${text} [${said.join()}]`;
  expect(
    said.some((w) => c.accept.includes(w)),
    `${told} has none of ${c.accept.join()}`,
  ).toBe(true);
  expect(
    said.filter((w) => c.mistake.includes(w)),
    told,
  ).toEqual([]);
  for (const w of c.notAlone ?? []) if (ways.includes(w)) expect(ways.length, `${told}: ${w} alone`).toBeGreaterThan(1);
});
