import { characteristicId, dimensionId } from '../../core/pumps/ids';
import { leafEvidence, type FeelerReading, feel } from '../../core/methods/feeler';
import { overStations } from '../../core/methods/stations';
import { sizedEvidence } from '../../core/methods/sizedGap';
import type { DimensionalReading } from '../../core/methods/dimensional';
import { disagreeing } from '../../core/assessment/agreement';
import { extremesOf } from '../../core/feeler/extremes';
import { ladderOf } from '../../core/feeler/ladder';
import { characteristicOf, dimensionOf, gapsOf } from '../../core/pumps/registry';
import type { Even } from '../../core/random';
import { VELTRANE_T6 } from '../sheets';
import { drawnGauge, readBy, sizeAt } from '../../core/practice/gauge';

const FACE = characteristicOf(VELTRANE_T6, characteristicId('face-drive'));
const DEPTH = dimensionOf(VELTRANE_T6, dimensionId('pocket-depth'));
const WIDTH = dimensionOf(VELTRANE_T6, dimensionId('drive-width'));
const LEAVES = [0.03, 0.04, 0.05, 0.06, 0.07];
const LADDER = ladderOf({ leaves_mm: LEAVES, maxStack: 1 });
const WIDTH_MM = 20;

/**
 * Measures one face gap by honest leaves and by sizes, both at every place.
 *
 * @param off_mm by how much the sizes are off: nought where both are right
 * @returns whether they are said to disagree
 */
export function agreementTrial(
  plan: { readonly u_mm: number; readonly varies_mm: number; readonly off_mm: number },
  even: Even,
): boolean {
  const { u_mm, varies_mm, off_mm } = plan;
  const [depthMic, mic] = [drawnGauge(even, u_mm), drawnGauge(even, u_mm)];
  const gap_mm = 0.035 + 0.03 * even();
  const leaves: FeelerReading[] = [];
  const sizes: DimensionalReading[] = [];
  for (const { id } of DEPTH.stations) {
    const here_mm = gap_mm + varies_mm * even();
    const read_mm = readBy(depthMic, WIDTH_MM + here_mm + off_mm, even);
    sizes.push(sizeAt(DEPTH.id, id, `d-${id}`, read_mm, depthMic));
    if (!FACE.stations.some((s) => s.id === id)) continue;
    for (const leaf of LEAVES) {
      leaves.push({
        id: `l-${id}-${leaf * 1000}`,
        kind: 'leaf',
        at: '2026-11-20T09:00:00.000Z',
        by: '',
        instrument: '',
        characteristic: FACE.id,
        station: id,
        leaves_mm: [leaf],
        marked_mm: null,
        felt: feel(leaf, [here_mm, here_mm]),
        voided: null,
      });
    }
  }
  for (const { id } of WIDTH.stations) {
    sizes.push(sizeAt(WIDTH.id, id, `w-${id}`, readBy(mic, WIDTH_MM, even), mic));
  }
  const felt = overStations(leafEvidence(FACE, leaves, LADDER));
  const { extremes, reached } = sizedEvidence(gapsOf(FACE), sizes);
  if (!felt || !extremes || !reached) throw new Error('Nothing was measured.');
  return disagreeing([
    { source: 'leaves', extremes: extremesOf(felt) },
    { source: 'sizes', extremes, reached },
  ]);
}
