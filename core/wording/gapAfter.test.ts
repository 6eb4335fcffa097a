import type { Verdict } from '../metrology/verdict';
import { characteristicId } from '../pumps/ids';
import { characteristicOf } from '../pumps/registry';
import { limit } from '../testing/mostOnly';
import { VELTRANE_T6 } from '../testing/sheets';
import { gapAfter } from './gapAfter';

const gap = (
  verdict: Verdict,
  ends: readonly [lower_mm: number | null, upper_mm: number | null] | null,
  from: 'family' | 'shop' | null = null,
  id = 'face-drive',
) => ({
  characteristic: characteristicOf(VELTRANE_T6, characteristicId(id)),
  limits: ends && {
    lower_mm: ends[0],
    upper_mm: ends[1],
    preferred: null,
    published: limit(id, ...ends),
  },
  least: from && { mm: 0.012, from },
  verdict,
});
const at = (low_mm: number, high_mm = low_mm + 0.01) => ({ low_mm, high_mm });

/** Holds where a gap lay before work: as tight as 10 µm. */
const BEFORE = at(0.01);

describe('a gap after work', () => {
  const window = [0.02, 0.06] as const;
  it.each([
    ['closed by it', gap('in', window), at(-0.01), true, 'out', 'closed: it locks'],
    [
      'that nothing runs in and that is below nought',
      gap('in', window, null, 'pump-to-unit'),
      ...([at(-0.01), true, 'out', 'goes out'] as const),
    ],
    [
      'under the least of its kind',
      gap('out', [null, 0.06], 'family'),
      ...([at(0.01), true, 'out', 'under the app’s least value'] as const),
    ],
    [
      'under the least of the shop',
      gap('out', [null, 0.06], 'shop'),
      ...([at(0.01), true, 'out', 'under the shop’s least value'] as const),
    ],
    ['that stays too close', gap('close', window), null, true, 'close', 'still too close to call'],
    ['that stays out', gap('out', window), at(0.07), true, 'out', 'still out'],
    ['that was in', gap('in', window), at(0.07), true, 'out', 'goes out'],
    ['that it leaves in', gap('in', window), at(0.03), false, 'in', 'stays in'],
    ['that it brings in', gap('out', window), at(0.03), false, 'in', 'will be in'],
    [
      'that new parts may leave out',
      gap('out', window),
      ...([at(0.03, 0.07), false, 'close', 'in with most new parts: measure it in hand'] as const),
    ],
    [
      'without a limit',
      gap('open', null, 'family'),
      ...([at(0.03, Infinity), false, 'open', 'no limit; stays clear'] as const),
    ],
    [
      'without a limit that was tight before',
      gap('open', null, 'family'),
      ...([at(0.01, Infinity), false, 'open', 'no limit; no tighter than it was'] as const),
    ],
    [
      'without a limit that new parts may make tighter',
      gap('open', null, 'family'),
      ...([
        at(0.002, Infinity),
        false,
        'open',
        'no limit; clear with most new parts: measure it in hand',
      ] as const),
    ],
    [
      'of which the upper end is not known',
      gap('open', window),
      ...([at(0.03, Infinity), false, 'open', 'not all measured; stays clear'] as const),
    ],
  ] as const)('%s', (_, a, after, isOut, verdict, words) => {
    expect(gapAfter(a, BEFORE, after, isOut)).toEqual({ verdict, words });
  });
});
