/** The stages of a job, in the order of the work. */
export const STAGES = [
  'tag',
  'strip',
  'look',
  'measure',
  'decide',
  'build',
  'prove',
  'report',
] as const;
export type Stage = (typeof STAGES)[number];
