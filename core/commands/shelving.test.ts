import { partId, dimensionId } from '../pumps/ids';
import { stateOf } from '../guidance/evaluator';
import { ledgerOf } from '../journal/ledger';
import { decode } from '../records/decode';
import type { Job } from '../records/job';
import { AT } from '../testing/readings';
import { gearSet } from '../testing/shelf';
import { jobWithSizes } from '../testing/worked';
import { readingsCsv } from '../report/csv';
import { workWords } from '../wording/reading';
import { explain } from '../wording/verdict';
import { pastWords } from '../wording/worked';
import { fitFromShelf, placesFor } from './shelving';

const MADE = { id: 'made', at: AT, by: 'Ivo K.', voided: null };
const SET = gearSet('GS-12', 20.04);
const base = jobWithSizes({ 'pocket-depth': 20.09, 'drive-width': 20, 'driven-width': 20 });
const by = (shelf: Job['rules']['shelf']): Job =>
  fitFromShelf(SET)({ ...base, rules: { ...base.rules, shelf } }, MADE);
const face = (job: Job) =>
  stateOf(job).characteristics.find((a) => a.characteristic.id === 'face-drive')!;

describe('a gear set from the shelf', () => {
  it('takes the place of each of its parts, and stands in the journal by its label', () => {
    const job = by('again');
    expect(ledgerOf(job).operations.map((o) => [o.part, o.work, o.piece?.label])).toEqual([
      ['drive', 'exchanged', 'GS-12'],
      ['driven', 'exchanged', 'GS-12'],
    ]);
    expect(workWords(job.sheet, ledgerOf(job).operations[0]!, 'mm')).toMatch(
      /replaced with GS-12 from the shelf/,
    );
    expect(decode('job', job)).toEqual(job);
  });
  it('is read again where the house wants it so: until then its sizes say what to expect', () => {
    const job = by('again');
    expect(stateOf(job).dimensions.get(dimensionId('drive-width'))).toMatchObject({
      best_mm: 20.04,
      u_mm: 0.002,
      readings: 0,
      source: 'shelf',
    });
    const { verdict, largest, predicted } = face(job);
    expect([verdict, largest]).toEqual(['open', null]);
    expect(predicted?.largest).toMatchObject({ value_mm: expect.closeTo(0.05, 9) as number });
    expect(explain(face(job), job.sheet, 'mm')).toMatch(/should be 0\.05/i);
    // Nothing was known of the gap before: what to expect is said all the same.
    const fresh = jobWithSizes({ 'pocket-depth': 20.09 });
    const only = face(fitFromShelf(SET)({ ...fresh, rules: job.rules }, MADE));
    expect(explain(only, job.sheet, 'mm')).toMatch(/Should be 0\.05.* by the sizes that are known/);
    expect(pastWords(only, 'mm')).toMatch(/^Predicted 0\.05.* Measure it again\.$/);
  });
  it('counts as read where the house trusts the label, with its doubt at every place', () => {
    const job = by('trust');
    expect(decode('job', job)).toEqual(job);
    expect(stateOf(job).dimensions.get(dimensionId('drive-width'))).toMatchObject({
      best_mm: 20.04,
      u_mm: 0.002,
      source: 'measured',
    });
    expect(face(job).verdict).toBe('in');
    expect(face(job).largest).toMatchObject({ value_mm: expect.closeTo(0.05, 9) as number });
    expect(readingsCsv(job)).toMatch(/GS-12,shelf,size/);
  });
  it('moves with the work that is done on it since', () => {
    const ground = {
      ...MADE,
      id: 'ground',
      kind: 'operation' as const,
      part: partId('drive'),
      work: 'ground' as const,
      changes: [{ dimension: dimensionId('drive-width'), by_mm: -0.01, u_mm: 0.001 }],
      step: null,
      piece: null,
      make: '',
      remark: '',
    };
    const { voided: _, ...entry } = ground;
    const job = by('again');
    const after = { ...job, journal: [...job.journal, entry] };
    expect(stateOf(after).dimensions.get(dimensionId('drive-width'))).toMatchObject({
      best_mm: expect.closeTo(20.03, 9) as number,
      source: 'worked',
    });
  });
  it('of another pump has no place in this one', () => {
    expect(placesFor(base, { ...SET, parts: [partId('rotor')] })).toEqual([]);
    expect(fitFromShelf({ ...SET, parts: [partId('rotor')] })(base, MADE).journal).toEqual(
      base.journal,
    );
  });
});
