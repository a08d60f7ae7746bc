// What a step does by its words alone: read there, so that a step that a person typed does it too.
import { table } from '../amount/table';
import { minutesOfText } from '../amount/minutes';
import { worksById } from '../technique/lexicon';
import type { Act } from '../technique/works';
import type { Played } from './model';
import { hollowIn } from './shells';

/** "Pour the water over": water that no list has. */
export const poursWater = (text: string): boolean => /^Pour .*\bwater\b/i.test(text);

/** "Cover with cold water": out of the tap, whatever the kettle holds. */
const saysTap = (text: string): boolean => /\b(?:cold|cool|iced?|tap|fresh|clean|lukewarm|warm) (?:\p{L}+ )?water\b/iu.test(text);

/** "Leave to cool" means until it is; "for 10 minutes" is ten minutes. */
const isCold = (text: string): boolean =>
  /\b(?:cool|cold) enough to (?:handle|touch|hold)\b/i.test(text) ||
  (!/\d/.test(text) &&
    !/\b(?:slightly|a little|a bit|a few|a couple|a moment|a while|briefly)\b/i.test(text) &&
    minutesOfText(text) === null);

export const bringsHotWater = (text: string): boolean => /\b(?:boiling|hot) water\b/i.test(text);

/** "Cook the pasta until the timer rings": the ring was lit all the time. */
const RINGS = /\b(?:until|when) the timer rings\b/i;

/** "Spoon two thirds of the crumbs into the glasses": the rest stays where it is. */
const PART = /^\p{Lu}\p{L}+ (?:about )?(half|an? third|two[- ]thirds|a quarter|three[- ]quarters|most|some)(?: of)? (?:the|it|this)\b/u;
const SHARES = table<number>({ half: 1 / 2, third: 1 / 3, quarter: 1 / 4, thirds: 2 / 3, quarters: 3 / 4, most: 3 / 4, some: 1 / 4 });
const partSaid = (text: string): number | null => SHARES.get(PART.exec(text)?.[1]!.split(/[- ]/).at(-1) ?? '') ?? null;

/** "Let it sit at room temperature": out of the fridge. */
const AT_ROOM = /\b(?:room temperature|on the (?:side|worktop|counter|table|bench)|thaws?|thawed|softens?|softened)\b/i;

type InWords = Required<Pick<Played, 'lid' | 'tap' | 'cold' | 'atRoom' | 'rings' | 'hollows' | 'ofShell' | 'inside' | 'part'>>;

/** Asked for every step several times: words are looked at only where the act can mean them. */
export function inWords(technique: string | null, text: string): InWords {
  const works = worksById(technique);
  const is = (act: Act) => works.act === act;
  return {
    // a casserole has a lid too
    lid: is('cover') && /\blid\b/i.test(text),
    tap: /\bwater\b/i.test(text) && saysTap(text),
    cold: is('cool') && isCold(text),
    atRoom: is('wait') && AT_ROOM.test(text),
    part: is('put') ? partSaid(text) : null,
    rings: (is('heat') || is('wait')) && RINGS.test(text),
    ...hollowIn(works, text),
  };
}
