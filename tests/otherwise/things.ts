// A third set of ways, set down when the first two had been mended: other foods of the same kind, things called by their kind, a place left out that is clear, and what stands before or behind its act. Each of them leaves a person no doubt.
import { findFood } from '../../src/core/index';
import { bySentence, lower, sentencesOf, upper, type Said, type Way } from './ways';

/** Foods that are worked on in the same way: the first is replaced by the second, in one and in several. */
const ALIKE: readonly (readonly [RegExp, string])[] = [
  [/\bcarrot(s?)\b/gi, 'parsnip$1'],
  [/\bcourgette(s?)\b/gi, 'aubergine$1'],
  [/\bzucchini(s?)\b/gi, 'eggplant$1'],
  [/\bbroccoli\b/gi, 'cauliflower'],
  [/\bspinach\b/gi, 'kale'],
  [/\bonion(s?)\b/gi, 'leek$1'],
  [/\bcod\b/gi, 'haddock'],
  [/\bsalmon\b/gi, 'trout'],
  [/\bcheddar\b/gi, 'gruyère'],
  [/\bfeta\b/gi, 'halloumi'],
  [/\bparsley\b/gi, 'coriander'],
  [/\bbasil\b/gi, 'mint'],
  [/\bthyme\b/gi, 'oregano'],
  [/\bcumin\b/gi, 'turmeric'],
  [/\bpaprika\b/gi, 'mild chilli powder'],
  [/\bcinnamon\b/gi, 'mixed spice'],
  [/\bhoney\b/gi, 'golden syrup'],
  [/\bapple(s?)\b/gi, 'pear$1'],
  [/\bstrawberries\b/gi, 'raspberries'],
  [/\bblueberries\b/gi, 'blackberries'],
  [/\braisins\b/gi, 'sultanas'],
  [/\bwalnuts\b/gi, 'pecans'],
  [/\bchickpeas\b/gi, 'butter beans'],
  [/\bkidney beans\b/gi, 'pinto beans'],
  [/\bpenne\b/gi, 'rigatoni'],
  [/\bspaghetti\b/gi, 'linguine'],
  [/\bmacaroni\b/gi, 'conchiglie'],
  [/\bcouscous\b/gi, 'bulgur wheat'],
  [/\bbeef mince\b/gi, 'lamb mince'],
  [/\bchicken\b/gi, 'turkey'],
  [/\bbutter\b/gi, 'margarine'],
  [/\bcelery\b/gi, 'fennel'],
  [/\btortillas\b/gi, 'flatbreads'],
  [/\bginger\b/gi, 'galangal'],
];

/** Names that stand beside a food and make it another: "butter beans", "ginger biscuits", "onion powder". */
const COMPOUND =
  /(?:\b(?:peanut|nut|almond|spring|green|pickled|ground|dried|apple|carrot)\s$)|^\s?-|^\s+(?:powder|beans?|biscuits?|sauce|soup|stock|broth|cake|pie|granules|salt|squash|chutney|puree|purée|nuts?|milk|juice|cider|ale|beer|seeds?)\b/i;

/** Every food that has its like, changed in the whole text; not where the other is in it already. */
function otherFoods(said: Said): Said {
  const whole = [said.title, ...said.list, ...said.method].join('\n');
  const used = ALIKE.filter(([from, to]) => {
    const other = to.replace('$1', '');
    if (new RegExp(`\\b${other}`, 'i').test(whole)) return false;
    return [...whole.matchAll(from)].every((m) => {
      const behind = whole.slice(m.index + m[0].length, m.index + m[0].length + 14);
      return !COMPOUND.test(whole.slice(Math.max(0, m.index - 9), m.index)) && !COMPOUND.test(behind);
    });
  });
  const change = (line: string) =>
    used.reduce(
      (text, [from, to]) =>
        text.replace(from, (all: string, s?: string) => {
          const word = to.replace('$1', typeof s === 'string' ? s : '');
          return /^\p{Lu}/u.test(all) ? upper(word) : word;
        }),
      line,
    );
  return { ...said, title: change(said.title), list: said.list.map(change), method: said.method.map(change) };
}

/** The same foods under the names that they had before. */
const BEFORE = new Map(
  ALIKE.flatMap(([from, to]) => {
    const was = from.source.replace(/\\b/g, '').replace('(s?)', '');
    return [to.replace('$1', ''), to.replace('$1', 's')].flatMap((name) => {
      const now = findFood(name)?.id ?? name;
      return [[now, findFood(was)?.id ?? was] as const];
    });
  }),
);

/** What stands for a food that the list names more closely. */
const KINDS: readonly (readonly [RegExp, string])[] = [
  [/\b(?:spaghetti|penne|fusilli|macaroni|farfalle|linguine|tagliatelle|conchiglie|rigatoni|orzo)\b/gi, 'pasta'],
  [/\b(?:salmon|cod|haddock|hake|pollock|trout)(?: fillets?)?\b/gi, 'fish'],
  [/\b(?:cheddar|mozzarella|feta|parmesan|gruy[eè]re|halloumi)(?: cheese)?\b/gi, 'cheese'],
  [/\b(?:kidney|black|butter|haricot|cannellini|pinto|borlotti) beans\b/gi, 'beans'],
  [/\b(?:parsley|coriander|basil|mint|dill)(?: leaves)?\b/gi, 'herbs'],
  [/\b(?:walnuts|almonds|hazelnuts|cashews|pecans|pistachios)\b/gi, 'nuts'],
  [/\b(?:strawberries|blueberries|raspberries|blackberries)\b/gi, 'berries'],
  [/\b(?:beef|pork|lamb|turkey) mince\b|\bminced (?:beef|pork|lamb|turkey)\b/gi, 'mince'],
  [/\b(?:basmati|long[- ]grain|brown|jasmine|risotto|arborio) rice\b/gi, 'rice'],
  [/\b(?:plain|self-raising|wholemeal|bread|strong white) flour\b/gi, 'flour'],
  [/\b(?:caster|granulated|light brown|soft brown|brown|demerara) sugar\b/gi, 'sugar'],
  [/\b(?:olive|vegetable|sunflower|rapeseed) oil\b/gi, 'oil'],
  [/\b(?:red|brown|white|spring) onion(s?)\b/gi, 'onion$1'],
  [/\b(?:cherry|plum|chopped) tomatoes\b/gi, 'tomatoes'],
  [/\bchicken (?:thighs|breasts|strips|pieces)\b/gi, 'chicken'],
];

/** "the penne": "the pasta", where the list has one of the kind only. */
function byKind(said: Said): Said {
  const list = said.list.join('\n').toLowerCase();
  const used = KINDS.filter(([from, to]) => {
    const kind = to.replace('$1', '');
    const own = new Set((list.match(from) ?? []).map((one) => one.toLowerCase()));
    const words = list.match(new RegExp(`\\b${kind}`, 'g')) ?? [];
    const named = [...own].filter((one) => one.includes(kind)).length;
    return own.size === 1 && words.length <= named;
  });
  const change = (line: string) =>
    used.reduce((text, [from, to]) => text.replace(new RegExp(`\\b(the )(${from.source})`, 'gi'), `$1${to.replace('$1', '')}`), line);
  return { ...said, method: said.method.map(change) };
}

/** A place that was named the sentence before, and nothing else since: "Add the garlic to the pan." without its pan. */
function withoutPlace(said: Said): Said {
  const PLACE = /,? (?:in|into|to) the (pan|saucepan|bowl|pot|jug|frying pan|dish)(?=[.,]| and\b)/u;
  const ANY = /\b(?:pan|saucepan|bowl|pot|jug|dish|tray|tin|plate|board|colander|sieve|blender|oven|processor|cup|glass)\b/gi;
  let last: string | null = null;
  return {
    ...said,
    method: said.method.map((line) =>
      sentencesOf(line)
        .map((s) => {
          const found = PLACE.exec(s);
          const vessels = s.match(ANY) ?? [];
          const same = found !== null && vessels.length === 1 && last === vessels[0].toLowerCase();
          if (vessels.length > 0) last = vessels.length === 1 ? vessels[0].toLowerCase() : null;
          return same && /^(?:Add|Stir|Mix|Whisk|Beat|Tip|Pour)\b/.test(s) ? s.replace(found[0], '') : s;
        })
        .join(' '),
    ),
  };
}

export const OTHER_THINGS: readonly Way[] = [
  {
    name: 'other foods alike',
    say: otherFoods,
    alike: (line) =>
      line
        .split(' | ')
        .map((part, i) =>
          i !== 2
            ? part
            : part
                .split(' + ')
                .map((one) =>
                  [...BEFORE].reduce((t, [now, was]) => (t.endsWith(` ${now}`) || t === now ? t.slice(0, -now.length) + was : t), one),
                )
                .sort()
                .join(' + '),
        )
        .join(' | '),
  },
  { name: 'by their kind', say: byKind },
  { name: 'place left out', say: withoutPlace },
  {
    name: 'in it',
    say: bySentence((s) =>
      s.replace(
        /^(Put|Tip|Place) (the \p{L}+) in(?:to)? (a \p{L}+(?: \p{L}+)?) and (\p{L}+ .*) in the \p{L}+\./u,
        '$1 $2 in $3 and $4 in it.',
      ),
    ),
  },
  {
    name: 'until first',
    say: bySentence((s) => s.replace(/ for (?:about )?(\d+(?:[–-]\d+)? minutes),? (until [^,.]*)\.$/u, ' $2, about $1.')),
  },
  {
    name: 'until before',
    say: bySentence((s) =>
      s.replace(/^(\p{Lu}[^.,]*?),? (until [^,.]*)\.$/u, (_, act: string, until: string) => `${upper(until)}, ${lower(act)}.`),
    ),
  },
  {
    name: 'stirring before',
    say: bySentence((s) =>
      s.replace(
        /^(\p{Lu}[^.]*), (stirring(?: often| occasionally| all the time| now and then)?)\.$/u,
        (_, act: string, ing: string) => `${upper(ing)}, ${lower(act)}.`,
      ),
    ),
  },
  {
    name: 'stirring behind and',
    say: bySentence((s) => s.replace(/, stirring (often|occasionally|all the time|now and then)(?=[.,])/u, ' and stir $1')),
  },
  { name: 'half of', say: bySentence((s) => s.replace(/\bhalf the\b/g, 'half of the')) },
  { name: 'rest of', say: bySentence((s) => s.replace(/\bthe remaining (?=\p{L})/gu, 'the rest of the ')) },
  { name: 'remaining', say: bySentence((s) => s.replace(/\bthe rest of the (?=\p{L})/gu, 'the remaining ')) },
  {
    name: 'peel it, then',
    say: bySentence((s) => s.replace(/^(Peel|Wash|Rinse|Drain) and (\p{L}+) (the \p{L}+)(?=[. ,])/u, '$1 $3, then $2 it')),
  },
  {
    name: 'both',
    say: bySentence((s) =>
      s.replace(/^(Add|Put|Tip|Mix|Stir|Whisk|Combine) the (\p{L}+) and the (\p{L}+)(?=[. ])/u, '$1 both the $2 and the $3'),
    ),
  },
  {
    name: 'along with',
    say: bySentence((s) =>
      s.replace(/^(Add|Put|Tip) (the [\p{L} ]+?) and (?:the )?(\p{L}+)(?=\.| to | in | into )/u, '$1 $2 along with the $3'),
    ),
  },
  { name: 'followed by', say: bySentence((s) => s.replace(/^(Add) (the \p{L}+) and (?:the )?(\p{L}+)\.$/u, '$1 $2, followed by the $3.')) },
  { name: 'ampersands', say: bySentence((s) => s.replace(/(?<=\p{L}) and (?=the \p{L})/gu, ' & ')) },
  {
    name: 'the oven is set',
    say: bySentence((s) => s.replace(/^(?:Preheat|Heat) the oven to ([^.]*)\.$/u, 'Set the oven to $1 and let it heat up.')),
  },
  {
    name: 'get the oven on',
    say: bySentence((s) => s.replace(/^(?:Preheat|Heat|Turn on|Set) the oven (?:to|at) ([^.]*)\.$/u, 'Get the oven on at $1.')),
  },
  { name: 'on the hob', say: bySentence((s) => s.replace(/\bover (?:a )?(low|medium|high) heat\b/g, 'on a $1 heat')) },
  { name: 'ring at', say: bySentence((s) => s.replace(/\bover (?:a )?(low|medium|high) heat\b/g, 'with the hob on $1')) },
  { name: 'medium-high', say: bySentence((s) => s.replace(/\b(over|on) (?:a )?medium heat\b/g, '$1 a medium-high heat')) },
  { name: 'do not', say: bySentence((s, i) => (i % 3 === 2 ? `${s} Do not rush this.` : s)) },
  { name: 'why', say: bySentence((s, i) => (i % 3 === 1 && s.endsWith('.') ? `${s.slice(0, -1)} (this makes all the difference).` : s)) },
  { name: 'if you like', say: bySentence((s) => s.replace(/^(Season|Sprinkle|Scatter)([^.]*)\.$/u, '$1$2, if you like.')) },
];
