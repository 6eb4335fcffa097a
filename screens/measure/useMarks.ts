import { evaluator } from '@/data/evaluator';
import type { Assessment } from '@/core/assessment/assessment';
import { useMemo } from 'react';
import { judgeTries } from '@/core/feeler/ladder';
import type { Station } from '@/core/pumps/family';
import { placementOf } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import type { DrawnStation } from '@/ui/PumpDrawing';

/** The places of a characteristic that were tried, but for the one in hand, each with its own verdict. */
export function useMarks(job: Job, shown: Assessment, inHand: Station): DrawnStation[] {
  const { sheet, feeler, rules } = job;
  return useMemo(() => {
    const ladder = evaluator.ladder({ feeler, rules });
    return shown.stations
      .filter((s) => s.station.id !== inHand.id && s.tries.length > 0)
      .map((s) => ({
        id: s.station.id,
        at: placementOf(sheet, shown.characteristic.id, s.station.id).probe,
        verdict: judgeTries(ladder, shown.limits ?? {}, s.tries).verdict,
      }));
  }, [sheet, feeler, rules, shown, inHand]);
}
