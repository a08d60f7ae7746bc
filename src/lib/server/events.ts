// What changes in a lesson, as server-sent events for one device.
import { follow, onStop, type Word } from './live';

/** A line that says nothing for this long may be cut on its way; a word in between keeps it. In milliseconds. */
const ALIVE = 15_000;
/** A device turns back after this long where its line was cut, in milliseconds. */
const RETRY = 1000;

const HEADERS = { 'content-type': 'text/event-stream', 'x-accel-buffering': 'no' };

/** @param told what a device is told of a change; null for nothing */
export function events(request: Request, school: string, classLessonId: string, told: (word: Word) => object | null): Response {
  // who asks for the headers alone reads no stream, and nobody would ever end it
  if (request.method === 'HEAD') return new Response(null, { headers: HEADERS });
  const encoder = new TextEncoder();
  let stop = () => {};
  const body = new ReadableStream<Uint8Array>({
    start(controller) {
      const say = (text: string) => controller.enqueue(encoder.encode(text));
      const tell = (word: Word) => {
        const said = told(word);
        if (said) say(`data: ${JSON.stringify(said)}\n\n`);
      };
      const unfollow = follow(school, classLessonId, tell);
      const alive = setInterval(() => say(': alive\n\n'), ALIVE);
      const forget = onStop(() => {
        stop();
        controller.close();
      });
      stop = () => {
        clearInterval(alive);
        unfollow();
        forget();
      };
      say(`retry: ${RETRY}\n\n`);
      // whatever changed before the line was open
      tell({ what: 'again' });
    },
    cancel: () => stop(),
  });
  return new Response(body, { headers: HEADERS });
}
