import { type Band, type JobPath, type MiddleFlow } from '../flow/answer';
import { pressureReached, type DutyFlow, type FlowBasis, type Unmeasured } from '../flow/overview';
import type { JobFit } from '../flow/benchTest';
import type { JobState } from '../flow/demand';
import type { JobFluid } from '../flow/fluids';
import type { GapFrom } from '../flow/known';
import type { JobDisplacement, JobPump } from '../flow/jobPump';
import { fluidAt } from '../hydraulics/fluid';
import type { LeakWay } from '../pumps/flow';
import { familyOf, characteristicOf } from '../pumps/registry';
import { bareFlow, flowWithin, formatFlow, formatPressure, leastFlow_lpm } from '../quantity/flow';
import { formatLength, formatWithUnit } from '../quantity/format';
import { lower } from '../quantity/letters';
import { formatTemperature } from '../quantity/temperature';
import type { ShopUnit } from '../quantity/units';
import type { FlowState } from '../records/flow';
import type { Sheet } from '../records/sheet';
import { finenessOf, fineOf, flowWords } from './flowFigures';
import { listed, paragraph, spelled } from './say';
import { sayFlow, type FlowKey } from './sayFlow';

/** Shares in words, from the greatest; what is less is told in per cent. */
const SHARES: readonly (readonly [least: number, key: FlowKey & `flow.share.${string}`])[] = [
  [0.93, 'flow.share.nearlyAll'],
  [0.78, 'flow.share.most'],
  [0.6, 'flow.share.twoThirds'],
  [0.43, 'flow.share.half'],
  [0.3, 'flow.share.third'],
  [0.22, 'flow.share.quarter'],
];

/** Adds up the shares of paths that go one way. */
export function byWay(
  { known }: Pick<JobPump, 'known'>,
  paths: readonly Pick<JobPath, 'characteristic' | 'share'>[],
): { readonly way: LeakWay; readonly share: number }[] {
  const ways = new Map(known.paths.map(({ id, way }) => [id, way]));
  const shares = new Map<LeakWay, number>();
  for (const { characteristic, share } of paths) {
    const way = ways.get(characteristic);
    if (way) shares.set(way, (shares.get(way) ?? 0) + share);
  }
  return [...shares].map(([way, share]) => ({ way, share })).sort((a, b) => b.share - a.share);
}

/** Says where most of what is lost goes: `Half of what is lost goes over the gear faces.` Empty where nothing is lost. */
export function lostWords(subject: Pick<JobPump, 'known'>, { paths }: MiddleFlow): string {
  const [first] = byWay(subject, paths);
  const [, key] = SHARES.find(([least]) => first && first.share >= least) ?? [];
  if (!first || !key) return '';
  return sayFlow('flow.lost', { share: sayFlow(key), way: sayFlow(`flow.way.${first.way}`) });
}

/** Says what a pump delivers at a state, of what it moves, and what is wanted; what it would, before a gap is measured. */
export function deliversWords(
  {
    duty,
    flow,
    demand_lpm,
    unmeasured,
  }: Pick<DutyFlow, 'duty' | 'flow' | 'demand_lpm' | 'unmeasured'>,
  band: Band | null,
  unit: ShopUnit,
): string {
  if (!flow) return sayFlow('flow.unknown');
  const half = band ? finenessOf(band) : fineOf(flow.delivered_lpm);
  const figures = {
    duty: sayFlow(`flow.at.${duty}`),
    delivered:
      flow.delivered_lpm === 0 ? sayFlow('flow.none') : bareFlow(flow.delivered_lpm, half, unit),
    theoretical: flowWithin(flow.theoretical_lpm, Math.min(half, 0.5), unit),
  };
  const isKnown = unmeasured < 1;
  if (demand_lpm === null) return sayFlow(isKnown ? 'flow.delivers' : 'flow.would', figures);
  return sayFlow(isKnown ? 'flow.deliversFor' : 'flow.wouldFor', {
    ...figures,
    demand: formatFlow(demand_lpm, unit),
  });
}

/** Says at which pressure a pump gives up; empty where it reaches what is asked. */
export function reachWords(basis: FlowBasis, { at, flow }: DutyFlow, unit: ShopUnit): string {
  if (!flow || flow.delivered_lpm > 0 || at.rpm === 0) return '';
  const reached = pressureReached(basis, at);
  if (reached === null) return '';
  return sayFlow('flow.reaches', {
    pressure: formatPressure(at.pressure_bar, unit),
    reached: formatPressure(Number(reached.toPrecision(2)), unit),
  });
}

/** Says how a pump runs: `700 rpm, 8 bar, 90 °C`. */
export const stateWords = ({ rpm, pressure_bar, temp_C }: FlowState, unit: ShopUnit): string =>
  sayFlow('flow.figures', {
    speed: sayFlow('flow.speed', { rpm: Math.round(rpm) }),
    pressure: formatPressure(pressure_bar, unit),
    temperature: formatTemperature(temp_C, unit),
  });

/** Says how a pump runs at one of its states, and that it is assumed where nobody said. */
export const jobStateWords = ({ state, from }: JobState, unit: ShopUnit): string => {
  const text = stateWords(state, unit);
  return from === 'assumed' ? sayFlow('flow.assumed', { text }) : text;
};

/** Says what a pump runs on, and that it is assumed where nobody said. */
export function oilWords({ fluid, from }: JobFluid): string {
  const text = sayFlow('flow.oil', { name: fluid.name });
  return from === 'assumed' ? sayFlow('flow.assumed', { text }) : text;
}

/** Says that an oil is so thin that its viscosity is no more than interpolated; empty for others. */
export const thinWords = ({ fluid }: JobFluid, temp_C: number): string =>
  fluidAt(fluid, temp_C).law === 'interpolated' ? sayFlow('flow.thin') : '';

const FROM: Readonly<
  Record<GapFrom, '' | 'flow.fromLimits' | 'flow.fromExample' | 'flow.fromPredicted'>
> = {
  measured: '',
  limits: 'flow.fromLimits',
  example: 'flow.fromExample',
  predicted: 'flow.fromPredicted',
};

/** One path as a line of a list: its gap, where that is known from, what it loses. */
export interface PathLine {
  readonly name: string;
  /** `0.066 mm`, or `0.05–0.08 mm`. */
  readonly gap: string;
  /** Says where the gap is known from, and that its sum is coarse; empty for one that was measured. */
  readonly note: string;
  /** `1.2`, in the unit of the list. */
  readonly flow: string;
  readonly percent: string;
}

/**
 * Returns a path as a line of a list.
 *
 * @param sheet of the pump
 * @param path what it loses
 * @param K the factor on the slip: lines add up to what is lost
 */
export function pathLine(
  sheet: Sheet,
  { characteristic, gap, gapFrom, lpm, share, coarse }: JobPath,
  K: number,
  unit: ShopUnit,
): PathLine {
  const { smallest_mm, largest_mm } = gap;
  const [least, most] = [smallest_mm, largest_mm].map((mm) => formatLength(mm, 'gap', unit));
  const from = FROM[gapFrom];
  const lost = K * lpm;
  const told = leastFlow_lpm(unit);
  return {
    name: characteristicOf(sheet, characteristic).name,
    gap:
      least === most
        ? formatWithUnit(largest_mm, 'gap', unit)
        : `${least}–${formatWithUnit(largest_mm, 'gap', unit)}`,
    note: listed([from ? sayFlow(from) : '', coarse ? sayFlow('flow.coarse') : ''].filter(Boolean)),
    flow:
      lost < told
        ? sayFlow('flow.lessThan', { flow: bareFlow(told, told, unit) })
        : bareFlow(lost, Math.max(0.05 * lost, told), unit),
    percent: share > 0 && share < 0.005 ? '<1' : (100 * share).toFixed(0),
  };
}

/** Says what a pump moves in a turn, from where that is known, and how far its geometry is from it. */
export function displacementWords({ cc_rev, from, byGeometry_cc }: JobDisplacement): string {
  if (cc_rev === null || from === null) return '';
  const text = sayFlow('flow.displacement', {
    cc: cc_rev.toFixed(1),
    from: sayFlow(`flow.from.${from}`),
  });
  if (from !== 'published' || byGeometry_cc === null) return text;
  const off = 100 * (byGeometry_cc / cc_rev - 1);
  if (Math.abs(off) < 0.5) return text;
  return sayFlow('flow.displacementOff', {
    text,
    other: byGeometry_cc.toFixed(1),
    percent: Math.abs(off).toFixed(0),
    side: off > 0 ? 'more' : 'less',
  });
}

/** Says how far the flow swings within a turn, and what few vanes carry in truth. */
export const rippleWords = ({ ripple, carried_cc }: JobDisplacement): string =>
  paragraph(
    `${sayFlow('flow.ripple', { percent: (100 * ripple).toFixed(ripple < 0.1 ? 1 : 0) })}.`,
    carried_cc === null ? '' : sayFlow('flow.fewVanes', { cc: carried_cc.toFixed(1) }),
  );

/** Says what the tests of a pump make of the model; empty for no test. */
export function benchWords(fit: JobFit | null): string {
  if (!fit) return '';
  const { of } = fit;
  if (fit.as === 'contradiction' || fit.K === null) {
    return sayFlow('flow.bench.contradiction', { of });
  }
  const factor = fit.K.toFixed(fit.K < 1 ? 2 : fit.K < 10 ? 1 : 0);
  if (fit.as === 'finding' && !fit.isMeasured)
    return sayFlow('flow.bench.unmeasured', { of, factor });
  if (fit.as === 'finding' && fit.K < 1) return sayFlow('flow.bench.less', { of, factor });
  return sayFlow(`flow.bench.${fit.as}`, { of, factor });
}

/** Says which gap to measure next for the flow; empty where none matters. */
export function measureNextWords(
  sheet: Sheet,
  [first]: readonly Unmeasured[],
  unit: ShopUnit,
): string {
  if (!first) return '';
  const gap = characteristicOf(sheet, first.characteristic).name;
  return sayFlow('flow.measureNext', { gap, swing: flowWords(first.swing_lpm, unit) });
}

/** Says at which gaps heat is not counted, since a material is missing; empty where it is at all. */
export const coldWords = (sheet: Sheet, { known }: Pick<JobPump, 'known'>): string =>
  known.cold.length === 0
    ? ''
    : sayFlow('flow.cold', {
        paths: listed(known.cold.map((id) => lower(characteristicOf(sheet, id).name))),
      });

/** Fields that are taken alike. */
const TAKEN: Readonly<Record<string, 'count' | 'overTips'>> = {
  teeth: 'count',
  pinionTeeth: 'count',
  ringTeeth: 'count',
  innerLobes: 'count',
  vanes: 'count',
  tipDiameter_mm: 'overTips',
  pinionTipDiameter_mm: 'overTips',
};

/** Lists the sizes without which nobody can say the flow, each with how it is taken. */
export function missingWords(sheet: Sheet, missing: readonly string[]): string[] {
  const { fields } = familyOf(sheet.family).geometry.describe();
  return missing.map((field) => {
    const { label = field } = fields[field] as { label?: string };
    return sayFlow('flow.takeField', {
      field: spelled(label),
      how: spelled(sayFlow(`flow.take.${TAKEN[field] ?? field}` as 'flow.take.width_mm')),
    });
  });
}
