import type { RoomTurn } from '../flow/rooms';
import { areaUnit, bareArea } from '../quantity/format';
import type { ShopUnit } from '../quantity/units';
import { say } from './say';

/** Names what rooms lie between: `Between the teeth of the drive gear`. */
export const roomName = ({ between }: Pick<RoomTurn, 'between'>): string =>
  say(`flow.room.${between}`);

/** Says how many rooms there are, and what one of them holds at most and at least. */
export const roomWords = (room: RoomTurn, unit: ShopUnit): string =>
  say('flow.roomHolds', {
    name: roomName(room),
    count: room.count,
    most: bareArea(room.most_mm2, unit),
    least: bareArea(room.least_mm2, unit),
    unit: areaUnit(unit),
  });

/** Says how far the shaft has turned: `90°`. */
export const turnWords = (turn_deg: number): string => say('flow.turn', { turn: turn_deg });
