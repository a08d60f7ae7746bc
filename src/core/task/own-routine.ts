// A recipe's own "wash your hands" and "wash up": the routines around every recipe do that already, so it is not said twice.
import { kindOf } from '../technique/lexicon';
import type { Draft } from '../plan/draft';
import type { Step } from '../plan/model';

const BEFORE = new Set(['tie-hair', 'apron-on', 'wash-hands', 'gather']);
const AFTER = new Set(['wash-up', 'put-away', 'wipe', 'store']);

/** The lines of a recipe that say what a routine does, by technique. */
export type OwnRoutine = {
  before: ReadonlyMap<string, number>;
  after: ReadonlyMap<string, number>;
  /** What the recipe says of it that the routine does not: "store in the fridge for up to a week". */
  said: ReadonlyMap<string, string>;
};

/** What is kept is kept as long as the recipe says. */
const TELLS = 'store';

const isOwn = (draft: Draft | undefined, of: ReadonlySet<string>): draft is Draft & { sourceLine: number; technique: string } =>
  draft !== undefined &&
  draft.sourceLine !== null &&
  of.has(draft.technique ?? '') &&
  // muesli goes into its jar; what is left of a meal goes into the fridge, as the routine says
  (draft.technique !== TELLS || /\b(?:fridge|refrigerator|chilled)\b/i.test(draft.text));

/**
 * Takes what the routines do already off both ends of a recipe's own steps; in between it stays where it is.
 * @returns the other steps, and which line said what, so that the routine's step can point there
 */
export function takeOwnRoutine(body: readonly Draft[]): { body: Draft[]; own: OwnRoutine } {
  const before = new Map<string, number>();
  const after = new Map<string, number>();
  const said = new Map<string, string>();
  // the oven is turned on ahead of everything
  const from = body.findIndex((d) => kindOf(d.technique) !== 'preheat-oven');
  let first = Math.max(0, from);
  while (isOwn(body[first], BEFORE)) {
    const draft = body[first] as Draft & { sourceLine: number; technique: string };
    if (!before.has(draft.technique)) before.set(draft.technique, draft.sourceLine);
    first++;
  }
  let last = body.length;
  while (last > first && isOwn(body[last - 1], AFTER)) {
    const draft = body[last - 1] as Draft & { sourceLine: number; technique: string };
    after.set(draft.technique, draft.sourceLine);
    if (draft.technique === TELLS)
      said.set(
        TELLS,
        draft.text.replace(/[.]$/, '').replace(/^\p{Lu}/u, (first) => first.toLowerCase()),
      );
    last--;
  }
  return { body: [...body.slice(0, Math.max(0, from)), ...body.slice(first, last)], own: { before, after, said } };
}

/** The routine's steps, each with the line of the recipe that says it too; of several alike the last. */
export function withLines(
  routine: readonly Step[],
  lines: ReadonlyMap<string, number>,
  said: ReadonlyMap<string, string> = new Map(),
): Step[] {
  const lastOf = new Map(routine.map((s, i) => [s.technique, i]));
  return routine.map((s, i) => {
    const line = s.technique ? lines.get(s.technique) : undefined;
    const words = s.technique ? said.get(s.technique) : undefined;
    const told = words === undefined ? s : { ...s, cues: [...s.cues, { sense: 'time' as const, text: words }] };
    return line !== undefined && lastOf.get(s.technique) === i ? { ...told, sourceLine: line } : s;
  });
}
