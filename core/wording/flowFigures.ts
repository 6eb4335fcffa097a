import type { Band } from '../flow/answer';
import { bareFlow, flowWithin } from '../quantity/flow';
import type { ShopUnit } from '../quantity/units';
import { say, type MessageKey } from './say';

/** Half the width of a band: how far its middle may be off, in l/min. */
export const halfOf = ({ lo, hi }: Band): number => (hi - lo) / 2;

/** Less than this is told as nothing, in l/min. */
export const NO_GAIN_lpm = 0.05;

/** Without a band a figure is told as finely as the model is good for: a tenth of it. */
const FINE = 0.1;

export const fineOf = (lpm: number): number => Math.max(FINE * lpm, 0.05);

/**
 * Writes what is delivered, as finely as its band lets: `15 l/min (12 to 17)`.
 *
 * @param band in l/min
 */
export function bandWords(band: Band, unit: ShopUnit): string {
  if (band.hi === 0) return say('flow.none');
  const half = Math.max(halfOf(band), fineOf(band.mid) / 5);
  const [lo, hi] = [band.lo, band.hi].map((lpm) => bareFlow(lpm, half, unit));
  if (Number(bareFlow(band.mid, half, unit)) === 0) {
    return say('flow.upTo', { flow: flowWithin(band.hi, half, unit) });
  }
  const mid = flowWithin(band.mid, half, unit);
  return lo === hi ? mid : say('flow.band', { mid, lo: lo!, hi: hi! });
}

/** Says between what a delivered flow lies; empty where that is no more than its figure. */
export function likelyWords(band: Band, unit: ShopUnit): string {
  const half = Math.max(halfOf(band), fineOf(band.mid) / 5);
  const [lo, hi] = [bareFlow(band.lo, half, unit), flowWithin(band.hi, half, unit)];
  return band.hi - band.lo < 0.005 ? '' : say('flow.likely', { lo, hi });
}

/** Less than this share of what is delivered is no change. */
const NO_CHANGE = 0.004;

/** Tells whether work changes what is delivered by so much that it is said. */
export const isChanged = (now: Band, after: Band): boolean =>
  Math.abs(after.mid - now.mid) > Math.max(NO_CHANGE * now.mid, NO_GAIN_lpm);

/** Writes a flow without a band. */
export const flowWords = (lpm: number, unit: ShopUnit): string =>
  flowWithin(lpm, fineOf(lpm), unit);

/**
 * Writes what is delivered after work: as a band, or by how much more it is where both would be written alike.
 *
 * @param now what is delivered, in l/min
 * @param after what is delivered then, by the same draws
 */
export function afterWords(now: Band, after: Band, unit: ShopUnit): string {
  const half = Math.max(halfOf(now), halfOf(after));
  const [before, then] = [now, after].map(({ mid }) => bareFlow(mid, half, unit));
  if (before !== then) return bandWords(after, unit);
  const flow = flowWords(Math.abs(after.mid - now.mid), unit);
  return say('flow.byMore', { flow, side: after.mid > now.mid ? 'more' : 'less' });
}

/** Says whether a pump feeds its circuits: with margin, perhaps, or not. */
export type Feeding = 'feeds' | 'may' | 'starves';

/**
 * Returns whether a pump feeds its circuits; null where nobody said what they want.
 *
 * @param band what it delivers, in l/min
 * @param demand_lpm what they want
 * @example
 * feedingOf({ lo: 8, mid: 9, hi: 10 }, 7); // 'feeds'
 * feedingOf({ lo: 8, mid: 9, hi: 10 }, 9.5); // 'may'
 * feedingOf({ lo: 8, mid: 9, hi: 10 }, null); // null
 */
export function feedingOf(band: Band, demand_lpm: number | null): Feeding | null {
  if (demand_lpm === null) return null;
  if (band.hi < demand_lpm) return 'starves';
  return band.lo >= demand_lpm ? 'feeds' : 'may';
}

const FEEDING: Readonly<Record<Feeding, MessageKey & `flow.${string}`>> = {
  feeds: 'flow.feeds',
  may: 'flow.mayFeed',
  starves: 'flow.starves',
};

/** Says whether a pump feeds its circuits; empty where nobody said what they want. */
export function feedingWords(band: Band, demand_lpm: number | null): string {
  const feeding = feedingOf(band, demand_lpm);
  return feeding ? say(FEEDING[feeding] as 'flow.feeds') : '';
}
