import { useEffect } from 'react';
import { expectationsFrom } from '@/core/guidance/shopPast';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { loadGaps } from '@/data/records';
import { whenIdle } from './whenIdle';

/** Tells the guidance what the shop's other pumps of this model were like, once the screen is there. */
export function useShopPast({ id, sheet: { model } }: Job): void {
  useEffect(() => {
    if (model === '') return;
    return whenIdle(() => {
      loadGaps(model, id).then(
        (gaps) => evaluator.expect(model, expectationsFrom(gaps)),
        // Without it the leaves are asked for as of a pump that nobody knows.
        () => undefined,
      );
    });
  }, [id, model]);
}
