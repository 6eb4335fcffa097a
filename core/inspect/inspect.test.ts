import { kindId } from '../pumps/ids';
import { relisted } from '../testing/relisted';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { emptyJob } from '../practice/job';
import { families, pumpOf, teardownOf } from '../pumps/registry';
import { defectsOf } from '../pumps/teardown/defects';
import { wayRoundOf, WAYS_ROUND, wayRoundWords } from '../pumps/teardown/wayRound';
import type { Job } from '../records/job';
import type { Finding } from '../records/entries/finding';
import { unsaidClutch, type Clutch } from '../pumps/teardown/clutch';
import { answerBeside, auxiliaryChecks, smallChecks } from './auxiliary';
import { clutchChecks } from './clutches';
import { askedFor, byOwner, endOf, lookedAt } from './looking';
import { EVERY_BUILD } from '../testing/builds';
import { exchanged, found } from '../testing/findings';
import { AT } from '../testing/readings';
import { mixOf } from './mixing';
import { orderList } from './order';
import { nearestSurface, placedSurfaces } from './spot';
import { buildOrder, noteWords, stripped, wrongParts } from './stripping';

const JOB = emptyJob(VELTRANE_T6, '2026-11-23T08:00:00.000Z');
const made = (id: string) => ({ id, at: '2026-11-23T09:00:00.000Z', by: 'Ivo K.', voided: null });

const withFindings = (...findings: Finding[]): Job => relisted(JOB, { findings });

describe('parts of two pumps', () => {
  const job = { ...JOB, variant: 'variant-2' };
  it('fit in one direction only', () => {
    const late = mixOf({ ...job, mixed: [{ part: kindId('cover'), variant: 'variant-3' }] });
    expect(late).toMatchObject([{ part: 'cover', against: 'body', verdict: 'fits' }]);
    const early = mixOf({
      ...job,
      variant: 'variant-3',
      mixed: [{ part: kindId('cover'), variant: 'variant-2' }],
    });
    expect(early).toMatchObject([
      { verdict: 'fits-not', note: 'its vent meets the pressure side' },
    ]);
  });
  it('are held against each other as well, and what the sheet does not say is said', () => {
    const mixed = mixOf({ ...job, mixed: [{ part: kindId('drive'), variant: 'variant-3' }] });
    expect(mixed.map((m) => [m.against, m.verdict])).toEqual([
      ['body', 'fits'],
      ['hub', 'fits-not'],
    ]);
    expect(
      mixOf({ ...job, mixed: [{ part: kindId('driven'), variant: 'variant-4' }] }),
    ).toMatchObject([{ verdict: 'unsaid' }]);
    expect(mixOf(job)).toEqual([]);
  });
});

describe('what findings ask for', () => {
  const first = (job: Job) => askedFor(job).map((a) => a.characteristic);
  it('is the clearance that the defect touches, the first finding first', () => {
    expect(first(withFindings(found('cover-track')))).toEqual(['cover-wear']);
    expect(first(withFindings(found('hub', { defect: 'blued' })))).toEqual([
      'hub-bushing',
      'tip-crescent-drive',
    ]);
    expect(first(withFindings(found('cover-track'), found('floor')))).toEqual([
      'floor-tilt',
      'face-drive',
      'face-driven',
      'cover-wear',
    ]);
  });
  it('is nothing for what is sound, voided, or only bright', () => {
    expect(first(withFindings(found('cover-track', { defect: null })))).toEqual([]);
    const voided = { at: made('').at, by: '', why: 'a mistake' };
    expect(first(withFindings(found('cover-track', { voided })))).toEqual([]);
    expect(first(withFindings(found('wall', { defect: 'polished' })))).toEqual([]);
  });
});

describe('a finding that ends the job', () => {
  it('is the one that a person decided as scrap', () => {
    expect(endOf(withFindings(found('floor')))).toBeNull();
    const cracked = found('ears', { defect: 'cracked', decided: 'scrap' });
    expect(endOf(withFindings(found('floor'), cracked))).toEqual(cracked);
    expect(endOf(withFindings({ ...cracked, decided: 'machine' }))).toBeNull();
  });
  it('is none any more once another part was put in its place', () => {
    const cracked = withFindings(found('ears', { defect: 'cracked', decided: 'scrap' }));
    expect(endOf(exchanged(cracked, 'cover'))).not.toBeNull();
    expect(endOf(exchanged(cracked, 'body'))).toBeNull();
  });
  it('is none on a part that can be bought: that goes on the order list', () => {
    const job = withFindings(found('driven-teeth', { defect: 'chipped', decided: 'scrap' }));
    expect(endOf(job)).toBeNull();
    expect(orderList(job).map((l) => l.name)).toContain('Driven gear');
    const ended = withFindings(found('ears', { defect: 'cracked', decided: 'scrap' }));
    expect(orderList(ended).map((l) => l.name)).not.toContain('Body');
  });
});

describe('the surfaces of every family', () => {
  const pumps = [
    ...families().map((f) => ({ family: f.id, geometry: f.example })),
    ...SHEETS.map(({ family, geometry }) => ({ family, geometry })),
  ];
  it('lie on the drawing, apart from each other, and belong to a part', () => {
    for (const pump of pumps) {
      const { parts, characteristics } = pumpOf(pump);
      const placed = placedSurfaces(pump);
      expect(new Set(placed.map((p) => p.surface.id)).size).toBe(placed.length);
      for (const { surface, view, at } of placed) {
        expect(surface.parts.length).toBeGreaterThan(0);
        expect(parts.map((p) => p.id)).toEqual(expect.arrayContaining([...surface.parts]));
        const outline = families()
          .find((f) => f.id === pump.family)!
          .outline(pump.geometry, {
            view,
          });
        expect(Math.hypot(at.x, at.y)).toBeLessThan(1.4 * outline.extent_mm);
        expect(defectsOf(surface.kind).length).toBeGreaterThan(0);
        for (const { measure } of surface.asks) {
          const known = measure.filter((id) => characteristics.some((c) => c.id === id));
          expect([surface.id, known]).not.toEqual([surface.id, []]);
        }
      }
    }
  });
  it('are found by the place that was touched', () => {
    for (const pump of pumps.filter((p) => p.family !== 'external-gear')) {
      for (const { surface, view, at } of placedSurfaces(pump)) {
        const near = nearestSurface(pump, view, { x: at.x + 0.01, y: at.y });
        const twin = placedSurfaces(pump).find(
          (p) => p.view === view && p.at.x === at.x && p.at.y === at.y,
        );
        expect(near?.id).toBe(twin?.surface.id ?? surface.id);
      }
    }
    expect(nearestSurface(VELTRANE_T6, 'slot', { x: 0, y: 0 })).toBeNull();
  });
  it('are all in the list under the part that they are on, in every section', () => {
    for (const sheet of EVERY_BUILD) {
      const all = lookedAt(emptyJob(sheet, AT));
      const groups = byOwner(sheet, all);
      const listed = groups.flatMap(({ looked }) => looked.map((l) => l.surface.id));
      expect([...listed].sort()).toEqual(all.map((l) => l.surface.id).sort());
      expect(new Set(groups.map(({ name }) => name)).size).toBe(groups.length);
    }
    const stack = EVERY_BUILD.find((s) => s.model === 'external-gear plates 4')!;
    expect(lookedAt(emptyJob(stack, AT))).toHaveLength(54);
    const names = byOwner(stack, lookedAt(emptyJob(stack, AT))).map(({ name }) => name);
    expect(names).toEqual(
      expect.arrayContaining(['Section 4: Plate, rear', 'Section 3: Bushings', 'Relief spring']),
    );
  });
  it('are all in the list, looked at or not', () => {
    const looked = lookedAt(withFindings(found('floor'), found('deck', { defect: null })));
    expect(looked).toHaveLength(teardownOf(VELTRANE_T6).surfaces.length);
    const states = Object.fromEntries(looked.map((l) => [l.surface.id, l.state]));
    expect(states).toMatchObject({ floor: 'found', deck: 'sound', wall: 'unseen' });
  });
});

describe('the strip', () => {
  it('has steps that note what can be drawn, in every family', () => {
    for (const { id, example } of families()) {
      const { strip, renew } = teardownOf({ family: id, geometry: example });
      expect(strip.length).toBeGreaterThan(3);
      expect(renew.length).toBeGreaterThan(1);
      expect(strip.some((s) => s.caution !== '')).toBe(true);
      for (const step of strip) {
        expect(step.way === '' || wayRoundOf(step.way) !== undefined).toBe(true);
      }
    }
    for (const { options } of WAYS_ROUND) expect(options.length).toBeGreaterThan(1);
  });
  const note = (step: string, way: string, state: 'there' | 'missing' = 'there', remark = '') => ({
    ...made(`s-${step}`),
    kind: 'strip' as const,
    step,
    way,
    state,
    remark,
  });
  const job: Job = relisted(JOB, {
    strip: [note('seal', 'down'), note('drive', 'up'), note('cover', '', 'missing', 'one dowel')],
  });
  it('comes back in reverse', () => {
    const forth = stripped(job).map((s) => s.step.id);
    expect(buildOrder(job).map((s) => s.step.id)).toEqual([...forth].reverse());
    const words = stripped(job).map(({ step, note: n }) => (n ? noteWords(step, n) : null));
    expect(words).toEqual([
      'Seal lip to the pump',
      'missing; one dowel',
      null,
      'Bevel to the converter',
      null,
      null,
    ]);
  });
  it('puts what is missing and what is renewed on the order list', () => {
    expect(wrongParts(job).map((s) => s.step.id)).toEqual(['cover']);
    const names = (j: Job) => orderList(j).map((l) => l.name);
    expect(names(job)).toEqual([
      ...['Converter seal', 'Pump body O-ring', 'Pump to case gasket', 'Sealing rings, set'],
      ...['Hub bushing', 'Cover: one dowel'],
    ]);
    const measured: Job = { ...job, rules: { ...job.rules, renew: 'measured' } };
    expect(names(measured)).not.toContain('Hub bushing');
    const worn = relisted(measured, { findings: [found('bushing', { decided: 'replace' })] });
    expect(names(worn)).toContain('Bushing');
    expect(names({ ...worn, rules: job.rules })).not.toContain('Bushing');
  });
});

describe('the small checks', () => {
  const answer = (check: string, words: string) => ({
    ...made(check),
    kind: 'also' as const,
    check,
    answer: words,
  });
  it('differ where the answer is not the expected one', () => {
    const job = relisted(JOB, { also: [answer('splines', 'rocks'), answer('rings', 'evenly')] });
    expect(auxiliaryChecks(job).flatMap((c) => (c.differs ? [answerBeside(c)] : []))).toEqual([
      'rocks; should be slides, no rock',
    ]);
  });
  const clutch = unsaidClutch('input', 'Input clutch');
  const idsOf = (checks: readonly { id: string }[]) => checks.map(({ id }) => id);

  it('end with those of each clutch of the sheet', () => {
    const clutches = [clutch, unsaidClutch('reverse', 'Reverse clutch')];
    const ids = idsOf(smallChecks({ ...JOB.sheet, clutches }));
    expect(ids.slice(0, JOB.sheet.also.length)).toEqual(idsOf(JOB.sheet.also));
    expect(ids.slice(JOB.sheet.also.length)).toEqual(
      ['input', 'reverse'].flatMap((id) =>
        ['free', 'tabs', 'washers', 'pins', 'race'].map((of) => `${id}-${of}`),
      ),
    );
  });
  it('are done with a clutch that is not in this unit', () => {
    const sheet = { ...JOB.sheet, clutches: [clutch] };
    const also = [answer('input-free', 'not in this unit')];
    const checked = auxiliaryChecks(relisted({ ...JOB, sheet }, { also }));
    const ofClutch = checked.filter(({ check }) => check.id.startsWith('input-'));
    expect(ofClutch.map(({ check, differs }) => [check.id, differs])).toEqual([
      ['input-free', false],
    ]);
  });
  it('of a clutch of which nothing is said have nothing to be but sound', () => {
    const expected = clutchChecks(clutch).map((c) => c.expected);
    expect(expected).toEqual(['', '', '', 'all in place', 'smooth']);
  });
  it('of a clutch say what is right, seen from where, beside what was found', () => {
    const said: Clutch = {
      ...clutch,
      free: 'anticlockwise',
      seenFrom: 'converter side',
      turned: 'outer race',
      tabs: 'pump side',
      washers: 0,
      pins: 12,
    };
    const [free, tabs, washers, pins] = clutchChecks(said);
    expect(free?.ask).toBe(
      'Viewed from the converter side, which way does the outer race turn freely?',
    );
    expect([tabs, washers, pins].map((c) => c?.expected)).toEqual(['pump side', 'none', 'all 12']);
    for (const check of clutchChecks(said)) expect(check.options).toContain(check.expected);
    const sheet = { ...JOB.sheet, clutches: [said] };
    const also = [answer('input-free', 'clockwise'), answer('input-pins', 'fewer')];
    const found = auxiliaryChecks(relisted({ ...JOB, sheet }, { also })).filter((c) => c.differs);
    expect(found.map(answerBeside)).toEqual([
      'clockwise; should be anticlockwise',
      'fewer; should be all 12',
    ]);
  });
});

describe('which way round a part lay', () => {
  it('is said whole: what is not there faces no way, and a groove is named by its blind end', () => {
    expect(wayRoundWords('bevel', 'up')).toBe('Bevel to the converter');
    expect(wayRoundWords('bevel', 'none')).toBe('No bevel');
    expect(wayRoundWords('groove', 'down')).toBe('Blind end of the oil groove to the seal');
    expect(wayRoundWords('order', 'up')).toBe('Cup outward');
    expect(wayRoundWords('drain', 'none')).toBe('No drain is open');
  });
});
