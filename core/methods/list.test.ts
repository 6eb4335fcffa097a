import { crescent } from '../pumps/crescent';
import { pumpOf } from '../pumps/registry';
import { METHOD_IDS, methodOf, stationsFor, type MethodId } from './list';

const PUMP = pumpOf({ family: crescent.id, geometry: crescent.example });

describe('the methods', () => {
  it('know the places of each reading by what it is of', () => {
    for (const kind of METHOD_IDS) {
      for (const c of PUMP.characteristics) {
        for (const { station, dimension } of methodOf(kind).places(PUMP, c)) {
          const of = dimension ? { kind, dimension: dimension.id } : { kind, characteristic: c.id };
          expect(stationsFor(PUMP, of).map((s) => s.id)).toContain(station.id);
        }
      }
    }
  });
  it.each(['weighed', 'constructor', '__proto__'])(
    'have no place for a reading that is %s',
    (kind) => {
      const characteristic = PUMP.characteristics[0]!.id;
      expect(stationsFor(PUMP, { kind: kind as MethodId, characteristic })).toEqual([]);
    },
  );
});
