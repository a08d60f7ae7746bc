// Pages that come part by part: what is made first arrives first, compressed or not. The second part is made only when the first has come, so that
// an answer that is held back never ends.
import { createServer, request, type IncomingMessage, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { Readable } from 'node:stream';
import { createBrotliDecompress, createGunzip } from 'node:zlib';
import { afterEach, expect, test } from 'vitest';
import { sendAsMade } from '../../scripts/sending.mjs';

let server: Server;
afterEach(() => void server.close());

/** Longer than the least that is compressed. */
const PART = '<p>a column of the table</p>'.repeat(40);

function opened(answer: Parameters<typeof createServer>[1]): Promise<number> {
  server = createServer(answer);
  return new Promise((done) => server.listen(0, '127.0.0.1', () => done((server.address() as AddressInfo).port)));
}

const answerOf = (port: number, encoding: string) =>
  new Promise<IncomingMessage>((done, fail) =>
    request({ port, host: '127.0.0.1', headers: { 'accept-encoding': encoding } }, done)
      .on('error', fail)
      .end(),
  );

const PLAIN = { br: createBrotliDecompress, gzip: createGunzip };

test.each(['br', 'gzip', 'identity'] as const)('the first part comes before the second is made (%s)', async (encoding) => {
  let come = () => {};
  const hasCome = new Promise<void>((done) => (come = done));
  const port = await opened((asked, response) =>
    sendAsMade(asked, response, () => {
      response.setHeader('content-type', 'text/html');
      response.write(`${PART}<!-- first -->`);
      void hasCome.then(() => response.end(`${PART}<!-- last -->`));
    }),
  );
  const answer = await answerOf(port, encoding);
  expect(answer.headers['content-encoding']).toBe(encoding === 'identity' ? undefined : encoding);
  const body: Readable = encoding === 'identity' ? answer : answer.pipe(PLAIN[encoding]());
  let text = '';
  for await (const chunk of body) {
    text += String(chunk);
    if (text.includes('<!-- first -->')) come();
  }
  expect(text).toBe(`${PART}<!-- first -->${PART}<!-- last -->`);
});
