// The law of roles, and what a password has to be.
import { describe, expect, test } from 'vitest';
import { actsOf, ACTS, may, ROLES } from './permission';
import { whyNoPassword } from './password';

describe('roles', () => {
  // common practice: whoever only looks changes nothing, and what cannot be undone is one role's
  test('a reader changes nothing; only a lead looks after people, reads the trail, erases', () => {
    expect(actsOf('reader')).toEqual(['see']);
    for (const act of ['people', 'audit', 'erase'] as const) expect(ROLES.filter((r) => may(r, act))).toEqual(['lead']);
  });
  test('every act is somebody’s, and everybody sees', () => {
    for (const act of ACTS)
      expect(
        ROLES.some((r) => may(r, act)),
        act,
      ).toBe(true);
    expect(ROLES.every((r) => may(r, 'see'))).toBe(true);
  });
  test('an aide records and plans nothing; a specialist says how a learner works and records nothing', () => {
    expect([may('aide', 'record'), may('aide', 'lessons'), may('aide', 'plans')]).toEqual([true, false, false]);
    expect([may('specialist', 'plans'), may('specialist', 'record'), may('specialist', 'recipes')]).toEqual([true, false, false]);
  });
});

describe('passwords', () => {
  const known = ['ida.ferrow@example.org', 'Ida Ferrow', 'Cedar Quay Skills Kitchen'];
  // NIST SP 800-63B, from memory: length, no rules of kinds of characters, nothing that is tried first
  test.each(['violet tugboat argues', 'mjd9 vqpx 2kw8', 'ölkrug wandert östlich', 'correct horse battery staple'])(
    'taken: %s',
    (password) => {
      expect(whyNoPassword(password, known)).toBeNull();
    },
  );
  test.each([
    ['short1!A', /At least 12/],
    ['aaaaaaaaaaaaaaaa', /same few/],
    ['abababababababab', /same few/],
    ['qwertyuiopasdf', /keys stand/],
    ['1234567890123', /keys stand/],
    ['fedcbazyxwvutsrq', /keys stand/],
    ['ida.ferrow2026', /tried first/],
    ['Cedar Quay Kitchen!', /tried first/],
    ['password password', /same few|tried first/],
    ['x'.repeat(201), /At most 200/],
  ])('not taken: %s', (password, why) => {
    expect(whyNoPassword(password, known)).toMatch(why);
  });
});
