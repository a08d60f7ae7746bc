// Faults of heat: an oven not hot in time, something left on, a hot thing with no glove or no stand under it.
import { kindOf } from '../../technique/lexicon';
import { toolById } from '../../technique/tools';
import { LEARNER_TIME_FACTOR, type Step, type TaskAnalysis } from '../model';
import type { Finding } from './model';

/** Minutes that an oven takes to heat (common practice). */
const PREHEAT_MINUTES = 10;

const nameOf = (tool: string) => toolById(tool)?.name ?? tool;

export function heatFindings({ steps }: TaskAnalysis): Finding[] {
  const found: Finding[] = [];
  const on = new Map<string, string>();
  let sinceOven: number | null = null;
  const firstWork = steps.find((s) => s.phase === 'prepare' || s.phase === 'cook')?.key ?? null;
  steps.forEach((step) => {
    const kind = kindOf(step.technique);
    const appliance = step.tools.find((t) => t === 'oven' || t === 'grill' || t === 'air-fryer');
    if (kind === 'preheat-oven') {
      on.set(appliance ?? 'oven', step.key);
      sinceOven = 0;
      return;
    }
    if (kind === 'hob-on') on.set(step.tools.includes('slow-cooker') ? 'slow-cooker' : 'hob', step.key);
    if (kind === 'turn-off') for (const tool of step.tools.length ? step.tools : [...on.keys()]) on.delete(tool);
    if (kind === 'bake' && step.technique !== 'air-fry') {
      const what = appliance ?? 'oven';
      const heater = steps.find((s) => kindOf(s.technique) === 'preheat-oven' && s.tools.includes(what));
      if (!on.has(what)) {
        found.push({
          code: 'not-preheated',
          stepKey: step.key,
          about: what,
          message: `The ${nameOf(what)} is not on yet at this step.`,
          mend: 'Turn it on before you start to prepare.',
          fix:
            heater && firstWork && heater.key !== firstWork
              ? { kind: 'move', key: heater.key, before: firstWork }
              : { kind: 'insert', before: firstWork, text: `Turn the ${nameOf(what)} on.`, technique: 'preheat-oven', tools: [what] },
        });
        on.set(what, step.key);
      } else if (sinceOven !== null && sinceOven < PREHEAT_MINUTES)
        found.push({
          code: 'not-preheated',
          stepKey: step.key,
          about: what,
          message: `The oven has been on for about ${Math.round(sinceOven)} minutes; it takes about ${PREHEAT_MINUTES}.`,
          mend: 'Turn it on earlier.',
          fix: heater && firstWork && heater.key !== firstWork ? { kind: 'move', key: heater.key, before: firstWork } : null,
        });
      sinceOven = null;
    }
    if (sinceOven !== null) sinceOven += step.minutes.active * LEARNER_TIME_FACTOR + step.minutes.waiting;
    found.push(...hotThingFindings(step));
  });
  for (const [tool, key] of on) {
    const last = steps.reduce((n, s, i) => (s.tools.includes(tool) || s.key === key ? i : n), -1);
    found.push({
      code: 'left-on',
      stepKey: key,
      about: nameOf(tool),
      message: `The ${nameOf(tool)} is turned on here and never turned off.`,
      mend: `Add the step “Turn off the ${nameOf(tool)}.”`,
      fix: {
        kind: 'insert',
        before: steps[last + 1]?.key ?? null,
        text: `Turn off the ${nameOf(tool)}.`,
        technique: 'turn-off',
        tools: [tool],
      },
    });
  }
  return found;
}

function hotThingFindings(step: Step): Finding[] {
  const found: Finding[] = [];
  const kind = kindOf(step.technique);
  if ((kind === 'bake' || kind === 'take-out-oven' || kind === 'take-off-heat') && !step.tools.includes('oven-gloves'))
    found.push({
      code: 'no-mitt',
      stepKey: step.key,
      about: 'oven gloves',
      message: 'A hot thing is held here without oven gloves.',
      mend: 'Add oven gloves to this step.',
      fix: { kind: 'tools', key: step.key, add: ['oven-gloves'] },
    });
  if ((kind === 'take-out-oven' || kind === 'take-off-heat') && !step.tools.some((t) => ['stand', 'wire-rack', 'hob', 'board'].includes(t)))
    found.push({
      code: 'hot-on-counter',
      stepKey: step.key,
      about: step.into ?? 'hot thing',
      message: 'It is not said where the hot thing is put down.',
      mend: 'Put it on a heatproof stand.',
      fix: { kind: 'tools', key: step.key, add: ['stand'] },
    });
  return found;
}
