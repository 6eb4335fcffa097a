import { surfaceId, partId, kindId } from '../pumps/ids';
import { noteDefect } from '../commands/noting';
import { fitFromShelf } from '../commands/shelving';
import { withVoided } from '../journal/commands';
import { ledgerOf } from '../journal/ledger';
import type { Job } from '../records/job';
import { AT, sized, withReadings } from '../testing/readings';
import { gearSet } from '../testing/shelf';
import { jobWithSizes } from '../testing/worked';
import { piecesFrom } from './piece';

const pieceFrom = (job: Job, parts: string[]) => piecesFrom(job, [parts.map(partId)])[0]!;
const made = (id: string) => ({ id, at: AT, by: 'Ivo K.', voided: null });
const base = jobWithSizes({ 'pocket-depth': 20.09, 'drive-width': 20, 'driven-width': 20.01 });

describe('what a pump gives up', () => {
  it('is the part that is in it, with the sizes that were read of it', () => {
    expect(pieceFrom(base, ['drive', 'driven'])).toMatchObject({
      parts: ['drive', 'driven'],
      sizes: [
        { dimension: 'drive-width', value_mm: 20 },
        { dimension: 'driven-width', value_mm: 20.01 },
      ],
    });
    expect(pieceFrom(base, ['cover']).sizes).toEqual([]);
  });
  it('is the one before where another was put in, as it was then', () => {
    const after = fitFromShelf(gearSet('GS-12', 20.04))(base, made('fit'));
    expect(pieceFrom(after, ['drive'])).toEqual(pieceFrom(base, ['drive']));
    // What was struck out stays so, whenever that was done.
    const [reading] = ledgerOf(base).readings.filter(
      (r) => r.kind === 'size' && r.dimension === 'drive-width',
    );
    const again = withReadings(base, sized(base, 'drive-width', 'a', 25));
    const wrong = again.journal.at(-1)!.id;
    const fitted = fitFromShelf(gearSet('GS-12', 20.04))(again, made('fit'));
    const struck = withVoided(fitted, [wrong], { at: AT, by: '', why: 'slip' });
    expect(reading).toBeDefined();
    expect(pieceFrom(struck, ['drive']).sizes).toEqual(pieceFrom(base, ['drive']).sizes);
  });
  it('doubts a size that is uneven: its places are spread over their range', () => {
    const uneven = withReadings(
      jobWithSizes({}),
      ...['12', '6'].map((at, i) => sized(base, 'pocket-depth', at, 20.09 + i * 0.012)),
    );
    const [size] = pieceFrom(uneven, ['body']).sizes;
    const [even] = pieceFrom(base, ['body']).sizes;
    expect(size!.value_mm).toBeCloseTo(20.096, 9);
    expect(size!.u_mm).toBeCloseTo(Math.hypot(even!.u_mm, 0.006 / Math.sqrt(3)), 6);
  });
  it('brings along what was found on it, and of which variant it is', () => {
    const found = noteDefect({
      surface: surfaceId('drive-face'),
      defect: 'scored',
      nail: 'catches',
      depth_mm: 0.02,
      spot: null,
      proposed: 'replace',
      why: '',
      decided: 'replace',
      remark: '',
    })(base, made('found'));
    const mixed = {
      ...found,
      variant: 'early',
      mixed: [{ part: kindId('drive'), variant: 'late' }],
    };
    expect(pieceFrom(mixed, ['drive'])).toMatchObject({
      variant: 'late',
      findings: [{ surface: 'drive-face', depth_mm: 0.02 }],
    });
    expect(pieceFrom(mixed, ['body'])).toMatchObject({ variant: 'early', findings: [] });
  });
});
