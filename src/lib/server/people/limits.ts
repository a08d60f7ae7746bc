// How often something may be tried. Counted in the database, so that every process counts alike.
import { createHmac } from 'node:crypto';
import { LRUCache } from 'lru-cache';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { env } from '$env/dynamic/private';
import { notNow } from '../not-now';
import { poolFor } from '../school';
import { sealKey } from '../seal';

/** A whole school may come from one address: ten classes of ten devices that send as they tap. A setting, for a place where more come by one. */
const OF_ADDRESS = Number(env.REQUESTS_A_MINUTE || 6000);

/** What is counted, tries within seconds. By account: nobody guesses at more than five a minute, from however many places. */
const LIMITS = {
  account: { points: 5, duration: 60 },
  address: { points: 30, duration: 60 },
  /** Codes of learners' screens and of the first run. A class of ten on one line enters theirs within a minute. */
  code: { points: 20, duration: 60 },
  /** Links that are sent to one address of mail. */
  mail: { points: 3, duration: 3600 },
  /** Every request, of whatever kind. */
  'any of account': { points: OF_ADDRESS / 4, duration: 60 },
  'any of address': { points: OF_ADDRESS, duration: 60 },
} as const;
type Limit = keyof typeof LIMITS;

const limiters = new Map<Limit, RateLimiterPostgres>();

function limiter(limit: Limit): RateLimiterPostgres {
  let known = limiters.get(limit);
  if (!known) {
    const storeClient = poolFor('count');
    known = new RateLimiterPostgres({
      storeClient,
      storeType: 'knex',
      tableName: 'tries',
      tableCreated: true,
      clearExpiredByTimeout: false,
      keyPrefix: limit,
      ...LIMITS[limit],
    });
    limiters.set(limit, known);
  }
  return known;
}

/** Neither an address of the net nor of mail is kept: only what none can be told from. */
const kept = (key: string) => createHmac('sha256', sealKey()).update(key).digest('base64url').slice(0, 32);

/**
 * Counts a try.
 * @returns seconds to wait where there were too many; 0 where it may be tried
 */
export async function tried(limit: Limit, key: string, times = 1): Promise<number> {
  try {
    await limiter(limit).consume(kept(key), times);
    return 0;
  } catch (told) {
    if (told instanceof RateLimiterRes) return Math.max(1, Math.ceil(told.msBeforeNext / 1000));
    throw told;
  }
}

/** A process tells the database of so many requests at once: a row written for each would cost as much as many a page. */
const LOT = 20;
const untold = new LRUCache<string, number>({ max: 10_000 });
const held = new LRUCache<string, number>({ max: 10_000 });

const orElse0 = (failed: unknown): number => {
  if (notNow(failed) === null) throw failed;
  return 0;
};

/**
 * Counts a request, of whatever kind.
 * @returns seconds to wait where one account, or one address, asked too often; 0 where it may go on
 */
export async function visited(limit: 'any of account' | 'any of address', key: string): Promise<number> {
  const name = `${limit} ${key}`;
  const until = (held.get(name) ?? 0) - Date.now();
  if (until > 0) return Math.ceil(until / 1000);
  const n = (untold.get(name) ?? 0) + 1;
  untold.set(name, n % LOT);
  // where the database takes nothing at this moment, whoever only looks is not shut out for it
  const wait = n < LOT ? 0 : await tried(limit, key, LOT).catch(orElse0);
  if (wait > 0) held.set(name, Date.now() + wait * 1000);
  return wait;
}

/** "Too many tries. Try again in 40 seconds." */
export const waitWords = (seconds: number): string => `Too many tries. Try again in ${seconds} seconds.`;
