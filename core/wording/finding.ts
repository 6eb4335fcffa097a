import { defectOf } from '../pumps/teardown/defects';
import { formatWithUnit } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import type { Consequence, Finding } from '../records/teardown';
import { say } from './say';

/** Returns what was seen in words: `Scored, nail catches, 0.02 mm deep; towards 4`. */
export function seenWords(finding: Finding, unit: ShopUnit): string {
  if (!finding.defect) return 'Sound';
  const depth =
    finding.depth_mm === null
      ? ''
      : say('judge.deep', { depth: formatWithUnit(finding.depth_mm, 'gap', unit) });
  const nail = finding.nail ? say('judge.nail', { does: finding.nail }) : '';
  const what = [defectOf(finding.defect).name, nail, depth].filter(Boolean).join(', ');
  return finding.remark ? `${what}; ${finding.remark}` : what;
}

const DONE: Readonly<Record<Consequence, string>> = {
  pass: 'passed',
  dress: 'dress',
  machine: 'machine',
  replace: 'replace',
  scrap: 'scrap',
};

/** Returns what was decided, and what had been proposed where that was another. */
export function decidedWords({ decided, proposed }: Finding): string {
  return decided === proposed
    ? DONE[decided]
    : say('judge.decidedOtherwise', { decided: DONE[decided], suggested: DONE[proposed] });
}
