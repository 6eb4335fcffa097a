import type { QueryClient } from '@tanstack/react-query';
import type { ComponentType } from 'react';
import { type Job } from '@/core/records/job';
import { STAGES, type Stage } from '@/core/records/stage';
import { recordQuery } from '@/data/hooks';
import { viewQuery } from '../shell/onDemand';

/** The view of a stage of a job. */
export type StageView = ComponentType<{ readonly job: Job }>;

/** Each stage is loaded when it, or one that is loaded with it, is first opened. */
const LOAD: Readonly<Record<Stage, () => Promise<StageView>>> = {
  tag: async () => (await import('./before')).TagStage,
  strip: async () => (await import('./before')).StripStage,
  look: async () => (await import('./before')).LookStage,
  measure: async () => (await import('../measure/MeasureStage')).MeasureStage,
  decide: async () => (await import('./after')).DecideStage,
  build: async () => (await import('./after')).BuildStage,
  prove: async () => (await import('./after')).ProveStage,
  report: async () => (await import('./after')).ReportStage,
};

/** The stage that an address names; measuring where it names none. */
export const stageNamed = (name: string | undefined): Stage =>
  STAGES.find((stage) => stage === name) ?? 'measure';

/** The query that loads the view of a stage. */
export const stageQuery = (stage: Stage) => viewQuery(`stage-${stage}`, LOAD[stage]);

/** Ids as the app makes them: nothing in them is written otherwise in an address. */
const JOB_PATH = /^\/job\/([\w-]+)\/([a-z]+)$/;

/** Begins to load the job and the stage that an address asks for, before the first screen asks for them. */
export function prefetchJob(client: QueryClient, path: string): void {
  const [, id, stage] = JOB_PATH.exec(path) ?? [];
  if (!id) return;
  void client.prefetchQuery(recordQuery('job', id));
  void client.prefetchQuery(stageQuery(stageNamed(stage)));
}
