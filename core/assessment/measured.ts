import type { Ladder } from '../feeler/ladder';
import type { Skipped } from '../journal/skipped';
import type { Counted } from '../journal/eras';
import type { DecisionRule } from '../metrology/conformity';
import type { Floors } from '../pumps/floors';
import type { WorkEntry } from '../records/entries/operation';
import type { HouseRules } from '../records/rules';
import type { Sheet } from '../records/sheet';

/** All that the values and verdicts of a pump rest on: its sheet, the rules, and what counts of what was read. */
export interface Measured {
  readonly sheet: Sheet;
  /** Names the limits of the sheet that apply. */
  readonly tier: string;
  readonly ladder: Ladder;
  readonly decision: DecisionRule;
  /** Says how the house wants a hub in its bushing. */
  readonly bushing: HouseRules['bushing'];
  /** Holds the least running clearances, in mm. */
  readonly floors: Floors;
  /** Work on parts that counts, in order. */
  readonly operations: readonly WorkEntry[];
  /** Places that were left out. */
  readonly skipped: Skipped;
  readonly now: Counted;
  /** Returns what counted just before an operation. */
  before(operation: WorkEntry): Counted;
}
