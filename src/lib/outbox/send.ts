// Tells the server of entries, and takes its answer for each.
import { answeredAs, bodyOf, type Kept, type Refused } from './entry';

/** Entries of one request: under what the server takes at once, and under the 64 KB that a browser sends of a page that is closing. */
const BATCH = 100;
/** A request that has no answer by then counts as not sent; sending again is harmless. In milliseconds. */
const PATIENCE = 15_000;

type Answer = { taken?: string[]; refused?: ({ id: string | null } & Refused)[]; message?: string };

const urlOf = (batch: readonly Kept[]) => `/cook/${encodeURIComponent(batch[0].lessonId)}/records`;

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

/** By the id of an entry: null where the server has it, or why it would not take it. */
export type Answers = Map<string, Refused | null>;

/**
 * Sends entries of one lesson.
 * @returns 'unreachable' where nobody answered, 'unclear' where somebody did and said nothing of the entries: a network's own page, a server
 * in trouble; 'nobody' where nobody is signed in here any longer
 */
export async function send(batch: readonly Kept[]): Promise<Answers | 'unreachable' | 'unclear' | 'nobody'> {
  let response: Response;
  try {
    response = await fetch(urlOf(batch), {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: bodyOf(batch, new Date().toISOString()),
      signal: AbortSignal.timeout(PATIENCE),
    });
  } catch {
    return 'unreachable';
  }
  const answer = (await response.json().catch(() => null)) as Answer | null;
  if (response.status === 401) return 'nobody';
  if (response.status === 404 && answer?.message) return new Map(batch.map((e) => [e.id, { code: 'not-here', why: answer.message! }]));
  return answer?.taken ? answersOf(batch, answer.taken, answer.refused ?? []) : 'unclear';
}

function answersOf(batch: readonly Kept[], taken: string[], refused: NonNullable<Answer['refused']>): Answers {
  const [had, not] = [new Set(taken), new Map(refused.map((r) => [r.id, r]))];
  // one whose id says nothing to the server is answered under no id
  const nameless = not.get(null) ?? { code: 'wrong', why: 'the server said nothing of it' };
  return new Map(
    batch.map((entry) => {
      if (had.has(answeredAs(entry))) return [entry.id, null];
      const { code, why } = not.get(answeredAs(entry)) ?? nameless;
      return [entry.id, { code, why }];
    }),
  );
}

/** Hands entries to the browser, which sends them after the page is gone. Nobody hears the answer. */
export function sendAtLast(batch: readonly Kept[]): void {
  navigator.sendBeacon(urlOf(batch), new Blob([bodyOf(batch, new Date().toISOString())], { type: 'application/json' }));
}
