import { expect, test } from 'vitest';
import { inTurn } from './in-turn';

test('parts are worked out one after the other, and one that fails takes none of the others with it', async () => {
  const at: string[] = [];
  const parts = inTurn([1, 2, 3], async (n) => {
    at.push(`${n} begins`);
    await Promise.resolve();
    at.push(`${n} ends`);
    if (n === 2) throw new Error('two');
    return n * 10;
  });
  expect(await Promise.allSettled(parts)).toMatchObject([{ value: 10 }, { reason: { message: 'two' } }, { value: 30 }]);
  expect(at).toEqual(['1 begins', '1 ends', '2 begins', '2 ends', '3 begins', '3 ends']);
});
