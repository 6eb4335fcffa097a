import type { Band } from '../flow/answer';
import { bareFlow, flowWithin, leastFlow_lpm } from '../quantity/flow';
import type { ShopUnit } from '../quantity/units';
import { sayFlow, type FlowKey } from './sayFlow';

/** Returns half the width of a band: how far its middle may be off, in l/min. */
export const halfOf = ({ lo, hi }: Band): number => (hi - lo) / 2;

/** Less than this is told as nothing, in l/min. */
export const NO_GAIN_lpm = 0.05;

/** Without a band a figure is told as finely as the model is good for: a tenth of it. */
const FINE = 0.1;

/** Returns how finely a figure without a band is told, in l/min. */
export const fineOf = (lpm: number): number => Math.max(FINE * lpm, 0.05);

/** Returns how finely the figures of a band are told, in l/min: half its width, and a fiftieth of its middle at the finest. */
export const finenessOf = (band: Band): number => Math.max(halfOf(band), fineOf(band.mid) / 5);

/**
 * Writes what is delivered, as finely as its band lets: `15 l/min (12 to 17)`.
 *
 * @param band in l/min
 */
export function bandWords(band: Band, unit: ShopUnit): string {
  if (band.hi < leastFlow_lpm(unit) / 2) return sayFlow('flow.none');
  const half = finenessOf(band);
  const [lo, hi] = [band.lo, band.hi].map((lpm) => bareFlow(lpm, half, unit));
  if (Number(bareFlow(band.mid, half, unit)) === 0) {
    return sayFlow('flow.upTo', { flow: flowWithin(band.hi, half, unit) });
  }
  const mid = flowWithin(band.mid, half, unit);
  return lo === hi ? mid : sayFlow('flow.band', { mid, lo: lo!, hi: hi! });
}

/** Says between what a delivered flow lies; empty where that is no more than its figure. */
export function likelyWords(band: Band, unit: ShopUnit): string {
  const half = finenessOf(band);
  const [lo, hi] = [bareFlow(band.lo, half, unit), flowWithin(band.hi, half, unit)];
  return band.hi - band.lo < 0.005 ? '' : sayFlow('flow.likely', { lo, hi });
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
  const half = Math.max(finenessOf(now), finenessOf(after));
  const [before, then] = [now, after].map(({ mid }) => bareFlow(mid, half, unit));
  if (before !== then) return bandWords(after, unit);
  const flow = flowWords(Math.abs(after.mid - now.mid), unit);
  return sayFlow('flow.byMore', { flow, side: after.mid > now.mid ? 'more' : 'less' });
}

/** Says whether a pump feeds its circuits: with margin, just so, perhaps, or not. */
export type Feeding = 'margin' | 'feeds' | 'may' | 'starves';

/** It is a margin where a pump delivers so much more than is wanted: what the model is good for. */
const MARGIN = 1 + FINE;

/**
 * Returns whether a pump feeds its circuits; null where nobody said what they want.
 *
 * @param band what it delivers, in l/min
 * @param demand_lpm what they want
 * @example
 * feedingOf({ lo: 8, mid: 9, hi: 10 }, 7); // 'margin'
 * feedingOf({ lo: 8, mid: 9, hi: 10 }, 7.5); // 'feeds'
 * feedingOf({ lo: 8, mid: 9, hi: 10 }, 9.5); // 'may'
 * feedingOf({ lo: 8, mid: 9, hi: 10 }, null); // null
 */
export function feedingOf(band: Band, demand_lpm: number | null): Feeding | null {
  if (demand_lpm === null) return null;
  if (band.hi < demand_lpm) return 'starves';
  if (band.lo < demand_lpm) return 'may';
  return band.lo < MARGIN * demand_lpm ? 'feeds' : 'margin';
}

/** Of a loss that goes through gaps which nobody measured this share is little. */
const LITTLE = 0.1;

/**
 * Tells whether it rests on gaps that nobody measured that a pump feeds its circuits.
 *
 * @param unmeasured the share of what is lost through them
 */
export const restsOnUnmeasured = (unmeasured: number): boolean => unmeasured > LITTLE;

/** Names what is said of each: of a pump as it is known, and of one that loses much through gaps which nobody measured. */
const FEEDING = {
  margin: ['flow.feedsMargin', 'flow.feedsMarginIf'],
  feeds: ['flow.feeds', 'flow.feedsIf'],
  may: ['flow.mayFeed', 'flow.mayFeed'],
  starves: ['flow.starves', 'flow.starves'],
} as const satisfies Readonly<Record<Feeding, readonly [known: FlowKey, open: FlowKey]>>;

/** Says whether a pump feeds its circuits, and whether that rests on what nobody measured; empty where nobody said what they want. */
export function feedingWords(band: Band, demand_lpm: number | null, unmeasured = 0): string {
  const feeding = feedingOf(band, demand_lpm);
  if (!feeding) return '';
  const [known, open] = FEEDING[feeding];
  return sayFlow(restsOnUnmeasured(unmeasured) ? open : known);
}
