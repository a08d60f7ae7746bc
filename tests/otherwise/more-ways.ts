// A second set of ways to say the same recipe, set down when the first had been run and mended: casual, spoken, decorated, with work and amounts in another place.
import { bySentence, lower, SENTENCE, sentencesOf, upper, VERBS, type Said, type Way } from './ways';

const byLine =
  (change: (line: string, i: number) => string) =>
  (said: Said): Said => ({ ...said, method: said.method.map(change) });
const byItem =
  (change: (line: string) => string) =>
  (said: Said): Said => ({ ...said, list: said.list.map(change) });
const led = (words: readonly string[]) => bySentence((s, i) => (VERBS.test(s) ? `${words[i % words.length]} ${lower(s)}` : s));

const WORKED =
  /^(\d[\d ./½¼¾]*(?:\s?(?:g|kg|ml|oz|lb|cups?|cloves?)\b)?\s+(?:small |large |medium |garlic )?(\p{L}+(?: \p{L}+)?)), (?:finely |roughly |thinly )?(chopped|sliced|diced|grated|peeled|crushed|drained|rinsed|cubed|halved)$/u;

/** "1 onion, chopped" and "the onion": "the chopped onion". */
function withWork(said: Said): Said {
  const works = said.list.flatMap((line) => {
    const found = WORKED.exec(line);
    return found ? [{ noun: found[2].split(' ').at(-1)!, work: found[3] }] : [];
  });
  const change = (line: string) =>
    works.reduce((text, { noun, work }) => text.replace(new RegExp(`\\b(the )(${noun})\\b`, 'i'), `$1${work} $2`), line);
  return { ...said, method: said.method.map(change) };
}

/** "Add the rice", of 200 g: "add the 200 g rice". */
function withAmounts(said: Said): Said {
  const amounts = said.list.flatMap((line) => {
    const found = /^(\d[\d./]*\s?(?:g|kg|ml|cups?|tbsp|tsp|oz))\s+(\p{L}+)(?:,.*)?$/u.exec(line);
    return found ? [{ noun: found[2], amount: found[1] }] : [];
  });
  const text = said.method.join(' ');
  const once = amounts.filter(({ noun }) => (text.match(new RegExp(`\\b${noun}`, 'gi')) ?? []).length === 1);
  return {
    ...said,
    method: said.method.map((line) =>
      once.reduce((t, { noun, amount }) => t.replace(new RegExp(`\\bthe (?=${noun}\\b)`), `the ${amount} `), line),
    ),
  };
}

/** Two sentences in a row that work on the same one thing: "it", "them" in the second. */
function withPronouns(said: Said): Said {
  const ONE = /^(\p{Lu}\p{L}+) (the \p{L}+)\b/u;
  return {
    ...said,
    method: said.method.map((line) => {
      let before: string | null = null;
      return sentencesOf(line)
        .map((s) => {
          const found = ONE.exec(s);
          const same = found !== null && found[2] === before && VERBS.test(s);
          before = found?.[2] ?? null;
          return same ? s.replace(found[2], /s$/.test(found[2]) ? 'them' : 'it') : s;
        })
        .join(' ');
    }),
  };
}

const DONE = new Map([
  ['Peel', 'peeled'],
  ['Chop', 'chopped'],
  ['Drain', 'drained'],
  ['Slice', 'sliced'],
  ['Mash', 'mashed'],
  ['Grate', 'grated'],
  ['Melt', 'melted'],
  ['Rinse', 'rinsed'],
]);

export const MORE_WAYS: readonly Way[] = [
  {
    name: 'your',
    say: bySentence((s) => s.replace(/\bthe (?=\p{Ll}+(?: and \p{Ll}+)?(?:,| in| to| into| with| for| until|\.))/gu, 'your ')),
  },
  { name: 'it is time to', say: led(["It's time to", 'Now it is time to', 'Go ahead and']) },
  { name: 'make sure you', say: led(['Make sure you', 'Remember to', "Don't forget to", 'Be sure to']) },
  { name: 'simply', say: led(['Simply', 'Just']) },
  { name: "let's", say: led(["Let's", "Now let's"]) },
  { name: 'you will need to', say: led(['You will need to', 'You should', 'You can now', "You'll want to"]) },
  { name: 'I', say: led(['I', 'Then I', 'I then']) },
  { name: 'exclaimed', say: byLine((line) => line.replace(/\.(?=\s+\p{Lu}|$)/gu, '!')) },
  { name: 'capitals', say: byLine((line) => line.toUpperCase()) },
  { name: 'bold verbs', say: bySentence((s) => s.replace(/^(\p{Lu}\p{L}+)\b/u, '**$1**')) },
  { name: 'pictures before lines', say: byLine((line, i) => `${['🍳', '🔪', '🥣'][i % 3]} ${line}`) },
  {
    name: 'odd signs',
    say: byLine((line) =>
      line
        .replace(/'/g, '’')
        .replace(/ - /g, ' — ')
        .replace(/(\d)-(\d)/g, '$1–$2')
        .replace(/(\d) (minutes|g|ml)/g, '$1\u00a0$2'),
    ),
  },
  { name: 'double spaces', say: byLine((line) => line.replace(/ /g, '  ')) },
  {
    name: 'passive',
    say: bySentence((s) =>
      s.replace(
        /^(Peel|Chop|Drain|Slice|Mash|Grate|Melt|Rinse) (the \p{L}+)\.$/u,
        (_, verb: string, thing: string) => `${upper(thing)} should be ${DONE.get(verb)!}.`,
      ),
    ),
  },
  { name: 'ranges with to', say: byLine((line) => line.replace(/(\d)\s?[-–]\s?(\d+) (minutes|mins)/g, '$1 to $2 $3')) },
  { name: 'ranges between', say: byLine((line) => line.replace(/for (\d+)\s?[-–]\s?(\d+) (minutes|mins)/g, 'for between $1 and $2 $3')) },
  { name: 'about so long', say: byLine((line) => line.replace(/\bfor (?=\d+ (?:minutes|mins))/g, 'for around ')) },
  { name: 'degrees', say: byLine((line) => line.replace(/(\d{3})\s?°?\s?C\b/g, '$1 degrees')) },
  { name: 'degrees signs', say: byLine((line) => line.replace(/(\d{3})\s?°?\s?C\b/g, '$1ºC')) },
  { name: 'whilst', say: byLine((line) => line.replace(/\bwhile\b/g, 'whilst').replace(/\bWhile\b/g, 'Whilst')) },
  { name: 'work said again', say: withWork },
  { name: 'amounts said again', say: withAmounts },
  { name: 'pronouns', say: withPronouns },
  {
    name: 'amounts of',
    say: byItem((line) => line.replace(/^(\d[\d ./½¼¾]*\s?(?:g|kg|ml|cups?|tbsp|tsp|oz))\s+(?!of\b)(?=\p{Ll})/u, '$1 of ')),
  },
  { name: 'about so much', say: byItem((line) => line.replace(/^(?=\d[\d ./½¼¾]*\s?(?:g|ml|oz)\s)/, 'about ')) },
  {
    name: 'good things',
    say: byItem((line) => line.replace(/^(\d[\d ./½¼¾]*\s?(?:g|kg|ml|cups?|tbsp|tsp|oz))\s+(?=\p{Ll})/u, '$1 good-quality ')),
  },
  { name: 'list with counts glued', say: byItem((line) => line.replace(/^(\d+) (g|ml|kg|oz)\b/, '$1$2')) },
  { name: 'list in brackets', say: byItem((line) => line.replace(/^([^,()]+), (\p{Ll}[^,()]*)$/u, '$1 ($2)')) },
  { name: 'steps lettered', say: (said) => ({ ...said, numbered: (i) => `Step ${i + 1} - ` }) },
  {
    name: 'steps by words',
    say: (said) => ({ ...said, numbered: (i) => `${['First', 'Second', 'Third', 'Fourth', 'Fifth', 'Sixth'][i] ?? 'Next'}: ` }),
  },
  { name: 'steps with dashes', say: (said) => ({ ...said, numbered: () => '- ' }) },
  { name: 'steps with brackets', say: (said) => ({ ...said, numbered: (i) => `${i + 1}) ` }) },
  {
    name: 'around the recipe',
    say: (said) => ({
      ...said,
      before: ['★★★★☆ 4.5 (128 reviews)', 'Prep: 10 mins  Cook: 20 mins', 'Easy'],
      after: ['Tips', 'Leftovers keep for 2 days in the fridge.', 'Nutrition per serving: kcal 310, fat 9 g'],
    }),
  },
  {
    name: 'after doing',
    say: (said) => ({
      ...said,
      method: said.method.map((line) =>
        line.replace(
          SENTENCE,
          (all: string, verb: string, thing: string, next: string) =>
            `${all.startsWith('Peel') || all.startsWith('Drain') || all.startsWith('Mash') ? `After ${verb.toLowerCase()}ing ${thing}, ${lower(next)}` : all}`,
        ),
      ),
    }),
  },
];
