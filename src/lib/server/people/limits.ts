// How often something may be tried. Counted in the database, so that every process counts alike.
import { createHmac } from 'node:crypto';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { poolFor } from '../school';
import { sealKey } from '../seal';

/** What is counted, tries within seconds. By account: nobody guesses at more than five a minute, from however many places. */
const LIMITS = {
  account: { points: 5, duration: 60 },
  address: { points: 30, duration: 60 },
  /** Codes of learners' screens and of the first run. A class of ten on one line enters theirs within a minute. */
  code: { points: 20, duration: 60 },
} as const;
type Limit = keyof typeof LIMITS;

const limiters = new Map<Limit, RateLimiterPostgres>();

function limiter(limit: Limit): RateLimiterPostgres {
  let known = limiters.get(limit);
  if (!known) {
    const storeClient = poolFor('write');
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
export async function tried(limit: Limit, key: string): Promise<number> {
  try {
    await limiter(limit).consume(kept(key));
    return 0;
  } catch (told) {
    if (told instanceof RateLimiterRes) return Math.max(1, Math.ceil(told.msBeforeNext / 1000));
    throw told;
  }
}

/** "Too many tries. Try again in 40 seconds." */
export const waitWords = (seconds: number): string => `Too many tries. Try again in ${seconds} seconds.`;
