import type { ShapeRole } from '../pumps/family';
import type { Ink } from './figure';

/** Says of which colour each shape of a pump's drawing is. */
export const SHAPE_INK: Readonly<Record<ShapeRole, Ink>> = {
  housing: 'casting',
  pocket: 'plate',
  driven: 'steelDeep',
  drive: 'steel',
  crescent: 'casting',
  track: 'steel',
  hole: 'plate',
  thread: 'plate',
  vane: 'vane',
  port: 'plate',
  chamber: 'worked',
};
