import type { PartId } from '@/core/pumps/ids';
import type { GaugeKind } from '@/core/pumps/family';
import type { OwnCharacteristic, OwnWay } from '@/core/pumps/own';
import type { Sheet } from '@/core/records/sheet';
import type { Reader } from './formReader';

/** A sheet's own check as text: its places with a semicolon between, its sizes one by one. */
export interface OwnFields {
  id: string;
  name: string;
  part: PartId;
  way: OwnWay;
  places: string;
  first: string;
  firstTool: GaugeKind;
  second: string;
  secondTool: GaugeKind;
  convention: string;
  caution: string;
}

/** An own check that nobody has described yet. */
export const newOwn = (id: string, part: PartId): OwnFields => ({
  id,
  part,
  name: '',
  way: 'size',
  places: '',
  convention: '',
  caution: '',
  first: '',
  firstTool: 'caliper',
  second: '',
  secondTool: 'caliper',
});

/** How many sizes each way reads. */
export const SIZES_OF: Readonly<Record<OwnWay, number>> = {
  leaf: 0,
  swing: 0,
  size: 1,
  difference: 2,
};

export const toOwnForm = (own: readonly OwnCharacteristic[]): OwnFields[] =>
  own.map(({ sizes: [first, second], places, ...rest }) => ({
    ...rest,
    places: places.join('; '),
    first: first?.name ?? '',
    firstTool: first?.instrument ?? 'caliper',
    second: second?.name ?? '',
    secondTool: second?.instrument ?? 'caliper',
  }));

const split = (text: string): string[] =>
  text
    .split(/[;\n]/)
    .map((place) => place.trim())
    .filter(Boolean);

/** What the form says of a sheet's own checks; what is missing is noted with its path. */
export const fromOwnForm = (own: readonly OwnFields[], read: Reader): Sheet['own'] =>
  own.map((o, i) => {
    const path = `own.${i}`;
    const name = o.name.trim();
    if (name === '') read.wrong(`${path}.name`, 'A check needs a name.');
    const sizes = [
      { field: 'first', name: o.first.trim(), instrument: o.firstTool },
      { field: 'second', name: o.second.trim(), instrument: o.secondTool },
    ].slice(0, SIZES_OF[o.way]);
    for (const size of o.way === 'difference' ? sizes : []) {
      if (size.name === '') read.wrong(`${path}.${size.field}`, 'Name the size that is read.');
    }
    const places = split(o.places);
    return {
      id: o.id,
      part: o.part,
      name,
      way: o.way,
      places: places.length > 0 ? places : ['once'],
      sizes: sizes.map((size) => ({ name: size.name || name, instrument: size.instrument })),
      convention: o.convention.trim(),
      caution: o.caution.trim(),
    };
  });
