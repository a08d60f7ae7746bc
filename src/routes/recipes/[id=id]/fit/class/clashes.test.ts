import { expect, test } from 'vitest';
import type { Column } from './+page.server';
import { clashesOf } from './clashes';

const wants = (...tools: string[][]): Column =>
  tools.map((ids) => ({ who: 'learner', ways: [], allergen: false, tools: ids.map((id) => ({ id, name: `the ${id}` })) }));

test('a tool that two want at the same step is told once, with how often; what only one wants is nobody’s clash', () => {
  const columns = [
    { name: 'Ann', column: wants(['knife'], ['knife', 'mat'], []) },
    { name: 'Bo', column: wants(['knife'], ['knife'], ['mat']) },
    { name: 'Cy', column: wants([], ['mat'], []) },
  ];
  expect(clashesOf(columns)).toEqual([
    { tool: 'the knife', names: ['Ann', 'Bo'], steps: 2 },
    { tool: 'the mat', names: ['Ann', 'Cy'], steps: 1 },
  ]);
  expect(clashesOf([])).toEqual([]);
});
