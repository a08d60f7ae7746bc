import { expect, test } from 'vitest';
import type { Column } from './+page.server';
import { clashesOf } from './clashes';

const wants = (...tools: string[][]): Column =>
  tools.map((ids) => ({ who: 'learner', ways: [], allergen: false, tools: ids.map((id) => ({ id, name: `the ${id}` })) }));

test('a tool that two want at the same step is told once, with how often; what only one wants is nobody’s clash', () => {
  const columns = [
    { name: 'Ann', column: wants(['rocker-knife'], ['rocker-knife', 'rim-tray'], []) },
    { name: 'Bo', column: wants(['rocker-knife'], ['rocker-knife'], ['rim-tray']) },
    { name: 'Cy', column: wants([], ['rim-tray'], []) },
  ];
  expect(clashesOf(columns)).toEqual([
    { tool: 'the rocker-knife', names: ['Ann', 'Bo'], steps: 2, count: 1 },
    { tool: 'the rim-tray', names: ['Ann', 'Cy'], steps: 1, count: 1 },
  ]);
  // two low tables are enough for two
  const counts = new Map([['low-table', 2]]);
  const three = ['Ann', 'Bo', 'Cy'].map((name, i) => ({ name, column: wants(['low-table'], i < 2 ? ['low-table'] : []) }));
  expect(clashesOf(three, counts)).toEqual([{ tool: 'the low-table', names: ['Ann', 'Bo', 'Cy'], steps: 1, count: 2 }]);
  expect(clashesOf(three.slice(0, 2), counts)).toEqual([]);
  expect(clashesOf([])).toEqual([]);
});
