import { noteTest, type TestSaid } from '../commands/testing';
import type { Job } from '../records/job';
import { stamp } from './findings';

/** Returns what somebody types of a test at hot idle that gave so much; of a run that nobody has cut, null. */
export const idleTest = (flow_lpm: number | null, more: Partial<TestSaid> = {}): TestSaid => ({
  point: 'idle',
  drive_rpm: 700,
  ratio: 1,
  pressure_bar: 8,
  oil_C: 90,
  sections: [],
  flow_lpm,
  half95_lpm: null,
  from: 'typed',
  run: '',
  from_s: null,
  to_s: null,
  remark: '',
  ...more,
});

/** Returns a job on which these tests were noted, one after the other. */
export const testedJob = (job: Job, ...tests: TestSaid[]): Job =>
  tests.reduce((last, test) => noteTest(test)(last, stamp()), job);
