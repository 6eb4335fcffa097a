import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { reasonOf } from '@/core/errors';
import { isHere, ownJobs } from '@/core/history/madeUp';
import type { OrderGroup } from '@/core/inspect/allOrders';
import { order } from '@/core/records/entries/order';
import { dayOf } from '@/core/schema/dates';
import { faultsIn } from '@/core/schema/faultsIn';
import { dayText } from '@/core/schema/moments';
import { dateText } from '@/core/wording/date';
import { say } from '@/core/wording/say';
import { useJobSummaries, useShop } from '@/data/hooks';
import { noteForAll, ordersOf, type OrderSaid } from '@/data/orders';
import { saveAs } from '@/data/save';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowButton } from '@/ui/RowButton';
import { StageMark } from '@/ui/StageMark';
import { Heading, Words } from '@/ui/Words';
import { TypedForm, type Typed } from '../shell/TypedForm';

/** What all open jobs ordered, still have to order, and what came: by supplier and part number. */
export function OrdersScreen() {
  const { data: jobs } = useJobSummaries();
  const ids = ownJobs(jobs ?? [])
    .filter(isHere)
    .map(({ id }) => id);
  const { data: groups, error } = useQuery({
    queryKey: ['orders', ids],
    enabled: jobs !== undefined,
    queryFn: () => ordersOf(ids),
    // What is being typed stays where it is while the list is brought up to date.
    placeholderData: keepPreviousData,
    gcTime: 0,
    staleTime: 0,
  });
  return (
    <Page
      title="Orders"
      actions={
        groups && groups.length > 0 ? (
          <Button mode="outlined" onPress={() => void saveOrders(groups)}>
            Save as CSV
          </Button>
        ) : null
      }
    >
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      {groups ? <Groups groups={groups} /> : <Words tone="muted">Opening…</Words>}
    </Page>
  );
}

async function saveOrders(groups: readonly OrderGroup[]): Promise<void> {
  const { ordersCsv } = await import('@/data/tables');
  saveAs('orders.csv', ordersCsv(groups), 'text/csv');
}

/** The parts of the page, by how far the orders are. */
const PARTS = [
  { state: 'ordered', name: 'Waited for' },
  { state: 'open', name: 'To order' },
  { state: 'came', name: 'Came' },
] as const;

const MARK = { ordered: 'work', open: 'open', came: 'done' } as const;

function Groups({ groups }: { readonly groups: readonly OrderGroup[] }) {
  const [open, setOpen] = useState<string | null>(null);
  const waited = groups.filter(({ state }) => state === 'ordered').length;
  const toOrder = groups.filter(({ state }) => state === 'open').length;
  return (
    <>
      <Heading size="instruction">{say('order.all', { waited, toOrder })}</Heading>
      {PARTS.map(({ state, name }) => {
        const own = groups.filter((group) => group.state === state);
        return own.length === 0 ? null : (
          <View key={state}>
            <Heading level={3}>{name}</Heading>
            {own.map((group) => (
              <View key={group.key}>
                <RowButton
                  name={say('quantity.countOf', { count: group.count, name: group.name })}
                  about={aboutGroup(group)}
                  open={open === group.key}
                  mark={<StageMark standing={MARK[state]} size={24} />}
                  onPress={() => setOpen(open === group.key ? null : group.key)}
                />
                {open === group.key ? (
                  <GroupForm group={group} onDone={() => setOpen(null)} />
                ) : null}
              </View>
            ))}
          </View>
        );
      })}
    </>
  );
}

/** From whom, under which number, since when, and for which jobs. */
function aboutGroup({ supplier, partNumber, since, models, lines }: OrderGroup): string {
  const tags = [...new Set(lines.map(({ tag }) => tag))].join(', ');
  const day = since === null ? '' : dateText(since, 'utc day');
  return [supplier, partNumber, day, models.join(', '), tags].filter(Boolean).join(' · ');
}

interface FormProps {
  readonly group: OrderGroup;
  readonly onDone: () => void;
}

/** Notes for all jobs of a group at once that it was ordered, or that it came. */
function GroupForm({ group, onDone }: FormProps) {
  const client = useQueryClient();
  const shop = useShop();
  const [error, setError] = useState<string | null>(null);
  const said = ({ date = '', supplier = '', partNumber = '' }: Typed) => ({
    date: dayOf(date, new Date()) ?? '',
    supplier: supplier.trim(),
    partNumber: partNumber.trim(),
  });
  const keep = (state: OrderSaid['state']) => async (typed: Typed) => {
    try {
      await noteForAll(group, { state, ...said(typed) }, shop.person);
      await client.invalidateQueries();
      onDone();
      return true;
    } catch (problem) {
      setError(reasonOf(problem));
      return false;
    }
  };
  const faults = (typed: Typed): Record<string, string> => {
    const { supplier, partNumber, date } = said(typed);
    return {
      ...faultsIn(order.schema.fields, { supplier, partNumber }),
      ...(date === '' ? { date: say('quantity.noDay') } : {}),
    };
  };
  const ordered = { name: 'Ordered', keep: keep('ordered') };
  const came = { name: 'Came', keep: keep('came') };
  return (
    <TypedForm
      draft={`orders/${group.key.slice(0, 60)}`}
      fields={[
        { name: 'date', label: 'Date' },
        { name: 'supplier', label: 'Supplier' },
        { name: 'partNumber', label: 'Part number' },
      ]}
      stored={{
        date: dayText(new Date()),
        supplier: group.supplier,
        partNumber: group.partNumber,
      }}
      error={error}
      faults={faults}
      answers={group.state === 'open' ? [ordered, came] : [came, ordered]}
      other={{ name: 'Cancel', onPress: onDone }}
    />
  );
}
