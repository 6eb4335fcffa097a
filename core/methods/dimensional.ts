import type { DimensionId, StationId } from '../pumps/ids';
import { string, type InferType } from 'yup';
import { InputError } from '../errors';
import type { Value } from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import { correctedSize } from '../metrology/corrected';
import { COVERAGE } from '../metrology/normal';
import { PLANE_COVERAGE, tiltOf, type Tilt } from '../metrology/tilt';
import type { Dimension, Tilt as TiltOf } from '../pumps/family';
import { dimensionsFor, gapsOf } from '../pumps/registry';
import { formatWithUnit, signedLength } from '../quantity/format';
import { formatTemperature } from '../quantity/temperature';
import { tidy_mm } from '../quantity/units';
import {
  exact,
  ZERO_STATES,
  celsius,
  readingFields,
  figureFields,
  finite,
  idOf,
  millimetres,
  type ZeroState,
} from '../schema/fields';
import type { Voidable } from '../schema/voiding';
import { enteredCells, enteredWords, typedOff, type EnteredFigure } from './entered';
import { firstUnread, type Evidence, type Method, type StepAt } from './method';
import { placesOf, sizedEvidence } from './sizedGap';
import { say } from '../wording/say';

/**
 * A size read off an instrument. `value_mm` is what counts: as read, less the
 * offset found at the zero check, brought to 20 °C where temperatures are known.
 */
const schema = exact({
  ...readingFields,
  station: idOf<StationId>(),
  ...figureFields,
  kind: string().oneOf(['size']).required(),
  dimension: idOf<DimensionId>(),
  read_mm: millimetres().required(),
  offset_mm: finite().required().min(-1).max(1),
  part_C: celsius().nullable().defined(),
  shop_C: celsius().nullable().defined(),
  value_mm: finite().required().min(-1).max(5000),
  zero: string().oneOf(ZERO_STATES).required(),
});

export type DimensionalReading = Voidable<InferType<typeof schema>>;

/** Describes what sizes tell besides a value. */
export interface DimensionalDetails {
  /** Sizes that are still wanted for a gap from sizes; empty where there is none to be had. */
  readonly missing: readonly DimensionId[];
  /** The plane through the depths, where there is one. */
  readonly tilt: Tilt | null;
  /** The worst that an instrument's zero stood at among the sizes read; null where it is no matter. */
  readonly zero: ZeroState | null;
}

/** A floor's tilt with the spread it may have; null before depths at three places that span a plane. */
export interface TiltEvidence {
  readonly fit: Tilt | null;
  readonly extremes: Extremes | null;
  readonly missing: readonly DimensionId[];
}

/**
 * Fits the plane through the depths of a dimension; a place read again counts with its mean.
 *
 * The uncertainty of a depth is the instrument's, or what the places are off the plane by where that
 * is more. A tilt has a size and a direction, so that ±2u is widened to hold both (the coverage
 * factor of two dimensions, JCGM 102).
 */
export function tiltEvidence(
  tilt: TiltOf,
  at: (station: StationId) => { readonly x: number; readonly y: number },
  readings: readonly DimensionalReading[],
): TiltEvidence {
  const places = placesOf(readings, tilt.dimension);
  const points = places.map(({ station, value_mm: depth_mm }) => {
    const { x, y } = at(station);
    return { x_mm: x, y_mm: y, depth_mm };
  });
  const missing = [tilt.dimension];
  try {
    const fit = tiltOf(points, tilt.diameter_mm);
    const u_depth = Math.max(...places.map((d) => d.u_mm), fit.residual_mm ?? 0);
    const value: Value = {
      kind: 'value',
      value_mm: fit.tilt_mm,
      u_mm: (PLANE_COVERAGE / COVERAGE) * u_depth * fit.uPerDepth,
      magnitude: true,
    };
    return { fit, extremes: { smallest: value, largest: value }, missing: [] };
  } catch (error) {
    if (error instanceof InputError) return { fit: null, extremes: null, missing };
    throw error;
  }
}

/** Says how an instrument's zero stood, where that is worth a word. */
export const ZERO_WORD: Readonly<Record<ZeroState, string>> = {
  zeroed: '',
  'not-needed': '',
  overdue: 'zero overdue',
  never: 'never zeroed',
};

/** Zeros that were not as they should be, the worst first. */
const DOUBTED: readonly ZeroState[] = ['never', 'overdue'];

const NO_TILT: TiltEvidence = { fit: null, extremes: null, missing: [] };

/** A size to read at a station. */
export interface SizeStep extends StepAt {
  readonly dimension: Dimension;
}

interface Types {
  readonly id: 'size';
  readonly reading: DimensionalReading;
  readonly details: DimensionalDetails;
  readonly source: 'sizes' | 'depths';
  readonly step: SizeStep;
  readonly answer: EnteredFigure;
}

/** Sizes of parts: a clearance is what they leave of one another, a tilt the plane through depths. */
export const dimensional: Method<Types> = {
  id: 'size',
  schema,
  sources: { sizes: 'sizes', depths: 'depths' },
  gives: 'figure',
  goesOn: true,
  readBy: 'sizes',
  finer: 'mic',
  paper: ['figure'],
  unread: { missing: [], tilt: null, zero: null },
  name: () => 'Sizes',
  places: (pump, c) =>
    dimensionsFor(c).flatMap((id) => {
      const dimension = pump.dimensions.find((d) => d.id === id);
      return dimension?.stations.map((station) => ({ station, dimension })) ?? [];
    }),
  evidence: (c, readings, { probe }) => {
    const sized = sizedEvidence(gapsOf(c), readings);
    const { tilt } = c;
    const tilted = tilt
      ? tiltEvidence(tilt, (station) => probe(tilt.dimension, station), readings)
      : NO_TILT;
    const evidence: Evidence<Types['source']>[] = [];
    const { extremes, reached, among } = sized;
    if (extremes) {
      const more = { ...(reached ? { reached } : {}), ...(among ? { among } : {}) };
      evidence.push({ source: 'sizes', extremes, ...more });
    }
    if (tilted.extremes) evidence.push({ source: 'depths', extremes: tilted.extremes });
    return {
      evidence,
      details: {
        missing: [...sized.missing, ...tilted.missing],
        tilt: tilted.fit,
        zero: DOUBTED.find((state) => readings.some((r) => r.zero === state)) ?? null,
      },
    };
  },
  next: firstUnread,
  record: ({ dimension, station }, figure, stamp, bench) => {
    const { name, u_mm, own_mm, zero, offset_mm } = bench.gauge(dimension, figure.source, stamp.at);
    const { part_C, shop_C } = bench;
    const { read_mm } = figure;
    const alpha_per_K = bench.alpha_per_K(dimension.part);
    return {
      ...stamp,
      ...figure,
      kind: 'size',
      instrument: name,
      dimension: dimension.id,
      station: station.id,
      offset_mm: tidy_mm(offset_mm),
      part_C,
      shop_C,
      value_mm: tidy_mm(correctedSize({ read_mm, offset_mm, alpha_per_K, part_C, shop_C })),
      u_mm,
      own_mm,
      zero,
      voided: null,
    };
  },
  simulate: ({ dimension, station }, hidden) => typedOff(hidden.size(dimension.id, station.id)),
  figure: ({ value_mm }, unit) => formatWithUnit(value_mm, 'size', unit),
  detail: (r, unit) =>
    enteredWords(r, [
      r.offset_mm !== 0 &&
        say('reading.zeroOff', { offset: signedLength(r.offset_mm, 'gap', unit) }),
      r.part_C !== null &&
        say('reading.partAt', { temperature: formatTemperature(r.part_C, unit) }),
      ZERO_WORD[r.zero],
    ]),
  cells: (r) => ({
    ...enteredCells(r),
    offset_mm: r.offset_mm,
    part_C: r.part_C,
    zero: r.zero,
  }),
};
