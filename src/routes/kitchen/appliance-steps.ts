// Three steps that set heat, for pictures of how this kitchen does it.
import { plainStep, type Step } from '$core';

const step = (technique: string, text: string, more: Partial<Step>): Step =>
  plainStep({ key: `set-${technique}`, text, technique, phase: 'cook', ...more });

export const STEPS_OF: readonly Step[] = [
  step('hob-on', 'Turn the hob on to medium.', { tools: ['hob', 'saucepan'], into: 'saucepan' }),
  step('preheat-oven', 'Turn the oven on to 200 °C.', { tools: ['oven'] }),
  step('microwave', 'Microwave the bowl for 2 minutes.', {
    tools: ['microwave', 'bowl'],
    into: 'bowl',
    minutes: { active: 0, waiting: 2 },
  }),
];
