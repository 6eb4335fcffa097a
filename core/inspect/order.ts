import { partName } from '../pumps/registry';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import type { Finding } from '../records/teardown';
import { holdsPump, lookedAt } from './looking';
import { wrongParts } from './stripping';
import { say } from '../wording/say';

/** One line of the order list, and why it is there. */
export interface OrderLine {
  readonly name: string;
  readonly count: number;
  readonly why: string;
}

/** Lists each part once: two steps at which the same one is missing ask for one. */
const onceEach = (lines: readonly OrderLine[]): OrderLine[] => [
  ...new Map(lines.map((line) => [`${line.name} ${line.why}`, line])).values(),
];

/**
 * Returns what has to be bought: what is always replaced, what the house renews, parts
 * that were missing or wrong, and parts that a person decided to replace or gave up.
 */
export function orderList(job: Pick<Job, 'sheet' | 'rules' | 'journal'>): OrderLine[] {
  const { sheet, rules } = job;
  const renews = ({ when }: Sheet['renew'][number]) =>
    when === 'always' || rules.renew === 'always';
  const renewed = sheet.renew.filter(renews).map(({ name, count, when }) => ({
    name,
    count,
    why: when === 'always' ? 'always replaced' : 'replaced by house rule',
  }));
  const missing = wrongParts(job).map(({ step, note }) => ({
    name: note?.remark
      ? say('inspect.partRemark', { part: partName(sheet, step.part), remark: note.remark })
      : partName(sheet, step.part),
    count: 1,
    why: note?.state === 'wrong' ? 'wrong part found' : 'missing at teardown',
  }));
  const parts = new Map<string, string[]>();
  for (const { surface, findings } of lookedAt(job)) {
    // A bushing that is renewed anyway is not ordered twice.
    const anyway = sheet.renew.some((r) => r.id === surface.part && renews(r));
    // A body is looked for, not bought like a seal: the finding says so, the order list does not.
    const bought = !holdsPump(surface);
    const wanted = ({ decided }: Finding) =>
      bought && (decided === 'replace' || decided === 'scrap');
    if (anyway || !findings.some(wanted)) continue;
    parts.set(surface.part, [...(parts.get(surface.part) ?? []), surface.name]);
  }
  const replaced = [...parts].map(([part, surfaces]) => ({
    name: partName(sheet, part),
    count: 1,
    why: say('inspect.toReplace', { surfaces: surfaces.join(', ') }),
  }));
  return onceEach([...renewed, ...missing, ...replaced]);
}
