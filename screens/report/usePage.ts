import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import type { ReversalOf } from '@/core/assembly/asked';
import { stateOf } from '@/core/guidance/evaluator';
import type { Job } from '@/core/records/job';
import { photosChosen } from '@/core/report/around';
import { chartedTest } from '@/core/report/chart';
import { pageOf, type PageForm, type ReportPage, type ReportUnit } from '@/core/report/page';
import { useRecord, useShop } from '@/data/hooks';
import { loadPhotos } from '@/data/photos';
import { loadRun } from '@/data/traces';

/** Returns the report of a job in a form, with the photos and the run that go on it as far as they are loaded. */
export function usePage(
  job: Job,
  form: PageForm,
  units: ReportUnit,
  reversalOf: ReversalOf | null,
): ReportPage {
  const shop = useShop();
  const { data: sheetNow } = useRecord('sheet', job.sheet.id);
  const chosen = photosChosen(job);
  const { data: photos } = useQuery({
    queryKey: ['photos', ...chosen],
    queryFn: () => loadPhotos(chosen),
    enabled: chosen.length > 0,
  });
  const run = useMemo(() => chartedTest(job, stateOf(job))?.test?.run ?? '', [job]);
  const { data: kept } = useQuery({
    queryKey: ['run', job.id, run],
    queryFn: () => loadRun(job.id, run),
    enabled: run !== '',
  });
  return useMemo(() => {
    const { instruments, heading, money } = shop;
    const context = {
      sheetNow: sheetNow ?? null,
      instrumentName: (id: string) => instruments.find((i) => i.id === id)?.name ?? id,
      reversalOf,
      shop: { heading, money },
      photos: photos ?? [],
      run: kept?.samples ?? null,
    };
    return pageOf(job, form, units, context);
  }, [job, form, units, shop, sheetNow, reversalOf, photos, kept]);
}
