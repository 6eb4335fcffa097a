import { jobWithSizes } from './worked';

/** Depth 20.09 under gears of 20 and a cover that is not worn: 0.01 over the 0.08 of the sheet. */
export const WIDE = {
  'pocket-depth': 20.09,
  'drive-width': 20,
  'driven-width': 20,
  'track-depth': 10,
  'face-depth': 10,
};

/** The usual rules, but for the plain one and for bushings that stay as they were measured. */
export const rules = { ...jobWithSizes({}).rules, decision: 'plain', renew: 'measured' } as const;

/** Lists the operations of a plan; none where there is no plan. */
export const idsOf = ({ works }: { works: readonly { id: string }[] } = { works: [] }) =>
  works.map(({ id }) => id);
