import { identify, type Measured } from './identify';
import { boreOfDash, dashFor, DASHES } from './dash';
import { FLANGES, PORT_THREADS, SHAFTS } from './tables';

const NOTHING: Measured = {
  pilot_mm: null,
  boltSpacing_mm: null,
  bolts: null,
  spacingIs: 'across',
  splineTeeth: null,
  shaftDiameter_mm: null,
  threadMajor_mm: null,
  threadMinor_mm: null,
  pitch_mm: null,
  flangeLong_mm: null,
  flangeShort_mm: null,
};
const found = (more: Partial<Measured>) => identify({ ...NOTHING, ...more });

describe('the tables of standards', () => {
  it('have splines whose outside is one tooth more than they count', () => {
    for (const { teeth, pitch, diameter_mm } of SHAFTS) {
      const perInch = Number(pitch.split('/')[0]);
      expect(Math.abs(((teeth + 1) / perInch) * 25.4 - diameter_mm)).toBeLessThan(0.01);
    }
  });
  it('have pilots and bolts of whole fractions of an inch, to a tenth', () => {
    for (const { pilot_mm, spacing_mm, bolts } of FLANGES) {
      for (const mm of [pilot_mm, ...(bolts === 2 ? [spacing_mm] : [])]) {
        const sixteenths = Math.round((mm / 25.4) * 16);
        expect(Math.abs((sixteenths / 16) * 25.4 - mm)).toBeLessThanOrEqual(0.1);
      }
    }
  });
  it('have threads with the rings of their dash, and pipe threads by their own geometry', () => {
    for (const { standard, major_mm, pitch_mm, ring_mm } of PORT_THREADS) {
      if (ring_mm) {
        // The ring lies over the thread's undercut, a little under the thread itself.
        expect(ring_mm[0]).toBeLessThan(major_mm);
        expect(ring_mm[0]).toBeGreaterThan(major_mm - 4.2);
      }
      if (standard === 'ISO 228-1')
        // Height of a 55° thread: 0.640327 P on either side.
        expect(major_mm - 2 * 0.640327 * pitch_mm).toBeGreaterThan(0.8 * major_mm);
    }
    // The minor diameters that pipe tables print.
    const minor = (name: string) => {
      const port = PORT_THREADS.find((p) => p.name === name);
      return (port?.major_mm ?? 0) - 2 * 0.640327 * (port?.pitch_mm ?? 0);
    };
    expect(minor('G 1/2')).toBeCloseTo(18.631, 2);
    expect(minor('G 1/4')).toBeCloseTo(11.445, 2);
    expect(minor('G 1')).toBeCloseTo(30.291, 2);
  });
  it('have dashes as sixteenths', () => {
    expect(boreOfDash(16)).toBeCloseTo(25.4, 9);
    expect(DASHES).toEqual(PORT_THREADS.flatMap(({ dash }) => dash ?? []));
    expect([dashFor(25.4), dashFor(25.5), dashFor(50.81)]).toEqual([16, 20, null]);
  });
});

describe('a mount', () => {
  it('is told by pilot and bolts together', () => {
    expect(found({ pilot_mm: 127, boltSpacing_mm: 161.5 }).flange).toMatchObject({
      status: 'fits',
      fits: [{ size: 'C', bolts: 4, pilotOff_mm: 0, spacingOff_mm: expect.closeTo(-0.4, 9) }],
    });
    expect(found({ pilot_mm: 127 }).flange?.status).toBe('several');
    expect(found({ pilot_mm: 127, bolts: 2 }).flange?.fits).toHaveLength(1);
    expect(found({ pilot_mm: 152.4, boltSpacing_mm: 228.6 }).flange?.status).toBe('several');
  });
  it('takes the side of a square for its diagonal, of four bolts only', () => {
    const side = { boltSpacing_mm: 161.9 / Math.SQRT2, spacingIs: 'side' } as const;
    expect(found({ ...side, bolts: 4 }).flange?.fits[0]).toMatchObject({
      size: 'C',
      spacingOff_mm: expect.closeTo(0, 9) as number,
    });
    expect(found({ boltSpacing_mm: 146, spacingIs: 'side', bolts: 2 }).flange?.fits[0]?.size).toBe(
      'B',
    );
  });
  it('is mixed, near or none', () => {
    expect(found({ pilot_mm: 101.6, boltSpacing_mm: 181 })).toMatchObject({
      flange: { status: 'mixed', fits: [] },
      mixed: [{ of: ['pilot', 'bolts'], sizes: ['B', 'C'] }],
    });
    expect(found({ pilot_mm: 100, boltSpacing_mm: 145 }).flange).toMatchObject({
      status: 'near',
      near: [{ size: 'metric 100' }, { size: 'B', bolts: 2 }],
    });
    expect(found({ pilot_mm: 140 }).flange).toEqual({ status: 'none', fits: [], near: [] });
    expect(found({ pilot_mm: 102.0 }).flange?.fits).toHaveLength(2);
    expect(found({ pilot_mm: 102.01 }).flange?.fits).toHaveLength(0);
  });
});

describe('a shaft', () => {
  it('of thirteen teeth is told by its diameter', () => {
    expect(found({ splineTeeth: 13 }).shaft?.status).toBe('several');
    expect(found({ splineTeeth: 13, shaftDiameter_mm: 44.2 }).shaft).toMatchObject({
      status: 'fits',
      fits: [{ size: 'D/E', teeth: 13, pitch: '8/16' }],
    });
  });
  it('that is straight has no teeth, and has to fit more closely', () => {
    expect(found({ shaftDiameter_mm: 25.3 }).shaft?.fits).toEqual([
      { size: 'BB', teeth: null, pitch: null, off_mm: expect.closeTo(-0.1, 9) as number },
    ]);
    expect(found({ shaftDiameter_mm: 25.1 }).shaft?.status).toBe('near');
    expect(found({ shaftDiameter_mm: 25.1, splineTeeth: 15 }).shaft?.status).toBe('fits');
  });
  it('belongs to its flange, or is of another letter', () => {
    const onB = { pilot_mm: 101.6, boltSpacing_mm: 146 };
    expect(found({ ...onB, splineTeeth: 15, shaftDiameter_mm: 25.4 }).mixed).toEqual([]);
    expect(found({ ...onB, splineTeeth: 9 }).mixed).toEqual([
      { of: ['flange', 'shaft'], sizes: ['B', 'A'] },
    ]);
    expect(found({ pilot_mm: 165.1, splineTeeth: 13, shaftDiameter_mm: 44.4 }).mixed).toEqual([]);
  });
});

describe('a port', () => {
  it('between inch and metric is told by its pitch', () => {
    const names = (more: Partial<Measured>) => found(more).port?.fits.map((fit) => fit.name);
    expect(names({ threadMajor_mm: 26.9 })).toEqual(['1 1/16-12', 'M27×2']);
    expect(names({ threadMajor_mm: 26.9, pitch_mm: 25.4 / 12 })).toEqual(['1 1/16-12']);
    expect(names({ threadMajor_mm: 26.9, pitch_mm: 2 })).toEqual(['M27×2']);
    expect(found({ threadMajor_mm: 20.9, pitch_mm: 25.4 / 14 }).port?.fits[0]).toMatchObject({
      standard: 'ISO 228-1',
      name: 'G 1/2',
      ring_mm: [],
      nominalBore_mm: null,
    });
  });
  it('is told from the inside by the depth of its thread', () => {
    const minor = 22.225 - 1.0825 * (25.4 / 14);
    expect(found({ threadMinor_mm: minor + 0.2, pitch_mm: 25.4 / 14 }).port?.fits[0]).toMatchObject(
      {
        name: '7/8-14',
        dash: 10,
        off_mm: expect.closeTo(0.2, 9) as number,
        ring_mm: [19.18, 2.46],
        nominalBore_mm: 15.875,
      },
    );
    const pipe = 20.955 - 1.2807 * (25.4 / 14);
    expect(found({ threadMinor_mm: pipe, pitch_mm: 25.4 / 14 }).port?.fits[0]?.name).toBe('G 1/2');
  });
  it('with four bolts says both where two codes nearly agree', () => {
    const group = found({ flangeLong_mm: 51.7, flangeShort_mm: 25.5 }).flangePort;
    expect(group?.fits).toMatchObject([{ code: 61, size: '1' }]);
    expect(group?.near).toMatchObject([{ code: 62, size: '3/4' }]);
  });
  it('and what was not measured are told of nothing', () => {
    expect(found({ pitch_mm: 2 })).toMatchObject({ flange: null, shaft: null, flangePort: null });
    expect(found({ pitch_mm: 2 }).port?.status).toBe('several');
    expect(found({ splineTeeth: 9 }).port).toBeNull();
  });
});
