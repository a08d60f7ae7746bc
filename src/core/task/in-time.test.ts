// What is done within the time of what cooks parts that time: the minutes stay what the recipe says, and what ends it stays at its end.
import { describe, expect, test } from 'vitest';
import { build, own } from '../../../tests/cases/built';

const cooked = (method: string) =>
  own(build('300 g pasta\n1 head broccoli\n3 eggs', method)).filter((s) => ['boil', 'cook', 'simmer'].includes(s.technique ?? ''));
const texts = (method: string) => own(build('300 g pasta\n1 head broccoli\n3 eggs', method)).map((s) => s.text);

describe('for the last minutes, and after some minutes', () => {
  test.each([
    ['Boil the pasta for 12 minutes until tender. Add the broccoli for the last 4 minutes.', 8, 4],
    ['Boil the pasta for 12 minutes until tender. For the last 4 minutes of cooking, add the broccoli.', 8, 4],
    ['Boil the pasta for 12 minutes until tender. 4 minutes before the end of the cooking time, add the broccoli.', 8, 4],
    ['Boil the pasta for 12 minutes until tender.\nAfter 7 minutes carefully lower the broccoli into the same pan.', 7, 5],
  ])('%s', (method, before, after) => {
    const steps = cooked(method);
    expect(steps.slice(-2).map((s) => s.minutes.waiting)).toEqual([before, after]);
    const [first, last] = steps.slice(-2).map((s) => s.text);
    expect(first).toBe(`Boil the pasta for ${before} minutes.`);
    expect(last).toBe(`Cook the pasta and the broccoli for ${after} minutes more until tender.`);
    const all = texts(method);
    const added = all.findIndex((text) => /broccoli (?:carefully )?(?:to|into) the (?:same )?(?:sauce)?pan/.test(text));
    expect(all[added]).not.toMatch(/minutes/);
    expect([all.indexOf(first) < added, added < all.indexOf(last)]).toEqual([true, true]);
  });
  test('of 8 to 10 minutes both ends are parted', () => {
    expect(
      cooked('Boil the pasta for 8-10 minutes. Add the broccoli for the last 3 minutes.')
        .slice(-2)
        .map((s) => s.text),
    ).toEqual(['Boil the pasta for 5-7 minutes.', 'Cook the pasta and the broccoli for 3 minutes more.']);
    expect(
      cooked('Boil the pasta for 8-10 minutes. After 3 minutes add the broccoli.')
        .slice(-2)
        .map((s) => s.text),
    ).toEqual(['Boil the pasta for 3 minutes.', 'Cook the pasta and the broccoli for 5-7 minutes more.']);
  });
  test('the ring stays on until the last of it', () => {
    const steps = own(build('300 g pasta\n3 eggs', 'Boil the pasta for 12 minutes. After 7 minutes add the eggs. Drain.'));
    const off = steps.findIndex((s) => s.technique === 'turn-off');
    expect(off).toBeGreaterThan(steps.findIndex((s) => /5 minutes more/.test(s.text)));
  });
  test('where nothing cooks so long, the words stay as they are', () => {
    expect(
      texts('Boil the pasta for 3 minutes. Add the broccoli for the last 4 minutes.').some((text) => /last 4 minutes/.test(text)),
    ).toBe(true);
    expect(texts('Chop the broccoli. After 10 minutes add the broccoli to the pasta.').some((text) => /after 10 minutes/.test(text))).toBe(
      true,
    );
  });
  test('pasta that is put in a pan of boiling water finds it boiling', () => {
    const all = texts('Put the pasta in a large pan of boiling water and cook for 12 minutes.');
    expect(all.slice(0, 4)).toEqual([
      'Fill the large pan two-thirds with water.',
      'Turn on the hob under the large pan, high heat.',
      'Bring a large pan of water to the boil.',
      'Put the pasta into the pan.',
    ]);
  });
});
