// Photographs of the made-up class: two drawers, a fridge and a colander, and signs that some learners know as theirs. All drawn; nobody is on them.
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { readJpeg } from '../input/jpeg';
import { keepPhoto, thingOf, type PhotoOf } from '../photos';
import type { SchoolTrx } from '../school-scope';
import { LEARNERS } from './class';

const OF: readonly (readonly [file: string, of: PhotoOf])[] = [
  ['drawer-1', { thing: thingOf('place', 'drawer 1') }],
  ['drawer-2', { thing: thingOf('place', 'drawer 2') }],
  ['fridge', { thing: thingOf('place', 'the fridge') }],
  ['colander', { thing: thingOf('tool', 'colander') }],
  ...['bird', 'boat', 'drum'].map((file, i) => [file, { learner: LEARNERS[i].id }] as const),
];

/** From the project's own folder, where every command of it runs: a bundled script lies elsewhere. */
const FOLDER = 'src/lib/server/demo/photos';

export async function loadPhotos(trx: SchoolTrx): Promise<void> {
  for (const [file, of] of OF) {
    const photo = readJpeg(readFileSync(join(FOLDER, `${file}.jpg`)));
    if (!photo.ok) throw new Error(`${file}.jpg: ${photo.why}`);
    await keepPhoto(trx, of, photo.bytes);
  }
}
