import { kindId, partId } from '../pumps/ids';
import { record } from '../journal/commands';
import type { ZeroEntry } from '../records/entries/zero';
import { ledgerOf } from '../journal/ledger';
import { signOff } from '../commands/deciding';
import { stamp } from '../testing/findings';
import { relisted } from '../testing/relisted';
import { afterBench, type BenchPlan } from '../practice/bench';
import { hiddenOf } from '../practice/hidden';
import { emptyJob } from '../practice/job';
import { measure } from '../practice/hand';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { evenFrom } from '../random';
import type { Job } from '../records/job';
import type { Sheet } from '../records/sheet';
import { NEW_SHOP } from '../records/shop';
import { handWords, reportOf } from './report';

const AT = '2026-11-20T09:00:00.000Z';
const zero = (read_mm: number): ZeroEntry => ({
  kind: 'zero',
  id: 'z-1',
  voided: null,
  instrument: 'depth-mic',
  at: AT,
  by: 'Runa T.',
  standard_mm: 25,
  read_mm,
});

function measured(sheet: Sheet, over: Partial<Job> = {}, ...zeros: ZeroEntry[]): Job {
  const job = record({ ...emptyJob(sheet, AT), ...over }, ...zeros);
  const room = { instruments: NEW_SHOP.instruments, zeros: ledgerOf(job).zeros };
  return measure(job, hiddenOf(sheet, job.tier, 0.5, {}, evenFrom(2)), room, new Date(AT));
}

describe('the report of a pump', () => {
  it.each(SHEETS.map((s) => [s.model, s] as const))(
    'has a row for each limit and each finding, and no other: %s',
    (_, sheet) => {
      const job = measured(sheet);
      const { rows, notMeasured, overall } = reportOf(job, 'mm');
      const limited = new Set(
        sheet.limits.filter((l) => l.tier === 'service').map((l) => l.characteristic),
      );
      expect(rows.length).toBeGreaterThanOrEqual(limited.size);
      expect(rows.length).toBeLessThan(limited.size + 4);
      expect(notMeasured).toEqual([]);
      const judged = rows.filter(({ word }) => word !== 'Recorded');
      expect(overall.words).toMatch(new RegExp(`\\b${judged.length} checks `));
      // What is out stands first, what is only recorded last.
      const order = ['out', 'close', 'open', 'in', 'recorded'];
      const places = rows.map(({ word, verdict }) =>
        order.indexOf(word === 'Recorded' ? 'recorded' : verdict),
      );
      expect(places).toEqual([...places].sort((a, b) => a - b));
      for (const row of rows) {
        expect(row.evidence).not.toBe('not measured');
        expect(`${row.evidence} ${row.limits} ${row.hot} ${row.reason}`).not.toMatch(
          /NaN|undefined|Infinity/,
        );
      }
    },
  );

  it('reads the same gaps in thou', () => {
    const job = measured(VELTRANE_T6);
    const [mm, thou] = [reportOf(job, 'mm'), reportOf(job, 'thou')];
    expect(thou.rows.map((r) => r.verdict)).toEqual(mm.rows.map((r) => r.verdict));
    expect([mm.rows[0]?.unit, thou.rows[0]?.unit]).toEqual(['mm', 'thou']);
    expect(thou.rows[0]?.limits).toBe('0.79–3.15');
  });

  it('says of a job that nobody measured what is missing', () => {
    const report = reportOf(emptyJob(VELTRANE_T6, AT), 'mm');
    expect(report.notMeasured).toEqual([
      'End clearance, drive gear',
      'End clearance, driven gear',
      'Driven gear to pocket',
      'Cover wear',
      'Total end clearance, drive gear',
      'Total end clearance, driven gear',
    ]);
    expect(report.hands).toEqual([]);
    expect(report.overall).toEqual({
      verdict: 'open',
      words: '6 of 6 checks are not measured; none is out so far.',
    });
  });

  it('names the hands, their instruments, and zeros that were not as they should be', () => {
    const never = reportOf(measured(VELTRANE_T6, { tier: 'new' }), 'mm');
    const words = never.hands.map(handWords);
    expect(words).toContainEqual(
      expect.stringMatching(/^Ivo K\., Depth mic: \d+ readings, .*, \d+ never zeroed$/),
    );
    expect(words).toContainEqual(
      expect.stringMatching(/^Ivo K\., Leaf set A: \d+ readings, \d+ \w+ 2026, [^,]*, [^,]*$/),
    );
    const zeroed = measured(VELTRANE_T6, { tier: 'new' }, zero(25.004));
    const report = reportOf(zeroed, 'mm', {
      instrumentName: (id) => NEW_SHOP.instruments.find((i) => i.id === id)?.name ?? id,
    });
    expect(report.hands.map(handWords).join()).toMatch(
      /Depth mic: \d+ readings, [^,]*, [^,]*, [^,]*,Ivo/,
    );
    expect(report.zeros).toEqual([
      expect.stringMatching(/Depth mic.*20 Nov 2026, 09:00.*reads 0\.004 mm high.*Runa T/),
    ]);
    expect(reportOf(relisted(zeroed, { zeros: [zero(25)] }), 'mm').zeros[0]).toMatch(
      /zero is good/,
    );
    expect(reportOf(relisted(zeroed, { zeros: [zero(24.998)] }), 'mm').zeros[0]).toMatch(
      /0.002 mm low/,
    );
  });

  it('says what it rests on: rule, house rules, temperature, a sheet that was changed since', () => {
    const job = measured(VELTRANE_T6, { part_C: 26 });
    const limits = VELTRANE_T6.limits.map((l) =>
      l.characteristic === 'od-pocket' ? { ...l, upper_mm: 0.3 } : l,
    );
    const { notes } = reportOf(job, 'mm', { sheetNow: { ...VELTRANE_T6, limits } });
    const all = notes.join('\n');
    expect(all).toMatch(/invented for a demonstration/);
    expect(all).toMatch(/sheet was changed since: .* 0.08–0.25 mm is now 0.08–0.30 mm/);
    expect(all).toMatch(/Guarded rule/);
    expect(all).toMatch(/Part at 26 °C/);
    expect(all).toMatch(/House rules of this job: Decision rule: guarded/);
    expect(all).toMatch(/manual, local codes and licensed practice/);
    const plain = { ...job, rules: { ...job.rules, decision: 'plain' as const } };
    expect(reportOf(plain, 'mm').notes.join()).toMatch(/Plain rule/);
  });

  it('says how a limit was held that is published in another way', () => {
    const limits = VELTRANE_T6.limits.map((l) =>
      l.characteristic === 'od-pocket' ? { ...l, side: 'one-side' as const } : l,
    );
    const { rows } = reportOf(measured({ ...VELTRANE_T6, limits }), 'mm');
    expect(rows.find((r) => r.name === 'Driven gear to pocket')?.limits).toBe(
      '0.16–0.50, published per side, doubled here for the full gap',
    );
  });
});

describe('what the report says beside the clearances', () => {
  const begin = new Date(AT);
  const sectionsOf = (job: Job) =>
    Object.fromEntries(reportOf(job, 'mm').sections.map((s) => [s.title, s.lines]));
  const worked = (plan: BenchPlan, over: Partial<Job> = {}) =>
    sectionsOf(afterBench({ ...emptyJob(VELTRANE_T6, AT), ...over }, plan, begin));

  it('is nothing but what was left out where nobody began', () => {
    expect(Object.keys(sectionsOf(emptyJob(VELTRANE_T6, AT)))).toEqual(['Not done']);
  });
  it('is short for a clean pump', () => {
    const sections = worked({});
    expect(sections['Visual inspection']).toEqual(['18 of 18 surfaces sound']);
    expect(sections).not.toHaveProperty('Skipped');
    expect(sections['Parts to order']).toContain('1 × Converter seal (always replaced)');
    expect(sections['Orientation as found']).toContain('Drive gear: Bevel to the converter');
  });
  it('has findings, what was decided, missing parts and answers that differ', () => {
    const sections = worked({
      defects: { hub: { defect: 'blued', decided: 'replace', remark: 'third time' } },
      missing: { seal: 'clip' },
      also: { lands: 'stepped' },
      wet: true,
    });
    expect(sections['Visual inspection']).toContain(
      'Hub journal: Heat blue; third time, replace (suggested: dress)',
    );
    expect(sections['Other checks']).toContain('Ring lands: stepped; should be snug');
    expect(sections['Parts to order']).toContain('1 × Body: clip (missing at teardown)');
    expect(sections['Parts to order']).toContain('1 × Hub (replace: Hub journal)');
    expect(sections['Not done']).toEqual([expect.stringMatching(/wet/)]);
  });
  it('has the variant with what it rests on, and what was read before the teardown', () => {
    const { facts, sections } = reportOf(
      {
        ...emptyJob(VELTRANE_T6, AT),
        variant: 'variant-3',
        serial: '44 120',
        used: 812,
        usedUnit: 'h',
        due: '2026-12-01',
        key: [{ check: 'serial', option: null, value: 44120, u_mm: null }],
        mixed: [{ part: kindId('drive'), variant: 'variant-2' }],
        rotation: 'clockwise',
        before: [{ drive_rpm: 1800, ratio: 1.35, flow_lpm: 28, pressure_bar: 9.5, oil_C: null }],
      },
      'mm',
    );
    const lines = Object.fromEntries(sections.map((s) => [s.title, s.lines]));
    expect(lines.Variant?.slice(0, 2)).toEqual(['T6 late', 'Serial number, digits only: 44120']);
    expect(lines.Variant).toContain(
      'Fits: Drive gear from T6 early, wide inlet with Body from T6 late; with its hub only',
    );
    expect(lines['Test before teardown']).toEqual([
      '28 l/min, 9.5 bar, pump at 2430 rpm (engine 1800 rpm × 1.35)',
    ]);
    expect(Object.fromEntries(facts)).toMatchObject({
      Machine: 'serial 44 120, 812 h',
      Received: 'Clockwise, viewed from shaft end',
      Due: '2026-12-01',
    });
  });
  it('says of each part what was signed off, why, and by whom', () => {
    const signed = { part: partId('body'), proposed: 'machine', why: 'Take 0.03 mm off.' } as const;
    const job = signOff([
      { ...signed, decided: 'machine', remark: '' },
      { ...signed, part: partId('cover'), decided: 'replace', remark: 'cracked at the lip' },
    ])(emptyJob(VELTRANE_T6, AT), stamp());
    const decided = reportOf(job, 'mm').sections.find(({ title }) => title === 'Decided');
    expect(decided?.lines).toEqual([
      'Body: machine. Take 0.03 mm off. Signed off by Runa T.',
      'Cover: replace, machine was suggested. Cracked at the lip. Signed off by Runa T.',
    ]);
  });
  it('keeps a defect that was voided, with who and why', () => {
    const job = afterBench(
      emptyJob(VELTRANE_T6, AT),
      { defects: { floor: { defect: 'ridge', nail: 'catches' } } },
      begin,
    );
    const voided = { at: AT, by: 'Runa T.', why: 'struck' };
    const findings = ledgerOf(job).findings.map((f) => (f.defect ? { ...f, voided } : f));
    const report = reportOf(relisted(job, { findings }), 'mm');
    expect(report.struck).toEqual([expect.stringMatching(/Pocket floor.*Ridge.*Runa T/)]);
    expect(report.sections.find((s) => s.title === 'Visual inspection')?.lines).toContain(
      'Not inspected: Pocket floor',
    );
  });
  it('says where a variant was taken against the answers, and why a job was closed', () => {
    const answer = { check: 'window', option: 'narrow', value: null, u_mm: null };
    const sections = worked(
      {},
      { variant: 'variant-5', key: [answer], closed: { at: AT, by: '', why: 'Cracked ear' } },
    );
    expect(sections.Closed).toEqual(['Cracked ear']);
    expect(sections.Variant?.at(-1)).toMatch(/T6 early, narrow inlet/);
  });
});
