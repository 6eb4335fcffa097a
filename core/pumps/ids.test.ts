import type { CharacteristicId, DimensionId } from './ids';

describe('ids', () => {
  it('are kept as plain text, and an id of one kind does not compile in place of another', () => {
    const written: DimensionId = 'pocket-depth';
    const dimension = written as DimensionId;
    // @ts-expect-error: a size is no clearance.
    const characteristic: CharacteristicId = dimension;
    expect(characteristic).toBe('pocket-depth');
  });
});
