import type { PageForm, PageSectionId, ReportUnit } from './page';

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
  plan: 'What we would do',
  nothing: 'If nothing is done',
};

/** Names who a report is for. */
export const FORM_NAME: Readonly<Record<PageForm, string>> = {
  owner: 'For the owner',
  full: 'For the next rebuilder',
  quote: 'A quote before the work',
};

/** Names the units of a report. */
export const UNIT_NAME: Readonly<Record<ReportUnit, string>> = {
  mm: 'mm',
  thou: 'thou',
  both: 'both',
};

/** Names what a shop warrants. */
export const WARRANTY_TITLE = 'What the shop warrants';

/** Names the columns of the checks; a pump that nobody worked on has one for its sizes. */
export const COLUMN_TITLE = {
  check: 'Check',
  before: 'As it came',
  now: 'As it goes',
  measured: 'Measured',
  limits: 'Limits',
} as const;

/** Says how the bars are read. */
export const BARS_READ = 'On the bars: hollow as it came, solid as it goes.';

/** Said of a size that is as it came, beside that. */
export const SAME = 'same';
