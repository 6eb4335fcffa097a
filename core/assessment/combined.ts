import {
  ends,
  isUnbounded,
  tidied,
  uncertainty,
  type Estimate,
  type Value,
} from '../metrology/estimate';
import type { Extremes } from '../metrology/extremes';
import type { Interval } from '../metrology/interval';
import { COVERAGE } from '../metrology/normal';
import type { EvidenceSource, SourcedEvidence } from '../methods/list';

/** Holds one end of a gap as all that is known of it has it, and which way of measuring says most. */
export interface KnownEnd {
  readonly estimate: Estimate;
  readonly source: EvidenceSource;
}

type End = keyof Extremes;

/** Returns the hard bounds of a bracket: a soft end is off by no more than its doubt. */
function boundsOf(estimate: Estimate): Interval {
  const [lo_mm, hi_mm] = ends(tidied(estimate));
  return { lo_mm, hi_mm: Number.isFinite(hi_mm) ? hi_mm : null };
}

/** Returns what two brackets leave together: of each end the one that says more. */
function narrowed(a: KnownEnd, b: KnownEnd): KnownEnd {
  const [x, y] = [a.estimate, b.estimate];
  if (x.kind !== 'interval' || y.kind !== 'interval') return a;
  const low = y.lo_mm > x.lo_mm ? y : x;
  const high = (y.hi_mm ?? Infinity) < (x.hi_mm ?? Infinity) ? y : x;
  const soft = { lo_mm: low.soft?.lo_mm ?? 0, hi_mm: high.soft?.hi_mm ?? 0 };
  const estimate: Estimate = {
    kind: 'interval',
    lo_mm: low.lo_mm,
    hi_mm: high.hi_mm,
    ...(x.soft || y.soft ? { soft } : {}),
  };
  return { estimate, source: uncertainty(y) < uncertainty(x) ? b.source : a.source };
}

/** Returns the mean of two single values, each by how well it is known; the better of two extremes of several. */
function averaged(a: KnownEnd, b: KnownEnd): KnownEnd {
  const better = uncertainty(b.estimate) < uncertainty(a.estimate) ? b : a;
  const [x, y] = [a.estimate, b.estimate];
  if (x.kind !== 'value' || y.kind !== 'value' || x.picked || y.picked) return better;
  if (x.magnitude || y.magnitude || x.u_mm === 0 || y.u_mm === 0) return better;
  const [w, v] = [1 / x.u_mm ** 2, 1 / y.u_mm ** 2];
  const value_mm = (w * x.value_mm + v * y.value_mm) / (w + v);
  return {
    estimate: { kind: 'value', value_mm, u_mm: 1 / Math.sqrt(w + v) },
    source: better.source,
  };
}

/** Beyond so many standard uncertainties a bound says nothing of a value that the value does not say itself. */
const FAR = 4;

/**
 * Returns a value between the bounds that brackets set to it. Sizes are taken at their worst, place by place: where a
 * bracket lies inside of that altogether, it was felt, and counts alone.
 *
 * @param isRefused whether all that is known of it is that leaves did not go in
 */
function bounded(value: KnownEnd, bracket: KnownEnd, isRefused: boolean): KnownEnd {
  const known = value.estimate as Value;
  const within = boundsOf(bracket.estimate);
  const { value_mm, u_mm } = known;
  // Where no leaf went in, the parts may stand proud of each other: sizes alone tell that.
  const lo = isRefused ? -Infinity : within.lo_mm;
  const hi = within.hi_mm ?? Infinity;
  if (lo <= value_mm - FAR * u_mm && hi >= value_mm + FAR * u_mm) return value;
  const away = Math.max(lo - value_mm, value_mm - hi);
  if (away > COVERAGE * u_mm) return bracket;
  return { estimate: { ...known, within: { ...within, lo_mm: lo } }, source: value.source };
}

/** Returns what several kinds of evidence say together of one end of a gap; undefined for none. */
export function combinedEnd(all: readonly SourcedEvidence[], end: End): KnownEnd | undefined {
  const known = all.map(({ extremes, source }): KnownEnd => ({ estimate: extremes[end], source }));
  const of = (kind: Estimate['kind']) => known.filter(({ estimate }) => estimate.kind === kind);
  const [values, brackets] = [of('value'), of('interval')];
  const value = values.length > 0 ? values.reduce(averaged) : undefined;
  const bracket = brackets.length > 0 ? brackets.reduce(narrowed) : undefined;
  const isRefused = brackets.every(({ estimate }) => isUnbounded(estimate));
  return value && bracket ? bounded(value, bracket, isRefused) : (value ?? bracket);
}
