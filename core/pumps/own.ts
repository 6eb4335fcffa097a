import type { PartId } from './ids';
import type { Characteristic, Dimension, GaugeKind, PumpModel, Station } from './family';
import { clearance, dimension, fit, place, sizeAlone } from './measures';

/** The ways in which a sheet's own characteristic can be measured. */
export const OWN_WAYS = ['leaf', 'size', 'difference', 'swing'] as const;
export type OwnWay = (typeof OWN_WAYS)[number];

/** Says how many sizes each way reads. */
export const SIZES_OF: Readonly<Record<OwnWay, number>> = {
  leaf: 0,
  swing: 0,
  size: 1,
  difference: 2,
};

/** A size that an own characteristic is read from: its name, and what reads it. */
export interface OwnSize {
  readonly name: string;
  readonly instrument: GaugeKind;
}

/** Something that a sheet asks to be measured beyond what its family does. */
export interface OwnCharacteristic {
  readonly id: string;
  readonly name: string;
  /** The part that it is of. */
  readonly part: PartId;
  readonly way: OwnWay;
  /** Names the places where it is measured, a word or two each; one at least. */
  readonly places: readonly string[];
  /** One for a size, two for a difference: the second is taken off the first. */
  readonly sizes: readonly OwnSize[];
  /** Says what the reading means, where two readings of it are common. */
  readonly convention: string;
  readonly caution: string;
}

/** Returns the id that an own characteristic has in the pump's model. */
export const ownId = (id: string): string => `own-${id}`;

const stationsOf = ({ places }: OwnCharacteristic, what: string): Station[] =>
  places.map((label, i) => place(`place-${i + 1}`, label, `${what}: ${label}.`));

const sizeId = (own: OwnCharacteristic, i: number): string => `${ownId(own.id)}-${i + 1}`;

const dimensionsOf = (own: OwnCharacteristic): Dimension[] =>
  own.sizes.map(({ name, instrument }, i) =>
    dimension({
      id: sizeId(own, i),
      name,
      part: own.part,
      instrument,
      stations: stationsOf(own, name),
      ...(own.caution ? { caution: own.caution } : {}),
    }),
  );

/** Describes what is present of an own characteristic, by the way in which it is measured. */
const WAYS: Readonly<Record<OwnWay, (own: OwnCharacteristic) => Partial<Characteristic>>> = {
  leaf: (own) => ({ stations: stationsOf(own, own.name) }),
  swing: (own) => ({ swing: { stations: stationsOf(own, own.name) } }),
  size: (own) => sizeAlone(sizeId(own, 0)),
  difference: (own) => ({ terms: fit(sizeId(own, 0), sizeId(own, 1)) }),
};

const characteristicFrom = (own: OwnCharacteristic): Characteristic =>
  clearance({
    id: ownId(own.id),
    name: own.name,
    convention: own.convention || 'as the sheet says',
    ...(own.caution ? { caution: own.caution } : {}),
    ...WAYS[own.way](own),
  });

/** Returns a list of what is measured with what a sheet adds, each on the section of its part. */
function withSections<T extends Characteristic | Dimension>(
  { parts }: PumpModel,
  own: readonly OwnCharacteristic[],
  make: (own: OwnCharacteristic) => readonly T[],
): T[] {
  return own.flatMap((o) => {
    const section = parts.find(({ id }) => id === o.part)?.section ?? null;
    return make(o).map((item) => ({ ...item, section }));
  });
}

/** Returns a pump's model with what its sheet asks for beside it, at the end of the work. */
export function withOwn(model: PumpModel, own: readonly OwnCharacteristic[]): PumpModel {
  if (own.length === 0) return model;
  return {
    ...model,
    characteristics: [
      ...model.characteristics,
      ...withSections(model, own, (o) => [characteristicFrom(o)]),
    ],
    dimensions: [...model.dimensions, ...withSections(model, own, dimensionsOf)],
  };
}
