/** Names the check that asks which port is larger. */
export const LARGER_PORT = 'larger-port';

/** Lists its answers: where the larger port is, shaft end towards you, shaft gear uppermost. */
export const PORTS_BY_SIZE = ['the left one', 'the right one', 'both the same'] as const;

export type Rotation = 'clockwise' | 'anticlockwise';

/**
 * Returns the rotation of an external gear pump, looking at its shaft end: oil goes round the outside of the gears, so
 * with the shaft gear uppermost an inlet at the left turns it clockwise.
 *
 * @param shaftGear which of the two gears the shaft drives
 * @param inlet on which side the inlet is
 * @example
 * rotationOf('top', 'left'); // 'clockwise'
 * rotationOf('bottom', 'left'); // 'anticlockwise'
 */
export const rotationOf = (shaftGear: 'top' | 'bottom', inlet: 'left' | 'right'): Rotation =>
  (shaftGear === 'top') === (inlet === 'left') ? 'clockwise' : 'anticlockwise';

/**
 * Returns the other way to turn.
 *
 * @param rotation the way that it turns now
 * @example
 * otherWay('clockwise'); // 'anticlockwise'
 */
export const otherWay = (rotation: Rotation): Rotation =>
  rotation === 'clockwise' ? 'anticlockwise' : 'clockwise';
