import type { PageSectionId, ReportForm, ReportUnit } from './page';

/** Names the parts of a report. */
export const SECTION_TITLE: Readonly<Record<PageSectionId, string>> = {
  came: 'As it came in',
  found: 'What was found',
  cause: 'Why it failed',
  measured: 'Clearances and sizes',
  done: 'Work and parts',
  open: 'Not done or not checked',
  test: 'Test',
  watch: 'What to watch',
};

/** Names who a report is for. */
export const FORM_NAME: Readonly<Record<ReportForm, string>> = {
  owner: 'For the owner',
  full: 'For the next rebuilder',
};

/** Names the units of a report. */
export const UNIT_NAME: Readonly<Record<ReportUnit, string>> = {
  mm: 'mm',
  thou: 'thou',
  both: 'both',
};
