// "When cold, cut into squares", "slice once cool enough to handle": somebody has to wait for that, so it is a card of its own.
import { contents, lotsOf } from '../kitchen/index';
import { isLotHot } from '../kitchen/world';
import { techniqueById } from '../technique/lexicon';
import { worksOf } from '../technique/works';
import { mentionsIn } from './mentions';
import type { Located, State } from './state';

const WHEN_COLD =
  /^(?:when|once|after|as soon as)\b(?=.*\b(?:cold|cool(?:ed|s)?)\b)(?!.*\b(?:water|oven|pan|tin|tray)\b)(?:.*\b(enough to (?:handle|touch|eat)))?/i;

/** Minutes after which most things can be handled (common practice: 5 to 10). */
const HANDLED_AFTER = 5;

/**
 * The waiting that a condition asks for, where what is in hand is hot.
 * @returns null where nothing is said of cooling; `wait` null where it is cold already, so that the condition only says so
 */
export function coolFirst(state: State, c: Located): { wait: Located | null } | null {
  const said = WHEN_COLD.exec(c.condition ?? '');
  const { act } = worksOf(c.technique?.id, c.technique?.like);
  if (!said || act === 'serve' || act === 'eat' || act === 'place-in') return null;
  const spoken = [...c.mentions, ...mentionsIn(c.condition!, state.names, state.used)].map((m) => m.ingredient);
  // sweets that go on it lie in their bag: they say nothing of how hot it is
  const there = spoken.flatMap((i) => lotsOf(state.world, i)).filter((lot) => lot.at !== null);
  const lots = there.length > 0 ? there : state.container === null ? [] : contents(state.world, state.container);
  if (lots.length === 0) return null;
  if (!lots.some((lot) => isLotHot(state.world, lot))) return { wait: null };
  const enough = said[1] ? `for ${HANDLED_AFTER} minutes until cool ${said[1]}` : /\bcold\b/i.test(said[0]) ? 'until cold' : 'to cool';
  return {
    wait: {
      ...c,
      verb: 'leave',
      rest: enough,
      technique: techniqueById('cool') ?? null,
      mentions: [],
      tools: [],
      condition: null,
      lead: null,
      until: null,
      words: '',
    },
  };
}
