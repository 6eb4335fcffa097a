import type { HistorySide } from './answer';
import type { PastFigure } from './past';
import { sayHistory } from './say';
import {
  aboutWords,
  handWords,
  limitWords,
  makeWords,
  outcomeWords,
  spreadWords,
  standingSentence,
  trendWords,
  wearWords,
  type Told,
} from './sentences';
import { standing } from '../workshop/standing';
import { nineInTen } from './nineInTen';
import { controlChart } from './control';

const TOLD: Told = { name: 'End clearance', kind: 'gap', unit: 'mm' };
const figures = (...all: number[]): PastFigure[] =>
  all.map((mm, i) => ({
    id: `j-${i}`,
    tag: `T-${i}`,
    day: `2026-${String((i % 12) + 1).padStart(2, '0')}-10`,
    mm,
    used: null,
    usedUnit: 'h',
    isBack: false,
    makes: new Map(),
  }));
const side = (own_mm: number | null, ...all: number[]): HistorySide => ({
  figures: figures(...all),
  over: [],
  columns: [],
  median: standing(all, 0).median,
  nine: nineInTen(all),
  standing: own_mm === null ? null : standing(all, own_mm),
});
const says = (own_mm: number | null, ...all: number[]) =>
  standingSentence(side(own_mm, ...all), 'came', TOLD, own_mm);

describe('where a pump stands, in a sentence', () => {
  it('is true with no pump, one and several, and with and without this one', () => {
    expect(says(null)).toBe('Nothing measured by this shop yet.');
    expect(says(0.05)).toBe('No other pump of this model was measured yet.');
    expect(standingSentence(side(0.05), 'went', TOLD, 0.05)).toBe(
      'No pump of this model has gone out with this measured yet.',
    );
    expect(says(null, 0.05)).toBe('One pump measured.');
    expect(says(null, 0.05, 0.06)).toBe('2 pumps measured.');
    expect(says(0.07, 0.05)).toBe('Wider than the one before it.');
    expect(says(0.04, 0.05)).toBe('Tighter than the one before it.');
    expect(says(0.07, 0.05, 0.06, 0.08)).toBe('Wider than 2 of our 3.');
    expect(says(0.055, 0.05, 0.06, 0.08)).toBe('Tighter than 2 of our 3.');
    expect(says(0.05, 0.05, 0.05)).toBe('The same as our 2.');
  });
  it('is larger or smaller for a size', () => {
    const size: Told = { ...TOLD, kind: 'size' };
    expect(standingSentence(side(21, 20, 20), 'came', size, 21)).toBe('Larger than 2 of our 2.');
    expect(standingSentence(side(19, 20, 20), 'came', size, 19)).toBe('Smaller than 2 of our 2.');
  });
  it('says of how many nobody knows how wide they were', () => {
    const about = (...over: number[]) =>
      aboutWords({ ...side(null, 0.05), over: figures(...over) }, 'came', TOLD);
    expect(about()).toMatch(/five at least are needed\.$/);
    expect(about(0.09)).toMatch(/One more is only known to be over 0\.09 mm: it is in none/);
    expect(about(0.12, 0.09)).toMatch(/2 more are only known to be over 0\.09 mm or wider/);
    // With no figure beside them it is no more of anything, and something was measured.
    const alone = (...over: number[]) => ({ ...side(null), over: figures(...over) });
    const head = (...over: number[]) => standingSentence(alone(...over), 'went', TOLD, 0.05);
    expect(head(0.09)).toBe('One pump was measured: it is only known to be over 0.09 mm.');
    expect(head(0.12, 0.09)).toBe(
      '2 pumps were measured: they are only known to be over 0.09 mm or wider.',
    );
    expect(aboutWords(alone(0.09), 'went', TOLD)).toBe('End clearance, as it went out.');
  });
  it('concludes nothing below five', () => {
    expect(spreadWords(side(null), TOLD)).toBe('');
    expect(spreadWords(side(null, 0.05), TOLD)).toMatch(/^It was 0\.05 mm\. One says little/);
    expect(spreadWords(side(null, 0.05, 0.06), TOLD)).toMatch(
      /^From 0\.05 mm to 0\.06 mm\. So few/,
    );
    expect(spreadWords(side(null, 0.05, 0.05, 0.06, 0.07, 0.07), TOLD)).toBe(
      'Median 0.06 mm; nine in ten lie between 0.05 and 0.07 mm.',
    );
  });
});

describe('what came of it, in a sentence', () => {
  it('counts what came back, of all and by the limit', () => {
    const back = (out: number, n: number) => sayHistory('history.backAll', { out, back: n });
    expect(back(0, 0)).toBe('No pump has gone out yet.');
    expect(back(1, 0)).toBe('One pump went out; it has not come back.');
    expect(back(1, 1)).toBe('One pump went out; it came back.');
    expect(back(31, 0)).toBe('None of 31 that went out came back.');
    expect(back(31, 1)).toBe('One of 31 that went out came back within a year.');
    expect(back(31, 4)).toBe('4 of 31 that went out came back within a year.');
    expect(outcomeWords({ over: 0, overBack: 0, within: 31, withinBack: 4 })).toBe(
      'None went out over the limit. 31 went out at it or under; 4 of them came back.',
    );
    expect(outcomeWords({ over: 1, overBack: 1, within: 1, withinBack: 0 })).toBe(
      'One went out over the limit; it came back. One went out at it or under; it did not come back.',
    );
  });
  it('says of a maker no more than its number tells', () => {
    const group = { make: 'Hollin', figures: figures(0.05, 0.05), median: 0.05, back: 0 };
    expect(makeWords({ ...group, than: null }, TOLD)).toBe(
      'Median 0.05 mm in 2 pumps; none came back. Too few to compare: five of each are needed.',
    );
    expect(makeWords({ ...group, than: { by: -0.008, p: 0.01 } }, TOLD)).toMatch(
      /0\.008 mm tighter/,
    );
    const size: Told = { ...TOLD, kind: 'size' };
    expect(makeWords({ ...group, than: { by: 0.008, p: 0.01 } }, size)).toMatch(
      /0\.008 mm larger than the others/,
    );
    expect(makeWords({ ...group, than: { by: 0.008, p: 0.2 } }, TOLD)).toMatch(/may be chance\.$/);
  });
  it('supports no limit by nothing, one or four', () => {
    const of = (held: number) => limitWords({ limit: null, held }, TOLD);
    expect(of(0)).toMatch(/no pump has gone out with this measured and held/);
    expect(of(1)).toMatch(/one pump that held is too few/);
    expect(of(4)).toMatch(/4 pumps that held are too few/);
    const limit = { n: 6, limit: 0.085, from: 0.078, to: 0.094 };
    expect(limitWords({ limit, held: 6 }, TOLD)).toMatch(
      /^No limit is published\. The 6 that went out .* support 0\.085 mm as a working limit \(0\.078 to 0\.094 mm\)\./,
    );
  });
  it('says how long wear takes only where there is a limit, and at the limit that it is there', () => {
    const wear = { perThousand_mm: 0.01, interval_mm: null, n: 1, from: 'own', unit: 'h' } as const;
    expect(wearWords({ wear: null, left: null }, 0.08, TOLD)).toBe('');
    expect(wearWords({ wear, left: null }, null, TOLD)).toBe(
      'It wore 0.01 mm in 1000 h since this pump’s visit before.',
    );
    expect(wearWords({ wear, left: 1734 }, 0.08, TOLD)).toMatch(
      /about 1700 h more to its limit of 0\.08 mm/,
    );
    expect(wearWords({ wear, left: 0 }, 0.08, TOLD)).toMatch(
      /It is at its limit of 0\.08 mm already, or over it\.$/,
    );
  });
  it('says of time that it is steady, drifts or jumps', () => {
    const trend = (...all: number[]) =>
      trendWords({ came: side(null, ...all), chart: controlChart(all) }, 'gap');
    const even = Array.from({ length: 12 }, (_, i) => (i % 2 ? 0.05 : 0.052));
    expect(trend(0.05, 0.06)).toMatch(/^Eight pumps at least/);
    expect(trend(...even)).toMatch(/^Steady/);
    expect(trend(...even, ...Array.from({ length: 8 }, (_, i) => 0.07 + (i % 2) / 500))).toMatch(
      /^The last 8 all lie over the middle: since Jan 2026 they come wider\./,
    );
    const shifted = [...even, ...even.map((mm) => mm - 0.02)];
    expect(
      trendWords({ came: side(null, ...shifted), chart: controlChart(shifted) }, 'size'),
    ).toMatch(/they come smaller\./);
    const wild = [0.5, 0.4, 0.6, 0.45, 0.55, 0.7].flatMap((mm) => [...even, mm]);
    expect(trend(...wild)).toMatch(/differ: .*, and 2 before them\.$/);
    expect(trend(...even, 0.2)).toMatch(
      /Beyond the dashed lines, by more than pumps differ: T-12\.$/,
    );
  });
});

describe('what a hand scatters, in a sentence', () => {
  const chart = { figures: [], days: [], centre: 0, lower: 0, upper: 0 };
  const says = (p: number | null, ...beyond: number[]) =>
    handWords(
      { name: 'Ann', n: 24, s_mm: 0.0018, p, chart: { ...chart, beyond } },
      { s_mm: 0.0012, freedom: 40 },
      (mm) => `${Math.round(mm * 1e4) / 10} µm`,
    );

  it('does not call it the same where it may only be chance, and tells of single pairs beyond', () => {
    expect(says(0.2)).toBe(
      'Ann: 1.8 µm from 24 places read again. The study has 1.2 µm: what differs from that may be chance.',
    );
    expect(says(0.2, 13)).toMatch(/chance\. One pair of readings differs by more than the study/);
    expect(says(0.001, 1, 2)).toMatch(/hardly chance: study it again\. 2 pairs of readings differ/);
    expect(says(null)).toMatch(/Too few to conclude: five at least\.$/);
  });
});
