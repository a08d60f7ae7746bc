// Two lists side by side, as a worksheet has them: "INGREDIENTS    EQUIPMENT", and in each line below a food and a tool. They are put one below the other.
import { sectionOf } from './headings';

const GAP = /\s*(?:\t+|\s{2,})\s*/;

/** A line in its two columns; null where it has one. What stands far in from the edge is of the second. */
function cellsOf(line: string): [string, string] | null {
  if (/^(?:\t| {4})\s*\S/.test(line)) return ['', line.trim()];
  const [left, ...right] = line.trim().split(GAP);
  return right.length > 0 && left ? [left, right.join(' ')] : null;
}

/** Both cells head a list of their own. */
const isHead = (cells: [string, string] | null): cells is [string, string] =>
  cells !== null && cells.every((cell) => sectionOf(cell) !== null) && sectionOf(cells[0]) !== sectionOf(cells[1]);

/**
 * The lines of a text with lists that stand side by side put one below the other; all else as it is.
 * @example columnsApart(['Ingredients   Equipment', '1 onion   knife', '1 egg   pan']) // ['Ingredients', '1 onion', '1 egg', '', 'Equipment', 'knife', 'pan', '']
 */
export function columnsApart(lines: readonly string[]): string[] {
  const at = lines.findIndex((line) => isHead(cellsOf(line)));
  if (at < 0) return [...lines];
  const head = cellsOf(lines[at]!)!;
  const below = lines.slice(at + 1);
  const length = below.findIndex((line) => line.trim() === '' || (cellsOf(line) === null && sectionOf(line.trim()) !== null));
  const body = length < 0 ? below : below.slice(0, length);
  const rows = body.map((line) => cellsOf(line) ?? [line.trim(), '']);
  if (rows.filter(([left, right]) => left && right).length < 2) return [...lines];
  const columns = [0, 1].flatMap((k) => [head[k]!, ...rows.map((row) => row[k]!).filter(Boolean), '']);
  return [...lines.slice(0, at), ...columns, ...columnsApart(below.slice(body.length))];
}
