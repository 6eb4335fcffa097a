/**
 * One seed for every property test, so that a run says the same on every machine.
 * `npm run soak` takes new seeds, round after round, and is where they look for trouble.
 */
const fc = require('fast-check');

const DAY_TO_DAY = 4711;

fc.configureGlobal({ seed: Number(process.env.PROPERTY_SEED ?? DAY_TO_DAY) });
