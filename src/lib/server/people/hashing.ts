// Passwords and secrets as they are kept: never so that they could be read.
import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';

/** Algorithm 2 is Argon2id. RFC 9106 (from memory) asks 64 MiB and 3 passes where memory is short; 4 take some 200 ms here. */
const COST = { algorithm: 2, memoryCost: 65_536, timeCost: 4, parallelism: 1 } as const;

export const hashPassword = (password: string): Promise<string> => hash(password.normalize('NFC'), COST);

let nobodys: Promise<string> | null = null;

/** @param kept null where there is no such account: it takes as long, so that nobody can tell */
export async function isPassword(kept: string | null, password: string): Promise<boolean> {
  nobodys ??= hashPassword(randomBytes(16).toString('hex'));
  const right = await verify(kept ?? (await nobodys), password.normalize('NFC'));
  return right && kept !== null;
}

/** A secret that nobody can guess: 192 bits, as it stands in a link or a cookie. */
export const newSecret = (): string => randomBytes(24).toString('base64url');

/** What is kept of a secret. It is long and random, so one pass is enough. */
export const hashOf = (secret: string): Buffer => createHash('sha256').update(secret).digest();
