// Adds up what the test runners counted and prints it as one line: "N passed, N failed". Names what failed before it, and what passed only when run again,
// so that the end of a long log says what to look at.
import { existsSync, readFileSync } from 'node:fs';

const [unitFile, ...browserFiles] = process.argv.slice(2);
const read = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null);
const COLOURS = new RegExp(`${String.fromCharCode(27)}\\[[0-9;]*m`, 'g');
const firstLines = (text, n = 12) => text.replace(COLOURS, '').split('\n').slice(0, n).join('\n    ');

const unit = read(unitFile);
const browser = browserFiles.map((file) => {
  const report = read(file);
  if (report === null) console.log(`No report from ${file}: its run never began or was stopped.`);
  return report;
});

/** The tests of a report's suites, however deep, each with its title and what its last run said. */
const specsOf = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsOf)];
for (const report of browser) {
  for (const error of report?.errors ?? []) console.log(`Error: ${firstLines(error.message ?? '')}`);
  for (const spec of (report?.suites ?? []).flatMap(specsOf)) {
    for (const test of spec.tests) {
      if (test.status !== 'unexpected' && test.status !== 'flaky') continue;
      const said = test.results.flatMap((r) => r.errors ?? [])[0]?.message ?? '';
      console.log(
        `${test.status === 'flaky' ? 'Passed only when run again' : 'Failed'}: ${spec.file}:${spec.line} ${spec.title}\n    ${firstLines(said)}`,
      );
    }
  }
}

const sum = (of) => browser.reduce((n, report) => n + (report?.stats[of] ?? 0), 0);
const passed = (unit?.numPassedTests ?? 0) + sum('expected') + sum('flaky');
const failed = (unit?.numFailedTests ?? 0) + sum('unexpected') + browser.filter((r) => r === null || r.errors.length > 0).length;
const skipped = (unit?.numPendingTests ?? 0) + sum('skipped');
console.log(
  `${passed} passed, ${failed} failed${sum('flaky') ? `, ${sum('flaky')} only when run again` : ''}${skipped ? `, ${skipped} skipped` : ''}`,
);
process.exitCode = failed === 0 && passed > 0 ? 0 : 1;
