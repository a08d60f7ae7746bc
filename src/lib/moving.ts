// What the server answers about a picture's movement, seen before it is used.

/** Null where the answer is not what was asked for. */
export function shape(answer: unknown): { loop: string; strip: string[] } | null {
  if (typeof answer !== 'object' || answer === null) return null;
  const { loop, strip } = answer as { loop?: unknown; strip?: unknown };
  return typeof loop === 'string' && Array.isArray(strip) && strip.every((s) => typeof s === 'string') ? { loop, strip } : null;
}
