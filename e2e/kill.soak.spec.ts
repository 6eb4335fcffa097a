import { test } from '@playwright/test';
import { PORT } from './browser';
import { soak } from './soak';

/** The same every day; `npm run soak` takes a new one, for longer. */
const SEED = 'day to day';

test('a bad half minute at the bench loses nothing', async () => {
  console.log(`  seed “${SEED}”: ${await soak(SEED, 0.5, `http://127.0.0.1:${PORT}`)}`);
});
