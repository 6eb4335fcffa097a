import { dimensionId, characteristicId } from '../pumps/ids';
import type { Assessment } from '../assessment/assessment';
import { VELTRANE_T6 } from '../testing/sheets';
import { characteristicOf } from '../pumps/registry';
import type { Estimate } from '../metrology/estimate';
import { NO_PAST } from '../assessment/past';
import { estimateText, hotText, rangeText, shownExtremes } from './figures';
import { explain } from './verdict';

const bracket = (lo_mm: number, hi_mm: number | null): Estimate => ({
  kind: 'interval',
  lo_mm,
  hi_mm,
});
const value = (value_mm: number, u_mm: number): Estimate => ({ kind: 'value', value_mm, u_mm });

const assessed = (part: Partial<Assessment>): Assessment => ({
  ...NO_PAST,
  characteristic: characteristicOf(VELTRANE_T6, characteristicId('face-drive')),
  limits: { lower_mm: 0.02, upper_mm: 0.06, preferred: null, published: VELTRANE_T6.limits[0]! },
  least: null,
  under: false,
  band: null,
  stations: [],
  soFar: null,
  smallest: bracket(0.03, 0.04),
  largest: bracket(0.048, 0.05),
  source: { smallest: 'leaves', largest: 'leaves' },
  both: false,
  disagree: false,
  missing: [],
  tilt: null,
  touches: [],
  zero: null,
  parts: [],
  neglected: [],
  skipped: [],
  verdict: 'in',
  probability: 1,
  heatShift_mm: null,
  ...part,
});
const say = (part: Partial<Assessment>, unit: 'mm' | 'thou' = 'mm') =>
  explain(assessed(part), VELTRANE_T6, unit);

describe('a size that leaves bound', () => {
  const value = { kind: 'value', value_mm: 0.0864, u_mm: 0.013 } as const;
  const cut = { ...value, within: { lo_mm: 0.064, hi_mm: 0.076 } };
  it('is written as what both leave, cold and hot', () => {
    expect(estimateText(cut, 'mm')).toBe('0.064–0.076');
    expect(estimateText({ ...value, within: { lo_mm: 0, hi_mm: 0.3 } }, 'mm')).toBe(
      '0.086 ± 0.026',
    );
    expect(hotText({ smallest: cut, largest: cut }, 0.01, 'mm')).toBe('0.074–0.086');
  });
});

describe('the reason of a verdict', () => {
  it('names the side with the least to spare', () => {
    expect(say({})).toMatch(/largest.* 0\.048–0\.05 .*0\.06/i);
    expect(say({ smallest: bracket(0.021, 0.025) })).toMatch(/smallest.* 0\.021–0\.025 .*0\.02/i);
  });
  it('names the side that is broken', () => {
    expect(
      say({ verdict: 'out', smallest: bracket(0, null), largest: bracket(0.07, null) }),
    ).toMatch(/largest.* ≥ 0\.07 .*0\.06/i);
    expect(say({ verdict: 'out', smallest: bracket(0.01, 0.015) })).toMatch(
      /smallest.* 0\.01–0\.015 .*0\.02/i,
    );
  });
  it('gives a value with twice its uncertainty, in the shop’s unit', () => {
    const sized = { smallest: value(0.0508, 0.00254), largest: value(0.0508, 0.00254) };
    expect(say(sized, 'thou')).toMatch(/ 2 ± 0\.2 .*2\.36/);
  });
  it('asks for no finer instrument where what is known contradicts itself', () => {
    const sized = { smallest: value(0.05, 0.002), largest: value(0.05, 0.002) };
    const close = { ...sized, verdict: 'close', probability: null } as const;
    expect(say({ ...close, disagree: true })).toBe(
      'Largest 0.05 ± 0.004 mm, limit 0.06 mm. Two methods disagree. Check for oil, burrs and zero.',
    );
    const at = { id: 't', at: '2026-11-20T09:00:00.000Z', by: '', station: '12', felt: 'rocks' };
    const touches = [at] as unknown as Assessment['touches'];
    expect(say({ ...close, touches })).toBe(
      'Largest 0.05 ± 0.004 mm, limit 0.06 mm. A fit that is in does not rock: measure it again. By hand: it rocks.',
    );
    expect(say({ both: true, source: { smallest: 'hand', largest: 'hand' } })).toContain(
      'Measured two ways. The test by hand narrows it most.',
    );
  });
  it('says of close how likely it is, and what would tell', () => {
    const close = say({
      verdict: 'close',
      probability: 0.43,
      missing: [dimensionId('pocket-depth'), dimensionId('drive-width')],
    });
    expect(close).toMatch(/43%/);
    expect(close).toMatch(/Pocket depth.*Drive gear width/);
    const nothingMore = say({ verdict: 'close', probability: 0.5 });
    expect(nothingMore).toMatch(/50%/);
    expect(nothingMore).not.toMatch(/depth|width/);
  });
  it('says of open what is known so far', () => {
    const soFar = { smallest: bracket(0.03, null), largest: bracket(0.04, null) };
    expect(say({ verdict: 'open', soFar })).toMatch(/≥ 0\.03/);
  });
  it('is plain about what was not measured', () => {
    expect(say({ smallest: null, largest: null, verdict: 'open' })).not.toMatch(/\d/);
  });
});

describe('what is shown of a gap', () => {
  it('runs from its smallest to its largest', () => {
    expect(rangeText({ smallest: bracket(0.03, 0.04), largest: bracket(0.05, 0.06) }, 'mm')).toBe(
      '0.03–0.06',
    );
    expect(rangeText({ smallest: value(0.05, 0.001), largest: value(0.05, 0.001) }, 'mm')).toBe(
      '0.05 ± 0.002',
    );
    expect(estimateText(bracket(0.05, null), 'mm')).toBe('≥ 0.05');
    expect(rangeText({ smallest: bracket(0, null), largest: bracket(0.11, null) }, 'mm')).toBe(
      'largest ≥ 0.11',
    );
    expect(rangeText({ smallest: bracket(0, null), largest: bracket(0, null) }, 'mm')).toBe('–');
  });
  it('is what was tried as long as it is open, all of it after that', () => {
    const soFar = { smallest: bracket(0.03, 0.04), largest: bracket(0.03, 0.04) };
    expect(shownExtremes(assessed({ verdict: 'open', soFar }))).toBe(soFar);
    expect(shownExtremes(assessed({ verdict: 'in', soFar }))?.largest).toEqual(
      bracket(0.048, 0.05),
    );
    expect(shownExtremes(assessed({ smallest: null, largest: null }))).toBeNull();
  });
});
