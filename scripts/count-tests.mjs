// Adds up what the test runners counted and prints it as one line: "N passed, N failed".
import { readFileSync } from 'node:fs';

const [unitFile, ...browserFiles] = process.argv.slice(2);
const unit = JSON.parse(readFileSync(unitFile, 'utf8'));
const browser = browserFiles.map((file) => JSON.parse(readFileSync(file, 'utf8')).stats);
const sum = (of) => browser.reduce((n, stats) => n + stats[of], 0);
const passed = unit.numPassedTests + sum('expected');
const failed = unit.numFailedTests + sum('unexpected');
const skipped = unit.numPendingTests + sum('skipped');
console.log(`${passed} passed, ${failed} failed${skipped ? `, ${skipped} skipped` : ''}`);
process.exitCode = failed === 0 && passed > 0 ? 0 : 1;
