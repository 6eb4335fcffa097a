import { reasonOf } from '@/core/errors';
import { HOUSE_RULES } from '@/core/records/rules';
import { useChangeShop, useShop } from '@/data/hooks';
import { Columns } from '@/ui/Columns';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RuleChoices } from '@/ui/RuleChoices';
import { Words } from '@/ui/Words';
import { FloorsForm } from './FloorsForm';

/** The house rules of the shop: new jobs begin with them, and each job may change its own. */
export function RulesScreen() {
  const { rules } = useShop();
  const { apply, error } = useChangeShop();
  const half = Math.ceil(HOUSE_RULES.length / 2);
  const choices = (asked: readonly (typeof HOUSE_RULES)[number][]) => (
    <RuleChoices
      rules={rules}
      asked={asked}
      onChange={(next) => void apply((s) => ({ ...s, rules: next })).catch(() => undefined)}
    />
  );
  return (
    <Page title="House rules">
      <Words tone="muted">New jobs start with these. Each job can change its own under Tag.</Words>
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <Columns
        first={choices(HOUSE_RULES.slice(0, half))}
        second={choices(HOUSE_RULES.slice(half))}
      />
      <FloorsForm />
    </Page>
  );
}
