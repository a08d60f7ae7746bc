// A skin or a shell that its flesh was taken out of, and what is filled again: potatoes, avocados, peppers.
import { nameWords } from '../recipe/food';
import { isVessel } from '../technique/tools';
import { actOfKind, worksOf, type Works } from '../technique/works';
import { joinLots, moveTo, split } from './matter';
import type { Lot, Played, World } from './model';
import { contents } from './world';

/** What recipes call such a skin, as a pattern. */
const SHELL = '(?:skin|shell|boat)s?';
const IS_SHELL = new RegExp(`\\b${SHELL}$`, 'i');
const SHELLS = new RegExp(`\\b${SHELL}\\b`, 'i');
/** The skin of what was scooped out, where a phrase speaks of it. */
export const shellOf = (world: World, phrase: string): Lot | null =>
  (IS_SHELL.test(phrase) && world.lots.find((lot) => lot.shell && lot.at !== null)) || null;

/** What is taken out of it. */
export const FLESH = /\b(?:flesh|insides?|middles?|pulp)\b/i;
/** Whether words speak of such a skin. */
export const saysShell = (text: string): boolean => SHELLS.test(text);
const INTO =
  /\b(?:into|in|inside|among|between)\s+(?:(?:the|each|every|their|your|empty|hollow|of)\s+)+((?:\p{L}+\s)?\p{L}+)|^(?:Fill|Stuff|Pile|Load)\s+(?:(?:the|each|every|your|empty|of)\s+)+((?:\p{L}+\s)?\p{L}+)\s+with\b/iu;

const OF_SHELL = new RegExp(`^\\p{Lu}\\p{Ll}+\\s+(?:the|each|your|all the)\\s+(?:\\p{L}+\\s)?${SHELL}\\b`, 'u');

/** What a step does with hollow things by its words. */
export function hollowIn(works: Works, text: string): Required<Pick<Played, 'hollows' | 'ofShell' | 'inside'>> {
  return {
    hollows: works.traits.has('hollows') && FLESH.test(text),
    ofShell: OF_SHELL.test(text),
    inside: works.act === 'put' || works.act === 'lift' ? (INTO.exec(text)?.slice(1).find(Boolean)?.toLowerCase() ?? null) : null,
  };
}

/** So little of a thing stays in its skin that what is spoken of is the flesh. */
const SHELL_SHARE = 0.08;

/** The flesh goes where it is scooped to, or lies loose; the shell stays. */
export function empty(world: World, lots: readonly Lot[], to: string | null): void {
  for (const lot of lots) {
    const [entry] = lot.parts;
    if (lot.joined || lot.shell || !entry) continue;
    // "scoop out the middles", on the tray that they were baked on: they lie loose then
    const goal = lot.at === to ? null : to;
    const flesh = split(world, lot, entry[0], entry[1] * (1 - SHELL_SHARE));
    if (flesh === lot) continue;
    lot.at ??= 'board';
    lot.shell = true;
    flesh.at = null;
    if (goal !== null && isVessel(goal)) moveTo(world, [flesh], goal);
  }
}

/** A part was taken out of it: a cored apple, half a pepper. */
export const isHollow = (lot: Lot): boolean =>
  lot.shell || (!lot.joined && [...lot.forms].some((form) => worksOf(form).traits.has('parts') && actOfKind(form) === 'ready'));

/** The hollow thing among lots that a phrase speaks of: "the skins", "the pepper halves". */
export function hollowMeant(world: World, lots: readonly Lot[], phrase: string): Lot | undefined {
  const words = nameWords(phrase);
  const isMeant = (lot: Lot) =>
    (lot.shell && SHELLS.test(phrase)) ||
    [...lot.parts.keys()].some((i) => nameWords(world.ingredients[i]!.name).some((w) => words.includes(w)));
  return lots.find((lot) => isHollow(lot) && isMeant(lot));
}

/** What is put into something hollow is one with it, and called after what is outside. */
export function fill(world: World, came: readonly Lot[], to: string, phrase: string): void {
  const hollow = hollowMeant(
    world,
    contents(world, to).filter((lot) => !came.includes(lot)),
    phrase,
  );
  if (!hollow || came.length === 0) return;
  const outside = [...hollow.parts.keys()][0] ?? null;
  joinLots(world, [hollow, ...came]);
  Object.assign(hollow, { shell: false, filled: true, name: null, outside });
}
