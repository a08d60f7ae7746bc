// The first person of a fresh installation comes in with a code that the server prints: who reads its log runs it.
import { createHash, randomUUID } from 'node:crypto';
import { env } from '$env/dynamic/private';
import { atTheDoor } from './door';
import { isEmpty } from './accounts';

let code: string | null = null;

/** Prints the code where there is nobody yet. */
export async function tellFirstCode(): Promise<void> {
  if (!(await atTheDoor(isEmpty))) return;
  console.log(`There is nobody here yet. The first person comes in at /first with the code ${firstCode()}`);
}

/** The code, as long as the program runs: what keeps several processes gives all of them the same seed. */
export function firstCode(): string {
  if (code === null) {
    const seed = createHash('sha256')
      .update(env.FIRST_SEED || randomUUID())
      .digest();
    code = [0, 4, 8].map((at) => String(seed.readUInt32BE(at) % 10_000).padStart(4, '0')).join('-');
  }
  return code;
}
