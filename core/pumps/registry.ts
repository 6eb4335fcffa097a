import type { CharacteristicId, DimensionId, StationId } from './ids';
import { InputError } from '../errors';
import { faultsOf } from '../schema/faults';
import { DESCRIBED } from '../schema/fields';
import { crescent } from './crescent';
import { externalGear } from './external-gear';
import type { Characteristic, Dimension, Placement, PumpFamily, PumpModel, Term } from './family';
import { fixedVane } from './fixed-vane';
import { gerotor } from './gerotor';
import { hasEndPlay, withMount, type Mount } from './mount';
import { withOwn, type OwnCharacteristic } from './own';
import type { Surface, Teardown } from './teardown/teardown';
import { vacuumVane } from './vacuum-vane';
import { variableVane } from './variable-vane';
import { say } from '../wording/say';

/**
 * Has every pump family that the app knows, in the order in which they are offered. Each stands behind a function: a
 * screen is of one pump, and what draws and measures the others need not be read for it.
 */
const FAMILY: Readonly<Record<string, () => unknown>> = {
  crescent: () => crescent,
  gerotor: () => gerotor,
  'external-gear': () => externalGear,
  'variable-vane': () => variableVane,
  'fixed-vane': () => fixedVane,
  'vacuum-vane': () => vacuumVane,
};

/** Lists the ids of the pump families, in the order in which they are offered. */
export const FAMILY_IDS: readonly string[] = Object.keys(FAMILY);

/**
 * Returns a pump family by its id; undefined where there is none of that name.
 *
 * @param id of a family
 * @example
 * findFamily('crescent').id; // 'crescent'
 * findFamily('hand-pump'); // undefined
 */
export const findFamily = (id: string | undefined): PumpFamily | undefined =>
  id !== undefined && Object.hasOwn(FAMILY, id) ? (FAMILY[id]?.() as PumpFamily) : undefined;

/**
 * Returns every pump family that the app knows, in the order in which they are offered.
 *
 * @example
 * families().length; // 6
 */
export const families = (): PumpFamily[] => FAMILY_IDS.map(familyOf);

/**
 * Returns a pump family by its id.
 *
 * @param id of a family
 * @throws InputError on `family` where there is none of that name
 * @example
 * familyOf('gerotor').id; // 'gerotor'
 * familyOf('hand-pump'); // throws hand-pump
 */
export function familyOf(id: string): PumpFamily {
  const family = findFamily(id);
  if (!family) {
    const message = say('geometry.unknownFamily', { id });
    throw new InputError('family', 'unknown-family', message, { id });
  }
  return family;
}

/**
 * Tells whether a family can take a geometry at all, however odd a pump it makes.
 *
 * @param family of pumps
 * @param geometry what is said of one
 * @example
 * isPump(familyOf('gerotor'), {}); // false
 */
export const isPump = (family: PumpFamily, geometry: unknown): boolean =>
  family.geometry.isValidSync(geometry, { strict: true, context: DESCRIBED });

/**
 * Returns what of a geometry cannot be, by the field at which it is said.
 *
 * @param pump its family and its geometry
 * @param context `DESCRIBED` for a pump that was described before
 * @example
 * problemsOf({ family: 'gerotor', geometry: {} }).length > 0; // true
 */
export function problemsOf(
  { family, geometry }: PumpKind,
  context: object = {},
): { field: string; message: string }[] {
  const faults = faultsOf(familyOf(family).geometry, geometry, context);
  return faults.map(({ path, message }) => ({ field: path, message }));
}

/** Describes what says which pump it is: a sheet does. */
export interface PumpKind {
  readonly family: string;
  readonly geometry: object;
  /** Lists what the sheet asks for beyond what the family does. */
  readonly own?: readonly OwnCharacteristic[];
  /** Says which part lies on the transmission; null or absent where nobody said. */
  readonly mount?: Mount | null;
}

const NO_OWN: readonly OwnCharacteristic[] = [];

/**
 * Works something out of a pump once for its geometry and what its sheet adds; neither is ever changed,
 * only replaced.
 *
 * @param work is handed the pump; what it returns is kept
 */
export function oncePerPump<T>(work: (pump: Required<PumpKind>) => T): (pump: PumpKind) => T {
  interface Known {
    readonly family: string;
    readonly own: readonly OwnCharacteristic[];
    readonly mount: Mount | null;
    readonly result: T;
  }
  const known = new WeakMap<object, Known>();
  return ({ family, geometry, own = NO_OWN, mount = null }) => {
    const last = known.get(geometry);
    const same = last?.family === family && last.mount === mount && sameOwn(last.own, own);
    if (same) return last.result;
    const result = work({ family, geometry, own, mount });
    known.set(geometry, { family, own, mount, result });
    return result;
  };
}

/** Tells whether two lists are the same; empty ones are, wherever they came from. */
const sameOwn = (a: readonly OwnCharacteristic[], b: readonly OwnCharacteristic[]): boolean =>
  a === b || (a.length === 0 && b.length === 0);

/** Returns what there is to measure on a pump. */
export const pumpOf = oncePerPump<PumpModel>(({ family, geometry, own, mount }) =>
  withOwn(withMount(familyOf(family).model(geometry), mount), own),
);

/**
 * Tells whether a pump sits in a transmission: one of its parts is mounted on it.
 *
 * @param pump its family, its geometry and what its sheet adds
 */
export const sitsInTransmission = (pump: PumpKind): boolean => hasEndPlay(pumpOf(pump));

/** Returns what is taken apart, looked at and renewed on a pump. */
export const teardownOf = oncePerPump<Teardown>(({ family, geometry }) =>
  familyOf(family).teardown(geometry),
);

/**
 * Returns where things lie to measure a characteristic or a dimension of a pump at a station.
 *
 * @param pump its family, its geometry and what its sheet adds
 * @param target a characteristic or a dimension
 * @param station the place on the pump
 */
export function placementOf(
  pump: PumpKind,
  target: CharacteristicId | DimensionId,
  station: StationId,
): Placement {
  const { characteristics, dimensions } = pumpOf(pump);
  // A further section is drawn as the first.
  const { first = target } =
    [...characteristics, ...dimensions].find(({ id }) => id === target) ?? {};
  return familyOf(pump.family).placement(pump.geometry, first, station);
}

/**
 * Returns the name of a kind of part, or of one part; its id where the pump knows none of that.
 *
 * @param pump its family, its geometry and what its sheet adds
 * @param id of a part or a kind of part
 */
export function partName(pump: PumpKind, id: string): string {
  const { parts, kinds } = pumpOf(pump);
  return [...kinds, ...parts].find((p) => p.id === id)?.name ?? id;
}

/**
 * Names what a surface is on: its part; several alike go by the name of the surface.
 *
 * @param pump its family, its geometry and what its sheet adds
 * @param surface its name, and the parts that it is on
 */
export function ownerName(pump: PumpKind, { name, parts }: Surface): string {
  const [only, ...others] = parts;
  const part = pumpOf(pump).parts.find(({ id }) => id === only);
  return part && others.length === 0 ? part.name : name;
}

const unknown = (what: 'characteristic' | 'dimension', id: string): InputError =>
  new InputError(what, `unknown-${what}`, say('geometry.unknownPart', { id }), { id });

/**
 * Returns a characteristic of a pump by its id.
 *
 * @param pump its family, its geometry and what its sheet adds
 * @param id of the characteristic
 * @throws InputError on `characteristic` where the pump has none of that name
 */
export function characteristicOf(pump: PumpKind, id: CharacteristicId): Characteristic {
  const found = pumpOf(pump).characteristics.find((c) => c.id === id);
  if (!found) throw unknown('characteristic', id);
  return found;
}

/**
 * Returns a dimension of a pump by its id.
 *
 * @param pump its family, its geometry and what its sheet adds
 * @param id of the dimension
 * @throws InputError on `dimension` where the pump has none of that name
 */
export function dimensionOf(pump: PumpKind, id: DimensionId): Dimension {
  const found = pumpOf(pump).dimensions.find((d) => d.id === id);
  if (!found) throw unknown('dimension', id);
  return found;
}

/**
 * Returns the gaps that sizes give a characteristic: one, or several that are judged as one.
 *
 * @param c the characteristic
 * @example
 * const terms = [
 *   { dimension: 'depth', factor: 1 },
 *   { dimension: 'width', factor: -1 },
 * ];
 * gapsOf({ terms }); // [[{ dimension: 'depth' }, { dimension: 'width' }]]
 * gapsOf({}); // []
 */
export function gapsOf(c: Characteristic): readonly (readonly Term[])[] {
  return c.terms ? [c.terms, ...(c.besides ?? [])] : [];
}

/**
 * Returns the dimensions that a characteristic is worked out from.
 *
 * @param c the characteristic
 * @example
 * const terms = [
 *   { dimension: 'depth', factor: 1 },
 *   { dimension: 'width', factor: -1 },
 * ];
 * dimensionsFor({ terms }); // ['depth', 'width']
 */
export function dimensionsFor(c: Characteristic): DimensionId[] {
  const terms = gapsOf(c).flatMap((gap) => gap.map((t) => t.dimension));
  return [...new Set([...terms, ...(c.tilt ? [c.tilt.dimension] : [])])];
}

/**
 * Tells whether two gaps should be about the same on a sound pump: the same gap of another section, or
 * that of another part beside the same face or bore.
 *
 * @param a a characteristic
 * @param b another of the same pump
 * @example
 * const face = (id, width) => ({
 *   id,
 *   stations: [{}],
 *   terms: [
 *     { dimension: 'depth', factor: 1 },
 *     { dimension: width, factor: -1 },
 *   ],
 * });
 * areSisters(face('drive', 'driveWidth'), face('driven', 'drivenWidth')); // true
 */
export function areSisters(a: Characteristic, b: Characteristic): boolean {
  if (a.id === b.id || a.stations.length === 0 || b.stations.length === 0) return false;
  if (a.first === b.first) return true;
  const wider = (c: Characteristic) => c.terms?.find(({ factor }) => factor > 0)?.dimension;
  return wider(a) !== undefined && wider(a) === wider(b);
}
