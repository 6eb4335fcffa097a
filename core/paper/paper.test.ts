import { assessJob, Evaluator } from '../guidance/evaluator';
import { expectedSize } from '../instruments/gauges';
import { ledgerOf } from '../journal/ledger';
import { emptyJob } from '../practice/job';
import type { Job } from '../records/job';
import { NEW_SHOP } from '../records/shop';
import { stamp } from '../testing/findings';
import { limit, mostOnly, tried } from '../testing/mostOnly';
import { AT } from '../testing/readings';
import { EVERY_BUILD } from '../testing/builds';
import { SHEETS } from '../testing/sheets';
import { paperBlocks } from './blank';
import { boxId, takePaper, typedFrom, type PaperCells, type PaperRoom } from './typed';
import { METHOD } from '../methods/list';

const PAPER = '2026-11-03T12:00:00.000Z';
const roomAt = (more: Partial<PaperRoom> = {}): PaperRoom => ({
  instruments: NEW_SHOP.instruments,
  zeros: [],
  unit: 'mm',
  evaluator: new Evaluator(),
  made: { ...stamp(), at: PAPER },
  ...more,
});
const blocksOf = (job: Job, way: 'leaf' | 'size' = 'leaf') => paperBlocks(job, assessJob(job), way);
const type = (job: Job, cells: PaperCells, more: Partial<PaperRoom> = {}, believed?: Set<string>) =>
  typedFrom(job, blocksOf(job), cells, roomAt(more), believed);

/** A front pump with one end clearance and its hub in its bushing limited. */
const JOB = emptyJob(
  { ...mostOnly(), limits: [limit('face-drive', 0.02, 0.08), limit('hub-bushing', 0.03, 0.12)] },
  AT,
);
/** The box of the first place at which the bushing is read, and that place. */
const [BORE] = blocksOf(JOB).flatMap((b) =>
  b.places.filter(({ dimension }) => dimension?.id === 'bushing-bore'),
);
const BORE_BOX = boxId(BORE!, 'figure');
const NEAR = String(expectedSize(JOB.sheet, BORE!.dimension!)! + 0.05);
const leaf = (station: string, box: 'goes' | 'refused') => `leaf/face-drive/${station}/${box}`;

describe('a blank page', () => {
  it('has what is limited and what its totals rest on, in the order of the work', () => {
    const blocks = blocksOf(JOB);
    expect(blocks.map((b) => [b.assessment.characteristic.id, b.way])).toEqual([
      ['face-drive', 'leaf'],
      ['hub-bushing', 'size'],
      ['cover-wear', 'leaf'],
    ]);
    expect(blocks[0]!.places.map(({ station }) => station.id)).toEqual(['12', '6', '3', '9']);
  });
  it('has everything where nothing is published, and each box once', () => {
    for (const sheet of EVERY_BUILD) {
      for (const way of ['leaf', 'size'] as const) {
        const blocks = blocksOf(emptyJob(sheet, AT), way);
        const boxes = blocks.flatMap((b) =>
          b.places.flatMap((place) => METHOD[b.way].paper.map((box) => boxId(place, box))),
        );
        expect(blocks.length).toBeGreaterThan(5);
        expect(new Set(boxes).size).toBe(boxes.length);
      }
    }
  });
  it('is by sizes where that is wanted, a size of two gaps once', () => {
    const sheet = { ...mostOnly() };
    const places = blocksOf(emptyJob(sheet, AT), 'size').flatMap((b) => b.places);
    const depths = places.filter(({ dimension }) => dimension?.id === 'pocket-depth');
    expect(depths.length).toBe(new Set(depths.map(({ station }) => station.id)).size);
  });
});

describe('a page that is typed in', () => {
  it('becomes typed readings with the paper’s date, place by place', () => {
    const cells = {
      [leaf('12', 'goes')]: '0.05',
      [leaf('12', 'refused')]: '0.07',
      [leaf('6', 'refused')]: '.03',
      [BORE_BOX]: NEAR,
    };
    const { readings, wrong, doubted } = type(JOB, cells);
    expect([wrong.size, doubted.size]).toEqual([0, 0]);
    expect(readings.map((r) => [r.kind, r.station, r.at])).toEqual([
      ['leaf', '12', PAPER],
      ['leaf', '12', PAPER],
      ['leaf', '6', PAPER],
      ['size', BORE!.station.id, PAPER],
    ]);
    expect(readings.map((r) => (r.kind === 'leaf' ? r.felt : r.kind))).toEqual([
      ...['free', 'no-go', 'no-go', 'size'],
    ]);
    const after = takePaper(readings, new Evaluator())(JOB, stamp());
    expect(ledgerOf(after).readings).toHaveLength(4);
    const gap = assessJob(after).find((a) => a.characteristic.id === 'face-drive')!;
    expect(gap.stations[0]!.bounds.smallest).toMatchObject({ lo: 0.05, hi: 0.07 });
  });
  it('says at its box what cannot be read, and takes the rest', () => {
    const cells = {
      [leaf('12', 'goes')]: 'abc',
      [leaf('3', 'goes')]: '0.0512',
      [leaf('6', 'goes')]: '0.05',
    };
    const { readings, wrong } = type(JOB, cells);
    expect(readings.map((r) => r.station)).toEqual(['6']);
    expect([...wrong.keys()]).toEqual([leaf('12', 'goes'), leaf('3', 'goes')]);
    expect(wrong.get(leaf('3', 'goes'))).toContain('cannot make 0.05');
  });
  it('takes nothing that contradicts what is there, or itself', () => {
    const read = tried(JOB, 'face-drive', [[0.05, 'free']], ['12']);
    const against = type(read, { [leaf('12', 'refused')]: '0.04' });
    expect(against.readings).toEqual([]);
    expect(against.wrong.get(leaf('12', 'refused'))).toContain('contradicts 0.05 mm free');
    const itself = type(JOB, { [leaf('12', 'goes')]: '0.05', [leaf('12', 'refused')]: '0.04' });
    expect(itself.readings.map((r) => r.kind === 'leaf' && r.felt)).toEqual(['free']);
    expect([...itself.wrong.keys()]).toEqual([leaf('12', 'refused')]);
  });
  it('takes what is hard to believe only where a person stands by it', () => {
    const id = BORE_BOX;
    const first = type(JOB, { [id]: '4.2' });
    expect([first.readings.length, [...first.doubted.keys()]]).toEqual([0, [id]]);
    const again = type(JOB, { [id]: '4.2' }, {}, new Set([id]));
    expect([again.readings.length, again.doubted.size]).toEqual([1, 0]);
  });
  it('rests on no zero that was checked after the paper', () => {
    const zero = (at: string) => ({
      instrument: 'bore-gauge',
      at,
      by: '',
      standard_mm: 40,
      read_mm: 40.01,
    });
    const cells = { [BORE_BOX]: NEAR };
    const later = type(JOB, cells, { zeros: [zero('2026-11-20T08:00:00.000Z')] });
    expect(later.readings[0]).toMatchObject({ zero: 'never', offset_mm: 0 });
    const before = type(JOB, cells, { zeros: [zero('2026-11-03T08:00:00.000Z')] });
    expect(before.readings[0]).toMatchObject({ zero: 'zeroed', offset_mm: 0.01 });
  });
  it('reads thou as a shop in thou writes them, mic’d leaves by what is marked on them', () => {
    const feeler = { ...JOB.feeler, mics: [{ leaf_mm: 0.05, mic_mm: 0.052 }] };
    const job = { ...JOB, feeler };
    const { readings } = type(job, { [leaf('12', 'goes')]: '0.05 mm' }, { unit: 'thou' });
    expect(readings[0]).toMatchObject({ leaves_mm: [0.052], marked_mm: [0.05] });
  });
  it('goes by a dial where a check is measured by one', () => {
    const sheet = { ...SHEETS[0]!, limits: [limit('backlash', 0.1, 0.4)] };
    const job = emptyJob(sheet, AT);
    const [block] = blocksOf(job);
    expect(block?.way).toBe('swing');
    const id = boxId(block!.places[0]!, 'figure');
    expect(type(job, { [id]: '0.22' }).readings[0]).toMatchObject({ kind: 'swing', at: PAPER });
  });
});
