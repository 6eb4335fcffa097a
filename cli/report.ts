import { reversalOf } from '../core/assembly/reversal';
import { pageOf, type ReportForm, type ReportUnit } from '../core/report/page';
import { jobIn } from './job';

/** Describes what is asked of a report: the file of one job, for whom, and in which units. */
export interface ReportQuestion {
  readonly file: object;
  readonly form?: ReportForm | null | undefined;
  readonly unit?: ReportUnit | null | undefined;
}

/** Returns the report of the one job in a file: its first two sentences, its parts, what is left open. */
export function reportOfFile({ file, form, unit }: ReportQuestion) {
  const { sentences, sections, open } = pageOf(jobIn(file), form ?? 'full', unit ?? 'mm', {
    reversalOf,
  });
  return { sentences, sections, open };
}
