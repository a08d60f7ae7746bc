// What must hold for the cards of any recipe, checked from the cards alone: a checker that shares nothing with what builds them, so that one mistake cannot hide in both.
// It knows no lexicon and no world: words, amounts, tools, places and marks, as a person at the table reads them.
import type { Finding, Hazard, Recipe, Step } from '../../src/core/index';

export type Broken = { rule: number; key: string | null; why: string };

const lower = (text: string) => text.toLowerCase();
const words = (text: string) => lower(text).match(/\d+(?:\.\d+)?|[\p{L}½¼¾⅓⅔⅛]+/gu) ?? [];
const ROUTINE = new Set(['ready', 'gather', 'store', 'clean']);
const ROUTINES = new Set(['eat', 'gather', 'wash-up', 'dry-up', 'gloves-on']);
const isCard = (s: Step) => !ROUTINE.has(s.phase) && !ROUTINES.has(s.technique ?? '');

// Verbs that say all by themselves, or whose object is the thing at hand by its nature.
const STANDS_ALONE = /^(?:wait|taste|sit|count|enjoy|continue|repeat|do|go|when|with|from|if|after|before|while|ask|hold|keep|be)\b/;
const NO_OBJECT =
  /^(?:for|until|till|with|in|into|over|on|onto|to|at|well|gently|together|again|thoroughly|immediately|slowly|through|up|down|out|off|aside|by|from|about|so|using|lightly|occasionally)\b|^\d+(?:\s*(?:-|to)\s*\d+)?\s*(?:more\s+)?(?:min|sec|hour|hr|times?)/;
const PLACE_FIRST =
  /^(?:in|into|over|on|onto|to|off|out of|up|down|out|through)\s+(?:(?:the|a|an|\d+|half|all|any|some|each|most)\b|[¼½¾⅓⅔⅛]|as much\b)/;
const PRONOUN = /^(?:(?:in|over|up|out|down|off)\s+)?(?:it|them|this|these|those)\b/;

/** 1. Every card names what is acted on: no bare verb, none with only a pronoun. */
export function namesItsObject(steps: readonly Step[]): Broken[] {
  return steps.filter(isCard).flatMap((s): Broken[] => {
    const said = lower(s.text)
      .replace(/[.!]+$/, '')
      .trim();
    const rest = said.replace(/^\S+\s*/, '');
    if (STANDS_ALONE.test(said)) return [];
    if (rest === '') return [{ rule: 1, key: s.key, why: `“${s.text}” is a bare verb` }];
    if (PRONOUN.test(rest) || /\b(?:it|them)[.]?$/.test(rest)) return [{ rule: 1, key: s.key, why: `“${s.text}” says only a pronoun` }];
    if (NO_OBJECT.test(rest) && !PLACE_FIRST.test(rest)) return [{ rule: 1, key: s.key, why: `“${s.text}” names no thing` }];
    if (/\b(?:the the|a the|in in|the a|of the of)\b|\b(?:with|the|and|of)\.|⟦|undefined|null/.test(said + '.'))
      return [{ rule: 1, key: s.key, why: `“${s.text}” is garbled` }];
    return [];
  });
}

const value = (q: string | null) => {
  if (q === null) return null;
  const [whole, part] = q.includes(' ') ? q.split(' ') : ['0', q];
  const [n, d] = part.split('/').map(Number);
  return Number(whole) + n / (d ?? 1);
};

/** 2. What is listed is used: a listed ingredient is on a card of the recipe, or a finding says that it is not. */
export function usesTheList(recipe: Recipe, steps: readonly Step[], findings: readonly Finding[]): Broken[] {
  return recipe.ingredients.flatMap((one, i): Broken[] => {
    if (one.optional || findings.some((f) => f.about === one.item && /listed|amount/.test(f.code))) return [];
    const cards = steps.filter((s) => isCard(s) && s.uses.some((u) => u.ingredient === i));
    if (cards.length === 0) return [{ rule: 2, key: null, why: `${one.item} is on no card` }];
    const listed = value(one.max ?? one.min);
    const filled = cards.filter((s) => s.fillings.length > 0 || s.technique === 'weigh' || s.technique === 'measure');
    const amounts = filled.map((s) => s.uses.find((u) => u.ingredient === i)!).filter((u) => u.unit === one.unit);
    const sum = amounts.reduce((n, u) => n + (value(u.quantity) ?? 0), 0);
    if (listed !== null && filled.length > 0 && amounts.length === filled.length && sum > listed * 1.02)
      return [{ rule: 2, key: filled.at(-1)!.key, why: `${sum} of ${one.item} is measured, ${listed} is listed` }];
    return [];
  });
}

const TIMED = /(\d+)(?:\s*(?:-|–|to)\s*\d+)?\s*(?:min|hour|hr|sec|s\b|h\b)/g;
const said = (s: Step) => [s.text, ...s.cues.map((c) => c.text), ...s.small, s.meanwhile ?? ''];

/** 3. Nothing of the method vanishes: every number, time and temperature of it is on a card, in a cue or in a finding. */
export function coversTheMethod(recipe: Recipe, steps: readonly Step[], findings: readonly Finding[]): Broken[] {
  const all = lower([...steps.flatMap(said), ...findings.flatMap((f) => [f.message, f.about])].join(' '));
  const cards = new Set(words(all));
  const told = new Set(
    [...steps.filter((s) => s.technique !== 'wash-hands').flatMap(said), ...findings.flatMap((f) => [f.message, f.about])].flatMap((t) =>
      [...lower(t).matchAll(TIMED)].map((m) => m[1]),
    ),
  );
  return recipe.instructions.flatMap((line, n): Broken[] => {
    const here = steps.filter((s) => s.sourceLine === n + 1);
    const long = words(line).filter((w) => w.length > 3);
    const shown = long.filter((w) => cards.has(w)).length;
    if (here.length === 0 && /\p{L}{3}/u.test(line) && shown < long.length * 0.6 && !findings.some((f) => f.about.includes(String(n + 1))))
      return [{ rule: 3, key: null, why: `line ${n + 1} is on no card: ${line.slice(0, 60)}` }];
    const times = [...lower(line).matchAll(TIMED)].map((m) => m[1]);
    return times
      .filter((t) => !told.has(t) && !isParted(Number(t), steps))
      .map((t) => ({ rule: 3, key: null, why: `${t} of line ${n + 1} is nowhere: ${line.slice(0, 60)}` }));
  });
}

/** "35 minutes, turned after 20" stands on two cards. */
const isParted = (minutes: number, cards: readonly Step[]) => {
  const waits = cards.map((s) => s.minutes.waiting).filter((w) => w > 0);
  return waits.some((a, i) => waits.some((b, k) => k > i && a + b === minutes));
};

const PANS = new Set(['saucepan', 'large-pan', 'frying-pan', 'wok']);
const HEATS =
  /^(?:boil|simmer|fry|cook|saut|brown|melt|heat|soften|scramble|poach|steam|warm|reheat|toast|wilt|caramelise|bubble|stir-fry)/;

/** 4. What was heated is hot until it has cooled, and marked; nothing is heated with the hob off, or dry; at the end everything is off. */
export function mindsTheHeat(steps: readonly Step[]): Broken[] {
  const broken: Broken[] = [];
  let ring: string | null = null;
  const appliances = new Set<string>();
  let clock = 0;
  const hotUntil = new Map<string, number>();
  for (const s of steps) {
    const t = s.technique ?? '';
    const vessels = [s.into, s.from ?? null, ...s.tools].filter(
      (id): id is string => id !== null && (PANS.has(id) || id === 'baking-dish' || id === 'tray' || id === 'cake-tin'),
    );
    if (t === 'hob-on' && s.tools.includes('hob')) ring = s.into ?? 'hob';
    if (t === 'hob-on' && !s.tools.includes('hob')) for (const id of s.tools) appliances.add(id);
    if (t === 'preheat-oven') for (const id of s.tools) appliances.add(id);
    const onRing = s.into !== null && PANS.has(s.into) && s.tools.includes('hob') && !['hob-on', 'turn-off', 'turn-heat'].includes(t);
    if (onRing && HEATS.test(lower(s.text)) && ring === null) broken.push({ rule: 4, key: s.key, why: `“${s.text}” and the hob is off` });
    const isHot = vessels.some((id) => ring === id || (hotUntil.get(id) ?? 0) > clock);
    const handles =
      isCard(s) && t !== 'turn-off' && t !== 'turn-heat' && t !== 'wash-hands' && t !== 'wash-up' && t !== 'measure' && t !== 'weigh';
    if (isHot && handles && vessels.includes(s.into ?? '') && !s.hazards.includes('hot'))
      broken.push({ rule: 4, key: s.key, why: `“${s.text}” touches what is hot and is not marked` });
    if (s.hazards.includes('hot') && s.supervision === 'none')
      broken.push({ rule: 4, key: s.key, why: `“${s.text}” is hot and nobody is near` });
    if (t === 'turn-off') {
      if (s.tools.includes('hob') || s.tools.length === 0) {
        if (ring) hotUntil.set(ring, clock + 10);
        ring = null;
      }
      for (const id of s.tools) appliances.delete(id);
    }
    if (t === 'take-out-oven') for (const id of vessels) hotUntil.set(id, clock + 10);
    if (t === 'cool' || t === 'chill' || t === 'freeze') hotUntil.clear();
    clock += s.minutes.active + s.minutes.waiting;
  }
  if (ring) broken.push({ rule: 4, key: null, why: `the hob is left on under the ${ring}` });
  for (const id of appliances) broken.push({ rule: 4, key: null, why: `the ${id} is left on` });
  return broken;
}

const RAW: readonly Hazard[] = ['raw-egg', 'raw-meat', 'raw-fish'];
const BY_HAND = /^(?:crack|break the egg|shape|form|knead|pat |slice|dice|chop|cut|trim|halve|lay|dip|coat|rub|massage|roll)/;

/** 5. Hands that touched raw food are washed before they touch anything else. */
export function washesAfterRaw(steps: readonly Step[]): Broken[] {
  const broken: Broken[] = [];
  let hands: Hazard | null = null;
  for (const s of steps) {
    if (s.technique === 'wash-hands' || s.technique === 'wash-up') hands = null;
    const raw = s.hazards.find((h) => RAW.includes(h)) ?? null;
    if (hands && isCard(s) && !s.hazards.includes(hands) && raw === null) {
      broken.push({ rule: 5, key: s.key, why: `hands had ${hands} on them before “${s.text}”` });
      hands = null;
    }
    if (raw && BY_HAND.test(lower(s.text))) hands = raw;
  }
  return broken;
}

const AWAY = /\b(?:in|into) the (?:microwave|fridge|freezer|oven)\b|\bfridge\b|\bon the (?:heat|hob|ring)\b/;
const PUTS = /^(?:add|put|pour|stir|tip|mix|drop|spoon|sprinkle|drain|whisk|mash|beat|ladle|season)\b/;

/** 6. Lids come off before anything goes in or out; nothing is put where it is already. */
export function mindsThePlaces(steps: readonly Step[]): Broken[] {
  const broken: Broken[] = [];
  const covered = new Set<string>();
  for (const s of steps) {
    if (s.technique === 'uncover' && s.into) covered.delete(s.into);
    if (s.technique === 'uncover' && !s.into) covered.clear();
    if (s.into && covered.has(s.into) && PUTS.test(lower(s.text)) && !AWAY.test(lower(s.text))) {
      broken.push({ rule: 6, key: s.key, why: `“${s.text}” and the lid is on` });
      covered.delete(s.into);
    }
    if (s.technique === 'cover' && s.into) covered.add(s.into);
    if (s.technique === 'cover' && /lid/.test(s.text) && s.into === null) broken.push({ rule: 6, key: s.key, why: `“${s.text}” on what?` });
  }
  return broken;
}

/** 7. A measure is dry before something dry goes in, and empty before it is filled again. */
export function mindsTheMeasures(steps: readonly Step[], isWet: (item: string) => boolean): Broken[] {
  const broken: Broken[] = [];
  const wet = new Map<string, string>();
  const full = new Map<string, number | null>();
  for (const s of steps) {
    if (s.technique === 'wash-up') for (const id of s.tools) wet.delete(id);
    if (s.technique !== 'measure') {
      for (const u of s.uses) for (const [id, ingredient] of full) if (ingredient === u.ingredient) full.delete(id);
      continue;
    }
    const use = s.uses[0];
    for (const { measure, label } of s.fillings) {
      if (full.has(measure)) broken.push({ rule: 7, key: s.key, why: `the ${label} is still full at “${s.text}”` });
      if (use && !isWet(use.item) && wet.has(measure) && wet.get(measure) !== use.item)
        broken.push({ rule: 7, key: s.key, why: `the ${label} is wet at “${s.text}”` });
      if (use && isWet(use.item)) wet.set(measure, use.item);
      if (!s.into) full.set(measure, use?.ingredient ?? null);
    }
  }
  return broken;
}

const NOT_FETCHED = new Set(
  'oven hob grill microwave toaster kettle blender mixer slow-cooker air-fryer fridge freezer tap dishwasher cloth sponge soap bin apron'.split(
    ' ',
  ),
);

/** 8. Everything used was fetched, and everything fetched is used. */
export function fetches(steps: readonly Step[]): Broken[] {
  const broken: Broken[] = [];
  const fetched = new Set<string>();
  const told = new Set<string>();
  for (const s of steps) {
    if (s.technique === 'gather') {
      for (const id of s.tools) fetched.add(id);
      if (s.tools.length + s.uses.length > 4) broken.push({ rule: 8, key: s.key, why: `“${s.text}” is more than four things` });
      continue;
    }
    for (const id of s.tools)
      if (!fetched.has(id) && !NOT_FETCHED.has(id) && !told.has(id)) {
        told.add(id);
        broken.push({ rule: 8, key: s.key, why: `nobody fetched the ${id} for “${s.text}”` });
      }
  }
  const used = new Set(steps.filter((s) => s.technique !== 'gather').flatMap((s) => [...s.tools, s.into ?? '']));
  for (const id of fetched)
    if (!used.has(id) && id !== 'table-knife') broken.push({ rule: 8, key: null, why: `the ${id} is fetched in vain` });
  return broken;
}
