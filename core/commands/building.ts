import { lastStanding, record, replace, voidWhere, withVoided } from '../journal/commands';
import type { BuildEntry } from '../records/entries/build';
import type { TorqueEntry } from '../records/entries/torque';
import type { TrialEntry } from '../records/entries/trial';
import type { Job } from '../records/job';
import { standing, type Command } from './command';
import { onBuildStep } from './stands';

/** Holds what a person says of a step of the build. */
export type BuildSaid = Pick<BuildEntry, 'step' | 'said'> &
  Partial<Pick<BuildEntry, 'way' | 'parts' | 'wash' | 'remark'>>;

/** Answers a step of the build. An answer takes the place of the one before; a wash of some parts adds to that of others. */
export const answerBuild = (said: BuildSaid): Command =>
  standing(onBuildStep(said.step), (job, made) => {
    const entry: BuildEntry = {
      ...made,
      kind: 'build',
      way: '',
      parts: [],
      wash: '',
      remark: '',
      ...said,
    };
    return entry.parts.length > 0
      ? record(job, entry)
      : replace<Job, BuildEntry>(job, entry, ({ step }) => step === said.step);
  });

/** Notes what a try showed after a pump did not turn freely, or what it was. */
export const noteTrial =
  (tried: Pick<TrialEntry, 'spin' | 'trial' | 'answer'>): Command =>
  (job, made) =>
    replace<Job, TrialEntry>(
      job,
      { ...made, ...tried, kind: 'trial' },
      ({ spin, trial }) => spin === tried.spin && trial === tried.trial,
    );

/** Notes that bolts were drawn up to a stage. */
export const drawUp = (
  drawn: Pick<TorqueEntry, 'step' | 'stage' | 'bolts' | 'unit' | 'wrench'>,
): Command =>
  standing(onBuildStep(drawn.step), (job, made) =>
    record(job, { ...made, ...drawn, bolts: [...drawn.bolts], kind: 'torque' } as TorqueEntry),
  );

/** Begins a stage of bolts again: one of them turned without rising. */
export const slackenStage = (step: string, stage: number): Command =>
  standing(onBuildStep(step), (job, { at, by }) =>
    voidWhere(job, (item) => item.kind === 'torque' && item.step === step && item.stage >= stage, {
      at,
      by,
      why: 'a bolt turned without rising',
    }),
  );

/** Takes back what was done last at the build; as it is where nothing was. */
export const undoBuild: Command = (job, { at, by }) => {
  const last = lastStanding(job, 'build');
  return last ? withVoided(job, [last.id], { at, by, why: 'undone' }) : job;
};
