import { useState } from 'react';
import { View } from 'react-native';
import { orderList, type OrderLine } from '@/core/inspect/order';
import type { Job } from '@/core/records/job';
import { orderWords } from '@/core/wording/order';
import { say } from '@/core/wording/say';
import { RowButton } from '@/ui/RowButton';
import { StageMark } from '@/ui/StageMark';
import { Heading, Words } from '@/ui/Words';
import { OrderForm } from './OrderForm';

/** Says how far a line is by its mark: open, ordered, or there. */
const standingOf = ({ order, fitted }: OrderLine) =>
  fitted || order?.state === 'came' ? 'done' : order ? 'work' : 'open';

/** What has to be bought for a job, why, and how far each order is; a touch on a line says more of it. */
export function OrderList({ job }: { readonly job: Job }) {
  const [open, setOpen] = useState<string | null>(null);
  const lines = orderList(job);
  return (
    <View>
      <Heading>Parts to order</Heading>
      {lines.length === 0 ? <Words tone="muted">Nothing to order so far.</Words> : null}
      {lines.map((line) => {
        const { id, name, count, why } = line;
        const words = orderWords(line);
        const isOpen = open === id;
        return (
          <View key={id}>
            <RowButton
              name={say('quantity.countOf', { count, name })}
              about={words || why}
              open={isOpen}
              mark={<StageMark standing={standingOf(line)} size={24} />}
              onPress={() => setOpen(isOpen ? null : id)}
            />
            {isOpen ? (
              <OrderForm
                key={`${id} ${line.order?.id}`}
                job={job}
                line={line}
                onDone={() => setOpen(null)}
              />
            ) : null}
          </View>
        );
      })}
    </View>
  );
}
