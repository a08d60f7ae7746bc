// "Add the broccoli for the last 4 minutes", "after 7 minutes lower the eggs in": what cooks on the ring has some of its time before, and the rest after.
import { techniqueById } from '../technique/lexicon';
import type { Cue } from '../technique/model';
import { toolById } from '../technique/tools';
import { worksOf } from '../technique/works';
import { push } from './push';
import type { Located, State } from './state';
import { common } from './step-of-clause';

const LAST =
  /,?\s*\b(?:(?:for|in)\s+the\s+(?:last|final)\s+(\d+)\s*min\w*(?:\s+of\s+(?:the\s+)?(?:cooking(?:\s+time)?|time))?|(?:about\s+)?(\d+)\s*min\w*\s+before\s+(?:the\s+end(?:\s+of\s+(?:the\s+)?(?:cooking(?:\s+time)?|time))?|it\s+is\s+done))\s*$/i;
const AFTER = /^after\s+(?:about\s+)?(\d+)\s*min\w*$/i;
/** "Adding the broccoli after 4 minutes". */
const AFTER_BEHIND = /\s+after\s+(?:about\s+)?(\d+)\s*min\w*$/i;
/** Done while the pan cooks on. */
const WITHIN = new Set(['put', 'join', 'touch', 'lift', 'cover', 'uncover']);

/** What cooks on the lit ring, and how long: "8-10 minutes" is 8, and up to 2 more. */
type Cooking = { at: number; vessel: string; whole: number; more: number; until: string };

const UNTIL = /\s(until\s.+)\.$/;

function cooking(state: State): Cooking | null {
  const at = state.steps.findLastIndex((s) => worksOf(s.technique, techniqueById(s.technique ?? '')?.like).act === 'heat');
  const step = state.steps[at];
  const whole = step?.minutes?.waiting ?? 0;
  if (!step?.into || whole <= 0 || (state.hob !== step.into && toolById(step.into)?.kind !== 'appliance')) return null;
  const most = new RegExp(`\\b${whole}\\s?[-–]\\s?(\\d+)`).exec(step.text)?.[1];
  return { at, vessel: step.into, whole, more: most ? Number(most) - whole : 0, until: UNTIL.exec(step.text)?.[1] ?? '' };
}

/**
 * Takes an action that comes within the time of what cooks: the time is parted, with the action in between.
 * @param take takes the action itself
 * @returns whether it was one
 */
export function takenInTime(state: State, c: Located, take: (c: Located) => void): boolean {
  const said = LAST.exec(c.rest);
  const behind = AFTER_BEHIND.exec(c.rest);
  const gone = AFTER.exec(c.condition ?? '')?.[1] ?? behind?.[1];
  if (!said && !gone && c.left === null) return false;
  const on = WITHIN.has(worksOf(c.technique?.id, c.technique?.like).act) ? cooking(state) : null;
  const left = !on ? 0 : (c.left ?? (said ? Number(said[1] ?? said[2]) : on.whole - Number(gone)));
  if (!on || left <= 0 || left >= on.whole) return false;
  const first = on.whole - left;
  const cues = partOff(state, on, said || c.left !== null ? range(first, on.more) : String(first), first);
  const within = { ...c, left: null, meanwhile: false };
  take((said ?? behind) ? { ...within, rest: c.rest.slice(0, (said ?? behind)!.index) } : { ...within, condition: null });
  const time = said || c.left !== null ? String(left) : range(left, on.more);
  const rest = {
    ...c,
    rest: `for ${time} ${time === '1' ? 'minute' : 'minutes'}`,
    condition: null,
    until: null,
    technique: techniqueById('cook')!,
    mentions: [],
    tools: [],
  };
  const draft = common(state, rest, on.vessel, []);
  push(state, {
    ...draft,
    text: `Cook ⟦thing|⟧ for ${time} ${time === '1' ? 'minute' : 'minutes'} more${on.until ? ` ${on.until}` : ''}.`,
    cues: [...cues, ...(draft.cues ?? [])],
    uses: [],
    into: on.vessel,
    name: 'last',
  });
  return true;
}

const range = (low: number, more: number) => (more > 0 ? `${low}-${low + more}` : String(low));

/** The first part of the time, without its end. @returns the cues of the end */
function partOff(state: State, { at, whole, more, until }: Cooking, time: string, minutes: number): readonly Cue[] {
  const step = state.steps[at]!;
  // "6 hours" are told whole: ten minutes more do no harm there
  const said = new RegExp(`\\b${whole}${more > 0 ? '\\s?[-–]\\s?\\d+' : ''}\\b`);
  const ofEnd = (cue: Cue) => until.includes(cue.text);
  state.steps[at] = {
    ...step,
    text: step.text.replace(UNTIL, '.').replace(said, time),
    minutes: { ...step.minutes, waiting: minutes },
    cues: (step.cues ?? [])
      .filter((cue) => !ofEnd(cue))
      .map((cue) => ({ ...cue, text: cue.text.replace(new RegExp(`\\b${whole}\\b`), String(minutes)) })),
  };
  return (step.cues ?? []).filter(ofEnd);
}
