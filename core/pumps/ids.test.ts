import type { CharacteristicId, DimensionId } from './ids';

describe('ids', () => {
  it('are written down as any text, and one kind is no other', () => {
    const written: DimensionId = 'pocket-depth';
    const dimension = written as DimensionId;
    // @ts-expect-error: a size is no clearance.
    const characteristic: CharacteristicId = dimension;
    expect(characteristic).toBe('pocket-depth');
  });
});
