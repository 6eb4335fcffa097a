import { kindId } from '../pumps/ids';
import { ledgerOf } from '../journal/ledger';
import { relisted } from '../testing/relisted';
import fc from 'fast-check';
import { emptyJob } from '../practice/job';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { truth } from '../practice/answers';
import { families, partName, pumpOf, teardownOf } from '../pumps/registry';
import { DEFECT_IDS } from '../pumps/teardown/defects';
import { replace } from '../journal/commands';
import type { Job } from '../records/job';
import { type Finding } from '../records/entries/finding';
import { type StripNote } from '../records/entries/strip';
import { CONSEQUENCES } from '../records/teardown';
import { checksOf } from './checks';
import { identify } from './identify';
import { askedFor, lookedAt } from './looking';
import { mixOf, originOf } from './mixing';
import { orderList } from './order';
import { buildOrder, stripped, wrongParts } from './stripping';

const AT = '2026-11-23T08:00:00.000Z';
const sheets = fc.constantFrom(...SHEETS);

/** Jobs with anything that a person may note at the strip and at the look. */
const jobs = sheets.chain((sheet) => {
  const { surfaces } = teardownOf(sheet);
  const made = { at: AT, by: '', voided: null };
  const finding = fc
    .record({
      surface: fc.constantFrom(...surfaces.map((s) => s.id)),
      defect: fc.option(fc.constantFrom(...DEFECT_IDS)),
      decided: fc.constantFrom(...CONSEQUENCES),
      voided: fc.option(fc.constant({ at: AT, by: '', why: 'a mistake' }), { freq: 4 }),
    })
    .map((f): Finding => ({
      kind: 'finding',
      id: 'f',
      nail: null,
      depth_mm: null,
      spot: null,
      why: '',
      remark: '',
      ...made,
      ...f,
      proposed: f.decided,
    }));
  const note = fc
    .record({
      step: fc.constantFrom(...sheet.strip.map((s) => s.id)),
      state: fc.constantFrom('there' as const, 'missing' as const, 'wrong' as const),
    })
    .map((n): StripNote => ({ ...made, ...n, kind: 'strip', id: 'n', way: '', remark: '' }));
  return fc
    .record({
      findings: fc.array(finding, { maxLength: 8 }),
      notes: fc.array(note, { maxLength: 12 }),
      renew: fc.constantFrom('always' as const, 'measured' as const),
    })
    .map(({ findings, notes, renew }): Job => {
      const job = emptyJob(sheet, AT);
      const noted = notes.reduce<Job>(
        (j, n, i) => replace(j, { ...n, id: `n-${i}` }, (old) => old.step === n.step),
        job,
      );
      return { ...relisted(noted, { findings }), rules: { ...job.rules, renew } };
    });
});

describe('whatever is noted', () => {
  it('one note stands at each step, the last one made', () => {
    fc.assert(
      fc.property(jobs, (job) => {
        for (const { step, note } of stripped(job)) {
          const made = ledgerOf(job).strip.filter((n) => n.step === step.id);
          expect(made.filter((n) => n.voided === null)).toHaveLength(made.length > 0 ? 1 : 0);
          expect(note?.id).toBe(made.at(-1)?.id);
        }
        expect(buildOrder(job).reverse()).toEqual(stripped(job));
      }),
    );
  });
  it('every surface is in the list once, and sound only where nothing else stands', () => {
    fc.assert(
      fc.property(jobs, (job) => {
        const looked = lookedAt(job);
        expect(looked.map((l) => l.surface)).toEqual(teardownOf(job.sheet).surfaces);
        for (const { state, findings } of looked) {
          expect(state === 'unseen').toBe(findings.length === 0);
          expect(state === 'found').toBe(findings.some((f) => f.defect !== null));
          for (const f of findings) expect(f.voided).toBeNull();
        }
      }),
    );
  });
  it('one more finding takes no wish away, and asks only for what the pump has', () => {
    fc.assert(
      fc.property(jobs, (job) => {
        const known = pumpOf(job.sheet).characteristics.map((c) => c.id);
        const asked = (findings: readonly Finding[]) =>
          askedFor(relisted(job, { findings })).map((a) => a.characteristic);
        const all = asked(ledgerOf(job).findings);
        expect(new Set(all).size).toBe(all.length);
        for (const id of all) expect(known).toContain(id);
        for (const id of asked(ledgerOf(job).findings.slice(0, -1))) expect(all).toContain(id);
      }),
    );
  });
  it('the order list has what is always replaced, and each part to replace once', () => {
    fc.assert(
      fc.property(jobs, (job) => {
        const lines = orderList(job);
        expect(new Set(lines.map((l) => `${l.name} ${l.why}`)).size).toBe(lines.length);
        for (const { name, count, when } of job.sheet.renew) {
          const there = lines.some((l) => l.name === name && l.count === count);
          expect(there).toBe(when === 'always' || job.rules.renew === 'always');
        }
        const missing = lines.filter((l) => /missing|wrong part/.test(l.why));
        // The same part missing at two steps is bought once.
        for (const { step } of wrongParts(job)) {
          expect(missing.some((l) => l.name.startsWith(partName(job.sheet, step.part)))).toBe(true);
        }
        expect(missing.length).toBeLessThanOrEqual(wrongParts(job).length);
      }),
    );
  });
});

describe('the key', () => {
  it('says the same in whatever order the answers came', () => {
    const answered = sheets.chain((sheet) =>
      fc
        .tuple(...checksOf(sheet).map(() => fc.nat(sheet.variants.length - 1)))
        .map((of) => checksOf(sheet).map((check, i) => truth(sheet.variants[of[i] ?? 0]!, check)))
        .chain((answers) => fc.tuple(fc.constant(sheet), fc.shuffledSubarray(answers))),
    );
    fc.assert(
      fc.property(answered, ([sheet, answers]) => {
        const [one, other] = [answers, [...answers].reverse()].map((a) => identify(sheet, a));
        expect(other).toEqual(one);
        expect(one!.left.length === 1).toBe(one!.standing === 'one');
        expect(one!.left.length === 0).toBe(one!.standing === 'contradicted');
      }),
    );
  });
});

describe('parts of two pumps', () => {
  it('are held against each other by the sheet alone, each pair once', () => {
    const parts = pumpOf(VELTRANE_T6).kinds.map((p) => p.id);
    const variants = VELTRANE_T6.variants.map((v) => v.id);
    const origin = fc.record({
      part: fc.constantFrom(...parts),
      variant: fc.constantFrom(...variants),
    });
    fc.assert(
      fc.property(
        fc.constantFrom(...variants),
        fc.uniqueArray(origin, { selector: (o) => o.part, maxLength: 5 }),
        (variant, mixed) => {
          const job = { ...emptyJob(VELTRANE_T6, AT), variant, mixed };
          const found = mixOf(job);
          expect(new Set(found.map((m) => `${m.part} ${m.against}`)).size).toBe(found.length);
          for (const m of found) {
            expect([m.of, m.in]).toEqual([originOf(job, m.part), originOf(job, m.against)]);
            expect(m.of).not.toBe(m.in);
            const rule = VELTRANE_T6.mixes.find(
              (r) => r.part === m.part && r.against === m.against && r.of === m.of && r.in === m.in,
            );
            expect(m.verdict).toBe(rule ? (rule.fits ? 'fits' : 'fits-not') : 'unsaid');
          }
          // Every part that is not of the body's variant is spoken of.
          const strangers = parts.filter((p) => originOf(job, p) !== originOf(job, kindId('body')));
          for (const part of strangers) {
            expect(found.some((m) => m.part === part && m.against === 'body')).toBe(true);
          }
        },
      ),
    );
  });
});

describe('a stack of sections', () => {
  it('has every surface and step of each section, named apart', () => {
    const external = families().find((f) => f.id === 'external-gear')!;
    const of = (sections: number) =>
      external.teardown({ ...external.example, sections } as typeof external.example);
    const [one, two, four] = [of(1), of(2), of(4)];
    const grow = (n: 'surfaces' | 'strip') => two[n].length - one[n].length;
    expect(grow('surfaces')).toBeGreaterThan(5);
    expect(four.surfaces.length).toBe(one.surfaces.length + 3 * grow('surfaces'));
    expect(four.strip.length).toBe(one.strip.length + 3 * grow('strip'));
    for (const list of [four.surfaces, four.strip]) {
      expect(new Set(list.map((item) => item.id)).size).toBe(list.length);
    }
    expect(new Set(four.surfaces.map((s) => s.name)).size).toBe(four.surfaces.length);
    expect(four.surfaces.filter((s) => s.name.startsWith('Section 4'))).toHaveLength(
      grow('surfaces'),
    );
    expect(one.surfaces.some((s) => s.name.startsWith('Section'))).toBe(false);
  });
});
