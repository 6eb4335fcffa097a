/**
 * One seed for every property test, so that a run says the same on every machine.
 * `npm run properties` takes new seeds, round after round, and is where they look for trouble.
 */
const fc = require('fast-check');

const DAY_TO_DAY = 4711;

/** With thousands of changes to the code to be noticed, each property has to make do with a few cases. */
const FEW = process.env.STRYKER_MUTATOR_WORKER === undefined ? {} : { numRuns: 25 };

fc.configureGlobal({ seed: Number(process.env.PROPERTY_SEED ?? DAY_TO_DAY), ...FEW });
