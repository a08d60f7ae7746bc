// Undo that lives through a reload: what was before and what comes again, kept in the tab as long as the server has the state in between.
import type { Step } from '$core';
import type { Moments } from './history.svelte';
import type { Moment } from './task-editor.svelte';

/** So many states before and after are kept: more than anybody goes back after a reload. */
const MOST = 60;

/** Most steps of a state are those of the next: each stands once, and a state is a list of their places. */
type Place = Omit<Moment, 'steps'> & { at: number[] };
type Kept = { revision: number; steps: Step[]; past: Place[]; future: Place[] };

export class KeptHistory {
  /** @param name under which the tab keeps it */
  constructor(private name: string) {}

  /** @param revision that the server has of the state in between */
  keep(revision: number, { past, future }: Moments<Moment>): void {
    const places = new Map<Step, number>();
    const placeOf = ({ steps, ...rest }: Moment): Place => ({
      ...rest,
      at: steps.map((step) => {
        const known = places.get(step) ?? places.size;
        places.set(step, known);
        return known;
      }),
    });
    const kept = { revision, past: past.slice(-MOST).map(placeOf), future: future.slice(-MOST).map(placeOf) };
    try {
      if (past.length + future.length === 0) sessionStorage.removeItem(this.name);
      else sessionStorage.setItem(this.name, JSON.stringify({ ...kept, steps: [...places.keys()] } satisfies Kept));
    } catch {
      // a full or forbidden store: undo then ends with the page
    }
  }

  /** What is kept around the state of that revision; null where there is nothing, or somebody saved since. */
  of(revision: number): Moments<Moment> | null {
    try {
      const kept = JSON.parse(sessionStorage.getItem(this.name) ?? 'null') as Kept | null;
      if (kept?.revision !== revision) return null;
      const momentOf = ({ at, ...rest }: Place): Moment => ({ ...rest, steps: at.map((i) => kept.steps[i]) });
      const [past, future] = [kept.past.map(momentOf), kept.future.map(momentOf)];
      return [...past, ...future].every((m) => m.steps.every(Boolean)) ? { past, future } : null;
    } catch {
      return null;
    }
  }
}
