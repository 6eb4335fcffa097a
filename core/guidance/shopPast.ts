import { deviation, mean } from 'd3-array';
import type { Assessment } from '../assessment/assessment';
import type { Expected } from '../feeler/prior';
import { centre, isOpen } from '../metrology/estimate';

/** Describes what was measured of one pump: the middle of each gap in mm, by the id of its characteristic. */
export type Gaps = Readonly<Record<string, number>>;

/** Describes what to expect of a pump before it is measured, by the id of the characteristic. */
export type Expectations = ReadonlyMap<string, Expected>;

/** With fewer pumps than these a spread says little. */
const ENOUGH = 5;

/** Decimals of a millimetre that a middle is kept with. */
const DECIMALS = 4;

/** Returns the middle of every gap that is bounded on both sides, in mm. */
export function gapsOf(all: readonly Assessment[]): Gaps {
  return Object.fromEntries(
    all.flatMap(({ characteristic, smallest, largest }) => {
      if (characteristic.quantity !== 'gap' || !smallest || !largest || isOpen(largest)) return [];
      const middle = (centre(smallest) + centre(largest)) / 2;
      return [[characteristic.id, Number(middle.toFixed(DECIMALS))]];
    }),
  );
}

/**
 * Returns what pumps of one model that a shop measured make it expect of the next: mean and sample
 * standard deviation of each gap, where five of them or more tell it.
 */
export function expectationsFrom(pumps: readonly Gaps[]): Expectations {
  const ids = new Set(pumps.flatMap((gaps) => Object.keys(gaps)));
  return new Map(
    [...ids].flatMap((id) => {
      const measured = pumps.flatMap((gaps) => gaps[id] ?? []).filter(Number.isFinite);
      if (measured.length < ENOUGH) return [];
      const [centre_mm, spread_mm] = [mean(measured), deviation(measured)];
      return centre_mm === undefined || spread_mm === undefined
        ? []
        : [[id, { centre_mm, spread_mm }]];
    }),
  );
}
