import { BLANK, JOB_SCHEMA, type Job } from '../records/job';
import { APP_FLOORS } from '../pumps/floors';
import { NEW_RULES } from '../records/rules';
import type { Sheet } from '../records/sheet';
import { NEW_SHOP } from '../records/shop';

/** Makes a job on a sheet before the first reading, on its service limits. */
export function emptyJob(sheet: Sheet, createdAt: string): Job {
  return {
    ...BLANK,
    schema: JOB_SCHEMA,
    id: 'job',
    revision: 0,
    createdAt,
    tag: 'T-1',
    owner: '',
    unit: '',
    complaint: '',
    by: 'Ivo K.',
    tier: 'service',
    stage: 'measure',
    sheet,
    feeler: NEW_SHOP.feelers[0] as Job['feeler'],
    shop_C: null,
    rules: NEW_RULES,
    floors: APP_FLOORS,
  };
}
