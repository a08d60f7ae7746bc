// A picture's movement, asked of the server and seen before it is used.

export type Movement = { loop: string; strip: string[] };

/** Null where the answer is not what was asked for. */
function shape(answer: unknown): Movement | null {
  if (typeof answer !== 'object' || answer === null) return null;
  const { loop, strip } = answer as { loop?: unknown; strip?: unknown };
  return typeof loop === 'string' && Array.isArray(strip) && strip.every((s) => typeof s === 'string') ? { loop, strip } : null;
}

/** Null where it cannot be had: there is no network, or no such step any more. */
export async function movementAt(address: string): Promise<Movement | null> {
  try {
    const answer = await fetch(address);
    return answer.ok ? shape(await answer.json()) : null;
  } catch {
    return null;
  }
}
