import { ownerName, partName, teardownOf } from '../pumps/registry';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import type { Surface } from '../pumps/teardown/teardown';
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
  const always = sheet.renew.filter(renews).map(({ name, count, when }) => ({
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
  const { renewed: partsOf } = teardownOf(sheet);
  const anyway = new Set(sheet.renew.filter(renews).flatMap(({ id }) => partsOf[id] ?? []));
  const wanted = lookedAt(job).filter(
    ({ surface, findings }) =>
      // A bushing that is renewed anyway is not ordered twice.
      !surface.parts.every((part) => anyway.has(part)) &&
      // A body is looked for, not bought like a seal: the finding says so, the order list does not.
      !holdsPump(sheet, surface) &&
      findings.some(({ decided }) => decided === 'replace' || decided === 'scrap'),
  );
  const parts = new Map<string, Surface[]>();
  for (const { surface } of wanted) {
    const key = surface.parts.join();
    parts.set(key, [...(parts.get(key) ?? []), surface]);
  }
  const replaced = [...parts.values()].flatMap((surfaces) =>
    surfaces.slice(0, 1).map((first) => ({
      name: ownerName(sheet, first),
      count: first.parts.length,
      why: say('inspect.toReplace', { surfaces: surfaces.map(({ name }) => name).join(', ') }),
    })),
  );
  return onceEach([...always, ...missing, ...replaced]);
}
