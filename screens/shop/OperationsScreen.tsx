import { reasonOf } from '@/core/errors';
import { useState } from 'react';
import { View } from 'react-native';
import { capital } from '@/core/quantity/letters';
import type { ShopOperation } from '@/core/records/rework';
import type { Shop } from '@/core/records/shop';
import type { Operation } from '@/core/rework/operations/operation';
import { OPERATIONS } from '@/core/rework/operations/operations';
import { markedSum, minutesWords } from '@/core/wording/money';
import { say } from '@/core/wording/say';
import { useChangeShop, useShop } from '@/data/hooks';
import { Columns } from '@/ui/Columns';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowButton } from '@/ui/RowButton';
import { Heading, Words } from '@/ui/Words';
import { MoneyEditor } from './MoneyEditor';
import { OperationEditor } from './OperationEditor';
import { DONE_BY_OPTIONS, ownTerms, withTerms } from './operationForm';
import { isDone } from '../shell/isDone';

/** Says the terms of an operation in a line: who does it, how long it takes, what it costs. */
function aboutOf(terms: ShopOperation, { money }: Shop, changed: boolean): string {
  const by = DONE_BY_OPTIONS.find(({ value }) => value === terms.by)?.name ?? '';
  if (terms.by === 'never') return by;
  return [
    by,
    terms.minutes > 0 ? minutesWords(terms.minutes) : '',
    terms.price > 0 ? markedSum(terms.price, money, !changed, 'one') : '',
    terms.days > 0 ? say('shop.waits', { days: terms.days }) : '',
    changed ? 'set by the shop' : '',
  ]
    .filter(Boolean)
    .join(' · ');
}

/** Sorts the kinds that are listed: by their order, the new pump last as everywhere. */
const LISTED: readonly Operation[] = OPERATIONS.filter(({ id }) => id !== 'gears-wider');

/** The operations of a shop: what it does itself or sends out, how long it takes, what it costs. */
export function OperationsScreen() {
  const shop = useShop();
  const { apply, error } = useChangeShop();
  const [open, setOpen] = useState<string | null>(null);
  const set = (change: (shop: Shop) => Shop): Promise<boolean> => isDone(apply(change));
  const keep =
    (operation: Operation) => async (change: (stored: ShopOperation) => ShopOperation) => {
      const kept = await set((s) => withTerms(s, operation, change));
      if (kept) setOpen(null);
      return kept;
    };
  const row = (operation: Operation) => {
    const own = shop.operations.find(({ id }) => id === operation.id);
    const terms = ownTerms(operation, own);
    return (
      <View key={operation.id}>
        <RowButton
          name={capital(operation.order)}
          about={aboutOf(terms, shop, own !== undefined)}
          open={open === operation.id}
          onPress={() => setOpen(open === operation.id ? null : operation.id)}
        />
        {open === operation.id ? (
          <OperationEditor
            operation={operation}
            terms={terms}
            unit={shop.unit}
            onKeep={keep(operation)}
            onReset={
              own
                ? () =>
                    void set((s) => ({
                      ...s,
                      operations: s.operations.filter(({ id }) => id !== operation.id),
                    }))
                : undefined
            }
          />
        ) : null}
      </View>
    );
  };
  const half = Math.ceil(LISTED.length / 2);
  return (
    <Page title="Operations and prices">
      <Words tone="muted">
        The times and prices that the app begins with are made up. Put in your own: plans are only
        as good as these.
      </Words>
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <Heading>Money</Heading>
      <MoneyEditor shop={shop} onKeep={set} />
      <Heading>Operations</Heading>
      <Columns
        first={<View>{LISTED.slice(0, half).map(row)}</View>}
        second={<View>{LISTED.slice(half).map(row)}</View>}
      />
    </Page>
  );
}
