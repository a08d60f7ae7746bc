// Adapted tools that several learners want at the same step: a kitchen mostly has one of each.
import type { Column } from './+page.server';

export type Clash = { tool: string; names: string[]; steps: number };

/** @param columns of the learners that have come, with their names; the tool that is wanted together most often goes first */
export function clashesOf(columns: readonly { name: string; column: Column }[]): Clash[] {
  const by = new Map<string, Clash>();
  const steps = columns[0]?.column.length ?? 0;
  for (let i = 0; i < steps; i++) {
    const wanted = new Map<string, { tool: string; names: string[] }>();
    for (const { name, column } of columns)
      for (const { id, name: tool } of column[i]?.tools ?? []) wanted.set(id, { tool, names: [...(wanted.get(id)?.names ?? []), name] });
    for (const [id, { tool, names }] of wanted) {
      if (names.length < 2) continue;
      const key = `${id} ${names.join()}`;
      by.set(key, { tool, names, steps: (by.get(key)?.steps ?? 0) + 1 });
    }
  }
  return [...by.values()].sort((a, b) => b.steps - a.steps);
}
