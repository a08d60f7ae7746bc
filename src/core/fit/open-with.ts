// What a kitchen does not have, or nobody has said it has, and what it would open: the second search, with all tools.
import { adaptationById } from './catalogue/index';
import { toolsBy } from './costs';
import { whereIs } from './here';
import { bestOf, type Best, type Prepared } from './best';
import type { Fit, Learner, OwnTask } from './model';

/** A step is open where the learner does it alone and learns the same skill. */
function openSteps(best: Best): Map<string, string[]> {
  const open = new Map<string, string[]>();
  for (const { class: c, priced } of best.found.chosen)
    for (const i of c.steps) {
      const { cost, way } = priced;
      if (way.who === 'learner' && cost.modified === 0)
        open.set(
          best.sites[i]!.step.key,
          way.of.flatMap((w) => w.tools),
        );
    }
  return open;
}

/** Tools to buy for this learner and recipe, and the steps that each set of them would open; nothing where nothing is gained. */
export function opensWith(prepared: Prepared, learner: Learner, today: Best, own: OwnTask): Pick<Fit, 'toBuy' | 'opens'> {
  const { kitchen } = prepared;
  const now = openSteps(today);
  const lacking = (t: string) => whereIs(t, kitchen) === 'lacking';
  const gains = new Map<string, { tools: string[]; steps: string[] }>();
  const note = (tools: readonly string[], key: string) => {
    const name = [...tools].sort().join();
    const held = gains.get(name) ?? { tools: [...tools], steps: [] };
    held.steps.push(key);
    gains.set(name, held);
  };
  if (kitchen.lacks?.length) {
    const then = openSteps(bestOf(prepared, learner, true));
    for (const [key, tools] of then) {
      const missing = [...new Set(tools.filter(lacking))];
      if (!now.has(key) && missing.length > 0) note(missing, key);
    }
  }
  // what the learner's steps as they stand rely on, and nobody has said is here
  for (const step of own.steps) {
    const ways = (step.fitted?.by ?? []).flatMap((id) => adaptationById(id) ?? []);
    const unknown = [...new Set(ways.flatMap((w) => toolsBy(w, kitchen).unknown))];
    if (unknown.length > 0) note(unknown, step.key);
  }
  const opens = [...gains.values()].filter((g) => g.tools.length > 0).sort((a, b) => b.steps.length - a.steps.length);
  return { toBuy: [...new Set(opens.flatMap((g) => g.tools))], opens };
}
