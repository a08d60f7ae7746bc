// Puts a line of the method into what reading has found so far.
import { joinsLast } from './broken-lines';
import { instructionText } from './line-score';
import { isTold, withoutLabel } from './method-lines';
import { type Draft, note } from './read-draft';

export function addInstruction(draft: Draft, text: string, line: number, raw: string): void {
  if (joinsLast(draft, text, line, raw)) return;
  const pieces = text.split(/(?<=[.!])\s+(?=\(?\d{1,2}[.)]\s+\p{L})/u);
  for (const piece of pieces) {
    const plain = instructionText(piece);
    if (!/\p{L}/u.test(plain)) continue;
    if (isTold(plain)) {
      note(draft, line, raw, 'note');
      continue;
    }
    const instruction = withoutLabel(plain.replace(/\s+/g, ' '));
    draft.recipe.instructions.push(instruction);
    note(draft, line, raw, 'instruction', draft.recipe.instructions.length - 1);
  }
}
