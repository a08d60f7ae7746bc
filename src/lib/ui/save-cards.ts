// Cards as pictures in one file, for use elsewhere: drawings as they are, or as photographs of them. Made on this device.
import { spriteFor, standalone } from '$lib/pictures/sprite';
import { escapeText } from '$lib/pictures/pen';
import { strToU8, Zip, ZipDeflate, ZipPassThrough } from 'fflate';

type Card = { text: string; svg: string };

/** Width of a picture in pixels: large enough for paper at half a page. */
const WIDE = 1440;

/** A drawing that stands by itself, with its words as its title. */
export function cardFile({ text, svg }: Card): string {
  const inner = standalone(svg);
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 240 160" width="${WIDE}" height="${(WIDE * 2) / 3}" role="img"><title>${escapeText(text)}</title><rect width="240" height="160" fill="#fff"/>${inner}${spriteFor([inner])}</svg>`;
}

/** "03-wash-your-hands" */
export function fileName(text: string, i: number): string {
  const words = text
    .normalize('NFKD')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40);
  return `${String(i + 1).padStart(2, '0')}-${words || 'step'}`;
}

async function png(svg: string): Promise<Uint8Array> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  canvas.width = WIDE;
  canvas.height = (WIDE * 2) / 3;
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'));
  if (!blob) throw new Error('The picture could not be made.');
  return new Uint8Array(await blob.arrayBuffer());
}

/** Photographs that a picture refers to, put into it: a saved file stands by itself. */
async function inlined(svg: string): Promise<string> {
  let whole = svg;
  for (const address of new Set([...svg.matchAll(/<image href="([^"]+)"/g)].map(([, at]) => at))) {
    const answer = await fetch(address.replaceAll('&amp;', '&'));
    if (!answer.ok) throw new Error('A photograph could not be fetched.');
    const bytes = new Uint8Array(await answer.arrayBuffer());
    let binary = '';
    for (const b of bytes) binary += String.fromCharCode(b);
    whole = whole.replaceAll(address, `data:image/jpeg;base64,${btoa(binary)}`);
  }
  return whole;
}

/** All cards in one zip, handed to the browser to be saved. */

export async function saveCards(cards: readonly Card[], kind: 'svg' | 'png', name: string): Promise<void> {
  const parts: Uint8Array<ArrayBuffer>[] = [];
  let problem: Error | null = null;
  const pack = new Zip((failed, data) => {
    if (failed) problem = failed;
    else parts.push(data.slice());
  });
  for (const [i, card] of cards.entries()) {
    const svg = cardFile({ ...card, svg: await inlined(card.svg) });
    const path = `${fileName(card.text, i)}.${kind}`;
    const entry = kind === 'svg' ? new ZipDeflate(path) : new ZipPassThrough(path);
    pack.add(entry);
    entry.push(kind === 'svg' ? strToU8(svg) : await png(svg), true);
  }
  pack.end();
  if (problem) throw problem as Error;
  const link = document.createElement('a');
  link.href = URL.createObjectURL(new Blob(parts, { type: 'application/zip' }));
  link.download = `${fileName(name, 0).slice(3)}-cards-${kind}.zip`;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
}
