/** Lists the kinds of steps of putting a pump together. */
export const BUILD_KINDS = [
  'clean',
  'oil',
  'place',
  'spin',
  'seal',
  'fasten',
  'check',
  'endplay',
  'label',
  'watch',
] as const;
export type BuildKind = (typeof BUILD_KINDS)[number];

/** Describes a step of putting a pump together, as a family or a sheet lists it. */
export interface BuildStep {
  id: string;
  kind: BuildKind;
  /** Says what to do, as an instruction. */
  do: string;
  /** Lists the parts that it puts in, and what is always replaced, by their ids. */
  parts: string[];
  /** The section of a stack; null for the whole pump. */
  section: number | null;
  /** The step of the strip at which its way round was noted; empty for none. */
  strip: string;
  /** Says what goes on it, or how it is to be. */
  with: string;
  caution: string;
  /** Lists the steps that have to be done before. */
  after: string[];
  /** Lists the clearances that have to be in before. */
  gaps: string[];
  /** Says which bolts are drawn up: `first` of the sheet, `other` than those, or those of this id; empty for none. */
  fastener: string;
  /** Lists the stages of the torque, as shares of it. */
  stages: number[];
}

/** Lists the tries that tell apart why a pump does not turn freely, in their order, and what it was in the end. */
export const TRIALS = ['slacken', 'where', 'float', 'direction', 'seal', 'found'] as const;
export type Trial = (typeof TRIALS)[number];
