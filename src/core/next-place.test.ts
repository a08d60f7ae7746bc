import { expect, test } from 'vitest';
import { nextPlace, type RecipeState } from './next-place';

const done: RecipeState = {
  unread: 0,
  ingredients: 5,
  instructions: 4,
  versions: 1,
  draftNewer: false,
  stepsWithoutPicture: 0,
  unfitted: 0,
  lessons: 3,
  fresh: 2,
};
test.each([
  [{ ingredients: 0 }, 'read'],
  [{ instructions: 0 }, 'read'],
  [{ unread: 2, versions: 0 }, 'read'],
  [{ versions: 0 }, 'break-down'],
  [{ draftNewer: true }, 'break-down'],
  [{ stepsWithoutPicture: 4 }, 'show'],
  [{ lessons: 0, unfitted: 2 }, 'fit'],
  [{ unfitted: 2 }, 'look-back'],
  [{ lessons: 0 }, 'cook'],
  [{}, 'look-back'],
  // once somebody has looked it is no longer what waits
  [{ fresh: 0 }, 'cook'],
] as [Partial<RecipeState>, string][])('%j waits at %s', (state, place) => expect(nextPlace({ ...done, ...state }).place).toBe(place));
test('the reason counts', () => expect(nextPlace({ ...done, stepsWithoutPicture: 4 }).why).toBe('4 steps have no picture'));
