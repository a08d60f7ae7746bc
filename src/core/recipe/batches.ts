// Making things in rounds: three at a time in this pan, three rounds.
import { table } from '../amount/table';
import { minutesOfText } from '../amount/minutes';

export type Batches = { rounds: number; perRound: number; last: number };

/**
 * How many rounds it takes to make `total` things, `perRound` at a time.
 * @returns null unless both are whole numbers from 1
 * @example batchesOf(8, 3) // { rounds: 3, perRound: 3, last: 2 }
 */
export function batchesOf(total: number, perRound: number): Batches | null {
  if (!Number.isInteger(total) || !Number.isInteger(perRound) || total < 1 || perRound < 1) return null;
  const rounds = Math.ceil(total / perRound);
  return { rounds, perRound, last: total - (rounds - 1) * perRound };
}

const NUMBERS = table<number>({ one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, eight: 8, ten: 10, twelve: 12 });

/** How many go in at a time, where an instruction says so ("three at a time"), with the minutes that one round takes; null where it does not. */
export function saidPerRound(instruction: string): { perRound: number; minutes: number | null } | null {
  const m = /\b(\d{1,2}|one|two|three|four|five|six|eight|ten|twelve)\s+(?:[\p{L}-]+\s+)?at a time\b/iu.exec(instruction);
  if (!m) return null;
  return { perRound: NUMBERS.get(m[1]!.toLowerCase()) ?? Number(m[1]), minutes: minutesOfText(instruction) };
}
