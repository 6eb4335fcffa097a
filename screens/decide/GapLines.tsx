import type { Assessment } from '@/core/assessment/assessment';
import { isMovedBy } from '@/core/rework/decision/asked';
import type { Watched } from '@/core/rework/decision/case';
import { outAfter, spansAfter } from '@/core/rework/decision/solve';
import type { GapRange } from '@/core/rework/effects/standing';
import type { Amounts } from '@/core/rework/solver/problem';
import { gapAfter } from '@/core/wording/gapAfter';
import { VERDICT_WORD } from '@/core/wording/verdictWord';
import { GapLine } from './GapLine';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  readonly gaps: readonly Watched[];
  readonly amounts: Amounts;
}

/** A span as a bar draws it. */
const asRange = ({ low_mm, high_mm }: GapRange) => {
  const hi_mm = Number.isFinite(high_mm) ? high_mm : null;
  const bar = { kind: 'interval', lo_mm: low_mm, hi_mm } as const;
  return { smallest: bar, largest: bar };
};

/** Gaps as they are and as work will make them, a line for each. */
export function GapLines({ deciding: { shop }, gaps, amounts }: Props) {
  const after = spansAfter({ watched: gaps }, amounts);
  const out = outAfter({ watched: gaps }, amounts);
  return gaps.map((gap) => {
    const { assessment, span } = gap;
    const { id } = assessment.characteristic;
    const isMoved = [...amounts.keys()].some((offer) => isMovedBy(gap, offer));
    const then = isMoved ? (after.get(id) ?? null) : null;
    return (
      <GapLine
        key={id}
        assessment={assessment}
        {...gapAfter(assessment, span, then, out.includes(assessment))}
        known={asRange(then ?? span)}
        before={then ? asRange(span) : null}
        unit={shop.unit}
      />
    );
  });
}

interface NowProps {
  readonly deciding: Deciding;
  readonly gaps: readonly Assessment[];
}

/** Gaps as they were measured, a line for each. */
export const GapsNow = ({ deciding: { shop }, gaps }: NowProps) =>
  gaps.map((assessment) => {
    const { verdict, smallest, largest, characteristic: c } = assessment;
    return (
      <GapLine
        key={c.id}
        assessment={assessment}
        verdict={verdict}
        words={VERDICT_WORD[verdict].toLowerCase()}
        known={smallest && largest && { smallest, largest }}
        before={null}
        unit={shop.unit}
      />
    );
  });
