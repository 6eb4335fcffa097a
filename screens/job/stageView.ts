import type { QueryClient } from '@tanstack/react-query';
import type { ComponentType } from 'react';
import { type Job } from '@/core/records/job';
import { STAGES, type Stage } from '@/core/records/stage';
import { recordQuery } from '@/data/hooks';
import { viewQuery } from '../shell/onDemand';

/** The view of a stage of a job. */
export type StageView = ComponentType<{ readonly job: Job }>;

/** Pages that belong to a stage, and which: its flow and why it failed are opened from Decide, the shop’s past from Measure. */
const PAGES = { flow: 'decide', why: 'decide', history: 'measure' } as const satisfies Readonly<
  Record<string, Stage>
>;
type PageName = keyof typeof PAGES;

const isPage = (name: string | undefined): name is PageName =>
  name !== undefined && Object.hasOwn(PAGES, name);

/** What an address shows of a job: one of its stages, or a page that belongs to one. */
export type ViewName = Stage | PageName;

/** Each stage is loaded when it, or one that is loaded with it, is first opened. */
const LOAD: Readonly<Record<ViewName, () => Promise<StageView>>> = {
  tag: async () => (await import('./before')).TagStage,
  strip: async () => (await import('./before')).StripStage,
  look: async () => (await import('./before')).LookStage,
  measure: async () => (await import('../measure/MeasureStage')).MeasureStage,
  decide: async () => (await import('./after')).DecideStage,
  build: async () => (await import('./after')).BuildStage,
  prove: async () => (await import('./after')).ProveStage,
  report: async () => (await import('./after')).ReportStage,
  flow: async () => (await import('./after')).FlowPage,
  why: async () => (await import('./after')).WhyPage,
  history: async () => (await import('./after')).JobHistory,
};

/** The view that an address names; measuring where it names none. */
export const viewNamed = (name: string | undefined): ViewName =>
  isPage(name) ? name : (STAGES.find((stage) => stage === name) ?? 'measure');

/** The stage to which a view belongs. */
export const stageOfView = (view: ViewName): Stage => (isPage(view) ? PAGES[view] : view);

/** The query that loads a view. */
export const stageQuery = (view: ViewName) => viewQuery(`stage-${view}`, LOAD[view]);

/** Ids as the app makes them: nothing in them is written otherwise in an address. */
const JOB_PATH = /^\/job\/([\w-]+)\/([a-z]+)$/;

/** Begins to load the job and the stage that an address asks for, before the first screen asks for them. */
export function prefetchJob(client: QueryClient, path: string): void {
  const [, id, stage] = JOB_PATH.exec(path) ?? [];
  if (!id) return;
  void client.prefetchQuery(recordQuery('job', id));
  void client.prefetchQuery(stageQuery(viewNamed(stage)));
}
