import type { Sheet } from '../records/sheet';
import { say } from './say';
import { TORQUE_NAME } from './torque';

type Bolts = Sheet['fasteners'][number];

/** Writes how many bolts of which thread: `6 × Cover bolts M6`. */
export const boltsWords = ({
  count,
  name,
  thread,
}: Pick<Bolts, 'count' | 'name' | 'thread'>): string =>
  thread
    ? say('job.boltThread', { count, name, thread })
    : say('quantity.countOf', { count, name });

/** Writes bolts with the torque of the sheet: one figure, or a range where the book gives one. */
export function boltsWithTorque(bolts: Omit<Bolts, 'id' | 'note'>): string {
  const { torque, torqueTo } = bolts;
  const unit = TORQUE_NAME[bolts.unit];
  const said =
    torque === null
      ? 'no torque on the sheet'
      : torqueTo === null
        ? say('job.torque', { torque, unit })
        : say('job.torqueRange', { from: torque, to: torqueTo, unit });
  return say('job.bolts', { bolts: boltsWords(bolts), torque: said });
}
