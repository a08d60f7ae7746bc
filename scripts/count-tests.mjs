// Adds up what the test runners counted and prints it as one line: "N passed, N failed".
import { readFileSync } from 'node:fs';

const [unitFile, browserFile] = process.argv.slice(2);
const unit = JSON.parse(readFileSync(unitFile, 'utf8'));
const browser = JSON.parse(readFileSync(browserFile, 'utf8')).stats;
const passed = unit.numPassedTests + browser.expected;
const failed = unit.numFailedTests + browser.unexpected;
const skipped = unit.numPendingTests + browser.skipped;
console.log(`${passed} passed, ${failed} failed${skipped ? `, ${skipped} skipped` : ''}`);
process.exitCode = failed === 0 && passed > 0 ? 0 : 1;
