import { useRouter } from 'expo-router';
import { turnTo, turnToAgain } from '@/core/commands/measuring';
import { figureWay } from '@/core/methods/list';
import { characteristicOf } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import type { ToMeasure } from '@/core/rework/decision/measure';
import { useCommand } from '../job/useCommand';

/** Leads to Measure, to what Decide asks for, with the way back; tells what could not be stored. */
export function useMeasureFor(job: Job): {
  readonly measure: (asked: ToMeasure) => Promise<void>;
  readonly error: string | null;
} {
  const router = useRouter();
  const { run, error } = useCommand(job);
  const measure = async ({ characteristic, by, settles }: ToMeasure) => {
    const figure = figureWay(job.sheet, characteristicOf(job.sheet, characteristic)) ?? 'size';
    const way = by === 'leaves' ? 'leaf' : figure;
    const closer = by === 'leaves' ? settles !== 'verdict' : by === 'sizes';
    const turn =
      by === 'zero'
        ? turnToAgain(characteristic)
        : turnTo({ characteristic, way, ...(closer ? { closer } : {}) });
    if (await run(turn)) {
      router.replace(
        `/job/${job.id}/measure?from=decide&asked=${characteristic}&way=${job.cursor.way}`,
      );
    }
  };
  return { measure, error };
}
