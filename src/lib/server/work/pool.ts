// The threads that do heavy work, so that the one that serves pages never stands still. What was worked out once is kept while there is room.
import { createHash } from 'node:crypto';
import { availableParallelism } from 'node:os';
import { env } from '$env/dynamic/private';
import type { Family, Fit, Kitchen, Learner, Reading, Recipe, TaskAnalysis } from '$core';
import { LRUCache } from 'lru-cache';
import { Piscina } from 'piscina';
import type { FormName } from '../../paper/index';
import type { Page, PaperData, PaperOptions } from '../../paper/model';
import type { Drawn, Job, Look, Moving, Work } from './work';

/**
 * Nothing that a person waits for takes longer, in milliseconds; a thread that does is ended, whatever it is in. A machine that is far slower than
 * others may be given more (WORK_MS).
 */
const LONGEST = Number(env.WORK_MS) || 2000;

/** The text or the steps take longer than anybody should wait. */
export class TooLong extends Error {
  override name = 'TooLong';
}

let threads: Piscina<Job, unknown> | undefined;

function pool(): Piscina<Job, unknown> {
  return (threads ??= new Piscina<Job, unknown>({
    filename: env.WORK_FILE,
    minThreads: 1,
    maxThreads: Math.max(2, availableParallelism() - 1),
    // a crowd is told to wait, not held in memory
    maxQueue: 200,
    idleTimeout: 60_000,
  }));
}

process.once('sveltekit:shutdown', () => void threads?.destroy());

/** Starts a thread before anybody waits for one. */
export async function warm(): Promise<void> {
  if (env.WORK_FILE) await pool().run({ what: 'read', given: ['Tea\n1 cup water\nBoil the water.'] });
}

/** Answers by the text of their task; some 40 MB at the most. */
const KNOWN = new LRUCache<string, object>({ max: 2000, maxSize: 40_000_000 });

async function work<K extends keyof Work>(what: K, ...given: Parameters<Work[K]>): Promise<ReturnType<Work[K]>> {
  const key = createHash('sha1')
    .update(JSON.stringify([what, given]))
    .digest('base64');
  const known = KNOWN.get(key) as ReturnType<Work[K]> | undefined;
  if (known) return known;
  const made = await inThread({ what, given });
  KNOWN.set(key, made, { size: JSON.stringify(made).length });
  return made;
}

async function inThread<K extends keyof Work>(job: Job<K>): Promise<ReturnType<Work[K]>> {
  // without a bundle of the work (live reload) it is done here
  if (!env.WORK_FILE) return (await import('./work')).default(job);
  const late = AbortSignal.timeout(LONGEST);
  try {
    return (await pool().run(job, { signal: late })) as ReturnType<Work[K]>;
  } catch (error) {
    throw late.aborted ? new TooLong() : error;
  }
}

/** Reads a text. One that takes too long comes back with every line unread, so that nothing of it is lost. */
export async function readText(source: string): Promise<Reading> {
  try {
    return await work('read', source);
  } catch (error) {
    if (!(error instanceof TooLong)) throw error;
    return unread(source);
  }
}

/** How many lines of a text that could not be read are shown as such. */
const SHOWN = 300;

function unread(source: string): Reading {
  const lines = source
    .split(/\r\n?|\n/)
    .slice(0, SHOWN)
    .flatMap((text, i) => (text.trim() ? [{ line: i + 1, text: text.trim().slice(0, 200) }] : []));
  const why = 'this text takes too long to read as a whole; say what this line is, or paste one recipe at a time';
  return {
    recipe: { title: lines[0]?.text ?? '', servings: null, ingredients: [], tools: [], instructions: [] },
    notUnderstood: lines.map((l) => ({ ...l, why })),
    lines: lines.map((l) => ({ ...l, role: 'unread' as const, index: null })),
  };
}

/** @throws TooLong where the steps take longer than a person should wait */
export const buildSteps = (recipe: Recipe, kitchen: Kitchen): Promise<TaskAnalysis> => work('build', recipe, kitchen);

/** Fits of one recipe, one for each learner. @throws TooLong where they take longer than a person should wait */
export const fitLearners = (task: TaskAnalysis, learners: Learner[], kitchen: Kitchen, brief: boolean): Promise<Fit[]> =>
  work('fit', task, learners, kitchen, brief);

/** What tools would open in one recipe. @throws TooLong where it takes longer than a person should wait */
export const familiesToBuy = (task: TaskAnalysis, learners: Learner[], kitchen: Kitchen): Promise<Family[]> =>
  work('families', task, learners, kitchen);

/** @throws TooLong where the pictures take longer than a person should wait */
export const drawCards = (task: TaskAnalysis, kitchen: Kitchen, look: Look): Promise<Drawn> => work('draw', task, kitchen, look);

/** One step's picture in movement. @throws TooLong where it takes longer than a person should wait */
export const drawMoving = (task: TaskAnalysis, kitchen: Kitchen, look: Look, step: number): Promise<Moving> =>
  work('moving', task, kitchen, look, step);

/** Lays a printed form out. @throws TooLong where it takes longer than a person should wait */
export const paperPages = (form: FormName, data: PaperData, options: PaperOptions): Promise<Page[]> => work('paper', form, data, options);
