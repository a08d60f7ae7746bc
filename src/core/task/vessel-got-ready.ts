// "Tip it into a greased and lined tin", where nothing greased or lined one: that comes first, a step each.
import { table } from '../amount/table';
import { hasMark } from '../technique/tools';
import { isFat } from './pan-of-heat';
import { push } from './push';
import { phrasesOf, type Phrase } from './slots';
import { isContainer, type Located, type State } from './state';
import { toolCall } from './tool-names';
import { vesselOfPhrase } from './vessels';

const FAT = 'greased|buttered|oiled';
const SAID = new RegExp(
  `^(?:(?:an?|your|\\d+|two|three|four)\\s+)?(?:(?:large|small|medium|big|shallow|deep|clean|warm|\\p{L}+ly|well)[\\s-]+)*(?:(${FAT})\\b)?(?:\\s*(?:,|and|&|,\\s*and)\\s*)?(?:((?:\\p{L}+[- ])?)lined\\b)?`,
  'iu',
);
const LINED_WITH = /\blined\s+(?:with|in)\s+(?:some\s+|a\s+|\d+\s+)?((?:\p{L}+\s+)?(?:foil|paper|parchment|cases|liners|cling film))\b/iu;
const IS_READY = /\b(?:greased|buttered|oiled|lined)\b/i;

/** What the words say was done to a vessel before it is filled. */
type Ready = { fat: string | null; sheet: string | null };

function readyIn(c: Located, phrase: Phrase): Ready | null {
  const said = SAID.exec(phrase.text);
  const behind = LINED_WITH.exec(`${phrase.from < 0 ? (c.lead ?? '') : c.rest}`);
  const fat = said?.[1]?.toLowerCase() ?? null;
  const isLined = /lined$/i.test(said?.[0] ?? '');
  const sheet = isLined ? sheetOf(said![2] ?? '') : behind && /^(?:an?|your|\d+|two)\b/i.test(phrase.text) ? sheetOf(behind[1]!) : null;
  return fat || sheet ? { fat, sheet } : null;
}

const sheetOf = (words: string): string =>
  /foil/i.test(words) ? 'foil' : /film/i.test(words) ? 'cling film' : /cases|liners/i.test(words) ? 'paper cases' : 'baking paper';
const TOOL_OF_SHEET = table<string>({ foil: 'foil', 'cling film': 'cling-film', 'paper cases': 'muffin-cases' });

/** Greases and lines what a clause says is greased and lined, where no step did so yet. */
export function getVesselReady(state: State, c: Located): void {
  if (!IS_READY.test(`${c.rest} ${c.lead ?? ''}`) || c.technique?.id === 'line' || c.technique?.id === 'grease') return;
  for (const phrase of phrasesOf(state, c)) {
    const ready = phrase.prep !== null && isContainer(phrase.vessel ?? '') ? readyIn(c, phrase) : null;
    const vessel = ready && vesselOfPhrase(state, c, phrase);
    if (!vessel || !(hasMark(vessel, 'bakes') || vessel === phrase.vessel)) continue;
    if (ready.fat) once(state, c, vessel, 'grease', ready.fat);
    if (ready.sheet) once(state, c, vessel, 'line', ready.sheet);
  }
}

/** One step of getting ready, unless the vessel had it already. */
function once(state: State, c: Located, vessel: string, technique: 'grease' | 'line', said: string): void {
  if (state.steps.some((s) => s.technique === technique && s.into === vessel)) return;
  const called = toolCall(state, vessel);
  const fat = technique === 'grease' ? fatFor(state, said) : null;
  const one = fat === null ? null : state.recipe.ingredients[fat]!;
  push(state, {
    text:
      technique === 'line'
        ? `Line the ${called} with ${said}.`
        : `Grease the ${called}${one ? ` with a little ${one.item.toLowerCase()}` : said === 'oiled' ? ' with a little oil' : ''}.`,
    technique,
    sourceLine: c.line,
    ...(one ? { uses: [{ ingredient: fat!, item: one.item, quantity: null, unit: null }], little: true } : {}),
    tools: technique === 'line' ? [vessel, TOOL_OF_SHEET.get(said) ?? 'paper'] : [vessel, 'pastry-brush'],
    into: vessel,
    thing: `the ${called}`,
    name: technique === 'line' ? 'lined' : 'greased',
  });
  if (one && one.min === null) state.used.add(fat!);
}

/** What the list has for greasing; else the fat that the word names, of which a little goes unmissed. */
function fatFor(state: State, said: string): number | null {
  const { ingredients } = state.recipe;
  const own = ingredients.findIndex(
    (one) => /\bspray\b/i.test(one.item) || one.notes.some((n) => /greas|for the (?:tin|pan|dish)/i.test(n)),
  );
  if (own >= 0) return own;
  const wanted = said === 'buttered' ? /\bbutter\b/i : said === 'oiled' ? /\boil\b/i : null;
  const named = wanted ? ingredients.findIndex((one, i) => isFat(state, i) && wanted.test(one.item)) : -1;
  return named >= 0 ? named : null;
}
