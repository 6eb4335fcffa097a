import { trimmed } from '../quantity/format';
import type { TorqueUnit } from '../workshop/torquePlan';

/** Names the units of torque as wrenches have them. */
export const TORQUE_NAME: Readonly<Record<TorqueUnit, string>> = {
  Nm: 'Nm',
  lbft: 'lb·ft',
  lbin: 'lb·in',
};

/** Holds a torque to be set, or a range of it. */
export interface TorqueSet {
  readonly from: number;
  readonly to: number | null;
}

/** Says how many decimals of a torque can be set on a wrench. */
const DECIMALS: Readonly<Record<TorqueUnit, number>> = { Nm: 1, lbft: 1, lbin: 0 };

/** Writes a torque to be set on a wrench: `12 Nm`, `20–22 Nm`. */
export function torqueWords({ from, to }: TorqueSet, unit: TorqueUnit): string {
  const written = (value: number) => trimmed(value, DECIMALS[unit]);
  const figure =
    to === null || written(to) === written(from)
      ? written(from)
      : `${written(from)}–${written(to)}`;
  return `${figure} ${TORQUE_NAME[unit]}`;
}
