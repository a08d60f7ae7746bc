// The card that shows what a kitchen word means.
import type { Term } from '../recipe/glossary';
import { techniqueById } from '../technique/lexicon';
import { toolById } from '../technique/tools';
import type { Card } from './card';

const CARD_TOOLS = new Set(['utensil', 'cutting', 'cleaning', 'measure']);
const CARD_PLACES = new Set(['container', 'cookware', 'surface', 'appliance']);

/** A card without words for a term of the glossary: its action with the usual tool, or its thing. */
export function describeTerm(term: Term): Card {
  const technique = 'technique' in term.picture ? techniqueById(term.picture.technique) : undefined;
  const tools = (technique?.tools ?? []).flatMap((id) => toolById(id) ?? []);
  const named = (kinds: Set<string>) => tools.find((t) => kinds.has(t.kind))?.picture ?? null;
  return {
    stepKey: term.term,
    words: term.meaning,
    motif: technique?.motif ?? null,
    things: 'drawing' in term.picture ? [term.picture.drawing] : ['food'],
    tool: named(CARD_TOOLS),
    place: named(CARD_PLACES),
    measures: [],
    minutes: null,
    dial: null,
    count: null,
    hazards: [],
  };
}
