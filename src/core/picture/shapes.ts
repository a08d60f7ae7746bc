// What was done to each food by itself, by technique: in a bowl of many things the onion is in slices and the sausages are whole.
import type { Lot, World } from '../kitchen/index';
import type { Step } from '../plan/model';
import { kindOf } from '../technique/lexicon';

/** Kept beside the world, which notes the work on a lot as a whole and by kind. */
export class Shapes {
  /** By ingredient: each kind of work with the technique that it was done by. */
  readonly #own = new Map<number, Map<string, string>>();

  /** Notes what lies by itself after a step. */
  see(world: World, done: Step | undefined): void {
    for (const lot of world.lots) {
      const [ingredient] = lot.parts.keys();
      if (ingredient === undefined || lot.parts.size > 1) continue;
      const own = this.#own.get(ingredient) ?? new Map<string, string>();
      this.#own.set(ingredient, own);
      for (const kind of lot.forms) if (!own.has(kind) || isWorkOn(done, ingredient, kind)) own.set(kind, byName(done, kind));
    }
  }

  /** What was done to one food of a lot: its own work, and what was done to all since they are one. */
  of(lot: Lot, ingredient: number): ReadonlySet<string> {
    const own = this.#own.get(ingredient);
    if (!own) return lot.forms;
    if (lot.parts.size === 1) return new Set([...lot.forms].map((kind) => own.get(kind) ?? kind));
    const before = new Set([...lot.parts.keys()].flatMap((i) => [...(this.#own.get(i)?.keys() ?? [])]));
    return new Set([...own.values(), ...[...lot.forms].filter((kind) => !before.has(kind))]);
  }
}

const byName = (done: Step | undefined, kind: string): string =>
  done?.technique && kindOf(done.technique) === kind ? done.technique : kind;

const isWorkOn = (done: Step | undefined, ingredient: number, kind: string): boolean =>
  done !== undefined && kindOf(done.technique) === kind && done.uses.some((use) => use.ingredient === ingredient);
