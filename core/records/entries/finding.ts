import { string } from 'yup';
import { DEFECT_IDS, defectOf } from '../../pumps/teardown/defects';
import type { SurfaceId } from '../../pumps/ids';
import { familyOf, teardownOf } from '../../pumps/registry';
import { formatWithUnit } from '../../quantity/format';
import type { ShopUnit } from '../../quantity/units';
import { exact, finite, idOf, millimetres, note } from '../../schema/fields';
import { say } from '../../wording/say';
import { consequence, NAILS, type Consequence } from '../teardown';
import { entryKind, entrySchema, type Standing } from './slice';

/** A place on the drawing, in mm from its middle. */
const spot = exact({ x: finite().required(), y: finite().required() }).nullable().defined();

/** Describes what was seen on a surface; what the app proposed and what the person decided are both kept. */
export const finding = entryKind({
  kind: 'finding',
  schema: entrySchema('finding', {
    surface: idOf<SurfaceId>(),
    /** Is null where it is sound. */
    defect: string().oneOf(DEFECT_IDS).nullable().defined(),
    nail: string().oneOf(NAILS).nullable().defined(),
    depth_mm: millimetres().nullable().defined(),
    spot,
    proposed: consequence().required(),
    why: note().defined(),
    decided: consequence().required(),
    remark: note().defined(),
  }),
  is: { list: 'findings', tells: 'pump', undo: 'look' },
  stray: ({ surface }, _pump, sheet) =>
    teardownOf(sheet).surfaces.some((s) => s.id === surface)
      ? null
      : ['.surface', say('records.noSurface', { pump: familyOf(sheet.family).name })],
});

export type Finding = Standing<typeof finding>;

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
