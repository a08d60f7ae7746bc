// Which steps must come before which: what was fetched, cut, put together or heated, before it is used; raw before clean never.
import type { Act } from '../../technique/works';
import { toolById } from '../../technique/tools';
import { SOILS } from '../../kitchen/index';
import type { Step } from '../../plan/model';
import { worksAt } from './minutes';

/** Acts whose vessel is one of many and holds only a portion: it orders nothing. */
const PORTION = new Set<Act>(['measure', 'ready']);
/** Appliances keep the order of their steps: on, in, out, off. A ring's order is its pan's. */
const isAppliance = (id: string) => toolById(id)?.kind === 'appliance' && id !== 'hob';
const RAW = new Set(['raw-meat', 'raw-fish', 'raw-egg']);

type Access = { writes: Set<string>; reads: Set<string> };

/** Whether fingers or tools are raw from it, until they are washed. */
const isRaw = (step: Step) => step.hazards.some((h) => RAW.has(h));

function accessOf(step: Step, ring: string | null): Access {
  const writes = new Set<string>();
  const reads = new Set<string>();
  const { act } = worksAt(step);
  for (const use of step.uses) if (use.ingredient !== null) writes.add(`food ${use.ingredient}`);
  for (const i of step.about ?? []) writes.add(`food ${i}`);
  const vessels = [step.from, step.base, PORTION.has(act) ? null : step.into];
  for (const id of vessels) if (id && toolById(id)?.kind !== 'surface') writes.add(`in ${id}`);
  for (const id of [...step.tools, step.into]) if (id && isAppliance(id)) writes.add(`on ${id}`);
  if ((act === 'ring-on' || act === 'ring-set' || act === 'off') && step.tools.includes('hob') && ring) writes.add(`in ${ring}`);
  for (const id of step.tools) {
    const soils = SOILS.has(toolById(id)?.kind ?? '') || toolById(id)?.kind === 'measure' || toolById(id) === undefined;
    // what is raw must not come before what is not, on one board: the order of the text keeps them apart
    if (act === 'fetch') writes.add(`got ${id}`);
    else reads.add(`got ${id}`);
    if (soils) (isRaw(step) || act === 'wash-tools' ? writes : reads).add(`clean ${id}`);
  }
  return { writes, reads };
}

/**
 * For each step, by its place, the steps that must be done before it. What shares nothing may go in any order. Serving comes after all cooking, what is put
 * away and cleaned after eating.
 */
export function stepsBefore(steps: readonly Step[]): Set<number>[] {
  const lastWrite = new Map<string, number>();
  const readers = new Map<string, number[]>();
  let ring: string | null = null;
  const before = steps.map((step, i) => {
    const set = new Set<number>();
    const { act } = worksAt(step);
    if (act === 'ring-on') ring = step.into;
    const { writes, reads } = accessOf(step, ring);
    for (const key of writes) {
      for (const r of readers.get(key) ?? []) set.add(r);
      if (lastWrite.has(key)) set.add(lastWrite.get(key)!);
    }
    for (const key of reads) if (lastWrite.has(key)) set.add(lastWrite.get(key)!);
    for (const key of writes) {
      lastWrite.set(key, i);
      readers.set(key, []);
    }
    for (const key of reads) if (!writes.has(key)) readers.set(key, [...(readers.get(key) ?? []), i]);
    set.delete(i);
    return set;
  });
  phaseOrder(steps, before);
  return before;
}

const COOKS = new Set(['prepare', 'cook']);

/** Serve after all cooking, eat after serving, clear away after eating; the tools go away once they are washed. */
function phaseOrder(steps: readonly Step[], before: Set<number>[]): void {
  const cooked = steps.flatMap((s, i) => (COOKS.has(s.phase) ? [i] : []));
  const served: number[] = [];
  const eaten = steps.findIndex((s) => worksAt(s).act === 'eat');
  const washed = steps.findIndex((s) => s.phase === 'clean' && worksAt(s).act === 'wash-tools');
  steps.forEach((s, i) => {
    if (s.phase === 'serve') {
      for (const k of [...cooked, ...served]) if (k < i) before[i]!.add(k);
      served.push(i);
    }
    if (s.phase !== 'store' && s.phase !== 'clean') return;
    for (const k of eaten >= 0 && eaten < i ? [eaten] : [...cooked, ...served]) if (k < i) before[i]!.add(k);
    if (s.phase === 'clean' && washed >= 0 && i > washed) before[i]!.add(washed);
  });
}
