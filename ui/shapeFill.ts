import type { ShapeRole } from '@/core/pumps/family';
import type { Palette } from './theme';

/** The colour of each shape of a pump's drawing. */
export const SHAPE_FILL: Readonly<Record<ShapeRole, keyof Palette>> = {
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
