// Sheets of paper and foil that things are wrapped in: what lies on one is one parcel later.
import { techniqueById } from '../technique/lexicon';
import type { Act } from '../technique/works';
import { hasMark, isVessel } from '../technique/tools';
import { push } from './push';
import type { Located, State } from './state';
import { SHEET_NAME } from './sheet-cut';
import { common } from './step-of-clause';
import { wording } from './wording';

const SHEET = /\b(?:squares?|sheets?|pieces?|rounds?|circles?|rectangles?)\s+of\s+(?:baking |greaseproof )?(?:paper|parchment|foil)\b/i;

/** "Cut two squares of baking paper", "fold a sheet of foil in half and open it out": they are what is filled next. Paper that lines a tin is none. */
export function isSheet(state: State, c: Located, act: Act): boolean {
  if (c.mentions.length > 0 || c.tools.some((t) => isVessel(t.id) || (hasMark(t.id, 'bakes') && !hasMark(t.id, 'under')))) return false;
  const isGoneOnWith = !c.first && /^(?:it|them)\b/i.test(c.rest) && state.steps.at(-1)?.name === SHEET_NAME;
  return (
    isGoneOnWith ||
    ((act === 'ready' || act === 'shape' || act === 'put') && /^(?:an?|the|one|two|\d+)\b/i.test(c.rest) && SHEET.test(c.rest))
  );
}

/** The step with the sheet; what is put somewhere next goes onto it. */
export function takeSheet(state: State, c: Located, act: Act): void {
  if (SHEET.test(c.rest)) state.container = /paper|parchment/i.test(c.rest) ? 'paper' : 'foil';
  const sheet = state.container ?? 'paper';
  const many = /^(?:them|two|\d)/i.test(c.rest) ? `pieces of ${sheet}` : sheet;
  push(state, {
    ...common(state, c, null, []),
    text: wording(state, { ...c, rest: c.rest.replace(/^(?:it|them)\b/i, `the ${many}`) }),
    // nobody opens a tin of it
    technique:
      act === 'ready' && /^(?:it|them)\b/i.test(c.rest)
        ? techniqueById('fold-over')!.id
        : act === 'ready' && SHEET.test(c.rest)
          ? 'snip'
          : (c.technique?.id ?? null),
    tools: act === 'ready' && SHEET.test(c.rest) ? ['scissors', sheet] : [sheet],
    about: [],
    into: null,
    thing: 'the paper',
    name: SHEET_NAME,
  });
}
