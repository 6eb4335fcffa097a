import type { Shop } from '@/core/records/shop';
import { pointAt } from '../shell/pointAt';
import { useKeptForm } from '../shell/useKeptForm';
import { FieldsForm } from './FieldsForm';
import { moneyFromForm, moneyToForm, type MoneyForm } from './operationForm';

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
  const kept = useKeptForm<MoneyForm>({ key: 'money', stored: moneyToForm(shop.money) });
  const { handleSubmit, clearErrors } = kept.form;
  const save = handleSubmit(async (form) => {
    clearErrors();
    const read = moneyFromForm(form);
    if (!read.ok) return pointAt(kept.form, read.errors);
    await kept.save((check) =>
      onKeep((stored) => {
        check(moneyToForm(stored.money));
        return { ...stored, money: read.record };
      }),
    );
  });
  return <FieldsForm kept={kept} fields={FIELDS} least={160} onSave={save} />;
}
