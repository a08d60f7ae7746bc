// What has to be read in a picture: measures, a display, a dial.
import { findTemperature } from '../amount/temperature';
import type { World } from '../kitchen/index';
import type { Step } from '../plan/model';
import { toolById } from '../technique/tools';
import type { Act } from './acts';
import type { Dial, DrawnMeasure } from './stage';

const PARTS = new Map([
  ['½', 0.5],
  ['⅓', 0.33],
  ['¼', 0.25],
  ['⅔', 0.67],
  ['¾', 0.75],
  ['⅛', 0.125],
]);

/** "⅓ cup" -> a cup, a third of a whole one. A teaspoon is a third of a tablespoon. */
function shapeOf(label: string): Pick<DrawnMeasure, 'shape' | 'size'> {
  const shape = /jug|\bml\b|\bl\b/i.test(label) ? 'jug' : /tsp|tbsp|teaspoon|tablespoon/i.test(label) ? 'spoon' : 'cup';
  const part = PARTS.get(label.charAt(0)) ?? 1;
  return { shape, size: shape === 'spoon' && /tsp|teaspoon/i.test(label) ? part / 3 : Math.min(1, part) };
}

/** How a measure is drawn, by what stands on it. */
export const drawnMeasure = (label: string): Omit<DrawnMeasure, 'times'> => ({ label, ...shapeOf(label) });

export const measuresOf = (step: Pick<Step, 'fillings'>): DrawnMeasure[] =>
  step.fillings.map((f) => ({ label: f.label, times: f.times, ...shapeOf(f.label) }));

/** What a scale's display or a jug has to show: "200 g". */
export function readsOf({ text, uses }: Pick<Step, 'text' | 'uses'>): string | null {
  const m = /(\d+(?:[.,]\d+)?)\s*(kg|g|ml|l|oz|lb|fl oz|cups?)\b/i.exec(text);
  if (m) return `${m[1]} ${m[2]}`;
  const use = uses.find((u) => u.unit === 'g' || u.unit === 'ml');
  return use?.quantity ? `${use.quantity} ${use.unit}` : null;
}

const LEVELS: readonly [RegExp, number][] = [
  [/\blow/i, 1],
  [/\bmedium|\bmoderate/i, 2],
  [/\bhigh/i, 3],
];
const levelOf = (words: string | null | undefined) => (words ? (LEVELS.find(([p]) => p.test(words))?.[1] ?? null) : null);

/** What the hand turns, from where to where; null where nothing is turned. */
export function dialOf(step: Pick<Step, 'text' | 'level' | 'tools'>, world: World, act: Act): Dial | null {
  if (act.scene !== 'dial' && act.scene !== 'oven' && act.scene !== 'cooker') return null;
  const heat = findTemperature(step.text);
  const oven =
    act.form === 'oven' ||
    act.scene !== 'dial' ||
    step.tools.some((id) => id !== 'hob' && toolById(id)?.kind === 'appliance') ||
    /\boven\b/i.test(step.text);
  const before = levelOf(world.ring?.level) ?? (world.ring ? 2 : 0);
  const said =
    levelOf(step.text) ?? (/\bup\b/i.test(step.text) ? 3 : /\b(?:down|reduce|lower)\b/i.test(step.text) ? 1 : levelOf(step.level));
  const to = act.form === 'off' ? 0 : (said ?? 2);
  return { kind: oven ? 'oven' : 'hob', heat: heat ? shown(heat.text) : null, from: act.form === 'on' ? 0 : before || 2, to };
}

/** "400 °F (205 °C)" is two numbers; the dial shows the one that stands first. */
const shown = (text: string) => /\d+\s*°?\s*[CF]?/.exec(text)![0].replace(/\s+/g, ' ').trim();
