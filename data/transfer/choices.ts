import { dequal } from 'dequal';
import type { Choose, Difference, Side } from '../../core/records/merge';
import type { RecordKind } from '../../core/records/kind';

/** Stands for all fields of a record: what was changed here and what was changed there do not go together. */
export const WHOLE = '';

/** Which copy a person chose for a field that was changed in both, as the two were shown. */
export interface SideChoice extends Difference {
  readonly kind: RecordKind;
  readonly id: string;
  readonly side: Side;
}

/** Returns what answers for a record by what a person chose; null for what was never shown so. */
export const chosenFrom =
  (choices: readonly SideChoice[], kind: RecordKind, id: string): Choose =>
  (clash) => {
    const of = choices.find((c) => c.kind === kind && c.id === id && c.field === clash.field);
    const isShown = of && dequal(of.here, clash.here) && dequal(of.file, clash.file);
    return isShown ? of.side : null;
  };
