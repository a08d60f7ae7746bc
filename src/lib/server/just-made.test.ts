import { expect, test } from 'vitest';
import { remember, remembered } from './just-made';
import type { ObservationRow } from './records';

const row = (id: string): ObservationRow => ({
  ...{ id, lessonId: 'l', learnerId: 'w', stepKey: 's', code: 'model', detail: null },
  ...{ replaces: null, device: null, count: null, at: 1 },
});

test('what this process wrote is known to it, in its own school only, and only where nothing is missing', () => {
  remember('a', [row('1'), row('2')]);
  expect(remembered('a', ['2', '1'])?.map((r) => r.id)).toEqual(['2', '1']);
  expect(remembered('a', ['1', '3'])).toBeNull();
  expect(remembered('b', ['1'])).toBeNull();
});
