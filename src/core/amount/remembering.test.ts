import { expect, test } from 'vitest';
import { remembering } from './remembering';

test('a text is looked into once, a long one each time, and a full memory starts anew', () => {
  const asked: string[] = [];
  const length = remembering((text) => (asked.push(text), text.length), 4, 2);
  expect([length('ab'), length('ab'), length('long one'), length('long one')]).toEqual([2, 2, 8, 8]);
  expect(asked).toEqual(['ab', 'long one', 'long one']);
  for (const text of ['cd', 'ef', 'ab']) length(text);
  expect(asked.filter((t) => t === 'ab')).toHaveLength(2);
});

test('nothing found is an answer too', () => {
  let asked = 0;
  const none = remembering(() => (asked++, undefined), 10);
  none('a');
  none('a');
  expect(asked).toBe(1);
});
