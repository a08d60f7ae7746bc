// Tells the server of entries, and takes its answer for each.
import { answeredAs, bodyOf, type Kept, type Refused } from './entry';

/** Entries of one request: under what the server takes at once, and under the 64 KB that a browser sends of a page that is closing. */
const BATCH = 100;
/** A request that has no answer by then counts as not sent; sending again is harmless. In milliseconds. */
const PATIENCE = 15_000;

type Answer = { taken?: string[]; refused?: ({ id: string | null } & Refused)[]; message?: string };

const urlOf = (batch: readonly Kept[]) => `/cook/${batch[0].lessonId}/records`;

/** Entries as they are sent: those of one lesson together, in their order, not too many at once. */
export function batchesOf(entries: readonly Kept[]): Kept[][] {
  const ofLesson = new Map<string, Kept[]>();
  for (const entry of entries) {
    if (!ofLesson.has(entry.lessonId)) ofLesson.set(entry.lessonId, []);
    ofLesson.get(entry.lessonId)!.push(entry);
  }
  return [...ofLesson.values()].flatMap((all) =>
    Array.from({ length: Math.ceil(all.length / BATCH) }, (_, i) => all.slice(i * BATCH, (i + 1) * BATCH)),
  );
}

/**
 * Sends entries of one lesson.
 * @returns by the id of an entry: null where the server has it, or why it would not take it; null for the whole where there was no answer
 */
export async function send(batch: readonly Kept[]): Promise<Map<string, Refused | null> | null> {
  try {
    const response = await fetch(urlOf(batch), {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: bodyOf(batch, new Date().toISOString()),
      signal: AbortSignal.timeout(PATIENCE),
    });
    // only an answer of ours counts: a network's own page, or a server in trouble, says nothing of the records
    if (response.status !== 200 && response.status !== 422 && response.status !== 404) return null;
    return answersOf(batch, (await response.json()) as Answer, response.status === 404);
  } catch {
    return null;
  }
}

function answersOf(batch: readonly Kept[], answer: Answer, isGone: boolean): Map<string, Refused | null> | null {
  if (isGone && answer.message) return new Map(batch.map((e) => [e.id, { code: 'not-here', why: answer.message! }]));
  if (!answer.taken) return null;
  const taken = new Set(answer.taken);
  const refused = new Map((answer.refused ?? []).map(({ id, code, why }) => [id, { code, why }]));
  return new Map(
    batch.flatMap((entry): [string, Refused | null][] => {
      if (taken.has(answeredAs(entry))) return [[entry.id, null]];
      const no = refused.get(answeredAs(entry));
      return no ? [[entry.id, no]] : [];
    }),
  );
}

/** Hands entries to the browser, which sends them after the page is gone. Nobody hears the answer. */
export function sendAtLast(batch: readonly Kept[]): void {
  navigator.sendBeacon(urlOf(batch), new Blob([bodyOf(batch, new Date().toISOString())], { type: 'application/json' }));
}
