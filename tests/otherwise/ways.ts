// The same recipe said another way: its sentences in another style, its words from another country, its list in another layout. What is meant does not change, so neither may what the cards do.
// Common practice: each is a way in which recipes are printed, taught or dictated.

/** A recipe as its title, its list and its method, line by line. */
export type Said = {
  title: string;
  list: string[];
  method: string[];
  /** How each line of the method is numbered. */
  numbered?: (i: number) => string;
  /** Lines under the title, and at the end. */
  before?: string[];
  after?: string[];
};

/**
 * @param say the recipe in the other style
 * @param print the whole text, where the layout itself is another; null where the recipe cannot be laid out so
 * @param alike a card's line as it is compared, where the way changes what it names
 */
export type Way = {
  name: string;
  say: (said: Said) => Said;
  print?: (said: Said) => string | null;
  alike?: (line: string) => string;
};

/** As text, the method numbered unless a way says otherwise. */
export const printed = ({ title, list, method, numbered = (i) => `${i + 1}. `, before = [], after = [] }: Said): string =>
  [title, ...before, '', 'Ingredients', ...list, '', 'Method', ...method.map((line, i) => `${numbered(i)}${line}`), '', ...after].join(
    '\n',
  );

export const sentencesOf = (line: string): string[] => line.split(/(?<=[.!])\s+(?=[A-Z])/);
export const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);
export const upper = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);

/** Two sentences in a row, the first of one verb and one thing. */
export const SENTENCE = /^(\p{Lu}\p{L}+) (the \p{L}+)\. (\p{Lu}\p{L}+ [^.]*\.)/u;

export const VERBS =
  /^(?:Add|Arrange|Bake|Beat|Blend|Boil|Break|Bring|Brush|Chop|Combine|Cook|Cover|Crack|Crush|Cut|Dice|Divide|Drain|Drizzle|Fill|Fold|Fry|Grate|Grease|Halve|Heat|Ladle|Lay|Leave|Let|Line|Mash|Melt|Mix|Open|Peel|Place|Pour|Preheat|Press|Put|Remove|Rinse|Roll|Scatter|Serve|Simmer|Slice|Spoon|Spread|Sprinkle|Squeeze|Stir|Take|Tip|Top|Toss|Transfer|Turn|Wash|Whisk|Wipe|Wrap)\b/;

/** Each sentence of the method by itself. */
export const bySentence =
  (change: (sentence: string, count: number) => string) =>
  (said: Said): Said => {
    let count = 0;
    return {
      ...said,
      method: said.method.map((line) =>
        sentencesOf(line)
          .map((one) => change(one, count++))
          .join(' '),
      ),
    };
  };

/** Words changed wherever they stand, in the list and in the method. */
const everywhere =
  (pairs: readonly (readonly [RegExp, string])[], parts: readonly ('list' | 'method')[] = ['list', 'method']) =>
  (said: Said): Said => {
    const change = (line: string) =>
      pairs.reduce(
        (text, [from, to]) => text.replace(from, (...found) => (/^[A-Z]/.test(found[0]) ? upper(fill(to, found)) : fill(to, found))),
        line,
      );
    return {
      ...said,
      list: parts.includes('list') ? said.list.map(change) : said.list,
      method: parts.includes('method') ? said.method.map(change) : said.method,
    };
  };
const fill = (to: string, found: unknown[]) => to.replace(/\$(\d)/g, (_, n) => (found[Number(n)] as string | undefined) ?? '');

/** Words behind which an article is not one: "a little", "a few", "the rest". */
const KEEPS = String.raw`(?!\s+(?:little|few|bit|lot|pinch|splash|dash|drizzle|handful|knob|squeeze|third|quarter|half|time|minute|second|couple|while|boil|simmer|rest|other|remaining|first|last|same|heat|hob|oven|top|middle|side)\b)`;
const OPENINGS = ['Now', 'Next,', 'Then', 'After that,'];
const REMARKS = ['This is the fun part!', 'Take your time.', 'Well done!', 'You are nearly there.'];

const NUMBERS = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

/** "1 cup rice" with its amount behind: "rice, 1 cup" is left to what can be told apart by eye. */
function amountBehind(line: string): string {
  const found = /^(\d[\d ./½¼¾]*\s*(?:g|kg|ml|cups?|tbsp|tsp|tablespoons?|teaspoons?|oz|lb)\b\.?)\s+(?:of\s+)?([a-z][a-z -]*)$/i.exec(line);
  return found ? `${upper(found[2])}: ${found[1].trim()}` : line;
}

/** The list in another order, the same each time. */
function turned(list: readonly string[]): string[] {
  const half = Math.ceil(list.length / 2);
  return [...list.slice(half), ...list.slice(0, half)];
}

export const WAYS: readonly Way[] = [
  // Style of the sentence
  {
    name: 'without articles',
    say: bySentence((s) => upper(s.replace(new RegExp(String.raw`\b(?:the|an?)\b${KEEPS}\s+`, 'g'), ''))),
  },
  { name: 'openings', say: bySentence((s, i) => (VERBS.test(s) ? `${OPENINGS[i % OPENINGS.length]} ${lower(s)}` : s)) },
  { name: 'you', say: bySentence((s) => (VERBS.test(s) ? `You ${lower(s)}` : s)) },
  { name: 'we', say: bySentence((s, i) => (VERBS.test(s) ? (i % 2 ? `Next we ${lower(s)}` : `We then ${lower(s)}`) : s)) },
  { name: 'please', say: bySentence((s) => (VERBS.test(s) ? `Please ${lower(s)}` : s)) },
  { name: 'carefully', say: bySentence((s) => (VERBS.test(s) && !/ly\b/.test(s) ? `Carefully ${lower(s)}` : s)) },
  {
    name: 'start by, finish by',
    say: (said) => ({
      ...said,
      method: said.method.map((line, i) =>
        i === 0 && /^(?:Heat|Peel|Boil|Mash|Cook|Drain|Melt|Crack)\b/.test(line)
          ? `Start by ${lower(line).replace(/^(\w+?)e?\b/, '$1ing')}`
          : line,
      ),
    }),
  },
  // How sentences hang together
  {
    name: 'joined by then',
    say: (said) => ({
      ...said,
      method: said.method.map((line) =>
        sentencesOf(line).reduce(
          (text, one) =>
            text && VERBS.test(one) && text.endsWith('.') ? `${text.slice(0, -1)}, then ${lower(one)}` : text ? `${text} ${one}` : one,
          '',
        ),
      ),
    }),
  },
  {
    name: 'joined by and',
    say: (said) => ({
      ...said,
      method: said.method.map((line) => {
        const parts = sentencesOf(line);
        const out: string[] = [];
        for (let i = 0; i < parts.length; i++) {
          const next = parts[i + 1];
          if (next && VERBS.test(next) && parts[i].endsWith('.') && !parts[i].includes(' and '))
            out.push(`${parts[i].slice(0, -1)} and ${lower(parts[++i])}`);
          else out.push(parts[i]);
        }
        return out.join(' ');
      }),
    }),
  },
  {
    name: 'cut at then',
    say: bySentence((s) =>
      s
        .replace(/,? (?:and )?then (?=(\p{Ll}\p{L}+))/gu, (all: string, verb: string) => (VERBS.test(upper(verb)) ? `. #` : all))
        .replace(/#(\p{Ll})/gu, (_, letter: string) => letter.toUpperCase()),
    ),
  },
  {
    name: 'semicolons',
    say: (said) => ({
      ...said,
      method: said.method.map((line) =>
        sentencesOf(line)
          .map((s, i) => (i > 0 && VERBS.test(s) ? lower(s) : s))
          .join(' ')
          .replace(/(?<!\b(?:min|tbsp|qt|[ct]|in|hr))\. (?=\p{Ll})/giu, '; '),
      ),
    }),
  },
  { name: 'one paragraph', say: (said) => ({ ...said, method: [said.method.join(' ')] }) },
  { name: 'a line a sentence', say: (said) => ({ ...said, method: said.method.flatMap(sentencesOf) }) },
  { name: 'no full stops', say: (said) => ({ ...said, method: said.method.map((line) => line.replace(/[.!]+$/, '')) }) },
  {
    name: 'remarks',
    say: (said) => ({ ...said, method: said.method.map((line, i) => (i % 2 ? line : `${line} ${REMARKS[(i / 2) % REMARKS.length]}`)) }),
  },
  // Order within a sentence
  {
    name: 'place behind',
    say: bySentence((s) =>
      s.replace(
        /^In (an? [^,.]*?), (?!.*\b(?:and|then|until|with)\b)(\p{L}[^.,]*)\.$/u,
        (_, place: string, act: string) => `${upper(act)} in ${place}.`,
      ),
    ),
  },
  {
    name: 'place before',
    say: bySentence((s) =>
      s.replace(
        /^((?:Mix|Whisk|Combine|Beat|Melt|Stir|Toss) [^.,]*?) in (an? (?:(?!\band\b)[^.,(–-])*)\.$/,
        (_, act: string, place: string) => `In ${place}, ${lower(act)}.`,
      ),
    ),
  },
  {
    name: 'tool before',
    say: bySentence((s) =>
      s.replace(
        /^((?:Mash|Stir|Beat|Whisk|Crush|Press|Cut|Peel) [^.,]*?) with (an? [^.,]*)\.$/,
        (_, act: string, tool: string) => `Using ${tool}, ${lower(act)}.`,
      ),
    ),
  },
  { name: 'minutes in brackets', say: bySentence((s) => s.replace(/ for (?:about )?(\d+(?:[–-]\d+)? minutes)(?=\.|,)/, ' ($1)')) },
  {
    name: 'minutes without for',
    say: bySentence((s) => s.replace(/^((?:Simmer|Bake|Boil|Fry|Cook|Microwave|Chill)(?: [^.,]*?)?) for (\d+)/, '$1 $2')),
  },
  // Words
  {
    name: 'British words',
    say: everywhere([
      [/\bstovetop\b/gi, 'hob'],
      [/\bskillet\b/gi, 'frying pan'],
      [/\bzucchinis?\b/gi, 'courgette'],
      [/\beggplants?\b/gi, 'aubergine'],
      [/\bscallions?\b/gi, 'spring onions'],
      [/\bcilantro\b/gi, 'fresh coriander'],
      [/\bshrimp\b/gi, 'prawns'],
      [/\bground (beef|turkey|pork|lamb|chicken)\b/gi, '$1 mince'],
      [/\bbell peppers?\b/gi, 'peppers'],
      [/\bbaking sheet\b/gi, 'baking tray'],
      [/\bpaper towels?\b/gi, 'kitchen paper'],
      [/\bplastic wrap\b/gi, 'cling film'],
      [/\bparchment paper\b/gi, 'baking paper'],
      [/\ball-purpose flour\b/gi, 'plain flour'],
      [/\bheavy cream\b/gi, 'double cream'],
      [/\bpowdered sugar\b/gi, 'icing sugar'],
      [/\bcornstarch\b/gi, 'cornflour'],
      [/\bgarbanzo beans\b/gi, 'chickpeas'],
      [/\bto a boil\b/gi, 'to the boil'],
      [/\bcans? of\b/gi, 'tin of'],
    ]),
  },
  {
    name: 'American words',
    say: everywhere([
      [/\bhob\b/gi, 'stove'],
      [/\bfrying pan\b/gi, 'skillet'],
      [/\bcourgettes?\b/gi, 'zucchini'],
      [/\baubergines?\b/gi, 'eggplant'],
      [/\bspring onions?\b/gi, 'scallions'],
      [/\bprawns\b/gi, 'shrimp'],
      [/\b(beef|turkey|pork|lamb|chicken) mince\b/gi, 'ground $1'],
      [/\b(?:baking tray|oven tray)\b/gi, 'baking sheet'],
      [/\bkitchen paper\b/gi, 'paper towels'],
      [/\bcling ?film\b/gi, 'plastic wrap'],
      [/\bbaking paper\b/gi, 'parchment paper'],
      [/\bplain flour\b/gi, 'all-purpose flour'],
      [/\bdouble cream\b/gi, 'heavy cream'],
      [/\bicing sugar\b/gi, 'powdered sugar'],
      [/\bcornflour\b/gi, 'cornstarch'],
      [/\bto the boil\b/gi, 'to a boil'],
      [/\btin of\b/gi, 'can of'],
    ]),
  },
  {
    name: 'other plain verbs',
    say: everywhere(
      [
        [/\bPlace\b/g, 'Put'],
        [/\bplace (?=the|a|it|them)/g, 'put '],
        [/\bTip (?=the|it|them)/g, 'Pour '],
        [/\bSwitch (on|off)\b/g, 'Turn $1'],
        [/\bCombine\b/g, 'Mix'],
        [/\bset aside\b/gi, 'put to one side'],
        [/\bRemove (.{1,40}?) from the heat\b/g, 'Take $1 off the heat'],
        [/\bAllow (.{1,30}?) to cool\b/g, 'Leave $1 to cool'],
        [/\bcontinue to cook\b/g, 'keep cooking'],
        [/\buntil\b/g, 'till'],
        [/\babout (?=\d)/g, 'approximately '],
        [/\bcontinue cooking\b/g, 'cook on'],
        [/\bonce\b(?= the)/g, 'when'],
      ],
      ['method'],
    ),
  },
  {
    name: 'other formal verbs',
    say: everywhere(
      [
        [/\bPut (?=the|a|it|them|both|all)/g, 'Place '],
        [/\bTurn (on|off) the\b/g, 'Switch $1 the'],
        [/\bPut to one side\b/gi, 'set aside'],
        [/\bTake (the \w+) off the heat\b/g, 'Remove $1 from the heat'],
        [/\bLeave to cool\b/g, 'Allow to cool'],
        [/\bleave to cool\b/g, 'allow to cool'],
        [/\btill\b/g, 'until'],
        [/\bTurn down the heat\b/g, 'Reduce the heat'],
        [/\bturn down the heat\b/g, 'reduce the heat'],
        [/\bturn the heat down\b/gi, 'lower the heat'],
        [/\bDish up\b/g, 'Serve'],
        [/\bmix together\b/gi, 'combine'],
        [/\bAdd in\b/g, 'Add'],
      ],
      ['method'],
    ),
  },
  {
    name: 'everyday verbs',
    say: everywhere(
      [
        [/\b(?:Place|Put) (?=the|a|it|them)/g, 'Pop '],
        [/\b(?:place|put) (?=the|a|it|them)/g, 'pop '],
        [/\bAdd the (?=\p{L}+(?: and the \p{L}+)? to\b)/gu, 'Chuck the '],
        [/\bStir well\b/g, 'Give it a good stir'],
      ],
      ['method'],
    ),
  },
  {
    name: 'units in full',
    say: everywhere([
      [/(\d|½|¼|¾)\s?tbsps?\b\.?/gi, '$1 tablespoons'],
      [/(\d|½|¼|¾)\s?tsps?\b\.?/gi, '$1 teaspoons'],
      [/(\d)\s?g\b/g, '$1 grams'],
      [/(\d)\s?ml\b(?! spoon)/gi, '$1 millilitres'],
      [/\b(\d+)\s?oz\b\.?/gi, '$1 ounces'],
      [/(\d)\s?°\s?C\b/g, '$1 degrees C'],
      [/(\d)\s?°\s?F\b/g, '$1 degrees F'],
    ]),
  },
  {
    name: 'units cut short',
    say: everywhere([
      [/(?<=\d )tablespoons?\b/gi, 'tbsp'],
      [/(?<=\d )teaspoons?\b/gi, 'tsp'],
      [/(\d) grams\b/gi, '$1g'],
      [/(\d) (ml|g)\b/g, '$1$2'],
      [/(?<!\b(?:an?|further|extra|half an) )\bminutes?\b/g, 'mins'],
      [/(?<!\b(?:an?|further|extra|half an) )\bhours?\b/g, 'hrs'],
      [/\bounces?\b/gi, 'oz'],
      [/\bpounds?\b/gi, 'lb'],
    ]),
  },
  {
    name: 'times in words',
    say: everywhere([[/\b(\d|1[0-2]) (minutes?|seconds?|hours?)\b/g, '#$1# $2']], ['method']),
  },
  {
    name: 'fractions as signs',
    say: everywhere([
      [/\b1\/2\b/g, '½'],
      [/\b1\/4\b/g, '¼'],
      [/\b3\/4\b/g, '¾'],
      [/\b(\d) (?=[½¼¾])/g, '$1'],
    ]),
  },
  { name: 'small letters', say: (said) => ({ ...said, method: said.method.map((line) => sentencesOf(line).map(lower).join(' ')) }) },
  // Layout of the list
  { name: 'list turned', say: (said) => ({ ...said, list: turned(said.list) }) },
  { name: 'list with boxes', say: (said) => ({ ...said, list: said.list.map((line) => `☐ ${line}`) }) },
  { name: 'list with dots', say: (said) => ({ ...said, list: said.list.map((line) => `• ${line}`) }) },
  { name: 'amounts behind', say: (said) => ({ ...said, list: said.list.map(amountBehind) }) },
  {
    name: 'list of capitals',
    say: (said) => ({
      ...said,
      list: said.list.map((line) =>
        line.replace(
          /^([\d ./½¼¾]*(?:(?:g|kg|ml|cups?|tbsp|tsp|oz|lb)\b|[A-Za-z]{1,4}\.?(?=\s))?\s*)(\p{L}.*)$/u,
          (_, n: string, rest: string) => n + upper(rest),
        ),
      ),
    }),
  },
];

/** "#5# minutes" as "five minutes". */
const spelt = (line: string) => line.replace(/#(\d+)#/g, (_, n) => NUMBERS[Number(n)]);

/** The recipe said that way, as a text. */
export function saidThatWay(way: Way, said: Said): string {
  if (way.print) return way.print(said) ?? printed(said);
  const other = way.say(said);
  return printed({ ...other, method: other.method.map(spelt) });
}
