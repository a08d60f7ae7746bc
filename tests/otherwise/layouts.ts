// A fourth set of ways: the same recipe as it stands on other pages. In a narrow column, as a web page, without headings, with an equipment list and a remark between.
// Common practice: each is a layout in which recipes are pasted.
import type { Said, Way } from './ways';

/** A line broken at the width of a column. */
function broken(line: string, width: number): string[] {
  const lines = [''];
  for (const word of line.split(' ')) {
    const longer = `${lines.at(-1)!} ${word}`.trim();
    if (longer.length > width) lines.push(word);
    else lines[lines.length - 1] = longer;
  }
  return lines;
}

const numbered = ({ method }: Said) => method.map((line, i) => `${i + 1}. ${line}`);
const page = (title: string, list: readonly string[], method: readonly string[]) =>
  [title, '', 'Ingredients', ...list, '', 'Method', ...method].join('\n');
const column = (name: string, list: number, method: number, mark = '', withNumbers = true): Way => ({
  name,
  say: (said) => said,
  print: (said) =>
    page(
      said.title,
      said.list.flatMap((line) => broken(`${mark}${line}`, list)),
      (withNumbers ? numbered(said) : said.method).flatMap((line) => broken(line, method)),
    ),
});
const laidOut = (name: string, print: (said: Said) => string | null): Way => ({ name, say: (said) => said, print });
const WIDE = 1000;

export const LAYOUTS: readonly Way[] = [
  column('column of 46', WIDE, 46),
  column('column of 34', WIDE, 34),
  column('column of 60, no numbers', 60, 60, '', false),
  column('column of 40, no numbers', WIDE, 40, '', false),
  column('list of 40, method of 75', 40, 75),
  column('list of 30 with dashes', 30, 60, '- '),
  laidOut('no headings', (said) => [said.title, '', ...said.list, '', ...numbered(said)].join('\n')),
  laidOut('no headings, no numbers', (said) => [said.title, '', ...said.list, '', ...said.method].join('\n')),
  laidOut('list on one line', (said) =>
    said.list.some((line) => line.includes(',') || line.endsWith(':'))
      ? null
      : [said.title, '', `Ingredients: ${said.list.join(', ')}`, '', 'Method', ...numbered(said)].join('\n'),
  ),
  laidOut('headings with colons', (said) =>
    [said.title, '', 'You will need:', ...said.list.map((l) => `- ${l}`), '', 'What to do:', ...said.method.map((l) => `- ${l}`)].join(
      '\n',
    ),
  ),
  laidOut('a blank line each', (said) => page(said.title, said.list, numbered(said)).replace(/\n/g, '\n\n')),
  laidOut('a web page', ({ title, list, method }) => {
    const items = (lines: readonly string[]) => lines.map((line) => `<li>${line}</li>`).join('');
    return `<html><body><h1>${title}</h1><h2>Ingredients</h2><ul>${items(list)}</ul><h2>Method</h2><ol>${items(method)}</ol></body></html>`;
  }),
  laidOut('Markdown', (said) =>
    [`# ${said.title}`, '', '## Ingredients', ...said.list.map((l) => `* ${l}`), '', '## Method', ...numbered(said)].join('\n'),
  ),
  laidOut('amounts in a column', (said) => {
    const apart = (line: string) => {
      const found = /^(\d[\d./ ½¼¾]*\s?(?:g|kg|ml|cups?|tbsp|tsp|oz)?)\s+(.*)$/.exec(line);
      return found ? `${found[2]}\t${found[1]}` : line;
    };
    return page(said.title, said.list.map(apart), numbered(said));
  }),
  laidOut('other sections between', (said) =>
    [
      ...[
        said.title,
        'Serves 4',
        '',
        'Equipment',
        'knife',
        'chopping board',
        '',
        'Ingredients',
        ...said.list,
        '',
        'Allergens: see labels',
        '',
      ],
      ...['Method', ...numbered(said), '', 'Storage', 'Keep in the fridge for 2 days.'],
    ].join('\n'),
  ),
];
