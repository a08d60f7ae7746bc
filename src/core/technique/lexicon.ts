// The lexicon of techniques, and how one is found by the verb that a recipe uses.
import { COOK } from './lexicon/cook';
import { PREPARE } from './lexicon/prepare';
import { ROUTINE } from './lexicon/routine';
import { VARIANTS_COOK } from './lexicon/variants-cook';
import { VARIANTS_PREPARE } from './lexicon/variants-prepare';
import { VARIANTS_ROUTINE } from './lexicon/variants-routine';
import type { Technique } from './model';
import { worksOf, type Works } from './works';

export const TECHNIQUES: readonly Technique[] = [
  ...ROUTINE,
  ...VARIANTS_ROUTINE,
  ...PREPARE,
  ...VARIANTS_PREPARE,
  ...COOK,
  ...VARIANTS_COOK,
];

const BY_ID = new Map(TECHNIQUES.map((t) => [t.id, t]));

/** A technique by its id; undefined when there is none. */
export function techniqueById(id: string): Technique | undefined {
  return BY_ID.get(id);
}

/**
 * The technique that one is done like: mincing is done like chopping. Where steps are built and walked, the two are treated alike.
 * @returns the id itself for one that is like no other; empty for none
 */
export function kindOf(id: string | null | undefined): string {
  return id ? (BY_ID.get(id)?.like ?? id) : '';
}

const WORKS = new Map(TECHNIQUES.map(({ id, like }) => [id, worksOf(id, like)]));

/** How a technique works, by its own entry or by the one that it is done like. */
export const worksById = (id: string | null | undefined): Works => WORKS.get(id ?? '') ?? worksOf(id);

type Entry = { words: string[]; technique: Technique };
const BY_FIRST = new Map<string, Entry[]>();
for (const technique of TECHNIQUES)
  for (const verb of technique.verbs) {
    const words = verb.split(' ');
    BY_FIRST.set(words[0]!, [...(BY_FIRST.get(words[0]!) ?? []), { words, technique }]);
  }
for (const entries of BY_FIRST.values()) entries.sort((a, b) => b.words.length - a.words.length);

/** Whether a word is the first word of some technique's imperative. */
export function isVerb(word: string): boolean {
  return BY_FIRST.has(word);
}

/**
 * The technique of an imperative. The words of a two-word verb may stand apart ("put the lid on" is no "put on ... apron").
 * @param words the clause in lower case, the verb first
 * @param about ids and words of what is acted on and with: foods, groups, tools; an entry limited by `only` needs one of them
 * @returns the technique whose verb has most words; of two as long, one that asks for these very things goes first
 */
export function findTechnique(words: string[], about: ReadonlySet<string>): Technique | null {
  const entries = BY_FIRST.get(words[0] ?? '') ?? [];
  let best: { technique: Technique; score: number } | null = null;
  for (const { words: verb, technique } of entries) {
    const limited = technique.only !== undefined;
    if (limited && !technique.only!.some((o) => about.has(o))) continue;
    const rest = verb.slice(1);
    if (rest.length > 0 && !inOrder(rest, words.slice(1))) continue;
    // of two that ask for these very things, one that asks for the machine at hand
    const score =
      verb.length * 2 +
      (limited ? 3 : 0) +
      (limited && technique.tools.some((id) => technique.only!.includes(id) && about.has(id)) ? 1 : 0);
    if (score > (best?.score ?? 0)) best = { technique, score };
  }
  return best?.technique ?? null;
}

/** Whether all words of the verb come in order, with at most four between ("bring the soup back to the boil"). */
function inOrder(rest: string[], words: string[]): boolean {
  let at = 0;
  for (const word of rest) {
    const found = words.indexOf(word, at);
    if (found < 0 || found - at > 4) return false;
    at = found + 1;
  }
  return true;
}
