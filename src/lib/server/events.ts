// What changes in a lesson, as server-sent events for one device.
import { follow, onStop, type Word } from './live';

/** A line that says nothing for this long may be cut on its way; a word in between keeps it. In milliseconds. */
const ALIVE = 15_000;
/** A device turns back after this long where its line was cut, in milliseconds. */
const RETRY = 1000;

const HEADERS = { 'content-type': 'text/event-stream', 'x-accel-buffering': 'no' };

export type Line = {
  school: string;
  /** The lesson of the class. */
  lesson: string;
  /** What a device is told of a change; null for nothing. */
  told: (word: Word) => object | null;
  /** Whether the device may still hear: asked as often as the line shows that it is alive. */
  still: () => Promise<boolean>;
};

/** A line to one device, until it goes, the process stops, or it may not hear any longer. */
export function events(request: Request, { school, lesson, told, still }: Line): Response {
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
      const unfollow = follow(school, lesson, tell);
      const end = () => {
        stop();
        controller.close();
      };
      const look = async () => ((await still().catch(() => true)) ? say(': alive\n\n') : end());
      const alive = setInterval(() => void look().catch(() => undefined), ALIVE);
      const forget = onStop(end);
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
