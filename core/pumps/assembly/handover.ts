import type { PumpKind } from '../registry';

/** Says what is watched on a pump of a kind once it runs. */
const WATCH = {
  any: [
    'Inlet clean, hose firm, right oil, new filter.',
    'Short bursts at first, no load. No prime: stop.',
    'A whine comes from the inlet, a crackle from air in the oil.',
    'Look at joints, seal and drain again after the first hot run.',
  ],
  transmission: [
    'Flush the cooler after metal, and check the level hot.',
    'Look again after the first day of work; new filter at the first service.',
  ],
  engine: [
    'No start before the oil pressure is up: prime it by drill, or crank without firing.',
    'Change oil and filter after the first 10 hours, and cut the filter open.',
  ],
  hydraulic: [
    'The relief is set low at first, and raised once the oil is warm and free of air.',
    'Change the filter after the first 50 hours, and cut it open.',
  ],
  air: [
    'Vanes may need speed to fly out: run it up without load.',
    'Look at the vanes again after the first 100 hours.',
  ],
} as const;

/** Says what a pump is in, where that is plain from what it is. */
const USE: Readonly<Record<string, keyof typeof WATCH>> = {
  crescent: 'transmission',
  'variable-vane': 'transmission',
  'vacuum-vane': 'air',
};

/**
 * Returns what is watched in the first hours of a pump where its sheet says nothing of its own.
 *
 * @param pump its family and its geometry
 */
export function watchLinesOf({ family, geometry }: PumpKind): readonly string[] {
  const { use, build } = geometry as { readonly use?: string; readonly build?: string };
  if (use === 'front-pump') return [...WATCH.any, ...WATCH.transmission];
  if (use === 'oil-pump' || build === 'oil') return [...WATCH.any, ...WATCH.engine];
  return [...WATCH.any, ...WATCH[USE[family] ?? 'hydraulic']];
}
