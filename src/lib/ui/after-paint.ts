/** Nothing is painted while the page is hidden: it does not wait for that longer than this, in milliseconds. */
const LONGEST_WAIT = 250;

/**
 * Does what can wait until what was just changed is on the screen, so that a finger sees at once what it did.
 * @returns what takes it back while it has not begun
 */
export function afterPaint(work: () => void): () => void {
  let begun = false;
  const once = () => {
    if (begun) return;
    begun = true;
    clearTimeout(late);
    work();
  };
  const late = setTimeout(once, LONGEST_WAIT);
  // the frame's own tasks come before it is painted, the next task after
  requestAnimationFrame(() => setTimeout(once));
  return () => {
    begun = true;
    clearTimeout(late);
  };
}
