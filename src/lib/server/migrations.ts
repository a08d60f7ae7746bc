// The migrations, by name. Listed by hand: the same list serves the command line, where no bundler expands globs.
import type { Knex } from 'knex';
import * as first from './migrations/0001_first';
import * as read from './migrations/0002_read';
import * as breakDown from './migrations/0003_break_down';
import * as solidGround from './migrations/0004_solid_ground';
import * as fit from './migrations/0005_fit';
import * as photos from './migrations/0006_photos';
import * as room from './migrations/0007_room';
import * as plan from './migrations/0008_plan';
import * as lookBack from './migrations/0009_look_back';
import * as people from './migrations/0010_people';
import * as classes from './migrations/0011_classes';
import * as trust from './migrations/0012_trust';
import * as statistics from './migrations/0013_statistics';
import * as quickQuestions from './migrations/0013_quick_questions';
import * as ownPhotos from './migrations/0014_own_photos';
import * as kept from './migrations/0015_kept';

const MIGRATIONS = new Map<string, Knex.Migration>([
  ['0001_first', first],
  ['0002_read', read],
  ['0003_break_down', breakDown],
  ['0004_solid_ground', solidGround],
  ['0005_fit', fit],
  ['0006_photos', photos],
  ['0007_room', room],
  ['0008_plan', plan],
  ['0009_look_back', lookBack],
  ['0010_people', people],
  ['0011_classes', classes],
  ['0012_trust', trust],
  // two of this number: which of them a database has hangs on when it was last brought up to date
  ['0013_statistics', statistics],
  ['0013_quick_questions', quickQuestions],
  ['0014_own_photos', ownPhotos],
  ['0015_kept', kept],
]);

export const migrationSource: Knex.MigrationSource<string> = {
  getMigrations: () => Promise.resolve([...MIGRATIONS.keys()].sort()),
  getMigrationName: (name) => name,
  getMigration: (name) => Promise.resolve(MIGRATIONS.get(name)!),
};
