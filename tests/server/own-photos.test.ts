// Photographs of tools, places and learners, as the built program keeps and shows them; and what a learner's own screen, which nobody has signed in at, may ask for.
import { readFileSync } from 'node:fs';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { startServer, type Ask, type OwnServer } from './own-server';

let server: OwnServer;
const photo = readFileSync(new URL('../../src/lib/server/demo/photos/colander.jpg', import.meta.url));
const [WREN, NELL] = [1, 5].map((n) => `1ea40001-0000-4000-8000-00000000000${n}`);
const [COUSCOUS, SOUP] = [1, 3].map((n) => `4ec10001-0000-4000-8000-00000000000${n}`);
const TODAY = '1e550001-0000-4000-8000-000000000001';

beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());

const get = (path: string) => server.ask({ path });
const put = (path: string, body: Ask['body'] = photo, kind = 'image/jpeg') =>
  server.ask({ method: 'PUT', path, body, headers: [['content-type', kind]] });
const thing = (name: string) => `/kitchen/photo?thing=${encodeURIComponent(name)}`;

describe('a photograph of a tool, a place, a learner', () => {
  test.each([
    ['a place', thing('place:the low shelf')],
    ['a tool', thing('tool:whisk')],
    ['an adapted tool', thing('tool:non-slip-mat')],
    ['a learner', `/learners/${NELL}/photo`],
  ])('of %s is kept, shown, changed and taken away', async (_what, at) => {
    expect((await get(at)).status).toBe(404);
    expect(JSON.parse((await put(at)).body)).toEqual({ revision: 1 });
    expect(JSON.parse((await put(at)).body)).toEqual({ revision: 2 });
    const shown = await get(at);
    expect([shown.status, shown.headers.get('content-type')]).toEqual([200, 'image/jpeg']);
    expect((await server.ask({ method: 'DELETE', path: at })).status).toBe(200);
    expect((await get(at)).status).toBe(404);
  });
  test.each([
    ['a tool that there is none of', thing('tool:wand'), 404],
    ['a place without a name', thing('place: '), 404],
    ['a place with a name that no kitchen can have', thing(`place:${'x'.repeat(61)}`), 404],
    ['no thing', '/kitchen/photo', 404],
    ['a learner that there is none of', '/learners/1ea40001-0000-4000-8000-0000000000ff/photo', 404],
  ])('%s has none, and nothing is kept of it', async (_what, at, status) => {
    expect((await put(at)).status).toBe(status);
    expect((await get(at)).status).toBe(status);
  });
  test.each([
    ['another kind of file', Buffer.from('GIF89a'), 'image/gif', 415],
    ['what only says that it is one', Buffer.from('<svg/>'), 'image/jpeg', 422],
    ['one that breaks off', photo.subarray(0, 300), 'image/jpeg', 422],
    ['one that is too large', Buffer.concat([photo, Buffer.alloc(700_000)]), 'image/jpeg', 413],
  ])('%s is refused with the reason', async (_what, body, kind, status) => {
    const answer = await put(thing('place:the pan cupboard'), body, kind);
    expect(answer.status).toBe(status);
    expect(JSON.parse(answer.body)).toEqual({ message: expect.stringMatching(/\w/) });
    expect((await get(thing('place:the pan cupboard'))).status).toBe(404);
  });
});

describe('a learner’s own screen', () => {
  let code = '';
  beforeAll(async () => {
    const asked = { method: 'POST', path: `/cook/${TODAY}/screen`, body: JSON.stringify({ learnerId: WREN }) };
    const answer = await server.ask({ ...asked, headers: [['content-type', 'application/json']] });
    ({ code } = JSON.parse(answer.body) as { code: string });
  });
  test('shows the photographs of its lesson, of the kitchen and of its learner, though nobody has signed in at it', async () => {
    expect((await put(`/recipes/${COUSCOUS}/show/photo?step=r-apron-on-apron`)).status).toBe(200);
    const page = await get(`/own/${code}`);
    const found = new Set([...page.body.matchAll(/\/own\/\d{6}\/kept\/[^"'\\<\s]+/g)].map((m) => m[0].replaceAll('&amp;', '&')));
    const kinds = [...found].map((at) => /kept\/(\w+)/.exec(at)![1]);
    expect(new Set(kinds)).toEqual(new Set(['recipes', 'kitchen', 'learners']));
    for (const at of found) expect([at, (await get(at)).status]).toEqual([at, 200]);
    // what asks for a session would be led to the door
    expect(page.body.replace(/\/own\/\d{6}\/kept\S+/g, '')).not.toMatch(/"\/(?:recipes\/[^"]+|kitchen|learners\/[^"]+)\/(?:photo|voice)/);
  });
  test('shows no other learner, no other recipe, and nothing by a code that is none', async () => {
    await put(`/recipes/${SOUP}/show/photo?step=r-apron-on-apron`);
    await put(`/learners/${NELL}/photo`);
    const none = code === '123456' ? '654321' : '123456';
    for (const at of [
      `/own/${code}/kept/learners/${NELL}/photo?v=1`,
      `/own/${code}/kept/recipes/${SOUP}/show/photo?step=r-apron-on-apron`,
      `/own/${code}/kept/recipes/${COUSCOUS}/show/photo?step=no-such-step`,
      `/own/${code}/kept/learners/${WREN}`,
      `/own/${code}/kept/kitchen`,
      `/own/${code}/kept/recipes/1/show/photo?step=r-apron-on-apron`,
      `/own/${code}/kept/recipes/${COUSCOUS}/read`,
      `/own/${none}/kept/learners/${WREN}/photo?v=1`,
      `/own/${none}/kept${thing('place:drawer 1')}`,
    ])
      expect([at, (await get(at)).status]).toEqual([at, 404]);
  });
});
