import type { Assessment } from '../../assessment/assessment';
import type { Quantity } from '../../assessment/quantity';
import type { State } from '../../guidance/evaluator';
import { countedIn } from '../../journal/eras';
import { placesOf } from '../../methods/sizedGap';
import type { Estimate } from '../../metrology/estimate';
import type { Characteristic, Term } from '../../pumps/family';
import type { CharacteristicId, DimensionId } from '../../pumps/ids';
import { dimensionOf, placementOf } from '../../pumps/registry';
import type { Job } from '../../records/job';
import { materialOf, nominalOf } from '../../records/sizesSaid';
import { figureFact, wordFact, type FactFrom, type FactName, type Facts } from './facts';

/** A job as its readings leave it. */
export interface KnownJob {
  readonly job: Job;
  readonly state: State;
}

/** Says where a size is from; what is on a sheet only, or an example's, is nothing that anybody measured. */
const FROM: Readonly<Partial<Record<Quantity['source'], FactFrom>>> = {
  measured: 'measured',
  worked: 'worked',
  shelf: 'measured',
};

/** Returns the one size of a gap that counts for it, or against it; undefined where several do. */
const oneTerm = (terms: readonly Term[], sign: 1 | -1): DimensionId | undefined => {
  const own = terms.filter(({ factor }) => Math.sign(factor) === sign);
  return own.length === 1 ? own[0]?.dimension : undefined;
};

type End = 'best_mm' | 'smallest_mm' | 'largest_mm';

/** Returns a size that somebody measured as a fact: its mean, or the end of its places that counts. */
function sizeFact(
  { state }: KnownJob,
  name: FactName,
  id: DimensionId | undefined,
  end: End = 'best_mm',
): Facts {
  const known = id === undefined ? undefined : state.dimensions.get(id);
  const from = known && FROM[known.source];
  return known && from ? figureFact(name, known[end], from, known.u_mm) : {};
}

/** Returns what a sheet says of the metal of the part that a size is of. */
function metalFacts({ job }: KnownJob, side: 'plus' | 'minus', id: DimensionId): Facts {
  const metal = materialOf(job.sheet, dimensionOf(job.sheet, id).part);
  if (!metal) return {};
  return {
    ...figureFact(`${side}_alpha`, metal.alpha_per_K * 1e6, 'sheet'),
    ...figureFact(`${side}_hot`, metal.hot_C, 'sheet'),
  };
}

/** Returns every place at which a size was read and that still counts, in a row. */
function placesFact({ job }: KnownJob, name: FactName, id: DimensionId): Facts {
  const places = placesOf(countedIn(job).ofSize(id), id);
  return wordFact(name, places.map(({ value_mm }) => String(value_mm)).join(' '), 'measured');
}

/** Returns the sizes of a gap at the end that is judged, each with its doubt and its metal. */
function sizeFacts(known: KnownJob, terms: readonly Term[], isLargest: boolean): Facts {
  const [plus, minus] = [oneTerm(terms, 1), oneTerm(terms, -1)];
  const [wide, narrow]: readonly [End, End] = isLargest
    ? ['largest_mm', 'smallest_mm']
    : ['smallest_mm', 'largest_mm'];
  const u = (side: 'plus' | 'minus', id: DimensionId | undefined) =>
    figureFact(`${side}_u`, id && known.state.dimensions.get(id)?.u_mm, 'measured');
  return {
    ...sizeFact(known, 'plus', plus, wide),
    ...sizeFact(known, 'minus', minus, narrow),
    ...sizeFact(known, 'shaft', minus),
    ...u('plus', plus),
    ...u('minus', minus),
    ...(plus
      ? { ...placesFact(known, 'plus_places', plus), ...metalFacts(known, 'plus', plus) }
      : {}),
    ...(minus ? metalFacts(known, 'minus', minus) : {}),
  };
}

/** Returns an end of a gap: a value with its doubt, or a bracket as its two leaves. */
function evidenceFacts(end: Estimate | null): Facts {
  if (!end) return {};
  if (end.kind === 'value')
    return {
      ...figureFact('gap', end.value_mm, 'measured', end.u_mm),
      ...figureFact('gap_u', end.u_mm, 'measured'),
    };
  return {
    ...figureFact('gap_lo', end.lo_mm, 'measured'),
    ...figureFact('gap_hi', end.hi_mm, 'measured'),
  };
}

/** Tells whether both sizes of a gap are known: then it is asked for by them, and not by leaves. */
const isWhole = ({ plus, minus }: Facts): boolean => plus !== undefined && minus !== undefined;

/** Tells whether the verdict of a gap hangs on its larger end: of one with a least limit only it hangs on the smaller. */
const hangsOnLargest = ({ limits }: Assessment): boolean =>
  !limits || limits.upper_mm !== null || limits.lower_mm === null;

function limitFacts({ limits }: Assessment): Facts {
  if (!limits) return {};
  return {
    ...figureFact('lower', limits.lower_mm, 'sheet'),
    ...figureFact('upper', limits.upper_mm, 'sheet'),
  };
}

/** Returns what wears into the total of a face: the largest that was found. */
function wearFact(parts: readonly Assessment[]): Facts {
  const [, wear] = parts;
  const end = wear?.largest;
  if (!end) return {};
  if (end.kind === 'value') return figureFact('cover_wear', end.value_mm, 'measured', end.u_mm);
  // No leaf went under the edge: it is worn by less than the thinnest one. Else by no more than the next one.
  return figureFact(end.lo_mm === 0 ? 'cover_leaf' : 'cover_wear', end.hi_mm, 'measured');
}

/**
 * Says how a gasket counts in a limit, as the sum of faces asks it, and the limits as they are published: what a gap is held
 * against has the gasket off already.
 */
function gasketFacts({ job }: KnownJob, { limits, characteristic }: Assessment): Facts {
  const published = limits?.published;
  if (!published) return {};
  const twice = characteristic.sides && published.side === 'one-side' ? 2 : 1;
  const whole = (mm: number | null) => (mm === null ? null : twice * mm);
  const { gasket } = published;
  return {
    ...figureFact('face_lower', whole(published.lower_mm), 'sheet'),
    ...figureFact('face_upper', whole(published.upper_mm), 'sheet'),
    ...(characteristic.gasket
      ? {
          ...wordFact('gasket_measured', gasket === 'with-gasket' ? 'gasket' : 'bare', 'sheet'),
          ...wordFact('gasket_limit', gasket === 'bare' ? 'bare' : 'assembled', 'sheet'),
          ...figureFact('gasket', job.sheet.gasket_mm || null, 'sheet'),
        }
      : {}),
  };
}

/** Returns the depths of a floor with the hours at which they were read. */
function planeFacts({ job }: KnownJob, { tilt }: Characteristic): Facts {
  if (!tilt) return {};
  const places = placesOf(countedIn(job).ofSize(tilt.dimension), tilt.dimension);
  const points = places.map(({ station, value_mm }) => {
    const { x, y } = placementOf(job.sheet, tilt.dimension, station).probe;
    const hour = ((Math.atan2(x, -y) * 6) / Math.PI + 12) % 12;
    return { hour: Math.round(2 * hour) / 2 || 12, radius: Math.hypot(x, y), value_mm };
  });
  const row = (of: (point: (typeof points)[number]) => number, digits: number) =>
    points.map((point) => String(Number(of(point).toFixed(digits)))).join(' ');
  return {
    ...wordFact(
      'plane_hours',
      row(({ hour }) => hour, 1),
      'measured',
    ),
    ...wordFact(
      'plane_depths',
      row(({ value_mm }) => value_mm, 6),
      'measured',
    ),
    ...wordFact(
      'plane_radius',
      row(({ radius }) => radius, 2),
      'sheet',
    ),
    ...figureFact('plane_across', tilt.diameter_mm, 'sheet'),
  };
}

/** Lists what a vane's reach is made of, by how much of each size counts: half of ring and rotor, all of the eccentricity. */
const REACH = [
  { name: 'vane_ring', factor: -0.5, end: 'largest_mm' },
  { name: 'vane_rotor', factor: 0.5, end: 'smallest_mm' },
  { name: 'vane_off', factor: -1, end: 'largest_mm' },
] as const satisfies readonly { name: FactName; factor: number; end: End }[];

/** Returns what of a vane in its slot is known: the shortest vane, and the sizes of its reach as they count. */
function vaneFacts(known: KnownJob, { characteristic, limits }: Assessment): Facts {
  const { wears, terms = [] } = characteristic;
  if (!wears) return {};
  const { job, state } = known;
  const reach = REACH.map(({ name, factor, end }): Facts => {
    const size = terms.find((t) => t.factor === factor)?.dimension;
    const quantity = size && state.dimensions.get(size);
    // What is an example's is no size of this pump.
    if (!quantity || quantity.source === 'example') return {};
    const from = FROM[quantity.source] ?? 'sheet';
    return figureFact(name, Math.abs(factor) * quantity[end], from, quantity.u_mm);
  });
  return {
    ...sizeFact(known, 'vane_length', wears, 'smallest_mm'),
    ...figureFact('vane_new', nominalOf(job.sheet, wears), 'sheet'),
    ...(Object.assign({}, ...reach) as Facts),
    ...figureFact('vane_least', limits?.lower_mm || null, 'sheet'),
  };
}

/** Returns the sizes of an end play over a bridge. */
function bridgeFacts(known: KnownJob, { terms = [] }: Characteristic): Facts {
  const [depth, height, washer] = terms.map(({ dimension }) => dimension);
  if (terms.length !== 3 || !depth || !height || !washer) return {};
  return {
    ...placesFact(known, 'bridge_case', depth),
    ...placesFact(known, 'bridge_pump', height),
    ...sizeFact(known, 'bridge_washer', washer),
  };
}

/**
 * Returns what a job knows of one of its gaps, as sums ask for it.
 *
 * @param known the job and what its readings come to
 * @param id of the gap
 */
export function gapFacts(known: KnownJob, id: CharacteristicId): Facts {
  const assessment = known.state.characteristics.find((a) => a.characteristic.id === id);
  if (!assessment) return {};
  const { characteristic, parts } = assessment;
  // Of a total the gap itself is asked for by its sizes; what wears into it stands beside that.
  const base = parts[0] ?? assessment;
  const isLargest = hangsOnLargest(assessment);
  const sizes = sizeFacts(known, base.characteristic.terms ?? [], isLargest);
  const evidence = evidenceFacts(isLargest ? base.largest : base.smallest);
  return {
    ...(isWhole(sizes) || !evidence.gap_lo ? sizes : {}),
    ...(isWhole(sizes) && evidence.gap_lo ? {} : evidence),
    ...limitFacts(assessment),
    ...wearFact(parts),
    ...gasketFacts(known, assessment),
    ...figureFact('pitch_radius', characteristic.swing?.pitchRadius_mm, 'sheet'),
    ...planeFacts(known, characteristic),
    ...vaneFacts(known, assessment),
    ...bridgeFacts(known, characteristic),
  };
}
