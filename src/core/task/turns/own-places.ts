// Several things each in a place of its own, said in one breath: "put the flour, egg and crumbs in three bowls", "flour on one plate, egg in a bowl, crumbs on another".
import { table } from '../../amount/table';
import { KITCHEN_VERBS } from '../../recipe/verbs';
import { capital } from '../../recipe/method-lines';
import { FOOD_VERBS } from '../clause-words';

const COUNTS = table<number>({ two: 2, three: 3, four: 4, '2': 2, '3': 3, '4': 4 });
const NTH = ['a', 'another', 'a third', 'a fourth'];
const OWN_BOWLS =
  /\b(put|place|tip|pour|sprinkle)\s+((?:the\s+)?[^.;]{5,90}?)\s+(in|into|on|onto)(?:to)?\s+(?:(two|three|four|[234])\s+)?((?:(?:separate|shallow|small|wide|large|soup|different)\s+)*)(bowl|dishe|dish|plate|saucer)s\b/giu;

/** "Put the flour, egg and crumbs in three shallow bowls": each in its own. */
const ownBowls = (text: string): string =>
  text.replace(OWN_BOWLS, (all: string, verb: string, what: string, at: string, count: string | undefined, kinds: string, noun: string) => {
    const things = what.split(/\s*,\s*(?:and\s+)?|\s+and\s+/);
    const meant = count ? COUNTS.get(count.toLowerCase()) : /\b(?:separate|different)\b/i.test(kinds) ? things.length : undefined;
    if (meant !== things.length || things.length > NTH.length) return all;
    const kind = kinds.replace(/\b(?:separate|different)\s+/gi, '');
    const bowl = `${kind}${noun.replace(/^dishe$/, 'dish')}`;
    return things
      .map((thing, i) => `${i === 0 ? verb : 'Put'} ${/^(?:the|some|a)\s/i.test(thing) ? '' : 'the '}${thing} ${at} ${NTH[i]} ${bowl}`)
      .join('. ');
  });

const PLACE =
  '(?:in|into|on|onto)\\s+(?:an?|one|the|another|a\\s+(?:second|third))\\b(?:\\s+(?:other|second|third|separate|shallow|small|wide|large|deep|clean|flat))*(?:\\s+(?:plate|bowl|dish|saucer|tray|tin|jug|cup|mug|bag))?';
const THING = '(?:the\\s+|some\\s+)?[\\p{L}][\\p{L} -]{2,40}?';
const EACH_PLACE = new RegExp(
  `\\b(put|place|tip|pour|lay|sprinkle|spread)\\s+(${THING})\\s+(${PLACE}),\\s+(?:and\\s+)?(${THING})\\s+(${PLACE})(?:,?\\s+(?:and\\s+)?(${THING})\\s+(${PLACE}))?(?=\\s*[.;]|$)`,
  'giu',
);

const withThe = (thing: string) => (/^(?:the|some|an?|half)\s/i.test(thing) ? thing : `the ${thing}`);

/** "Put flour on one plate, beaten egg in a bowl, crumbs on another plate": one after the other. */
const eachInItsPlace = (text: string): string =>
  text.replace(EACH_PLACE, (all: string, verb: string, ...said: (string | undefined)[]) => {
    const pairs = [0, 2, 4].flatMap((k) => (said[k] && said[k + 1] ? [[said[k], said[k + 1]!] as const] : []));
    const isAct = (thing: string) => {
      const first = thing.toLowerCase().split(' ')[0]!;
      return KITCHEN_VERBS.has(first) && !FOOD_VERBS.has(first);
    };
    // "put the egg in a bowl, whisk it in the jug" is two acts
    if (pairs.slice(1).some(([thing]) => isAct(thing))) return all;
    return pairs.map(([thing, place], i) => `${i === 0 ? verb : capital(verb.toLowerCase())} ${withThe(thing)} ${place}`).join('. ');
  });

/** Each thing in its place by an order of its own. */
export const inOwnPlaces = (text: string): string => {
  const parted = /\b(?:bowls|dishes|plates|saucers)\b/i.test(text) ? ownBowls(text) : text;
  return /,[^.;]*\b(?:in|into|on|onto)\s+(?:an?|another|the)\b/i.test(parted) ? eachInItsPlace(parted) : parted;
};
