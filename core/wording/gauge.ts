import type { GaugeKind } from '../pumps/family';

/** The kinds of instrument as people call them. */
export const GAUGE_NAME: Readonly<Record<GaugeKind, string>> = {
  'outside-mic': 'Outside mic',
  'depth-mic': 'Depth mic',
  'bore-gauge': 'Bore gauge',
  indicator: 'Dial indicator',
  caliper: 'Caliper',
  'height-gauge': 'Height gauge',
};
