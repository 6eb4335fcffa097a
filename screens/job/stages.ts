import type { Stage } from '@/core/records/stage';

/** The stages as the strip writes them. */
export const STAGE_NAME: Readonly<Record<Stage, string>> = {
  tag: 'Tag',
  strip: 'Strip',
  look: 'Look',
  measure: 'Measure',
  decide: 'Decide',
  build: 'Build',
  prove: 'Prove',
  report: 'Report',
};
