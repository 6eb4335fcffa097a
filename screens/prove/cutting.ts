import type { TestSaid } from '@/core/commands/testing';
import { cutOut } from '@/core/prove/cut';
import type { PlanStep } from '@/core/prove/plan';
import type { TestEntry } from '@/core/records/entries/tested';
import type { Sample } from '@/core/trace/sample';
import type { Span } from '@/core/trace/steady';

const rounded = (value: number, digits: number): number => Number(value.toFixed(digits));

/** Returns what a part of a run comes to as a test: what was read of it, and what it was to be where nothing was; null for no flow. */
export function testOfCut(
  entry: TestSaid | TestEntry,
  step: PlanStep | null,
  samples: readonly Sample[],
  span: Span,
): TestSaid | null {
  const cut = cutOut(samples, span);
  if (!cut) return null;
  const { point, ratio, sections, from, run, remark } = entry;
  return {
    point,
    ratio,
    sections: [...sections],
    from,
    run,
    remark,
    drive_rpm: cut.rpm ? rounded(cut.rpm / ratio, 1) : (step?.drive_rpm ?? entry.drive_rpm),
    pressure_bar:
      cut.bar === null ? (step?.pressure_bar ?? entry.pressure_bar) : rounded(cut.bar, 2),
    oil_C: cut.oil_C === null ? (step?.oil_C ?? entry.oil_C) : rounded(cut.oil_C, 1),
    flow_lpm: rounded(cut.flow_lpm, 3),
    half95_lpm: cut.half95_lpm === null ? null : rounded(cut.half95_lpm, 4),
    from_s: span.from_s,
    to_s: span.to_s,
  };
}
