import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { expectationsFrom } from '@/core/guidance/shopPast';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { summariesQuery } from '@/data/hooks';
import { gapsOfModel } from '@/data/summaries';
import { whenIdle } from '@/data/whenIdle';

/** Tells the guidance what the shop's other pumps of this model were like, once the screen is there. */
export function useShopPast({ id, sheet: { model } }: Job): void {
  const client = useQueryClient();
  useEffect(() => {
    if (model === '') return;
    return whenIdle(() => {
      client
        .fetchQuery(summariesQuery)
        .then((list) => gapsOfModel(list, model, id))
        .then(
          (gaps) => evaluator.expect(model, expectationsFrom(gaps)),
          // Without it the leaves are asked for as of a pump that nobody knows.
          () => undefined,
        );
    });
  }, [client, id, model]);
}
