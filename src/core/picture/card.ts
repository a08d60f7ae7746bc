// What the card of a step shows, as data: the action, the thing, the measures to fill, the tool, where it goes, and what can hurt.
import { findTemperature } from '../amount/temperature';
import { foodById, findFood, nameWords } from '../recipe/food';
import { FOODS } from '../recipe/foods/index';
import { techniqueById } from '../technique/lexicon';
import type { Hazard, Motif } from '../technique/model';
import { findTools, toolById } from '../technique/tools';
import type { Step } from '../plan/model';

/** A measure as it is drawn: its label, its shape, and how often it is filled. */
export type DrawnMeasure = {
  label: string;
  shape: 'cup' | 'spoon' | 'jug';
  /** Share of a whole cup or tablespoon, for its size: 0 to 1. */ size: number;
  times: number;
};

export type Card = {
  stepKey: string;
  words: string;
  motif: Motif | null;
  /** Names of drawings of what is acted on, most important first; at most four. */
  things: string[];
  tool: string | null;
  /** Name of the drawing of where it happens or goes. */
  place: string | null;
  measures: DrawnMeasure[];
  /** Minutes on the timer; null where nothing is waited for. */
  minutes: number | null;
  /** What the dial is turned to. */
  dial: string | null;
  /** How many of the thing, where it is a small number. */
  count: number | null;
  hazards: Hazard[];
};

// Things that are no food and no tool, by the words that name them.
const OTHER_THINGS: [RegExp, string][] = [
  [/\bhands?\b/i, 'hands'],
  [/\bhair\b/i, 'hair'],
  [/\bapron\b/i, 'apron'],
  [/\btable\b|\bsurface|\bcounter\b/i, 'table'],
  [/\bdish(?:es)?\b|\bwash(?:ing)? up\b|\bwash up\b/i, 'dishes'],
  [/\bwater\b/i, 'water'],
  [/\bdough\b|\bballs?\b|\bmixture\b|\bmix\b|\bbatter\b|\beverything\b/i, 'mixture'],
  [/\bsoup\b|\bsauce\b|\bdressing\b|\bstew\b|\bcurry\b/i, 'soup'],
  [/\bfood\b|\bwhat is left\b|\bmeal\b/i, 'meal'],
];

const CARD_TOOLS = new Set(['utensil', 'cutting', 'cleaning', 'wear', 'measure']);
const CARD_PLACES = new Set(['container', 'cookware', 'surface', 'appliance']);

const COVERS = new Set(['lid', 'plate', 'foil', 'cling-film', 'cloth']);

/** Motifs whose picture is whole without a tool beside it. */
const NO_TOOL = new Set<Motif>(['wash-hands', 'wear', 'tie', 'get', 'wait', 'eat']);

/**
 * The card of a step. Total: a step with no known technique still shows its things and its words.
 * Does not draw: see the drawing of cards beside the screens.
 */
export function describeCard(step: Step): Card {
  const technique = step.technique ? techniqueById(step.technique) : undefined;
  const motif = technique?.motif ?? null;
  const places = step.into ? [step.into] : step.tools.filter((id) => CARD_PLACES.has(toolById(id)?.kind ?? ''));
  const named = new Set(findTools(step.text).map((t) => t.tool.id));
  const tools = step.tools.filter((id) => CARD_TOOLS.has(toolById(id)?.kind ?? '') && id !== 'timer');
  const covers = motif === 'cover' ? step.tools.find((id) => COVERS.has(id)) : undefined;
  const tool = covers ?? tools.find((id) => named.has(id)) ?? tools[0] ?? null;
  const place = places[0] ?? null;
  return {
    stepKey: step.key,
    words: step.text,
    motif,
    things: thingsOf(step).slice(0, 4),
    tool: tool && !(motif && NO_TOOL.has(motif)) ? toolById(tool)!.picture : null,
    place: place && motif !== 'get' ? toolById(place)!.picture : null,
    measures: step.fillings.map((f) => ({ label: f.label, times: f.times, ...shapeOf(f.label) })),
    minutes: step.minutes.waiting > 0 ? step.minutes.waiting : null,
    dial: dialOf(step.text),
    count: countOf(step.text),
    hazards: step.hazards.filter((h) => h !== 'slip'),
  };
}

function thingsOf(step: Step): string[] {
  if (step.technique === 'open-can') return ['canned-food'];
  const foods = step.uses.flatMap((u) => findFood(u.item)?.picture ?? 'food');
  const own = [...new Set(foods)];
  if (own.length > 0) return own;
  if (step.technique === 'gather') return [...new Set(step.tools.map((id) => toolById(id)?.picture ?? 'measure'))];
  const others = OTHER_THINGS.filter(([pattern]) => pattern.test(step.text)).map(([, name]) => name);
  if (others.length > 0) return others.slice(0, 1);
  const word = nameWords(step.text)
    .map((w) => findFood(w))
    .find((f) => f !== null);
  return word ? [word.picture] : [];
}

/** "⅓ cup" -> a cup, a third of a whole one. */
function shapeOf(label: string): { shape: DrawnMeasure['shape']; size: number } {
  const shape = /jug|\bml\b|\bl\b/i.test(label) ? 'jug' : /tsp|tbsp/.test(label) ? 'spoon' : 'cup';
  const part = { '½': 0.5, '⅓': 0.33, '¼': 0.25, '⅔': 0.67, '¾': 0.75, '⅛': 0.125 }[label.charAt(0)] ?? 1;
  return { shape, size: shape === 'spoon' && /tsp/.test(label) ? part / 3 : Math.min(1, part) };
}

function dialOf(text: string): string | null {
  const heat = findTemperature(text);
  if (heat) return /°\s?F\)/.test(text) ? (/(\d+ °C \(\d+ °F\))/.exec(text)?.[1] ?? heat.text) : heat.text;
  return /\b(low|medium|high)(?:[- ](?:low|high))?\s+heat\b/i.exec(text)?.[1]?.toLowerCase() ?? null;
}

function countOf(text: string): number | null {
  const m = /\b([2-9]|1[0-2])\s+(?!min|sec|hour|cm|mm|°|times|%|x\b|tbsp|tsp|cup|g\b|kg|ml)[a-z]/i.exec(text);
  return m ? Number(m[1]) : null;
}

/** Names of all drawings that cards can ask for, so that a check can see that each is drawn. */
export function pictureNames(): string[] {
  const foods = FOODS.map((f) => foodById(f.id)!.picture);
  return [...new Set([...foods, ...OTHER_THINGS.map(([, name]) => name), 'food', 'measure'])];
}
