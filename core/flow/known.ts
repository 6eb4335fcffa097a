import type { Assessment } from '../assessment/assessment';
import { heatShift } from '../assessment/heat';
import type { Quantity } from '../assessment/quantity';
import type { Extremes } from '../metrology/extremes';
import { FIT_BORES, type FlowOptions, type LeakWay } from '../pumps/flow';
import { flowOf } from '../pumps/flows';
import { dimensionId, partId, type CharacteristicId, type DimensionId } from '../pumps/ids';
import { dimensionOf, pumpOf } from '../pumps/registry';
import { onSectionId } from '../pumps/sections';
import { materialOf, nominalOf } from '../records/sizesSaid';
import type { Sheet } from '../records/sheet';
import { even, type Gap } from './gap';
import { pathsOf, type SectionPath } from './model';
import { anywhere, spreadOf, type KnownGap } from './spread';

/** Says where a gap is known from: read; moved by work that was done or is planned; the sheet's limits; a usual range. */
export type GapFrom = 'measured' | 'predicted' | 'limits' | 'example';

/** A gap of the pump as it counts for its flow. */
export interface FlowGap {
  readonly known: KnownGap;
  readonly from: GapFrom;
}

/** Says what is known of a gap at a moment, by what was read, or should be by work; null for nothing. */
export type Standing = (
  a: Assessment,
) => { readonly extremes: Extremes; readonly from: GapFrom } | null;

const pick = ({ smallest, largest }: Pick<Assessment, 'smallest' | 'largest'>): Extremes | null =>
  smallest && largest ? { smallest, largest } : null;

const as = (from: GapFrom, extremes: Extremes | null) => extremes && { extremes, from };

/**
 * Returns what a gap is now: as it was read; where work was done and nobody read it since, as that should have left it.
 *
 * @param a its assessment
 * @example
 * const read = { kind: 'interval', lo_mm: 0.04, hi_mm: 0.05 };
 * standingNow({ smallest: read, largest: read }).from; // 'measured'
 * standingNow({ smallest: null, largest: null, predicted: null }); // null
 */
export const standingNow: Standing = (a) => as('measured', pick(a)) ?? as('predicted', a.predicted);

/**
 * Returns what a gap was before any work on it.
 *
 * @param a its assessment
 * @example
 * const read = { kind: 'interval', lo_mm: 0.04, hi_mm: 0.05 };
 * standingBefore({ work: [{}], before: { smallest: read, largest: read } }).from; // 'measured'
 * standingBefore({ work: [{}], before: null }); // null
 */
export const standingBefore: Standing = (a) =>
  a.work.length > 0 ? as('measured', a.before) : as('measured', pick(a));

/** Tells whether both ends of a gap were read at once: at one place, or as sizes of which each was read once. */
const isOneReading = (
  { smallest, largest }: Extremes,
  { stations }: Pick<Assessment, 'stations'>,
) =>
  JSON.stringify(smallest) === JSON.stringify(largest) &&
  (smallest.kind === 'value' || stations.filter(({ tries }) => tries.length > 0).length < 2);

/** Returns a gap by the limits that are published for it; null where there is no upper one. */
function byLimits({ limits }: Assessment): FlowGap | null {
  if (limits?.upper_mm == null) return null;
  return { known: anywhere(limits.lower_mm ?? 0, limits.upper_mm), from: 'limits' };
}

/** Returns a gap as it counts: read or predicted, else by its limits, else by its usual range; null for none of these. */
function gapOf(
  a: Assessment | undefined,
  standing: Standing,
  usual_mm: readonly [number, number] | null,
): FlowGap | null {
  const told = a && standing(a);
  if (a && told) {
    const upper_mm = a.limits?.upper_mm ?? null;
    const { smallest, largest } = told.extremes;
    const known: KnownGap = {
      smallest: spreadOf(smallest, upper_mm),
      largest: spreadOf(largest, upper_mm),
      isOne: isOneReading(told.extremes, a),
    };
    return { known, from: told.from };
  }
  const published = a ? byLimits(a) : null;
  if (published) return published;
  return usual_mm && { known: anywhere(...usual_mm), from: 'example' };
}

/** A path of a pump: plain data, so that another thread can be handed it. */
export interface KnownPath extends Pick<SectionPath, 'id' | 'section' | 'wear'> {
  readonly way: LeakWay;
}

/** Everything that is known of a pump's gaps at a moment. */
export interface KnownGaps {
  readonly paths: readonly KnownPath[];
  /** Gives every gap that counts, wear among them. */
  readonly gaps: ReadonlyMap<CharacteristicId, FlowGap>;
  /** Gives what a gasket adds to a gap in the pump as it is assembled, in mm. */
  readonly gaskets: ReadonlyMap<CharacteristicId, Gap>;
  /** Gives by how much a gap grows with each kelvin over 20 °C, in mm. */
  readonly growth: ReadonlyMap<CharacteristicId, number>;
  /** Lists the paths of which nobody knows what heat does to them: a material is missing. */
  readonly cold: readonly CharacteristicId[];
}

/** Temperature at which gaps are measured, in °C. */
const MEASURED_AT_C = 20;

/** Returns what heat adds to a path's gap with each kelvin, in mm; null where a size or a material is missing. */
function growthOf(sheet: Sheet, { id, path, section }: SectionPath): number | null {
  if (path.isWear) return 0;
  if (path.grows) {
    const alpha = (part: string) =>
      materialOf(sheet, onSectionId(partId(part), section))?.alpha_per_K ?? NaN;
    const mm = path.grows(sheet.geometry, alpha);
    return Number.isFinite(mm) ? mm : null;
  }
  const terms = pumpOf(sheet).characteristics.find((c) => c.id === id)?.terms;
  const shift = heatShift(sheet, terms);
  const [first] = terms ?? [];
  if (shift === null || !first) return null;
  const hot_C = materialOf(sheet, dimensionOf(sheet, first.dimension).part)?.hot_C ?? MEASURED_AT_C;
  return hot_C === MEASURED_AT_C ? 0 : shift / (hot_C - MEASURED_AT_C);
}

/** Returns what a gasket adds to a gap that was measured bare, in mm; nought for one measured with it in. */
const gasketOf = (sheet: Sheet, { characteristic, limits }: Assessment): number =>
  characteristic.gasket && limits?.published?.gasket !== 'with-gasket' ? sheet.gasket_mm : 0;

/** Gives every gap of a pump that counts, wear among them, as it is at a moment. */
function gapsAt(
  paths: readonly SectionPath[],
  all: readonly Assessment[],
  standing: Standing,
): Map<CharacteristicId, FlowGap> {
  const assessed = new Map(all.map((a) => [a.characteristic.id, a]));
  const gaps = new Map<CharacteristicId, FlowGap>();
  for (const { id, wear, path } of paths) {
    const gap = gapOf(assessed.get(id), standing, path.usual_mm);
    if (!gap) continue;
    gaps.set(id, gap);
    for (const one of wear) {
      const worn = gapOf(assessed.get(one), standing, null);
      if (worn) gaps.set(one, worn);
    }
  }
  return gaps;
}

/**
 * Returns what is known of the gaps of a pump at a moment.
 *
 * @param sheet of the pump
 * @param all the assessments of its characteristics
 * @param standing returns what a gap is at that moment
 */
export function knownGaps(
  sheet: Sheet,
  all: readonly Assessment[],
  standing: Standing = standingNow,
): KnownGaps {
  const paths = pathsOf(sheet);
  const gaps = gapsAt(paths, all, standing);
  const assessed = new Map(all.map((a) => [a.characteristic.id, a]));
  const gaskets = new Map<CharacteristicId, Gap>();
  const growth = new Map<CharacteristicId, number>();
  const cold: CharacteristicId[] = [];
  for (const path of paths.filter(({ id }) => gaps.has(id))) {
    const a = assessed.get(path.id);
    const gasket = a ? gasketOf(sheet, a) : 0;
    if (gasket > 0) gaskets.set(path.id, even(gasket));
    const grows = growthOf(sheet, path);
    if (grows === null) cold.push(path.id);
    else growth.set(path.id, grows);
  }
  const plain = paths.map(({ id, section, wear, path }) => ({ id, section, wear, way: path.way }));
  return { paths: plain, gaps, gaskets, growth, cold };
}

/**
 * Returns what is known of the gaps of a pump at another moment: what heat and gaskets do to them stays.
 *
 * @param known at one moment
 * @param sheet of the pump
 * @param all the assessments of its characteristics
 * @param standing returns what a gap is at the other moment
 */
export const gapsAtOther = (
  known: KnownGaps,
  sheet: Sheet,
  all: readonly Assessment[],
  standing: Standing,
): KnownGaps => ({ ...known, gaps: gapsAt(pathsOf(sheet), all, standing) });

/** Tells whether a size is this pump's own: read, or moved by work since, or come with a part from the shelf. */
const isOwn = (q: Quantity | undefined): q is Quantity =>
  q !== undefined && q.source !== 'nominal' && q.source !== 'example';

/** A geometry as it counts for the flow of one section. */
export interface FlowGeometry {
  readonly geometry: object;
  /** Lists the fields that were measured on this pump. */
  readonly measured: readonly string[];
  /** Lists the fields that the displacement needs and nobody said: they are an example's. */
  readonly missing: readonly string[];
  /** Lists the fields that it needs. */
  readonly needs: readonly string[];
}

/**
 * Returns the geometry of a section with the sizes that were measured of it in place of the sheet's.
 *
 * @param sheet of the pump
 * @param dimensions what is known of its sizes
 * @param section from 1
 */
export function flowGeometry(
  sheet: Sheet,
  dimensions: ReadonlyMap<DimensionId, Quantity>,
  section = 1,
): FlowGeometry {
  const { sizes, needs } = flowOf(sheet.family);
  const fields = pumpOf(sheet).dimensions.filter(
    (d) => d.field !== undefined && (d.section ?? 1) === section,
  );
  const measured = new Map<string, number>();
  const said = new Set<string>();
  const take = (field: string, id: DimensionId) => {
    const quantity = dimensions.get(id);
    if (isOwn(quantity)) measured.set(field, quantity.best_mm);
    else if (nominalOf(sheet, id) !== undefined) said.add(field);
  };
  // Several sizes may be one field: the family says which of them counts.
  const named = sizes as Readonly<Record<string, string>>;
  for (const [field, size] of Object.entries(named)) {
    take(field, onSectionId(dimensionId(size), section));
  }
  for (const { field = '', id } of fields) {
    if (!(field in named) && !measured.has(field)) take(field, id);
  }
  const missing = needs.filter(
    (field) => sheet.examples.includes(field) && !measured.has(field) && !said.has(field),
  );
  return {
    geometry: { ...sheet.geometry, ...Object.fromEntries(measured) },
    measured: [...measured.keys()],
    missing,
    needs,
  };
}

/**
 * Returns what of a pump is not in its geometry and counts for its flow.
 *
 * @param sheet of the pump
 * @param dimensions what is known of its sizes
 */
export function flowOptions(
  sheet: Sheet,
  dimensions: ReadonlyMap<DimensionId, Quantity>,
): FlowOptions {
  const known = Object.entries(FIT_BORES).flatMap(([option, size]) => {
    const quantity = dimensions.get(dimensionId(size));
    return quantity && quantity.source !== 'example' ? [[option, quantity.best_mm] as const] : [];
  });
  return {
    loadedBlocks: sheet.flow.loadedBlocks ?? false,
    ...(Object.fromEntries(known) as Partial<Record<keyof typeof FIT_BORES, number>>),
  };
}
