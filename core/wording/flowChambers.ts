import type { JobDisplacement } from '../flow/jobPump';
import type { ChamberTurn } from '../flow/chambers';
import { pumpOf, type PumpKind } from '../pumps/registry';
import { areaUnit, bareArea } from '../quantity/format';
import { lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import { displacementWords, rippleWords } from './flow';
import { paragraph } from './say';
import { sayFlow } from './sayFlow';

/** Names what chambers lie between: `Between the teeth of the drive gear`. */
export function chamberName(pump: PumpKind, { chambers: { between, part } }: ChamberTurn): string {
  const { short = '' } = pumpOf(pump).parts.find(({ id }) => id === part) ?? {};
  return sayFlow(`flow.chamber.${between}`, { part: lower(short) });
}

/** Says how many chambers there are, and what one of them holds at most and at least. */
export const chamberWords = (pump: PumpKind, chamber: ChamberTurn, unit: ShopUnit): string =>
  sayFlow('flow.chamberHolds', {
    name: chamberName(pump, chamber),
    count: chamber.count,
    most: bareArea(chamber.most_mm2, unit),
    least: bareArea(chamber.least_mm2, unit),
    unit: areaUnit(unit),
  });

/** Says what a pump moves in a turn and how evenly; empty where nobody can say. */
export const movesWords = (displacement: JobDisplacement): string =>
  displacement.cc_rev === null
    ? ''
    : paragraph(`${displacementWords(displacement)}.`, rippleWords(displacement));

/** Says how far the shaft has turned: `90°`. */
export const turnWords = (turn_deg: number): string => sayFlow('flow.turn', { turn: turn_deg });
