// A recording as it is kept: one of the kinds that browsers record, told by its first bytes, whatever it is said to be.

/** Bytes of a recording at most: a minute of speech at 64 kbit a second. */
export const LONGEST_VOICE = 500_000;

const KINDS: [kind: string, at: number, bytes: number[]][] = [
  // EBML, the head of WebM (RFC 8794)
  ['audio/webm', 0, [0x1a, 0x45, 0xdf, 0xa3]],
  // "OggS" (RFC 3533)
  ['audio/ogg', 0, [0x4f, 0x67, 0x67, 0x53]],
  // "ftyp" of an ISO base media file (ISO/IEC 14496-12)
  ['audio/mp4', 4, [0x66, 0x74, 0x79, 0x70]],
];

/** The kind of a recording by its bytes; null for anything else. */
export const kindOfVoice = (bytes: Uint8Array): string | null =>
  KINDS.find(([, at, head]) => bytes.length > 100 && head.every((byte, i) => bytes[at + i] === byte))?.[0] ?? null;
