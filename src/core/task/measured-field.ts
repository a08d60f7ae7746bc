// A field that holds an amount with its unit: "1 1/2 cups".
import { readAmountField, type Quantity } from '../amount/quantity';
import { readUnit, type Unit } from '../amount/units';

/**
 * Reads an amount with its unit and nothing else.
 * @returns `why` in plain words where it is none
 * @example readMeasured('1 1/2 cups') // { quantity: '3/2', unit: 'cup' }
 */
export function readMeasured(field: string): { quantity: Quantity; unit: Unit } | { why: string } {
  const text = field.trim();
  const at = text.search(/[a-z]/i);
  const unit = at < 0 ? null : readUnit(text.slice(at));
  if (!unit || at + unit.length < text.length) return { why: 'Write an amount with its unit: 1 1/2 cups, 2 tbsp, 250 ml, 80 g.' };
  const amount = readAmountField(text.slice(0, at));
  if (!amount) return { why: 'How many? Write the number before the unit.' };
  if ('why' in amount) return amount;
  return { quantity: amount.max, unit: unit.unit };
}
