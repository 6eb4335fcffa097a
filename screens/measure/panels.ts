import type { ComponentType } from 'react';
import type { Assessment } from '@/core/assessment/assessment';
import type { MethodId, Step } from '@/core/methods/list';
import type { Job } from '@/core/records/job';
import type { Source } from '@/core/schema/fields';
import { LeafPanel } from './LeafPanel';
import { TouchPanel } from './TouchPanel';
import type { Measuring } from './useMeasuring';
import { ValuePanel } from './ValuePanel';

/** What a measuring panel can open over itself. */
export interface Openers {
  readonly onList: () => void;
  readonly onEvidence: () => void;
  readonly onTools: () => void;
  readonly onWork: () => void;
  readonly onKeys: () => void;
  readonly onSkip: () => void;
}

/** What every measuring panel is given. */
export interface Shown extends Openers {
  readonly job: Job;
  readonly shown: Assessment;
  readonly measuring: Measuring;
}

/** What the panel of a method is given. */
export interface PanelProps<Id extends MethodId = MethodId> extends Shown {
  readonly step: Step<Id>;
  /** Where figures come from. */
  readonly gauge: Source;
}

/** The panel of each way of measuring, behind a function: what the others need is not read for it. */
export const PANEL: { readonly [Id in MethodId]: () => ComponentType<PanelProps<Id>> } = {
  leaf: () => LeafPanel,
  swing: () => ValuePanel,
  size: () => ValuePanel,
  touch: () => TouchPanel,
};
