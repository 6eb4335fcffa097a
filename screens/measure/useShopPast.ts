import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { expectationsFrom } from '@/core/guidance/shopPast';
import { sheetName } from '@/core/records/sheet';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { summariesQuery } from '@/data/hooks';
import { whenIdle } from './whenIdle';

/** Tells the guidance what the shop's other pumps of this model were like, once the screen is there. */
export function useShopPast({ id, sheet }: Job): void {
  const client = useQueryClient();
  useEffect(() => {
    if (sheet.model === '') return;
    return whenIdle(() => {
      client.fetchQuery(summariesQuery).then(
        (all) => {
          const others = all.filter((s) => s.id !== id && s.model === sheetName(sheet));
          evaluator.expect(sheet.model, expectationsFrom(others.map((s) => s.gaps)));
        },
        // Without it the leaves are asked for as of a pump that nobody knows.
        () => undefined,
      );
    });
  }, [client, id, sheet]);
}
