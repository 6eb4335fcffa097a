import { useChangeShop, useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RuleChoices } from '@/ui/RuleChoices';
import { Words } from '@/ui/Words';

/** The house rules of the shop: new jobs begin with them, and each job may change its own. */
export function RulesScreen() {
  const { rules } = useShop();
  const { apply, error } = useChangeShop();
  return (
    <Page title="House rules">
      <Words tone="muted">New jobs begin with these; each job can change its own on its tag.</Words>
      {error ? <Notice kind="error">{error.message}</Notice> : null}
      <RuleChoices
        rules={rules}
        onChange={(next) => void apply((s) => ({ ...s, rules: next })).catch(() => undefined)}
      />
    </Page>
  );
}
