// Plans a lesson beside the page: the best list at once, then a search, then what would make it shorter.
import {
  boundOf,
  planAnew,
  planLesson,
  planView,
  problemOf,
  pullLevers,
  search,
  MOST_ROUNDS,
  setupOf,
  type Bound,
  type LessonInput,
  type Lever,
  type Planned,
  type PlanView,
  type Standing,
  type Timetable,
} from '$core';

/** `keep`: a timetable that stands; only what has to give way does. `standing`: how far a lesson is that has begun. */
export type Ask = { n: number; input: LessonInput; keep: Timetable | null; standing: Standing | null };
export type PulledLever = { lever: Lever; minutes: number; end: number; bound: number };
export type Answer = { n: number; view: PlanView; better: boolean } | { n: number; none: Bound } | { n: number; levers: PulledLever[] };

/** A person waits for the first; half a second of search gains nearly all there is. */
const SEARCH_MS = 500;
/** Levers are many: each has less. */
const LEVER_ROUNDS = 60;
const FEW_DRAWS = 60;

const port = self as unknown as { onmessage: ((e: MessageEvent<Ask>) => void) | null; postMessage: (a: Answer) => void };
let latest = 0;
/** Lets a newer question come in between. */
const breath = () => new Promise<void>((done) => setTimeout(done));

port.onmessage = ({ data }) => void plan(data);

async function plan({ n, input, keep, standing }: Ask): Promise<void> {
  latest = n;
  const first = firstOf(input, keep, standing);
  if (!first) return port.postMessage({ n, none: boundOf(problemOf(setupOf(input))) });
  port.postMessage({ n, view: planView(first, FEW_DRAWS), better: false });
  await breath();
  if (latest !== n) return;
  const from = performance.now();
  const spent = () => (performance.now() - from) / SEARCH_MS;
  const found = keep ? first.found : search(first.problem, first.found, { rounds: MOST_ROUNDS, spent });
  port.postMessage({ n, view: planView({ ...first, found }), better: true });
  await breath();
  if (latest !== n) return;
  // what could have been done before is past
  if (standing) return port.postMessage({ n, levers: [] });
  port.postMessage({ n, levers: pullLevers(input, { ...first, found }, { rounds: LEVER_ROUNDS }) });
}

/** Before the lesson nothing has begun. */
const NOT_YET: Standing = { now: 0, begun: new Map() };

function firstOf(input: LessonInput, keep: Timetable | null, standing: Standing | null): Planned | null {
  if (!keep) return planLesson(input, { rounds: 0 });
  const setup = setupOf(input);
  const anew = planAnew(setup, keep, standing ?? NOT_YET, { rounds: 40 });
  return anew && { problem: anew.problem, found: { places: anew.places, worth: anew.worth }, bound: boundOf(anew.problem) };
}
