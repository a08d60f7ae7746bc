// How answers go out: compressed, and each part of a page as soon as it is made.
import compression from 'compression';

// events go out one by one, and compression would hold them back
const isEvents = (response) => String(response.getHeader('content-type')).startsWith('text/event-stream');
const compress = compression({
  filter: (request, response) => !isEvents(response) && compression.filter(request, response),
  threshold: 512,
  // 4: half of the time of the default, for some hundredths more bytes
  brotli: { params: { 1: 4 } },
});

/** A page that comes part by part: what was written and is not the end goes out, and does not wait in the compressor for more. */
function asMade(response) {
  const { write } = response;
  response.write = function (...given) {
    const went = write.apply(this, given);
    setImmediate(() => response.writableEnded || response.flush?.());
    return went;
  };
}

/**
 * Lets an answer go out compressed and part by part.
 * @param {import('node:http').IncomingMessage} request
 * @param {import('node:http').ServerResponse} response
 * @param {() => void} answer writes the answer
 */
export function sendAsMade(request, response, answer) {
  compress(request, response, () => {
    asMade(response);
    answer();
  });
}
