import { replace } from '../journal/commands';
import type { ProofEntry } from '../records/entries/proof';
import type { TestEntry } from '../records/entries/tested';
import type { Job } from '../records/job';
import type { TestPoint } from '../records/testing';
import { takenBack, type Command } from './command';

/** Describes a step as it was run, before who and when. */
export type TestSaid = Omit<TestEntry, 'kind' | 'id' | 'at' | 'by' | 'voided'>;

/** Notes a step of a test: it takes the place of what was said of the same run, or typed of the same step. */
export const noteTest =
  (said: TestSaid): Command =>
  (job, made) =>
    replace<Job, TestEntry>(
      job,
      { ...made, kind: 'test', ...said },
      (entry) =>
        entry.kind === 'test' &&
        (said.run === '' ? entry.point === said.point && entry.run === '' : entry.run === said.run),
    );

/** Takes a test back; its run is kept. */
export const dropTest = (id: string): Command =>
  takenBack((item) => item.kind === 'test' && item.id === id);

/** Notes what a check without a bench showed; null takes it back. */
export const noteProof =
  (
    check: string,
    said: Omit<ProofEntry, 'kind' | 'id' | 'at' | 'by' | 'voided' | 'check'> | null,
  ): Command =>
  (job, made) =>
    said === null
      ? takenBack((item) => item.kind === 'proof' && item.check === check)(job, made)
      : replace<Job, ProofEntry>(
          job,
          { ...made, kind: 'proof', check, ...said },
          (entry) => entry.kind === 'proof' && entry.check === check,
        );

/** Says on what the pump of a job is tested; null as the sheet has it, or on what it runs on. */
export const testOn =
  (fluid: Job['testing']['fluid']): Command =>
  (job) => ({ ...job, testing: { ...job.testing, fluid } });

/** Plans the test of a job otherwise than its sheet does; null as the sheet has it. */
export const planTest =
  (points: TestPoint[] | null): Command =>
  (job) => ({ ...job, testing: { ...job.testing, points } });
