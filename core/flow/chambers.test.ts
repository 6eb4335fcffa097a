import { stateOf } from '../guidance/evaluator';
import { flowOf } from '../pumps/flows';
import { FAMILY_IDS, familyOf } from '../pumps/registry';
import type { GerotorGeometry } from '../pumps/gerotor.drawing';
import type { Job } from '../records/job';
import { JOB } from '../testing/readings';
import { SHEETS, VELTRANE_T6 } from '../testing/sheets';
import { jobWithSizes } from '../testing/worked';
import { chamberName, chamberWords } from '../wording/flowChambers';
import { jobPump } from './jobPump';
import { otherPumps } from './otherPump';
import { flowBasis } from './overview';
import { drawnPump, chamberOutline, chamberTurns } from './chambers';

describe('the chambers of a pump over a turn', () => {
  it('of a gerotor say what it moves: lobes, width, greatest less least', () => {
    const g = familyOf('gerotor').example as GerotorGeometry;
    const pump = { family: 'gerotor', geometry: g };
    const [chamber] = chamberTurns(pump, 361);
    const cc = (g.innerLobes * g.width_mm * (chamber!.most_mm2 - chamber!.least_mm2)) / 1000;
    expect(cc).toBeCloseTo(flowOf('gerotor').displacement(g, {}).cc_rev, 2);
    expect(chamberWords(pump, chamber!, 'mm')).toBe(
      'Between the lobes: 7 chambers, each 116 mm² at most and 4.4 mm² at least.',
    );
    expect(chamberWords(pump, chamber!, 'thou')).toMatch(
      /0\.180 in² at most and 0\.007 in² at least/,
    );
  });
  it.each(FAMILY_IDS)('are drawn beneath what turns: %s', (family) => {
    const { shapes } = chamberOutline({ family, geometry: familyOf(family).example }, 50);
    const roles = shapes.map(({ role }) => role);
    expect(roles.filter((role) => role === 'chamber')).toHaveLength(flowOf(family).chambers.length);
    expect(roles.lastIndexOf('chamber')).toBeLessThan(roles.indexOf('drive'));
    expect(roles.lastIndexOf('chamber')).toBeGreaterThan(roles.indexOf('pocket'));
  });
  it('are named by the part that they go round with', () => {
    const name = (family: string) => {
      const pump = { family, geometry: familyOf(family).example };
      return chamberTurns(pump, 2).map((chamber) => chamberName(pump, chamber));
    };
    expect(name('crescent')).toEqual([
      'Between the teeth of the drive gear',
      'Between the teeth of the driven gear',
    ]);
    expect(name('external-gear')[1]).toMatch(/driven gear/);
    expect(name('vacuum-vane')).toEqual(['Between the vanes']);
  });
  it('go by what was measured, and by the sheet where that makes no pump', () => {
    const of = (sizes: Record<string, number>) => {
      const job = jobWithSizes(sizes);
      const { geometry } = drawnPump(job.sheet, jobPump(job, stateOf(job)));
      return geometry as { width_mm: number };
    };
    expect(of({ 'drive-width': 19.5 }).width_mm).toBeCloseTo(19.5, 9);
    const { geometry } = VELTRANE_T6;
    expect(drawnPump(VELTRANE_T6, { geometries: [{ ...geometry, pinionTeeth: 2 }] }).geometry).toBe(
      geometry,
    );
  });
});

const basisOf = (job: Job) => flowBasis(job, stateOf(job));

describe('other pumps for a job', () => {
  const wide = {
    ...VELTRANE_T6,
    id: 'wide',
    geometry: { ...VELTRANE_T6.geometry, width_mm: 40 },
  };
  it('are those of its kind of which somebody can say what they move, the smallest first', () => {
    const example = { ...wide, id: 'example', examples: ['module_mm'] };
    const narrow = { ...wide, id: 'narrow', geometry: { ...wide.geometry, width_mm: 10 } };
    const others = otherPumps(basisOf(JOB), [...SHEETS, wide, example, narrow]);
    const ids = others.map(({ sheet }) => sheet.id);
    expect(ids).not.toContain(JOB.sheet.id);
    expect(ids).not.toContain('example');
    expect(ids.at(0)).toBe('narrow');
    expect(ids.at(-1)).toBe('wide');
    expect(others.every(({ sheet }) => sheet.family === 'crescent')).toBe(true);
  });
  it('are for the same use: no engine’s oil pump takes the place of a front pump', () => {
    const [one] = SHEETS.filter(({ family }) => family === 'gerotor');
    const as = (use: string) => ({ ...one!, id: use, geometry: { ...one!.geometry, use } });
    const [front, oil] = [as('front-pump'), as('oil-pump')];
    const twin = { ...front, id: 'twin' };
    expect(
      otherPumps(basisOf({ ...JOB, sheet: front! }), [oil!, twin]).map((o) => o.sheet.id),
    ).toEqual(['twin']);
  });
  it('come as new: nothing that was measured of the old one counts', () => {
    const job = jobWithSizes({ 'pocket-depth': 20.5, 'drive-width': 20, 'driven-width': 20 });
    const [other] = otherPumps(basisOf(job), [wide]);
    const mine = jobPump(job, stateOf(job));
    expect([...mine.known.gaps.values()].some(({ from }) => from === 'measured')).toBe(true);
    expect(
      [...other!.basis.subject.known.gaps.values()].some(({ from }) => from === 'measured'),
    ).toBe(false);
    const tested = { ...basisOf(job), factor: { K: 1.8, isFitted: true } };
    expect(otherPumps(tested, [wide])[0]!.basis.factor).toEqual({ K: 1, isFitted: false });
    expect(other!.cc_rev / mine.displacement.cc_rev!).toBeCloseTo(2, 9);
  });
});
