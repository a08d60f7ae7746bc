// One clock for all that grows second by second on a page: what changes, changes in one frame, and not each in one of its own between the taps.

/** How far behind a second what hangs on the clock may be, in milliseconds. */
const EVERY = 500;

const all = new Set<() => void>();
let clock: ReturnType<typeof setInterval> | undefined;

/**
 * Calls something at each tick of the page's clock.
 * @returns what ends that
 */
export function everyTick(what: () => void): () => void {
  all.add(what);
  clock ??= setInterval(() => all.forEach((one) => one()), EVERY);
  return () => {
    all.delete(what);
    if (all.size > 0) return;
    clearInterval(clock);
    clock = undefined;
  };
}
