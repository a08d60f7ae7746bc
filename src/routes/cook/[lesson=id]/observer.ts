// Who records on this device: one of the adults of the lesson, as chosen here the last time.
const KEY = 'yr-observer';

/** The name that goes with each record from here; 'teacher' where nobody is named. */
export function observerName(adults: readonly string[]): string {
  try {
    const kept = localStorage.getItem(KEY);
    if (kept && adults.includes(kept)) return kept;
  } catch {
    // a device without a store asks each time
  }
  return adults[0] ?? 'teacher';
}

export function keepObserver(name: string): void {
  try {
    localStorage.setItem(KEY, name);
  } catch {
    // see observerName
  }
}
