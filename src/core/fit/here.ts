// Whether the tools of a way are in this kitchen.
import type { Kitchen } from '../plan/model';
import { adaptedTool } from '../technique/adapted-tools';
import type { Adaptation, Where } from './model';

/** A usual tool that nobody spoke of is here; an adapted one is not known. What a kitchen lacks, a household thing may stand in for. */
export function whereIs(tool: string, kitchen: Kitchen): Where {
  if (kitchen.tools.some((t) => t.id === tool)) return 'here';
  const adapted = adaptedTool(tool);
  const said = kitchen.lacks?.includes(tool) ?? false;
  if (!adapted) return said ? 'lacking' : 'here';
  const standIn = adapted.standIn?.tool;
  if (standIn && whereIs(standIn, kitchen) === 'here') return 'stand-in';
  return said ? 'lacking' : 'not-known';
}

const ORDER: readonly Where[] = ['here', 'stand-in', 'not-known', 'lacking'];

/** The worst of a way's tools. */
export const whereOf = (way: Adaptation, kitchen: Kitchen): Where =>
  way.tools.map((t) => whereIs(t, kitchen)).reduce<Where>((worst, w) => (ORDER.indexOf(w) > ORDER.indexOf(worst) ? w : worst), 'here');
