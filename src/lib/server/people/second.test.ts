// Codes of an authenticator against the table of the standard, and that each is good once.
import { describe, expect, test } from 'vitest';
import { newTotp, totpCount } from './second';

/** RFC 6238, appendix B: the secret "12345678901234567890", SHA-1; the last six of its eight digits. */
const SECRET = 'GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ';
const TABLE = [
  [59, '287082'],
  [1111111109, '081804'],
  [1111111111, '050471'],
  [1234567890, '005924'],
  [2000000000, '279037'],
] as const;

describe('codes of an authenticator', () => {
  test.each(TABLE)('at %d seconds: %s', (seconds, code) => {
    expect(totpCount(SECRET, code, 0, seconds * 1000)).toBe(Math.floor(seconds / 30));
  });
  test('a neighbour of half a minute is taken, one further away is not', () => {
    const [seconds, code] = TABLE[3];
    for (const away of [-30, 30]) expect(totpCount(SECRET, code, 0, (seconds + away) * 1000)).toBe(Math.floor(seconds / 30));
    for (const away of [-90, 90]) expect(totpCount(SECRET, code, 0, (seconds + away) * 1000)).toBeNull();
  });
  test('a code is good once, and so is every one before it', () => {
    const [seconds, code] = TABLE[3];
    const count = Math.floor(seconds / 30);
    expect(totpCount(SECRET, code, count, seconds * 1000)).toBeNull();
    expect(totpCount(SECRET, code, count - 1, seconds * 1000)).toBe(count);
  });
  test.each(['', '28708', '2870822', '28708x', ' 287082', '٢٨٧٠٨٢'])('“%s” is no code', (code) => {
    expect(totpCount(SECRET, code, 0, 59_000)).toBeNull();
  });
  test('the address for an authenticator names the program and the person', () => {
    const { secret, uri } = newTotp('Ms Ferrow');
    expect(secret).toMatch(/^[A-Z2-7]{32}$/);
    const url = new URL(uri);
    expect([url.protocol, url.searchParams.get('issuer'), url.searchParams.get('secret')]).toEqual(['otpauth:', 'Yellow Rung', secret]);
    expect(decodeURIComponent(url.pathname)).toContain('Ms Ferrow');
  });
});
