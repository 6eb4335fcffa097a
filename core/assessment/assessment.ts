import type { Estimate } from '../metrology/estimate';
import type { Verdict } from '../metrology/verdict';
import type { Details, EvidenceSource } from '../methods/list';
import type { Characteristic } from '../pumps/family';
import type { Skip } from '../records/entries/skip';
import type { BandStanding } from './band';
import type { Least } from './least';
import type { HeldLimits } from './limits';
import type { Past } from './past';

/**
 * Describes what the evidence says of one characteristic, how it stands against its limits, and how it
 * stood before work.
 */
export interface Assessment extends Past, Details {
  readonly characteristic: Characteristic;
  /** Is null where the sheet publishes none for the tier: the gap is recorded, not judged. */
  readonly limits: HeldLimits | null;
  /** Gives the least that it may become by work, where none is published; null where it does not run. */
  readonly least: Least | null;
  /** Tells whether it is under that least as it stands: said beside the verdict, which is that of the published limit. */
  readonly under: boolean;
  /** Null before the first reading. */
  readonly smallest: Estimate | null;
  readonly largest: Estimate | null;
  readonly source: { readonly smallest: EvidenceSource; readonly largest: EvidenceSource };
  /** Two kinds of evidence are there, and they do not overlap. */
  readonly disagree: boolean;
  /** More than one kind of evidence is there, so that one had to win. */
  readonly both: boolean;
  /** Lists, for a sum, what it is made of as it counts, the gap itself first; empty for all else. */
  readonly parts: readonly Assessment[];
  /** Lists, for a sum, the names of the wear in it that counts as nothing, by the plain rule. */
  readonly neglected: readonly string[];
  /** Places that were left out, and why. */
  readonly skipped: readonly Skip[];
  readonly verdict: Verdict;
  /** Says where it lies to the preferred band while it is in; null where it is not, or none is preferred. */
  readonly band: BandStanding | null;
  /** Gives the probability of lying inside, where the evidence is complete enough to say. */
  readonly probability: number | null;
  /** Gives the change of the gap from 20 °C to working temperature; null where the sheet does not say. */
  readonly heatShift_mm: number | null;
}
