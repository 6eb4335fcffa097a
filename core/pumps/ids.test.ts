import { dimensionId, type CharacteristicId, type DimensionId } from './ids';

describe('ids', () => {
  it('are kept as plain text, and no other text compiles in their place', () => {
    const dimension = dimensionId('pocket-depth');
    expect(dimension).toBe('pocket-depth');
    // @ts-expect-error: the id of a size is no id of a clearance.
    const characteristic: CharacteristicId = dimension;
    // @ts-expect-error: plain text is no id: only a mint function makes one.
    const text: DimensionId = 'pocket-depth';
    expect([characteristic, text]).toEqual(['pocket-depth', 'pocket-depth']);
  });
});
