import jest from './jest.config.js';

const [core] = jest.projects;

/** The rooms whose tests are about sums and verdicts. */
const TESTS = ['metrology', 'feeler', 'assessment', 'methods'].map(
  (room) => `<rootDir>/core/${room}`,
);

/**
 * Changes the code in thousands of small ways and tells which changes no test notices: `npm run
 * mutants`, or a part of it with `npm run mutants -- --mutate core/metrology/tilt.ts`.
 */
export default {
  mutate: ['core/{metrology,feeler,assessment}/**/*.ts', '!**/*.test.ts', '!**/*.d.ts'],
  testRunner: 'jest',
  jest: {
    projectType: 'custom',
    config: { ...core, roots: TESTS, testTimeout: 30_000 },
    enableFindRelatedTests: true,
  },
  coverageAnalysis: 'perTest',
  // Sentences are not sums, and a test of one would only say it twice.
  mutator: { excludedMutations: ['StringLiteral'] },
  ignorePatterns: ['dist', '.cache', '.expo', 'docs', 'e2e', 'app', 'screens', 'ui'],
  ignoreStatic: true,
  tempDirName: '.cache/stryker',
  incremental: true,
  incrementalFile: '.cache/stryker-incremental.json',
  reporters: ['clear-text', 'progress-append-only'],
  clearTextReporter: { allowColor: false, logTests: false, reportTests: false },
  allowEmpty: false,
  concurrency: 2,
  timeoutMS: 10_000,
};
