import { expect, test } from 'vitest';
import { kindOfVoice } from './voice';

const file = (head: number[], at = 0) => Uint8Array.from({ length: 300 }, (_, i) => head[i - at] ?? 0);

test('the kinds that browsers record are told by their first bytes (RFC 8794, RFC 3533, ISO/IEC 14496-12)', () => {
  expect(kindOfVoice(file([0x1a, 0x45, 0xdf, 0xa3]))).toBe('audio/webm');
  expect(kindOfVoice(file([...'OggS'].map((c) => c.charCodeAt(0))))).toBe('audio/ogg');
  expect(
    kindOfVoice(
      file(
        [...'ftyp'].map((c) => c.charCodeAt(0)),
        4,
      ),
    ),
  ).toBe('audio/mp4');
});

test('anything else is none: a page, a picture, a sound of another kind, a head with nothing behind it', () => {
  expect(kindOfVoice(new TextEncoder().encode('<html><script>alert(1)</script>'.repeat(9)))).toBeNull();
  expect(kindOfVoice(file([0xff, 0xd8, 0xff]))).toBeNull();
  expect(kindOfVoice(file([...'RIFF'].map((c) => c.charCodeAt(0))))).toBeNull();
  expect(kindOfVoice(Uint8Array.from([0x1a, 0x45, 0xdf, 0xa3]))).toBeNull();
  expect(kindOfVoice(new Uint8Array())).toBeNull();
});
