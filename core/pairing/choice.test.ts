import { partId, characteristicId, stationId, dimensionId, operationId } from '../pumps/ids';
import { stateOf } from '../guidance/evaluator';
import type { Job } from '../records/job';
import type { FeelerReading } from '../methods/feeler';
import { characteristicOf } from '../pumps/registry';
import { NEW_SHOP } from '../records/shop';
import { AT, freshId, withReadings } from '../testing/readings';
import { gearSet, shelfPart } from '../testing/shelf';
import { VELTRANE_T6 } from '../testing/sheets';
import { jobWithSizes } from '../testing/worked';
import { choicesFor } from './choice';
import { holds, lyingFor, metalOf, turns } from './roles';

const leafAt = (
  characteristic: string,
  station: string,
  mm: number,
  felt: FeelerReading['felt'],
): FeelerReading => ({
  kind: 'leaf',
  id: freshId(),
  at: AT,
  by: '',
  instrument: '',
  voided: null,
  characteristic: characteristicId(characteristic),
  station: stationId(station),
  leaves_mm: [mm],
  marked_mm: null,
  felt,
});
const SIZES = { 'pocket-depth': 20.09, 'drive-width': 20, 'driven-width': 20 };
const MOST = { deckCut_mm: 0.05, gearGrind_mm: 0.03 };
const choices = (shelf: Parameters<typeof choicesFor>[2], job: Job = jobWithSizes(SIZES)) =>
  choicesFor(job, stateOf(job), shelf, MOST);
const shelf = [
  gearSet('GS-1', 20.0),
  gearSet('GS-2', 20.05),
  gearSet('GS-3', 20.085),
  gearSet('GS-4', 19.9),
  gearSet('GS-5', 20.05, { state: 'taken' }),
  gearSet('GS-6', 20.05, { sheet: 'another' }),
];

describe('which set on the shelf brings a body in', () => {
  it('is the one that needs no cut, then the one that needs the least; those that do not fit come last', () => {
    const all = choices(shelf);
    expect(all.map((c) => [c.label, c.fit.fits])).toEqual([
      ['GS-2', true],
      ['GS-1', true],
      ['GS-3', true],
      ['GS-4', false],
    ]);
    expect(all[0]!.fit).toMatchObject({ deckCut_mm: 0, gearGrind_mm: 0 });
    const metal = all.flatMap(({ fit }) => (fit.fits ? [fit.deckCut_mm + fit.gearGrind_mm] : []));
    expect(metal).toEqual([...metal].sort((a, b) => a - b));
  });
  it('is of two that need no cut the one that lies deeper inside, and of two that miss the nearer', () => {
    const order = (...shelf: Parameters<typeof choicesFor>[2]) =>
      choices(shelf).map((c) => c.label);
    const [deep, edge] = [gearSet('GS-8', 20.043), gearSet('GS-9', 20.047)];
    const margins = choices([deep, edge]).map(({ fit }) => (fit.fits ? fit.margin_mm : -1));
    expect(margins[0]).toBeGreaterThan(margins[1] ?? 0);
    expect(order(deep, edge)).toEqual(order(edge, deep));
    const [near, far] = [gearSet('GS-6', 19.9), gearSet('GS-7', 19.5)];
    expect([order(near, far), order(far, near)]).toEqual([
      ['GS-6', 'GS-7'],
      ['GS-6', 'GS-7'],
    ]);
  });
  it('can be a width that is bought, by its nominal sizes', () => {
    const sets = [{ id: 'plus', name: 'Gear set +0.05', over_mm: 0.05, price: 100, days: 4 }];
    const nominal = ['drive-width', 'driven-width'].map((dimension) => ({
      dimension: dimensionId(dimension),
      value_mm: 20,
    }));
    const sheet = { ...VELTRANE_T6, sets, nominal };
    const job = jobWithSizes(SIZES, {}, sheet);
    const [best] = choices([gearSet('GS-1', 20)], job);
    expect(best).toMatchObject({ label: 'Gear set +0.05', shelf: null, price: 100, days: 4 });
    expect(best!.fit).toMatchObject({ fits: true, deckCut_mm: 0 });
    // What lies there already costs nothing.
    expect(choices([gearSet('GS-2', 20.05)], job)[0]).toMatchObject({ label: 'GS-2' });
  });
  it('cannot be told before the body was measured', () => {
    const [choice] = choices([gearSet('GS-1', 20)], jobWithSizes({}));
    expect(choice?.fit).toMatchObject({ fits: false, why: 'unmeasured' });
  });
  it('can be told from a gap by leaves, where the gears that it was read over were measured', () => {
    const gears = jobWithSizes({ 'drive-width': 20, 'driven-width': 20 });
    const tried = characteristicOf(VELTRANE_T6, characteristicId('face-drive')).stations.flatMap(
      ({ id }) => [leafAt('face-drive', id, 0.08, 'free'), leafAt('face-drive', id, 0.1, 'no-go')],
    );
    const job = withReadings(gears, ...tried);
    // The pocket is 20.08 to 20.10 deep: gears of 20.05 leave 0.03 to 0.05.
    const all = choices([gearSet('GS-1', 20.0), gearSet('GS-2', 20.05)], job);
    expect(all[0]).toMatchObject({ label: 'GS-2', fit: { fits: true, deckCut_mm: 0 } });
    const [wide] = all.filter(({ label }) => label === 'GS-1');
    expect(wide?.fit.fits && wide.fit.deckCut_mm).toBeGreaterThan(0.005);
  });
  it('works the other way round: which body suits these gears', () => {
    const bodies = [
      shelfPart('HB-1', ['body'], { 'pocket-depth': 20.3 }),
      shelfPart('HB-2', ['body'], { 'pocket-depth': 20.045 }),
    ];
    expect(choices(bodies).map((c) => [c.label, c.fit.fits])).toEqual([
      ['HB-2', true],
      ['HB-1', false],
    ]);
  });
  it('leaves the metal on a body that the sheet says has to stay', () => {
    const metal = [{ dimension: dimensionId('pocket-depth'), least_mm: 20.085, most_mm: null }];
    const job = jobWithSizes(SIZES, {}, { ...VELTRANE_T6, metal });
    const [choice] = choices([gearSet('GS-1', 20)], job);
    expect(choice?.fit).toMatchObject({ fits: false, why: 'gap' });
  });
});

describe('the parts on a shelf', () => {
  it('are told apart by what they do in a pump', () => {
    const body = { id: 'b', parts: [partId('body')], variant: null, sizes: [] };
    const set = { ...body, parts: ['drive', 'driven'].map(partId) };
    expect([holds(VELTRANE_T6, body), turns(VELTRANE_T6, body)]).toEqual([true, false]);
    expect([holds(VELTRANE_T6, set), turns(VELTRANE_T6, set)]).toEqual([false, true]);
    expect(turns(VELTRANE_T6, { ...body, parts: [partId('cover')] })).toBe(false);
    expect(lyingFor(shelf, VELTRANE_T6).map((p) => p.label)).toEqual([
      'GS-1',
      'GS-2',
      'GS-3',
      'GS-4',
    ]);
  });
  it('may lose as much metal as the shop takes off, and none where it does not do so', () => {
    const usual = metalOf(VELTRANE_T6, NEW_SHOP);
    expect(usual.deckCut_mm).toBeGreaterThan(0);
    const never = {
      id: operationId('deck-faced'),
      by: 'never' as const,
      minutes: 0,
      setup: 0,
      price: 0,
      days: 0,
      least_mm: null,
      most_mm: 1,
      tool: '',
      check: '',
      caution: '',
    };
    expect(metalOf(VELTRANE_T6, { operations: [never] }).deckCut_mm).toBe(0);
  });
});
