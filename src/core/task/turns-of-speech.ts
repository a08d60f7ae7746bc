// Turns of speech that hold several actions, or say one in a roundabout way, put as plain actions before a line is split.
import { table } from '../amount/table';
import { capital } from '../recipe/method-lines';
import { preparationVerb } from '../recipe/preparation';
import { imperativeOf, KITCHEN_VERBS } from '../recipe/verbs';
import { ADVERBS, FOOD_VERBS } from './clause-words';
import { findTools, isVessel, isWrap } from '../technique/tools';
import { behindVerb } from './turns/fronted';
import { HEAT } from './turns/heat';
import { NOTES } from './turns/notes';
import { inOwnPlaces } from './turns/own-places';
import { PLACES } from './turns/places';
import { remarksApart } from './turns/remarks';
import { IS_SIZED, SIZED, withArticlesBack } from './turns/short-style';
import { toldPlainly } from './turns/telling';
import { asFirst } from './turns/turn';
import { WORDS } from './turns/words';

// What is done for a time on each of two sides, or turned or stirred halfway.
const HEATED = 'fry|cook|brown|sear|grill|broil|griddle|toast|bake|roast|microwave|air[- ]fry|saut[eé]|pan-fry|barbecue';
const TIME =
  '(?:(?:about|around|approx\\.?|another|a further) )*(\\d+(?:[./]\\d+)?)(?:\\s*(?:-|–|to|or)\\s*(\\d+(?:[./]\\d+)?))?\\s*(?:more |further |extra )?(min(?:ute)?s?|sec(?:ond)?s?)\\b\\.?';
const EACH_SIDE = new RegExp(
  `\\b(${HEATED})\\b([^.;]{0,60}?)\\s*(?:for\\s+)?${TIME},?\\s+(?:on\\s+)?(?:each|per|a|either|both)\\s+sides?\\b`,
  'i',
);
const HALF = 'half-?\\s?way(?:\\s+(?:through|during))?(?:\\s+(?:the\\s+)?(?:cooking|baking|roasting)(?:\\s+time)?)?';
const HALFWAY = new RegExp(
  `\\b(${HEATED})\\b([^.;]{0,60}?)\\s*(?:for\\s+)?${TIME}([^.;]{0,90}?),?\\s+(?:and\\s+)?(flip|turn|toss|shak|shake|stirr?|rotat|bast)(?:p?ing|e)?((?:\\s+(?:it|them|everything|the\\s+\\p{L}+|basket|tray|pan))?)((?:\\s+(?:over|a?round))?)\\s+(?:once(?!\\s+or\\b)(?:\\s+${HALF})?|${HALF})`,
  'iu',
);
const AGAIN = table<string>({ brown: 'cook', sear: 'cook' });
const DO = table<string>({
  flip: 'Turn over',
  turn: 'Turn over',
  toss: 'Toss',
  shak: 'Shake',
  shake: 'Shake',
  stir: 'Stir',
  stirr: 'Stir',
  rotat: 'Turn round',
  bast: 'Baste',
});

const AFTER = new RegExp(
  `\\b(${HEATED}|heat)\\b([^.;]{0,60}?)\\s*(?:for\\s+)?(?:(\\d+)\\s*(?:-|–|to|or)\\s*)?(\\d+)\\s*(min(?:ute)?s?|h(?:ou)?rs?)\\b\\.?([.,;]\\s*(?:then\\s+)?|\\s+(?=and\\b)|\\s+then\\s+)(?:and\\s+)?(?:carefully\\s+|gently\\s+)?(flip|turn|toss|shak|stirr?|rotat)(?:p?ing|e)?((?:\\s+(?:it|them|everything|the\\s+\\p{L}+(?:\\s\\p{L}+)??|basket|tray|pan))?)((?:\\s+(?:over|a?round))?)((?:\\s+(?:with|using)\\s+(?:an?\\s+|the\\s+|some\\s+)?\\p{L}+)?)\\s+after\\s+(?:the\\s+first\\s+|about\\s+)?(\\d+)((?:\\s*½|\\s1/2|\\.5)?)(?:\\s*min(?:ute)?s?\\b\\.?|(?=\\s*(?:[.;]|$)))`,
  'iu',
);

const IS_VESSEL = /\b(?:tray|pan|tin|dish|bowl|plate|basket|jug|mug)$/i;
/** How hot it is, which holds for both halves of the time. */
const SETTING = /\s+(?:on|at)\s+(?:(?:full|high|medium|low|half|defrost)(?:\s+(?:power|heat|setting))?|\d+\s?%(?:\s+power)?|\d+\s?W)\b/i;

const TIME_LAST = new RegExp(
  `\\b(${HEATED})\\b([^.;]{0,40}?),?\\s+(until\\b[^.;,]{3,80}?),\\s+(?:for\\s+)?${TIME}(?=,\\s+\\p{L}+ing\\b)`,
  'iu',
);

/** "Roast until plump, 15 to 18 minutes, stirring once": the time first, as elsewhere. */
const timeFirst = (text: string): string =>
  text.replace(
    TIME_LAST,
    (_all, verb: string, what: string, until: string, low: string, high: string | undefined, unit: string) =>
      `${verb}${what} for ${range(Number(low), Number(high ?? low), unit)} ${until}`,
  );

const range = (low: number, high: number, unit: string) =>
  low < high ? `${low}-${high} ${unit}` : `${low} ${low === 1 ? unit.replace(/s$/, '') : unit}`;

function eachSide(text: string): string {
  return text.replace(EACH_SIDE, (_all, verb: string, what: string, low: string, high: string | undefined, unit: string) => {
    const time = high ? `${low}-${high} ${unit}` : `${low} ${unit}`;
    const again = AGAIN.get(verb.toLowerCase()) ?? verb.toLowerCase();
    return `${verb}${what} for ${time}. Turn over. ${again.charAt(0).toUpperCase()}${again.slice(1)} for ${time} more`;
  });
}

function halfway(text: string): string {
  return text.replace(
    HALFWAY,
    (
      all: string,
      verb: string,
      what: string,
      low: string,
      high: string | undefined,
      unit: string,
      between: string,
      how: string,
      thing: string,
      way: string,
    ) => {
      const least = Number(low);
      const most = high === undefined ? least : Number(high);
      if (!Number.isInteger(least) || !Number.isInteger(most) || least < 2) return all;
      const first = Math.floor(least / 2);
      const act = DO.get(how.toLowerCase())!;
      const object = thing.trim() ? ` ${thing.trim()}` : '';
      const isRound = /round/i.test(way) || act.endsWith('round') || (act.endsWith('over') && IS_VESSEL.test(object));
      const turned = isRound ? `Turn${object} round` : act.endsWith('over') ? `Turn${object} over` : `${act}${object}`;
      return `${verb}${what} for ${range(first, first, unit)}. ${turned}. ${verb.charAt(0).toUpperCase()}${verb.slice(1).toLowerCase()}${SETTING.exec(what)?.[0] ?? ''} for ${range(least - first, most - first, unit)} more${between.replace(/^ (?:more|longer)\b/, '')}`;
    },
  );
}

/** "Roast for 35 minutes. Turn the veg after 20 minutes": the turning is in between. */
function inBetween(text: string): string {
  return text
    .replace(
      AFTER,
      (
        all: string,
        verb: string,
        what: string,
        least: string | undefined,
        most: string,
        unit: string,
        _stop: string,
        how: string,
        thing: string,
        way: string,
        by: string,
        whole: string,
        half: string,
      ) => {
        const isHours = /^h/i.test(unit);
        const after = Number(whole) + (half ? 0.5 : 0);
        const left = (time: string) => Number(time) * (isHours ? 60 : 1) - after;
        if (left(least ?? most) <= 0) return all;
        const minutes = isHours ? 'minutes' : unit;
        const object = thing.trim() ? ` ${thing.trim()}` : '';
        // nobody turns a full tray over
        const over = /round/i.test(way) || /^rotat/i.test(how) || IS_VESSEL.test(object) ? 'round' : 'over';
        const act = /^(?:turn|flip|rotat)$/i.test(how) ? `Turn${object} ${over}` : `${DO.get(how.toLowerCase()) ?? 'Stir'}${object}`;
        return `${verb}${what} for ${after} ${minutes}. ${act}${by}. ${verb.charAt(0).toUpperCase()}${verb.slice(1).toLowerCase()}${SETTING.exec(what)?.[0] ?? ''} for ${range(left(least ?? most), left(most), minutes)} more.`;
      },
    )
    .replace(/ more\.,?\s+until\b/, ' more until');
}

// where first: what is put in an oven may be baked by the next table
const TURNS = [...NOTES, ...PLACES, ...HEAT, ...WORDS].map(([words, from, to]) => [words.split('|'), from, to] as const);

const THEN = ',?\\s+(?:and\\s+)?(?:then|finally)\\s+(?:in(?:to)?\\s+((?:the\\s+)?[\\p{L} ]{2,30}?)|(the\\s+[\\p{L} ]{2,30}?))';
const DIPS = new RegExp(
  `\\b(dip|coat|roll|dredge)\\s+([^.;,]{2,40}?)\\s+in(?:to)?\\s+((?:the\\s+)?[\\p{L} ]{2,30}?)${THEN}(?:${THEN.replace(',?', ',?')})?(?=\\s*[.,;]|$)`,
  'iu',
);

const READY = 'drained|rinsed|peeled|chopped|sliced|diced|grated|beaten|mashed';
const ASIDE_WORK = new RegExp(
  `(^|[.!?;]\\s+)([^.;!?()]*?\\b)(the\\s+(?:\\p{L}+\\s+)?\\p{L}+)\\s+\\((${READY})(?:\\s+and\\s+(${READY}))?\\)`,
  'iu',
);
const LAST_WORK = new RegExp(
  `^(.*?)(?:,?\\s+and\\s+(?:then\\s+)?|,\\s+(?:then\\s+)?|(?<=[.!?;]\\s)|^)((?:add|put|scatter|sprinkle|stir|tip|top|garnish|finish)\\b(?:(?!\\b(?:and|then)\\b|,)[^.;!?()])*?\\b)(the\\s+(?:\\p{L}+\\s+)?\\p{L}+),\\s+(${READY})(?:\\s+and\\s+(${READY}))?(?=\\s*[.;]|$)`,
  'iu',
);

/** "Tip in the beans (drained)", "scatter over the onions, sliced": that is done first. */
function workBehind(text: string, pattern: RegExp): string {
  return text.replace(pattern, (_all, start: string, before: string, thing: string, one: string, two: string | undefined) => {
    const works = [one, two].flatMap((work) => (work ? [verbAfter('', `${preparationVerb(work)!} ${thing.toLowerCase()}`)] : []));
    return `${start.replace(/([^.!?;\s])\s*$/, '$1. ')}${works.join('. ')}. ${before.charAt(0).toUpperCase()}${before.slice(1)}${thing}`;
  });
}

/** "Dip each piece in the flour, then the egg, then the crumbs": a dip each. */
function dips(text: string): string {
  return text.replace(DIPS, (_all, verb: string, what: string, first: string, a?: string, b?: string, d?: string, e?: string) => {
    const second = (a ?? b)!;
    const third = d ?? e;
    const thing = what.replace(/\s+first$/i, '');
    return [`${verb} ${thing} in ${first}`, `Dip ${thing} in ${second}`, ...(third ? [`Coat ${thing} in ${third}`] : [])].join('. ');
  });
}

const LAYER = '((?:(?:the|some|a|an|half|more|another|remaining|rest)\\b)?[^.;,]{3,40}?)';
const LAYERS = new RegExp(
  `\\b((?:spoon|add|put|layer|pour|sprinkle|scatter|place|lay|drizzle)(?:\\s+(?:on|in|over))?)\\s+([^.;,]{2,40}?),\\s+(?:and\\s+)?then\\s+${LAYER}(?:,\\s+(?:and\\s+)?(?:then|finally)\\s+${LAYER})(?=\\s*[.,;]|$)`,
  'iu',
);

const ON_THEN =
  /\b(put|lay|place|arrange|sprinkle|scatter|spread|spoon|layer|pour|divide)\s+([^.;,]{3,40}?\s+(?:on|over|on top of|into(?=\s+(?:each|every|the|four|six|\d)))\s+[^.;,]{3,40}?),\s+(?:and\s+)?then\s+((?:(?:the|some|a|an|half)\s+)?[\p{L}][^.;,]{2,40}?)(?=\s*[.;]|$)/giu;

/** "Put the tomato on the bread, then the cheese": one on the other. */
const onThen = (text: string): string =>
  text.replace(ON_THEN, (all: string, act: string, first: string, second: string) =>
    !/^(?:the|some|an?|half)\s/i.test(second) && isAct(second) ? all : `${act} ${first}. ${capital(act)} ${second} on top`,
  );

/** "Spoon on half the yoghurt, then the peaches, then the remaining yoghurt": one on the other. */
const layers = (text: string): string =>
  text.replace(LAYERS, (all: string, act: string, ...said: string[]) => {
    const things = said.slice(0, 3);
    // "add the onion, then fry it, then stir in the rice" is one thing after another, and none on another
    if (things.slice(1).some(isAct)) return all;
    return things.map((thing) => `${act.charAt(0).toUpperCase()}${act.slice(1)} ${thing}`).join('. ');
  });

/** Words that order something, and are no thing: "salt" is both. */
const isAct = (text: string): boolean => {
  const words = text.toLowerCase().match(/[\p{L}-]+/gu) ?? [];
  const first = ADVERBS.has(words[0] ?? '') ? words[1] : words[0];
  return KITCHEN_VERBS.has(first ?? '') && !FOOD_VERBS.has(first!);
};

/** A verb behind what stands before it: with a capital, unless the sentence goes on. */
const verbAfter = (start: string, verb: string): string =>
  /(?:,|\b(?:and|then|meanwhile,?))\s*$/i.test(start) ? verb : verb.charAt(0).toUpperCase() + verb.slice(1);

const KEEP_DOING = /(^|[.!?;,]\s+|\b(?:and|then)\s+)keep\s+(?:on\s+)?(?!going\b)([a-z]+ing)\b(?:\s+and\s+([a-z]+ing\b))?/gi;

/** "Keep whisking until it is thick": whisk. */
const keepDoing = (text: string): string =>
  text.replace(KEEP_DOING, (all: string, start: string, doing: string, also: string | undefined) => {
    const verb = imperativeOf(doing.toLowerCase());
    if (!KITCHEN_VERBS.has(verb)) return all;
    return `${start}${verbAfter(start, verb)}${also ? ` everything, ${also}` : ''}`;
  });

const BY_DOING =
  /(^|[.!?;,]\s+|\b(?:then|meanwhile,?)\s+)(?:make|prepare)\s+((?:an?|the|your)\s+(?:\p{L}+\s+)?\p{L}+)\s+by\s+(\p{L}+ing)\s+((?:together\s+)?[^.;]+)/giu;

/** "Make the dip by mixing the soy and vinegar": mixing is what is done. */
const byDoing = (text: string): string =>
  text.replace(BY_DOING, (all: string, start: string, thing: string, doing: string, what: string) => {
    const verb = imperativeOf(doing.toLowerCase());
    if (!KITCHEN_VERBS.has(verb)) return all;
    return `${start}${verbAfter(start, verb)} ${what} for ${thing}`;
  });

const AT = 'in|on|into|onto|to|from|over';
const ON_VESSELS = 'cover|uncover|fill|grease|line|spray|shake|tilt|scrape|heat|warm|rinse|drain|butter|oil|remove|take';
const BARE = new RegExp(`(?:\\b(${AT})|(?:^|[.!?;,]\\s+|\\b(?:and|then)\\s+)(${ON_VESSELS}))((?:\\s+(?:${SIZED})(?=[\\s-]))*)\\s+$`, 'i');

/** "Tip in large bowl", "return to skillet": with the article that a short style leaves out. */
function withArticles(text: string): string {
  let said = text;
  for (const { tool, at, length } of [...findTools(text)].reverse()) {
    if (!(isVessel(tool.id) || tool.kind === 'surface' || tool.kind === 'appliance') || isWrap(tool.id)) continue;
    const bare = BARE.exec(said.slice(0, at));
    // "to plate up", "in bowl-sized pieces", "on trays"; what is to be grilled is no grill
    if (
      !bare ||
      /^(?:-|s\b|\s+(?:up|out|of)\b|[\s-](?:safe|proof))/i.test(said.slice(at + length)) ||
      /s$/i.test(said.slice(at, at + length))
    )
      continue;
    if (tool.kind === 'appliance' && /^to$/i.test(bare[1] ?? '')) continue;
    const size = bare[3]!.trim();
    const from = at - bare[3]!.length - (/\s+$/.exec(said.slice(0, at))?.[0].length ?? 0);
    const the = size ? `a ${size}` : IS_SIZED.test(said.slice(at)) ? 'a' : 'the';
    said = `${said.slice(0, from)} ${the} ${said.slice(at)}`;
  }
  return said;
}

/**
 * One line of a method with its turns of speech put plainly. What it does not know it leaves as it is.
 * @example plainTurns('Fry for 3 minutes on each side.') // 'Fry for 3 minutes. Turn over. Fry for 3 minutes more.'
 * @example plainTurns('Bake for 25 minutes, turning halfway.') // 'Bake for 12 minutes. Turn over. Bake for 13 minutes more.'
 */
export function plainTurns(said: string, before?: () => string): string {
  const line = withArticlesBack(toldPlainly(withArticlesBack(said, before), before), before);
  const { text: bare, back } = remarksApart(line);
  const fronted = /(?:^|[.!?;]\s)\s*(?:until|till|(?:\p{L}+ly\s)?\p{L}+ing)\b/iu.test(bare) ? behindVerb(bare) : bare;
  const lower = fronted.toLowerCase();
  const holds = (words: readonly string[]) => words.some((word) => lower.includes(word));
  const text = TURNS.reduce(
    (text, [words, from, to]) => (holds(words) ? text.replace(from, (...found: string[]) => asFirst(found, to)) : text),
    fronted,
  );
  const kept = /\bkeep\b/i.test(text) ? keepDoing(text) : text;
  const done = / by \p{L}+ing\b/u.test(kept) ? byDoing(kept) : kept;
  const parted = inOwnPlaces(done);
  const named = withArticles(/\bthen\b/i.test(parted) ? onThen(layers(parted)) : parted);
  const first = named.includes('(') ? workBehind(named, ASIDE_WORK) : named;
  const ready = /,\s\p{L}+ed\b/u.test(first) ? workBehind(first, LAST_WORK) : first;
  const dipped = /\b(?:then|finally)\b/i.test(ready) ? dips(ready) : ready;
  const turned = /\bafter\s+(?:the first\s+|about\s+)?\d/i.test(dipped) ? inBetween(dipped) : dipped;
  return back(/\bsides?\b|half-?\s?way|\bonce\b/i.test(turned) ? halfway(eachSide(timeFirst(turned))) : turned);
}
