// The linter's rule against objects with words from outside as keys, proved with what it has to find and what it has to leave alone.
import { Linter } from 'eslint';
import ts from 'typescript-eslint';
import { expect, test } from 'vitest';
import { OPEN_OBJECTS } from '../../scripts/lint-open-objects.js';

const found = (code: string) =>
  new Linter()
    .verify(
      code,
      [{ files: ['**/*.ts'], languageOptions: { parser: ts.parser }, rules: { 'no-restricted-syntax': ['error', ...OPEN_OBJECTS] } }],
      'planted.ts',
    )
    .map((m) => m.message.split(':')[0]);

test.each([
  ['const a: Record<string, number> = {};', 'Record<string, …>'],
  ['const a: Partial<Record<string, number[]>> = {};', 'Record<string, …>'],
  ['type A = { [step: string]: string };', 'an index signature'],
  ['const a = Object.fromEntries(rows);', 'Object.fromEntries'],
  ['if (word in TABLE) go();', '“in” with a name that is worked out'],
])('%s', (code, what) => expect(found(code)).toEqual([what]));

test.each([
  'const a = new Map<string, number>();',
  "const a: Record<'x' | 'y', number> = { x: 1, y: 2 };",
  "if ('why' in read) go();",
  'for (const a in b) go();',
])('%s is left alone', (code) => expect(found(code)).toEqual([]));
