import type { Step } from '../methods/list';
import { ledgerOf } from '../journal/ledger';
import type { Instrument } from '../records/instrument';
import type { Job } from '../records/job';
import { counting } from '../schema/voiding';
import { gaugeAt, zeroAt, type ToolRoom } from '../instruments/gauges';

/**
 * Returns the instrument of a step whose zero is to be asked for before it is read, or null where none is: its zero is
 * good, it needs none, or the job was read with it while its zero stood as it does now.
 *
 * @param room the shop's instruments, and the zero checks on file
 * @param at the moment of the reading to come
 */
export function zeroFirst(
  job: Job,
  room: ToolRoom,
  step: Step | null,
  at: string,
): Instrument | null {
  const instrument = step && gaugeAt(room, job, step);
  if (!instrument) return null;
  const { state } = zeroAt(instrument, room.zeros, at);
  if (state === 'zeroed' || state === 'not-needed') return null;
  const last = counting(ledgerOf(job).readings).findLast((r) => r.instrument === instrument.name);
  const goesOn = last !== undefined && (last.kind !== 'size' || last.zero === state);
  return goesOn ? null : instrument;
}

/**
 * Returns the size of the standard that an instrument is most likely set on, in mm: that of its last check, nothing
 * where it closes on itself; null where nothing tells.
 */
export function usualStandard(
  instrument: Instrument,
  room: Pick<ToolRoom, 'zeros'>,
): number | null {
  const last = room.zeros.findLast((z) => z.instrument === instrument.id);
  if (last) return last.standard_mm;
  return instrument.from_mm === 0 ? 0 : null;
}
