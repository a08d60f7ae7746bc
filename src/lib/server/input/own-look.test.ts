import { USUAL_LOOK } from '$core';
import { expect, test } from 'vitest';
import { ownLookOf } from './stored';

test('a look that was stored before something was asked keeps what it says; one that cannot be read is as usual', () => {
  const before = { words: 'none', contrast: true, speaks: true, switches: 1, scanSeconds: 4, scanSpeaks: true };
  expect(ownLookOf(before)).toEqual({ ...USUAL_LOOK, ...before });
  for (const doc of [null, 'none', [], { ...before, words: 'beside' }, { ...before, size: 'huge' }, { ...before, perPage: 5 }])
    expect(ownLookOf(doc)).toEqual(USUAL_LOOK);
});
