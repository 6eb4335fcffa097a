import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from '@playwright/test';

const RULES = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** Lists what a page does against WCAG 2.2 AA, its target sizes and good practice; or against some rules of it. */
export async function faults(page: Page, rules?: readonly string[]): Promise<string[]> {
  // No screen has frames, so no second page need be opened to put their results together.
  const axe = new AxeBuilder({ page }).setLegacyMode().options({ resultTypes: ['violations'] });
  const { violations } = await (rules ? axe.withRules([...rules]) : axe.withTags(RULES)).analyze();
  return violations.map((v) => `${v.id} ${v.nodes.map((n) => n.html.slice(0, 160)).join(' ')}`);
}
