// What there is only so much of: knives, rings, trays, places at the sink. A class that counted has its own numbers.
import { adaptedTool } from '../../technique/adapted-tools';
import { hasMark, toolById } from '../../technique/tools';

/** How many there usually are (common practice); shown as what was taken until the class has counted. */
const USUAL: ReadonlyMap<string, number> = new Map([
  ['hob', 4],
  ['oven', 2],
  ['tap', 2],
  ['knife', 4],
  ['board', 4],
  ['scale', 2],
]);

/** A thing that can be short: an appliance (one fridge holds what a class has), a blade, the tap, the board, the scale. Bowls and spoons are taken to be enough. */
export function isScarce(tool: string): boolean {
  if (USUAL.has(tool)) return true;
  if (adaptedTool(tool)) return true;
  const kind = toolById(tool)?.kind;
  return (kind === 'appliance' && !hasMark(tool, 'store')) || kind === 'cutting';
}

/** How many of a thing there are: what the class counted, else what is usual: two of a blade, one of an appliance or an adapted tool. */
export function countOf(thing: string, counted: ReadonlyMap<string, number>): number {
  return counted.get(thing) ?? USUAL.get(thing) ?? (!adaptedTool(thing) && toolById(thing)?.kind === 'cutting' ? 2 : 1);
}

/** Things that a class may count, by their tools' ids, for a page that asks. */
export const COUNTED: readonly string[] = [
  'hob',
  'oven',
  'tap',
  'knife',
  'board',
  'scale',
  'microwave',
  'kettle',
  'toaster',
  'can-opener',
  'grater',
  'peeler',
  'blender',
];
