// The yellow rung: which level of help to aim for next on one step, and the records that say so.
import { heightOf, HIERARCHIES, type Hierarchy } from './hierarchy';

/** One time that the learner was offered the step. `day` is the day of the lesson, YYYY-MM-DD. */
export type Opportunity = { code: string; day: string };

export type RungRule = {
  hierarchy: Hierarchy;
  /** How many of the last opportunities count. */
  last: number;
  /** On how many days they must lie, at least, to move up. */
  days: number;
  /** With how many of them at more help than aimed the aim moves down. */
  down: number;
  /** The level aimed at now (a level's id). Without it, it is worked out from the records. */
  aim?: string;
  /** The day on which a person set that aim: only what came after it is held against it, YYYY-MM-DD. Without it, all is. */
  since?: string;
};

export type YellowRung = {
  /** 'not-enough': no suggestion yet. 'there': independent already, nothing above. */
  verdict: 'not-enough' | 'up' | 'stay' | 'down' | 'there';
  /** The level to aim for next: its id; null while there is not enough. */
  aim: string | null;
  /** The level aimed at until now. */
  from: string | null;
  /** The opportunities that it rests on, oldest first. */
  restsOn: Opportunity[];
  /** How many more opportunities it takes before anything can be said. */
  missing: number;
  /** In plain words, with the letters of the levels. */
  reason: string;
};

/** Three opportunities on two days, two of three to go down (handbook default; each number is the class's to change). */
export const USUAL_RULE: RungRule = { hierarchy: HIERARCHIES[0]!, last: 3, days: 2, down: 2 };

/** Where an aim comes from is followed so many rungs back: what lies further says nothing of today. */
const FURTHEST = 10;

/** How many of the newest opportunities say anything by a rule: what lies before them changes nothing. */
export const furthest = (rule: Pick<RungRule, 'last'>): number => FURTHEST * rule.last;

/**
 * The level to aim for next. Over the last 3 opportunities on at least 2 days, all at the aimed level or better: one level less help;
 * 2 of 3 at more help than aimed: one level more; else stay. Fewer than 3: not enough yet, never a guess.
 * Records that are no level of help (adult does, not offered, refused, cleared) do not count.
 * Where no aim is given, it starts at the middle one of the first 3 and moves by the same rule, each move asking for 3 new opportunities;
 * moving up, it goes one level above the most help of the last 3, so that an aim that nobody set does not stay behind what is done.
 * @param opportunities in the order in which they happened
 */
export function nextRung(opportunities: readonly Opportunity[], rule: Partial<RungRule> = {}): YellowRung {
  const full: RungRule = { ...USUAL_RULE, ...rule };
  const { counted, heights } = levelsIn(opportunities, full);
  const missing = full.last - counted.length;
  if (missing > 0)
    return {
      verdict: 'not-enough',
      aim: null,
      from: null,
      restsOn: [...counted],
      missing,
      reason: `Not enough yet: ${counted.length} of ${full.last} times recorded.`,
    };
  if (full.aim !== undefined) {
    const aim = heightOf(full.aim, full.hierarchy);
    const { since } = full;
    const after = since === undefined ? counted : counted.filter((o) => o.day > since);
    if (aim !== null) return judge(counted, heights, aim, after.length, full, false);
  }
  let aim = [...heights.slice(0, full.last)].sort((a, b) => a - b)[Math.floor((full.last - 1) / 2)]!;
  let since = 0;
  for (let end = full.last; end < counted.length; end++) {
    const to = end - since < full.last ? aim : moved(counted, heights, end, aim, full, true);
    // a move is a new aim: it is judged by what comes after it
    if (to !== aim) [aim, since] = [to, end];
  }
  return judge(counted.slice(since), heights.slice(since), aim, counted.length - since, full, true);
}

/** The newest times at a level of help, as many as can matter, and how far up the ladder each stands. */
function levelsIn(opportunities: readonly Opportunity[], rule: RungRule): { counted: Opportunity[]; heights: number[] } {
  const [counted, heights]: [Opportunity[], number[]] = [[], []];
  for (const one of opportunities) {
    const height = heightOf(one.code, rule.hierarchy);
    if (height === null) continue;
    counted.push(one);
    heights.push(height);
  }
  const from = Math.max(0, counted.length - furthest(rule));
  return from === 0 ? { counted, heights } : { counted: counted.slice(from), heights: heights.slice(from) };
}

/** On how many days some times in a row were. */
function daysOf(times: readonly Opportunity[], from: number, to: number): number {
  let days = 0;
  for (let i = from; i < to; i++) {
    let k = from;
    while (times[k]!.day !== times[i]!.day) k++;
    if (k === i) days++;
  }
  return days;
}

/** Where the aim is after the last opportunities up to `end`: the rule itself, with no word made, since years of records are gone through by it. */
function moved(
  counted: readonly Opportunity[],
  heights: readonly number[],
  end: number,
  aim: number,
  rule: RungRule,
  catchUp: boolean,
): number {
  let [under, least] = [0, Infinity];
  for (let i = end - rule.last; i < end; i++) {
    if (heights[i]! < aim) under++;
    least = Math.min(least, heights[i]!);
  }
  const top = rule.hierarchy.levels.length - 1;
  if (under >= rule.down && aim > 0) return aim - 1;
  // an aim that nobody set must not stay behind what the learner does each time
  const reached = catchUp ? least : aim;
  return under === 0 && reached < top && daysOf(counted, end - rule.last, end) >= rule.days ? reached + 1 : aim;
}

function judge(counted: Opportunity[], heights: number[], aim: number, have: number, rule: RungRule, catchUp: boolean): YellowRung {
  const top = rule.hierarchy.levels.length - 1;
  const name = (height: number) => rule.hierarchy.levels[top - height]!;
  const restsOn = counted.slice(-rule.last);
  const recent = heights.slice(-rule.last);
  const letters = recent.map((h) => name(h).letter).join(' ');
  const days = daysOf(restsOn, 0, restsOn.length);
  const said = `Last ${recent.length}: ${letters}, on ${days} ${days === 1 ? 'day' : 'days'}`;
  const result = (verdict: YellowRung['verdict'], to: number, why: string): YellowRung => ({
    verdict,
    aim: name(to).id,
    from: name(aim).id,
    restsOn,
    missing: 0,
    reason: `${said}. ${why}`,
  });
  if (have < rule.last) {
    const missing = rule.last - have;
    return { ...result('stay', aim, `The aim is new: ${missing} more ${missing === 1 ? 'time' : 'times'} to judge it.`), missing };
  }
  const to = moved(counted, heights, heights.length, aim, rule, catchUp);
  if (to < aim) return result('down', to, `${rule.down} or more needed more help than “${name(aim).name}”.`);
  if (to > aim) return result('up', to, `All at “${name(to - 1).name}” or better.`);
  if (recent.every((h) => h >= aim)) {
    if (days < rule.days) return result('stay', aim, `All at the aim, but on ${days} of ${rule.days} days.`);
    return result('there', top, 'Independent each time.');
  }
  return result('stay', aim, `Not yet steady at “${name(aim).name}”.`);
}
