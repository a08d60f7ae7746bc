// Adapted tools that more learners want at the same step than there are of them.
import { countOf } from '$core';
import type { Column } from './+page.server';

/** `count`: how many there are. */
export type Clash = { tool: string; names: string[]; steps: number; count: number };

/**
 * @param columns of the learners that have come, with their names; the tool that is wanted together most often goes first
 * @param counts how many of a tool there are, where somebody has counted; one of what nobody has
 */
export function clashesOf(columns: readonly { name: string; column: Column }[], counts: ReadonlyMap<string, number> = new Map()): Clash[] {
  const by = new Map<string, Clash>();
  const steps = columns[0]?.column.length ?? 0;
  for (let i = 0; i < steps; i++) {
    const wanted = new Map<string, { tool: string; names: string[] }>();
    for (const { name, column } of columns)
      for (const { id, name: tool } of column[i]?.tools ?? []) wanted.set(id, { tool, names: [...(wanted.get(id)?.names ?? []), name] });
    for (const [id, { tool, names }] of wanted) {
      const count = countOf(id, counts);
      if (names.length < 2 || names.length <= count) continue;
      const key = `${id} ${names.join()}`;
      by.set(key, { tool, names, steps: (by.get(key)?.steps ?? 0) + 1, count });
    }
  }
  return [...by.values()].sort((a, b) => b.steps - a.steps);
}
