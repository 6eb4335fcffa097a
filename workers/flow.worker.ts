import { expose } from 'comlink';
import { deliveredBands, type Band, type Drawing, type SlipFactor } from '../core/flow/answer';
import { readyPump, type Conditions, type PlainPump } from '../core/flow/jobPump';

/** Draws what a pump delivers at several states; `tell` hears how many draws are done. */
export function drawBands(
  pump: PlainPump,
  states: readonly Conditions[],
  factor: SlipFactor,
  drawing: Drawing,
  tell: (done: number) => void,
): Band[] | null {
  return deliveredBands(readyPump(pump), states, factor, { ...drawing, progress: tell });
}

expose({ drawBands });
