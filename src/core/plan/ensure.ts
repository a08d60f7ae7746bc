// Builds with the one world: the same steps with all that they lack put in, and with the hazards that the kitchen gives each.
import { lotsOf, vesselOf, worksIn, type World, type Played } from '../kitchen/index';
import type { Ingredient } from '../recipe/recipe';
import { worksById } from '../technique/lexicon';
import type { Cue } from '../technique/model';
import type { Inside } from './doneness';
import type { Draft } from './draft';
import type { Kitchen } from './model';
import { play, playedOf } from './play';
import type { Calls } from './naming';
import { WASH_HANDS } from './providers';

/** Hands are washed before the recipe begins: the routine before it does that. */
const WASHED: Draft = { text: WASH_HANDS, technique: 'wash-hands', sourceLine: null };

export function ensure(drafts: readonly Draft[], ingredients: readonly Ingredient[], kitchen: Kitchen, calls: Calls): Draft[] {
  const all = [WASHED, ...drafts.map(withRing)];
  const turns = play(
    all.map(playedOf),
    all.map((d) => d.sourceLine),
    ingredients,
    {
      kitchen,
      calls,
      skip: (world, step, i) => isDoneAlready(world, step, all[i]!.text) || isMeasured(world, step, all[i]!.text) || isCovered(world, step),
    },
  );
  return all.flatMap((draft, i) => {
    const turn = turns[i];
    if (!turn || i === 0) return [];
    const hazards = [...new Set([...(draft.hazards ?? []), ...turn.hazards])];
    return [
      ...turn.before.flatMap((put) => put.steps),
      {
        ...draft,
        hazards,
        text: turn.fill(draft.text),
        ...(draft.thing ? { thing: turn.fill(draft.thing) } : {}),
        ...(turn.inside ? { cues: [...(draft.cues ?? []), numberOf(turn.inside)] } : {}),
        ...(turn.inside && worksById(draft.technique).act === 'check'
          ? { tools: [...new Set([...(draft.tools ?? []), 'thermometer'])] }
          : {}),
      },
      ...turn.after.flatMap((put) => put.steps),
    ];
  });
}

/** What the thermometer shows when it is done. */
const numberOf = ({ celsius, fahrenheit }: Inside): Cue => ({
  sense: 'thermometer',
  text: `${celsius} °C, ${fahrenheit} °F in the middle`,
});

/** Nobody puts a lid on a lid. */
function isCovered(world: World, step: Played): boolean {
  const vessel = vesselOf(step);
  return worksIn(step).act === 'cover' && vessel !== null && (world.vessels.get(vessel)?.lid ?? null) !== null;
}

/** All of it was measured before, or it is cooked by now: what is parted then is parted by eye. */
function isMeasured(world: World, step: Played, text: string): boolean {
  if (worksIn(step).act !== 'measure') return false;
  // what no list has is measured anew: water from the tap
  if (step.uses.length === 0 && /\bwater\b/i.test(text)) return false;
  return step.uses.every(({ ingredient, quantity }) => {
    const lots = lotsOf(world, ingredient);
    // a spoon more of what is all in the batter
    if (quantity !== world.ingredients[ingredient]!.one.min && lots.every((lot) => lot.joined && lot.parts.size > 1)) return false;
    return lots.every((lot) => lot.forms.has('measure') || lot.cooked || lot.joined);
  });
}

/** "Turn off the heat": that is the ring. */
const withRing = (draft: Draft): Draft =>
  worksById(draft.technique).act === 'off' && (draft.tools ?? []).length === 0 && /\b(?:heat|hob|stove|ring|burner|gas)\b/i.test(draft.text)
    ? { ...draft, tools: ['hob'] }
    : draft;

/** The ring is off already: nobody turns it off twice. */
function isDoneAlready(world: World, step: Played, text: string): boolean {
  if (worksIn(step).act !== 'off') return false;
  const rings = step.tools.length === 0 || step.tools.includes('hob');
  return (
    rings &&
    world.ring === null &&
    !step.tools.some((id) => world.on.has(id)) &&
    !/oven|grill|kettle|blender|mixer|cooker|fryer|microwave/i.test(text)
  );
}
