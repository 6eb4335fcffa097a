import { readdirSync, readFileSync } from 'node:fs';
import jest from './jest.config.js';

const [core] = jest.projects;

/** What is changed, and whose tests have to notice: a room stands by its own tests. */
const room = process.env.ROOM ?? 'metrology';

/** So many of a hundred stretches of each file are changed, the same ones at every run. */
const share = Number(process.env.SHARE ?? 100);

/** Lines that are drawn together, so that what spans several of them is changed too. */
const LINES = 12;

/** What of a room is no sum: drawings, and what is taken apart and looked at. */
const NO_SUMS = {
  pumps:
    /teardown\/|drawing\.ts|\/(placing|shapes|view|vanes|involute|crescent\.gears|external-gear\.gears)\.ts/,
};

const files = readdirSync(`core/${room}`, { recursive: true })
  .map((file) => `core/${room}/${file}`)
  .filter((file) => /(?<!\.test|\.d)\.ts$/.test(file) && !NO_SUMS[room]?.test(file));

/** Draws a number from 0 to 99 out of a text (FNV-1a). */
const drawn = (text) =>
  [...text].reduce((h, c) => Math.imul(h ^ c.charCodeAt(0), 0x01000193) >>> 0, 0x811c9dc5) % 100;

/** Lists the stretches of a file that are changed. */
function stretchesOf(file) {
  const lines = readFileSync(file, 'utf8').split('\n').length;
  return Array.from({ length: Math.ceil(lines / LINES) }, (_, i) => i * LINES)
    .filter((from) => drawn(`${file} ${from}`) < share)
    .map((from) => `${file}:${from + 1}-${Math.min(lines, from + LINES)}`);
}

/** Run by scripts/mutants.sh. */
export default {
  mutate: share < 100 ? files.flatMap(stretchesOf) : files,
  testRunner: 'jest',
  jest: {
    projectType: 'custom',
    config: { ...core, roots: [`<rootDir>/core/${room}`], testTimeout: 30_000 },
    // Only the room is looked through: what a test reaches by way of another room would not be found.
    enableFindRelatedTests: false,
  },
  coverageAnalysis: 'perTest',
  ignoreStatic: true,
  // Sentences are no sums, and a test of one would only say it twice.
  mutator: { excludedMutations: ['StringLiteral'] },
  ignorePatterns: ['dist', '.cache', '.expo', 'docs', 'e2e', 'app', 'screens', 'ui'],
  tempDirName: '.cache/stryker',
  incremental: share === 100,
  incrementalFile: `.cache/stryker-${room}.json`,
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  concurrency: 2,
  // A plan takes seconds: what only takes long is not killed by that.
  timeoutMS: 20_000,
};
