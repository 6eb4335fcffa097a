import { type Finding } from '@/core/records/entries/finding';
import { CONSEQUENCES, type Consequence } from '@/core/records/teardown';

/** What is done about a defect, as the screens write it. */
export const CONSEQUENCE_NAME: Readonly<Record<Consequence, string>> = {
  pass: 'Pass',
  dress: 'Dress',
  machine: 'Machine',
  replace: 'Replace',
  scrap: 'Scrap',
};

/** The gravest of what was decided on a surface. */
export function worstOf(findings: readonly Finding[]): Consequence {
  const grave = findings.map((f) => CONSEQUENCES.indexOf(f.decided));
  return CONSEQUENCES[Math.max(0, ...grave)] ?? 'pass';
}
