// What "it" and "them" mean once something was put somewhere.
import type { Lot } from '../kitchen/index';
import type { Mention } from './mentions';
import { beneath, RUNS_OVER, shapeSaid } from './put-meaning';
import { focusOn, type Located, type State } from './state';
import type { Frame, goalOf, Things } from './things';
import { isHeld } from './vessels';

/** What a clause of putting means: what goes, where the words say, and how it is said. */
export type Putting = {
  frame: Frame;
  object: Things;
  theme: Things;
  goal: ReturnType<typeof goalOf>;
  shell: Lot | null;
  under: readonly Mention[];
  withFrame: boolean;
  nothingSaid: boolean;
  /** Where the thing lies whose edges are brushed. */
  edged: string | null;
};

/** "Spoon it into each shell": the shells are what is spoken of then. */
function ofEach(goal: string): string | null {
  const noun = /^(?:each|every)\s+(?:of the\s+)?(\p{L}+(?:\s\p{L}+)?)$/iu.exec(goal)?.[1]?.toLowerCase();
  if (!noun || /s$/.test(noun)) return null;
  return `the ${/(?:ch|sh|x)$/.test(noun) ? `${noun}es` : /lf$/.test(noun) ? noun.replace(/f$/, 'ves') : `${noun}s`}`;
}

/** What is spoken of after it. */
export function speakOn(
  state: State,
  c: Located,
  { frame, object, theme, goal, under, withFrame, nothingSaid }: Putting,
  to: string,
): void {
  const spoken = [...theme.fresh.map((m) => m.ingredient), ...theme.there];
  const base = [...object.there, ...object.fresh.map((m) => m.ingredient)];
  // "cut the onion into wedges and put them in a tin with the garlic": no wedges any more
  const isSame = spoken.every((i) => state.objectUses.includes(i));
  const called = shapeSaid(state, frame) ?? (isSame && (nothingSaid || frame.theme?.pronoun) ? state.object : null);
  // "brush the tops with oil": the parcels are still what is spoken of
  if (withFrame)
    focusOn(state, base.length > 0 ? base : state.objectUses, base.length > 0 && frame.theme?.pronoun === null ? null : state.object);
  else if (RUNS_OVER.test(c.verb ?? '') && /^(?:the )?tops?\b/i.test(frame.goal?.text ?? '') && isHeld(state, to))
    focusOn(state, beneath(state, to), null);
  else if (goal.lots.length + under.length > 0 && frame.goal?.vessel === null)
    // "spread the sauce inside. Fill with": it is the bread that is filled
    focusOn(
      state,
      /^inside$/i.test(frame.goal?.text ?? '')
        ? goal.lots
        : // "nestle the chicken among the vegetables. Rub them": the chicken
          /^(?:among|around)$/.test(frame.goal?.prep ?? '') && spoken.length > 0
          ? spoken
          : [...goal.lots, ...under.map((m) => m.ingredient), ...spoken],
      ofEach(frame.goal.text),
    );
  else if (spoken.length > 0) focusOn(state, RUNS_OVER.test(c.verb ?? '') && isHeld(state, to) ? beneath(state, to) : spoken, called);
}
