import { dimensionId, type CharacteristicId, type DimensionId } from './ids';

describe('ids', () => {
  it('are kept as plain text, and no other text compiles in their place', () => {
    const dimension = dimensionId('pocket-depth');
    expect(dimension).toBe('pocket-depth');
    // @ts-expect-error: a size is no clearance.
    const characteristic: CharacteristicId = dimension;
    // @ts-expect-error: any text is no size.
    const text: DimensionId = 'pocket-depth';
    expect([characteristic, text]).toEqual(['pocket-depth', 'pocket-depth']);
  });
});
