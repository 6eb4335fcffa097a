import fc from 'fast-check';
import type { JobFacts } from './facts';
import type { PastFigure, Question } from './past';
import { wearRate, type WearAsked } from './wear';

const QUESTION: Question = {
  model: 'T6',
  characteristic: 'face',
  isDemo: false,
  except: '',
  end: 'largest',
};
const reach = (mm: number) => ({ smallest_mm: mm, largest_mm: mm, over_mm: null });
/** A visit of a pump: how it came and left, and what it had run. */
const visit = (
  serial: string,
  day: string,
  [came, went]: readonly [number, number],
  used: number | null,
  more: Partial<JobFacts> = {},
): JobFacts =>
  ({
    id: `${serial}-${day}`,
    model: 'T6',
    serial,
    day,
    used,
    usedUnit: 'h',
    visitOf: null,
    gaps: { face: { came: reach(came), went: reach(went) } },
    ...more,
  }) as JobFacts;
/** Two visits of a pump that wore so much in so many hours between them. */
const twice = (serial: string, wore_mm: number, hours: number): JobFacts[] => [
  visit(serial, '2026-01-10', [0.09, 0.04], 500),
  visit(serial, '2026-06-10', [0.04 + wore_mm, 0.04], 500 + hours),
];
const figure = (used: number, mm: number): PastFigure => ({
  id: `f-${used}`,
  tag: '',
  day: '2026-01-01',
  mm,
  used,
  usedUnit: 'h',
  isBack: false,
  makes: new Map(),
});
const rate = (jobs: readonly JobFacts[], more: Partial<WearAsked> = {}) =>
  wearRate(QUESTION, { jobs, own: null, past: [], unit: 'h', ...more });

describe('how fast a gap wears', () => {
  it('is told by this pump first, by five others next, by hours last', () => {
    const others = ['a', 'b', 'c', 'd', 'e'].flatMap((s) => twice(s, 0.02, 1000));
    const mine = twice('own', 0.05, 1000);
    const past = [1, 2, 3, 4, 5, 6].map((i) => figure(1000 * i, 0.03 * i));
    const all = [...others, ...mine];
    expect(rate(all, { own: mine[1]!, past })).toMatchObject({ from: 'own', n: 1 });
    expect(rate(all, { own: mine[1]!, past })?.perThousand_mm).toBeCloseTo(0.05, 9);
    expect(rate(all, { own: mine[0]!, past })).toMatchObject({ from: 'visits', n: 6 });
    expect(rate(others.slice(0, 8), { past })).toMatchObject({ from: 'hours', n: 6 });
    expect(rate(others.slice(0, 8))).toBeNull();
  });
  it('is what lies between leaving and coming again, not between coming and coming', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.integer({ min: 100, max: 9000 }),
        (um, hours) => {
          const jobs = twice('own', um / 1000, hours);
          const found = rate(jobs, { own: jobs[1]! })!;
          expect(found.perThousand_mm).toBeCloseTo(um / hours, 9);
        },
      ),
    );
  });
  it('is none where it shrank, nobody counted, the count went back, or counts in another unit', () => {
    const second = (more: Partial<JobFacts>) => {
      const [first, last] = twice('own', 0.02, 1000) as [JobFacts, JobFacts];
      const own = { ...last, ...more };
      return rate([first, own], { own });
    };
    expect(second({})).not.toBeNull();
    expect(second({ gaps: { face: { came: reach(0.03), went: null } } })).toBeNull();
    expect(second({ used: null })).toBeNull();
    expect(second({ used: 400 })).toBeNull();
    expect(second({ usedUnit: 'km' })).toBeNull();
    expect(second({ gaps: {} })).toBeNull();
  });
  it('holds each visit against the one just before it, by the number or by what it names', () => {
    const third = visit('own', '2026-11-10', [0.1, 0.04], 2500);
    const jobs = [third, ...twice('own', 0.02, 1000)];
    expect(rate(jobs, { own: third })?.perThousand_mm).toBeCloseTo(0.06, 9);
    const [first, last] = twice('', 0.02, 1000) as [JobFacts, JobFacts];
    expect(rate([first, last], { own: last })).toBeNull();
    const named = { ...last, visitOf: first.id };
    expect(rate([first, named], { own: named })).toMatchObject({ from: 'own' });
  });
  it('has an interval that its middle lies in, from six pumps on', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 200 }), { minLength: 5, maxLength: 20 }),
        (all) => {
          const jobs = all.flatMap((um, i) => twice(`p${i}`, um / 1000, 1000));
          const found = rate(jobs)!;
          expect(found.n).toBe(all.length);
          if (all.length < 6) {
            expect(found.interval_mm).toBeNull();
            return;
          }
          const [from, to] = found.interval_mm!;
          expect(from).toBeLessThanOrEqual(found.perThousand_mm);
          expect(to).toBeGreaterThanOrEqual(found.perThousand_mm);
        },
      ),
    );
  });
  it('is none by hours where it may as well be none', () => {
    const past = [0.05, 0.06, 0.05, 0.04, 0.05, 0.06].map((mm, i) => figure(1000 * (i + 1), mm));
    expect(rate([], { past })).toBeNull();
  });
});
