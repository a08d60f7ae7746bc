// Tables as files in one archive: each as a table for people and as data, a row a line. Rows come in lots and are packed as they come, so that a
// school of many years needs no more room than its largest lot.
import { Zip, ZipDeflate } from 'fflate';
import Papa from 'papaparse';

export type Files = {
  add(name: string, text: string): void;
  table(name: string): { rows(some: readonly object[]): void; end(): void };
  done(): Uint8Array<ArrayBuffer>;
};

/** As a cell holds it: times as text, bytes in base64, what has parts as JSON. */
const plain = (value: unknown): unknown =>
  value instanceof Date ? value.toISOString() : Buffer.isBuffer(value) ? value.toString('base64') : value;
const cell = (value: unknown): unknown => {
  const said = plain(value);
  return said !== null && typeof said === 'object' ? JSON.stringify(said) : said;
};

/** A row as one line of data. */
const json = (row: object) =>
  `{${Object.entries(row)
    .map(([name, v]) => `${JSON.stringify(name)}:${JSON.stringify(plain(v))}`)
    .join(',')}}`;

export function zipFiles(): Files {
  const parts: Uint8Array[] = [];
  let broken: Error | null = null;
  const zip = new Zip((failed, part) => (failed ? (broken = failed) : parts.push(part)));
  const file = (name: string) => {
    const one = new ZipDeflate(name, { level: 6 });
    zip.add(one);
    return one;
  };
  const bytes = (text: string) => new TextEncoder().encode(text);
  return {
    add: (name, text) => file(name).push(bytes(text), true),
    table(name) {
      // both at once: the archive keeps what is packed of the second until the first is whole
      const [lines, cells] = [file(`data/${name}.jsonl`), file(`tables/${name}.csv`)];
      let isFirst = true;
      return {
        rows(some) {
          if (some.length === 0) return;
          lines.push(bytes(some.map((row) => json(row) + '\n').join('')));
          const table = { fields: Object.keys(some[0]), data: some.map((row) => Object.values(row).map(cell)) };
          cells.push(bytes(Papa.unparse(table, { escapeFormulae: true, header: isFirst }) + '\r\n'));
          isFirst = false;
        },
        end() {
          for (const one of [lines, cells]) one.push(new Uint8Array(), true);
        },
      };
    },
    done() {
      zip.end();
      if (broken) throw broken;
      return new Uint8Array(Buffer.concat(parts));
    },
  };
}
