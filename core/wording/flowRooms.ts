import type { JobDisplacement } from '../flow/jobPump';
import type { RoomTurn } from '../flow/rooms';
import { pumpOf, type PumpKind } from '../pumps/registry';
import { areaUnit, bareArea } from '../quantity/format';
import { lower } from '../quantity/letters';
import type { ShopUnit } from '../quantity/units';
import { displacementWords, rippleWords } from './flow';
import { paragraph, say } from './say';

/** Names what rooms lie between: `Between the teeth of the drive gear`. */
export function roomName(pump: PumpKind, { rooms: { between, part } }: RoomTurn): string {
  const { short = '' } = pumpOf(pump).parts.find(({ id }) => id === part) ?? {};
  return say(`flow.room.${between}`, { part: lower(short) });
}

/** Says how many rooms there are, and what one of them holds at most and at least. */
export const roomWords = (pump: PumpKind, room: RoomTurn, unit: ShopUnit): string =>
  say('flow.roomHolds', {
    name: roomName(pump, room),
    count: room.count,
    most: bareArea(room.most_mm2, unit),
    least: bareArea(room.least_mm2, unit),
    unit: areaUnit(unit),
  });

/** Says what a pump moves in a turn and how evenly; empty where nobody can say. */
export const movesWords = (displacement: JobDisplacement): string =>
  displacement.cc_rev === null
    ? ''
    : paragraph(`${displacementWords(displacement)}.`, rippleWords(displacement));

/** Says how far the shaft has turned: `90°`. */
export const turnWords = (turn_deg: number): string => say('flow.turn', { turn: turn_deg });
