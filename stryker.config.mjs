import jest from './jest.config.js';

const [core] = jest.projects;

/** What is changed, and whose tests have to notice: a room stands by its own tests. */
const room = process.env.ROOM ?? 'metrology';

/** Run by scripts/mutants.sh. */
export default {
  mutate: [`core/${room}/**/*.ts`, '!**/*.test.ts', '!**/*.d.ts'],
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
  incremental: true,
  incrementalFile: `.cache/stryker-${room}.json`,
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  concurrency: 2,
  timeoutMS: 5_000,
};
