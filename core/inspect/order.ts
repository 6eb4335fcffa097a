import { partName } from '../pumps/registry';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import type { Finding } from '../records/teardown';
import { holdsPump, lookedAt } from './looking';
import { wrongParts } from './stripping';

/** One line of the order list, and why it is there. */
export interface OrderLine {
  readonly name: string;
  readonly count: number;
  readonly why: string;
}

/**
 * Returns what has to be bought: what is always renewed, what the house renews, parts
 * that were missing or wrong, and parts that a person decided to replace or gave up.
 */
export function orderList(job: Pick<Job, 'sheet' | 'rules' | 'journal'>): OrderLine[] {
  const { sheet, rules } = job;
  const renews = ({ when }: Sheet['renew'][number]) =>
    when === 'always' || rules.renew === 'always';
  const renewed = sheet.renew.filter(renews).map(({ name, count, when }) => ({
    name,
    count,
    why: when === 'always' ? 'always renewed' : 'renewed by house rule',
  }));
  const missing = wrongParts(job).map(({ step, note }) => ({
    name: `${partName(sheet, step.part)}: ${note?.remark || step.do}`,
    count: 1,
    why: note?.state === 'wrong' ? 'wrong part found' : 'missing when it came apart',
  }));
  const parts = new Map<string, string[]>();
  for (const { surface, findings } of lookedAt(job)) {
    // A bushing that is renewed anyway is not ordered twice.
    const anyway = sheet.renew.some((r) => r.id === surface.part && renews(r));
    const wanted = ({ decided }: Finding) =>
      decided === 'replace' || (decided === 'scrap' && !holdsPump(surface));
    if (anyway || !findings.some(wanted)) continue;
    parts.set(surface.part, [...(parts.get(surface.part) ?? []), surface.name]);
  }
  const replaced = [...parts].map(([part, surfaces]) => ({
    name: partName(sheet, part),
    count: 1,
    why: `to be replaced: ${surfaces.join(', ').toLowerCase()}`,
  }));
  return [...renewed, ...missing, ...replaced];
}
