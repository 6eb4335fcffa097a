import type { Shop } from '@/core/records/shop';
import { useRecordForm } from '../shell/recordForm';
import { FieldsForm } from './FieldsForm';
import { MONEY } from './operationForm';

interface Props {
  readonly shop: Shop;
  /** Changes the shop as it is in storage; resolves to whether it was. */
  readonly onKeep: (change: (stored: Shop) => Shop) => Promise<boolean>;
}

const FIELDS = [
  { name: 'rate', label: 'An hour of work costs' },
  { name: 'downDay', label: 'A day down costs' },
  { name: 'comeback', label: 'A comeback costs' },
  { name: 'currency', label: 'Currency, if shown' },
] as const;

/** What work and waiting cost this shop. */
export function MoneyEditor({ shop, onKeep }: Props) {
  const { kept, save } = useRecordForm({
    key: 'money',
    record: shop.money,
    form: MONEY,
    onKeep: (change) => onKeep((stored) => ({ ...stored, money: change(stored.money) })),
  });
  return <FieldsForm kept={kept} fields={FIELDS} least={160} onSave={save} />;
}
