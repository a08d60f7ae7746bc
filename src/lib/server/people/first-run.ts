// The first person of a fresh installation comes in with a code that the server prints: who reads its log runs it.
import { randomInt } from 'node:crypto';
import { atTheDoor } from './door';
import { isEmpty } from './accounts';

let code: string | null = null;

/** Prints the code where there is nobody yet. */
export async function tellFirstCode(): Promise<void> {
  if (!(await atTheDoor(isEmpty))) return;
  console.log(`There is nobody here yet. The first person comes in at /first with the code ${firstCode()}`);
}

/** The code, as long as this process runs. */
export function firstCode(): string {
  code ??= Array.from({ length: 3 }, () => String(randomInt(10_000)).padStart(4, '0')).join('-');
  return code;
}
