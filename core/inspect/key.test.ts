import fc from 'fast-check';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { truth } from '../practice/answers';
import type { KeyAnswer } from '../records/key';
import type { Sheet } from '../records/sheet';
import { against, checksOf, shownBy } from './checks';
import { gainOf, identify } from './identify';
import { answerWords, shownWords, standingWords } from '../wording/key';

/** Answers by the key from what a variant shows, until it has nothing more to ask. */
function led(sheet: Sheet, variant: Sheet['variants'][number], lie?: (a: KeyAnswer) => KeyAnswer) {
  const answers: KeyAnswer[] = [];
  for (let n = 0; n < 20; n++) {
    const { next } = identify(sheet, answers);
    if (!next) break;
    const honest = truth(variant, next);
    answers.push(lie && n === 0 ? lie(honest) : honest);
  }
  return identify(sheet, answers);
}

describe('the key', () => {
  const all = SHEETS.flatMap((sheet) => sheet.variants.map((v) => [sheet, v] as const));

  it.each(all.map(([s, v]) => [`${s.model}: ${v.name}`, s, v] as const))(
    'finds %s from true answers',
    (_, sheet, variant) => {
      const state = led(sheet, variant);
      expect(state.left.map((v) => v.name)).toEqual([variant.name]);
      expect(state.standing).toBe('one');
      expect(standingWords(state)).toContain(`${variant.name}.`);
    },
  );
  it('goes on without what nobody can tell, and warns where two are alike', () => {
    const sheet = SHEETS.find((s) => s.id.endsWith('e2'))!;
    const serial = { check: 'serial', option: null, value: null, u_mm: null };
    const state = identify(sheet, [serial]);
    expect(state.standing).toBe('alike');
    expect(state.next).toBeNull();
    expect(standingWords(state)).toMatch(/cannot separate/);
  });
  it('asks the check that splits best, not the first', () => {
    expect(checksOf(VELTRANE_T6)[0]?.id).toBe('window');
    expect(identify(VELTRANE_T6, []).next?.id).toBe('serial');
  });
  it('reads a size with its uncertainty', () => {
    const check = checksOf(VELTRANE_T6).find((c) => c.id === 'width')!;
    const early = VELTRANE_T6.variants[0]!;
    const size = (value: number): KeyAnswer => ({
      check: 'width',
      option: null,
      value,
      u_mm: 0.01,
    });
    expect(against(early, check, size(20.06))).toBeNull();
    expect(against(early, check, size(20.08))).toBe('should be 19.90–20.05, you have 20.08');
    expect(answerWords(check, size(20.06), 'mm')).toBe('20.06 mm ± 0.02');
  });
  it('leaves out a year that fits no variant, and goes by the rest', () => {
    const year = { check: 'year', option: null, value: 1931, u_mm: null };
    const sheet: Sheet = {
      ...VELTRANE_T6,
      variants: VELTRANE_T6.variants.map((v) => ({ ...v, fromYear: 2000, toYear: 2010 })),
    };
    const alone = identify(sheet, [year]);
    expect([alone.standing, alone.left.length]).toEqual(['several', sheet.variants.length]);
    expect(standingWords(alone)).toContain('was built in this year: it was left out');
    const window = checksOf(sheet)[0]!;
    const seen = truth(sheet.variants[0]!, window);
    const both = identify(sheet, [year, seen]);
    expect(both.left.map((v) => v.id)).toEqual(identify(sheet, [seen]).left.map((v) => v.id));
    expect(both.left.length).toBeLessThan(sheet.variants.length);
  });
  it('says so where every variant is contradicted, and names the nearest', () => {
    const answer = (check: string, option: string) => ({ check, option, value: null, u_mm: null });
    const state = identify(VELTRANE_T6, [
      answer('window', 'narrow'),
      answer('lugs', 'four flats'),
      answer('relief', 'bolted on'),
    ]);
    expect(state.standing).toBe('contradicted');
    expect(state.left).toEqual([]);
    expect(standingWords(state)).toMatch(
      /No variant fits all the answers. Nearest: T6 late, bolted relief/,
    );
  });
  it('with one wrong answer never names one with certainty when the rest contradicts it', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...all),
        fc.nat(10),
        fc.nat(10),
        fc.boolean(),
        ([sheet, variant], which, other, all_) => {
          const checks = checksOf(sheet);
          const wrong = checks[which % checks.length]!;
          const liar = sheet.variants[other % sheet.variants.length]!;
          const asked = all_ ? checks : checks.filter((c, i) => c === wrong || i % 2 === 0);
          const answers = asked.map((c) => truth(c === wrong ? liar : variant, c));
          const state = identify(sheet, answers);
          // Whatever is named has no answer against it; whatever is sure has two against every other.
          for (const v of state.left) {
            for (const a of answers) {
              expect(
                against(
                  v,
                  checks.find((c) => c.id === a.check)!,
                  a,
                ),
              ).toBeNull();
            }
          }
          if (state.backed) {
            for (const c of state.candidates) {
              if (c.variant !== state.left[0]) expect(c.objections.length).toBeGreaterThan(1);
            }
            expect(state.left[0]).toBe(variant);
          }
        },
      ),
    );
  });
  it('never loses the right one by an answer that is true, whatever was answered before', () => {
    fc.assert(
      fc.property(fc.constantFrom(...all), fc.nat(63), ([sheet, variant], mask) => {
        const answers = checksOf(sheet)
          .filter((_, i) => mask & (1 << i))
          .map((c) => truth(variant, c));
        expect(identify(sheet, answers).left).toContain(variant);
      }),
    );
  });
  it('expects of a check no less than nothing and no more than all, and asks none twice', () => {
    fc.assert(
      fc.property(fc.constantFrom(...all), fc.nat(63), ([sheet, variant], mask) => {
        const checks = checksOf(sheet);
        for (const check of checks) {
          const gain = gainOf(check, sheet.variants);
          expect(gain).toBeGreaterThan(-1e-9);
          expect(gain).toBeLessThan(Math.log2(sheet.variants.length) + 1e-9);
        }
        const asked = new Set<string>();
        const answers: KeyAnswer[] = [];
        for (let n = 0; n <= checks.length; n++) {
          const { next } = identify(sheet, answers);
          if (!next) return;
          expect(asked.has(next.id)).toBe(false);
          asked.add(next.id);
          const unsaid = { check: next.id, option: null, value: null, u_mm: null };
          answers.push(mask & (1 << n) ? unsaid : truth(variant, next));
        }
        throw new Error('more questions than checks');
      }),
    );
  });
  it('needs no more questions than the listed order, on any sheet, and fewer on all', () => {
    const questions = (sheet: Sheet, variant: Sheet['variants'][number], byKey: boolean) => {
      const answers: KeyAnswer[] = [];
      for (const listed of checksOf(sheet)) {
        const { left, next } = identify(sheet, answers);
        const check = byKey ? next : listed;
        if (left.length === 1 || !check) break;
        answers.push(truth(variant, check));
      }
      return answers.length;
    };
    const sum = (sheet: Sheet, byKey: boolean) =>
      sheet.variants.reduce((n, v) => n + questions(sheet, v, byKey), 0);
    const [key, listed] = [true, false].map((byKey) => SHEETS.map((s) => sum(s, byKey)));
    key!.forEach((n, i) => expect(n).toBeLessThanOrEqual(listed![i]!));
    const total = (counts: number[]) => counts.reduce((a, b) => a + b, 0);
    expect(total(key!)).toBeLessThan(total(listed!));
  });
  it('says nothing of a sheet without variants', () => {
    const state = identify({ key: [], variants: [] }, []);
    expect(state).toMatchObject({ standing: 'alike', left: [], next: null });
    expect(standingWords(state)).toBe('This sheet has no variants.');
  });
  it('writes what a variant is known by', () => {
    const late = VELTRANE_T6.variants[4]!;
    const words = checksOf(VELTRANE_T6).map((c) => shownWords(late, c, 'mm'));
    expect(words).toEqual([
      'wide',
      'bolted on',
      'four flats',
      '21.90–22.05 mm',
      'from 2017',
      'from 82001',
    ]);
    expect(shownBy({ ...late, marks: [] }, { id: 'width' })).toBeNull();
  });
});
