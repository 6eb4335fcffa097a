import { turnsAfter } from '../journal/workedOut';
import type { Job } from '../records/job';
import { sheetName } from '../records/sheet';
import { boltsWithTorque } from '../wording/bolts';
import { dateText } from '../wording/date';
import { say } from '../wording/say';
import { sayBuild } from './sayBuild';

/** Describes the label of a pump that is back together. */
export interface PumpLabel {
  readonly tag: string;
  /** The day on which the label went on, or today. */
  readonly day: string;
  readonly model: string;
  /** The way that it turns from now on. */
  readonly turns: Job['rotation'];
  readonly rotation: string;
  readonly ports: string;
  readonly bolts: readonly string[];
  /** Says that it was reversed, or made wider; empty where it was not. */
  readonly changed: string;
}

/**
 * Returns what stands on the label of a pump.
 *
 * @param job its tag, its sheet, what it was given for
 * @param at the moment at which the label goes on, ISO 8601
 */
export function labelOf(job: Job, at: string): PumpLabel {
  const { sheet, asked } = job;
  const turns = turnsAfter(job);
  const set = sheet.sets.find(({ id }) => id === asked.set);
  const changed = {
    rebuild: '',
    reverse: sayBuild('label.reversed'),
    'up-size': set?.name ?? sayBuild('label.wider'),
  };
  return {
    tag: job.tag,
    day: dateText(at, 'utc day'),
    model: sheetName(sheet),
    turns,
    // A pump that turns one way only says nothing of it.
    rotation: turns === 'unknown' ? '' : say(`tag.viewed.${turns}`),
    // What was said of the ports as it came is not so once it is turned.
    ports: asked.work === 'reverse' ? '' : job.ports,
    bolts: sheet.fasteners.map(boltsWithTorque),
    changed: changed[asked.work],
  };
}
