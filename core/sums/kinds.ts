import {
  FLOW,
  formatAmount,
  inUsual,
  parseAmount,
  PRESSURE,
  bareAmount,
  type Amounts,
} from '../quantity/amounts';
import { formatLength, trimmed, unitName } from '../quantity/format';
import { bareTemperature, parseTemperature_C, temperatureUnit } from '../quantity/temperature';
import type { ShopUnit } from '../quantity/units';
import { decimal, fine, inParts, length, sum, type Written } from '../schema/written';
import type { SumUnit } from './sum';
import { sayFrame } from './frame';

/** Says how the figures of a field are written, and in what. */
export interface Kind extends Written<number> {
  unit(shop: ShopUnit): string;
}

/** Cubic inch 16.387064 cm³ (ISO 31-1). */
export const DISPLACEMENT: Amounts = {
  usual: { mm: 'cm³', thou: 'in³' },
  decimals: { mm: 2, thou: 3 },
  per: { cm3: 1, cc: 1, ml: 1, in3: 16.387064, cuin: 16.387064, ci: 16.387064 },
};

/** Foot 0.3048 m (ISO 31-1). */
export const SPEED: Amounts = {
  usual: { mm: 'm/s', thou: 'ft/s' },
  decimals: { mm: 2, thou: 2 },
  per: { 'm/s': 1, 'ft/s': 0.3048, fps: 0.3048 },
};

export const REACH: Amounts = {
  usual: { mm: 'm', thou: 'ft' },
  decimals: { mm: 2, thou: 2 },
  per: { m: 1, ft: 0.3048, cm: 0.01, mm: 0.001, in: 0.0254 },
};

const amounts = (of: Amounts): Kind => ({
  rounds: true,
  write: (value, shop) => bareAmount(value, of, shop),
  read: (text, shop) => parseAmount(text, of, shop) ?? NaN,
  unit: (shop) => of.usual[shop],
});

const always = (unit: string) => (): string => unit;

const temperature: Kind = {
  rounds: true,
  write: bareTemperature,
  read: (text, shop) => parseTemperature_C(text, shop) ?? NaN,
  unit: temperatureUnit,
};

const KINDS: Readonly<Record<SumUnit | 'gap', Kind>> = {
  gap: { ...length('gap'), unit: (shop) => unitName('gap', shop) },
  mm: { ...length('size'), unit: (shop) => unitName('size', shop) },
  '°C': temperature,
  // As on a sheet: millionths, whatever the shop’s unit.
  '1/K': { ...inParts(2, 1e6), unit: always('10⁻⁶/°C') },
  bar: amounts(PRESSURE),
  'l/min': amounts(FLOW),
  'cm³': amounts(DISPLACEMENT),
  'm/s': amounts(SPEED),
  m: amounts(REACH),
  'Pa·s': { ...inParts(3, 1000), unit: always('mPa·s') },
  'mm²/s': { ...decimal(2), unit: always('mm²/s') },
  'kg/m³': { ...decimal(1), unit: always('kg/m³') },
  '1/min': { ...sum(0), unit: always('rpm') },
  '°': { ...decimal(1), unit: always('°') },
  h: { ...sum(1), unit: always('h') },
  min: { ...sum(1), unit: always('min') },
  d: { ...sum(1), unit: always('') },
  '%': { ...decimal(2), unit: always('%') },
  money: { ...sum(2), unit: always('') },
  count: { ...decimal(4), unit: always('') },
};

/** Returns how figures of a unit are written; a clearance otherwise than the size of a part. */
export const kindOf = (figure: SumUnit, isGap = false): Kind =>
  KINDS[isGap && figure === 'mm' ? 'gap' : figure];

/** Writes the figures of an answer with their units, as a shop has them. */
export interface Figures {
  readonly shop: ShopUnit;
  gap(mm: number): string;
  /** Writes a doubt, or what else is finer than a clearance. */
  fine(mm: number): string;
  size(mm: number): string;
  /** Writes a bare clearance, for a range of them. */
  bareGap(mm: number): string;
  bareSize(mm: number): string;
  bar(bar: number): string;
  flow(lpm: number): string;
  /** Returns a flow in the shop’s unit, for a chart; its unit stands beside it. */
  inFlow(lpm: number): number;
  readonly flowUnit: string;
  cc(cc: number): string;
  celsius(celsius: number): string;
  speed(ms: number): string;
  bareSpeed(ms: number): string;
  readonly speedUnit: string;
  reach(m: number): string;
  rpm(rpm: number): string;
  plain(value: number, decimals: number): string;
}

/** The least pressure that is told, in bar. */
const LEAST_bar = { mm: 0.01, thou: 0.1 * 0.0689475729 } as const;

/** Writes a pressure; of one that is too little to be told that it is less than that. */
function pressureText(bar: number, shop: ShopUnit): string {
  const least = LEAST_bar[shop];
  return bar > 0 && bar < least
    ? sayFrame('under', { least: formatAmount(least, PRESSURE, shop) })
    : formatAmount(bar, PRESSURE, shop);
}

/** Returns what writes figures for a shop. */
export function figuresFor(shop: ShopUnit): Figures {
  const with_ = (figure: string, unit: string) => `${figure} ${unit}`;
  return {
    shop,
    gap: (mm) => with_(signed(mm, 'gap', shop), unitName('gap', shop)),
    fine: (mm) => with_(fine.write(mm, shop), unitName('gap', shop)),
    size: (mm) => with_(signed(mm, 'size', shop), unitName('size', shop)),
    bareGap: (mm) => signed(mm, 'gap', shop),
    bareSize: (mm) => signed(mm, 'size', shop),
    bar: (bar) => pressureText(bar, shop),
    flow: (lpm) => formatAmount(lpm, FLOW, shop),
    inFlow: (lpm) => inUsual(lpm, FLOW, shop),
    flowUnit: FLOW.usual[shop],
    cc: (cc) => formatAmount(cc, DISPLACEMENT, shop),
    celsius: (celsius) =>
      with_(bareTemperature(celsius, shop).replace('-', '−'), temperatureUnit(shop)),
    speed: (ms) => formatAmount(ms, SPEED, shop),
    bareSpeed: (ms) => bareAmount(ms, SPEED, shop),
    speedUnit: SPEED.usual[shop],
    reach: (m) => formatAmount(m, REACH, shop),
    rpm: (rpm) => with_(trimmed(rpm, 0), 'rpm'),
    plain: (value, decimals) => trimmed(value, decimals).replace('-', '−'),
  };
}

/** Writes a length of either sign. */
const signed = (mm: number, kind: 'gap' | 'size', shop: ShopUnit): string =>
  formatLength(mm, kind, shop).replace('-', '−');
