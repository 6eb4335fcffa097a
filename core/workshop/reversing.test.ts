import { INLET } from '../testing/lines';
import { reverse, REVERSED_FAMILIES, type Reversed } from './reversing';

const NOTHING: Omit<Reversed, 'family'> = {
  drivenBy: 'other',
  rotation: 'clockwise',
  largePort_mm: null,
  smallPort_mm: null,
  bodyTurns: null,
  drain: null,
  drainTurnsWithBody: false,
  ends: null,
  relief: null,
  sealLip: null,
  helical: null,
  slots: null,
  vanesKnown: false,
  eccentricRing: null,
  sheetAllows: null,
  maxRpm: 2600,
  inlet: null,
};

const GEARS: Reversed = {
  ...NOTHING,
  family: 'external-gear',
  largePort_mm: 27,
  smallPort_mm: 21,
  bodyTurns: true,
  drain: 'two-holes',
  ends: 'symmetrical',
  relief: 'none',
  sealLip: 'plain',
  helical: false,
};

describe('a gear pump that is reversed', () => {
  const stepsOf = (more: Partial<Reversed>) => reverse({ ...GEARS, ...more }).steps;

  it('turns its body, and keeps its speed', () => {
    expect(reverse(GEARS)).toMatchObject({
      possible: 'yes',
      to: 'anticlockwise',
      ports: 'swap',
      newInlet: 'large',
      topRpm: 2600,
      speedFactor: 1,
    });
    expect(reverse({ ...GEARS, rotation: 'anticlockwise' }).to).toBe('clockwise');
  });
  it('asks for what it is built like before it says how', () => {
    const { possible, ask, steps, newInlet, topRpm } = reverse({
      ...NOTHING,
      family: 'external-gear',
    });
    expect(possible).toBe('ask');
    expect(ask).toEqual(['helical', 'relief', 'bodyTurns', 'drain', 'ends', 'sealLip']);
    expect([steps, newInlet, topRpm]).toEqual([[], null, null]);
    expect(reverse({ ...GEARS, drain: null }).ask).toEqual(['drain']);
  });
  it.each([
    ['two-holes', 'move-plug'],
    ['one-hole', 'drill-and-plug'],
    ['shuttle', 'free-shuttle'],
  ] as const)('moves its drain: %s by %s, and not where it turned along', (drain, step) => {
    expect(stepsOf({ drain })).toContain(step);
    expect(stepsOf({ drain, drainTurnsWithBody: true })).not.toContain(step);
    // A body that stays takes no drain along.
    expect(stepsOf({ drain, drainTurnsWithBody: true, bodyTurns: false })).toContain(step);
    expect(stepsOf({ drain, drainTurnsWithBody: true })).toContain('prove-drain');
  });
  it('leaves a drain to the case, proves it, and proves none where there is none', () => {
    expect(stepsOf({ drain: 'case' })).toEqual([
      'turn-body',
      'prove-drain',
      'spin',
      'swap-lines',
      'restamp',
    ]);
    expect(stepsOf({ drain: 'none' })).not.toContain('prove-drain');
  });
  it('turns blocks and relief, and gets the other lip', () => {
    expect(stepsOf({ ends: 'blocks', relief: 'turns', sealLip: 'one-way' })).toEqual([
      'turn-body',
      'move-plug',
      'turn-blocks',
      'turn-relief',
      'new-seal',
      'prove-drain',
      'spin',
      'swap-lines',
      'restamp',
    ]);
    expect(stepsOf({ ends: 'grooved' })).toContain('turn-blocks');
  });
  it('runs slower where the small port becomes the inlet: as slowly as its inlet allows', () => {
    const stays = { ...GEARS, bodyTurns: false };
    expect(reverse(stays)).toMatchObject({ possible: 'slower', newInlet: 'small' });
    expect(reverse(stays).topRpm).toBeCloseTo(1572.84, 2);
    expect(reverse(stays).steps.at(-1)).toBe('stamp-top-speed');
    const { portDiameter_mm: _, ...way } = INLET;
    const inlet = { ...way, lineDiameter_mm: 27, velocityLimit_ms: 1.5 };
    // 1.5 m/s through 21 mm, for 24 cm³ a turn.
    const byVelocity = (1.5 * (Math.PI / 4) * 0.021 ** 2 * 60) / 24e-6;
    expect(reverse({ ...stays, inlet }).topRpm).toBeCloseTo(byVelocity, 6);
    const wide = { ...inlet, velocityLimit_ms: null, lineDiameter_mm: 60, k: 0 };
    expect(reverse({ ...stays, inlet: wide })).toMatchObject({
      possible: 'yes',
      topRpm: 2600,
      speedFactor: 1,
    });
    expect(reverse({ ...stays, maxRpm: null })).toMatchObject({ topRpm: null, possible: 'slower' });
    expect(reverse({ ...stays, smallPort_mm: null })).toMatchObject({
      possible: 'slower',
      topRpm: null,
      speedFactor: null,
    });
    expect(reverse({ ...stays, smallPort_mm: 27 })).toMatchObject({
      possible: 'yes',
      newInlet: 'equal',
      topRpm: 2600,
    });
  });
  it.each([
    ['sheet', { sheetAllows: false }],
    ['hub', { drivenBy: 'hub' }],
    ['engine', { drivenBy: 'engine' }],
    ['helical', { helical: true }],
    ['relief', { relief: 'fixed' }],
  ] as const)('is not where it must not be: %s', (stop, more) => {
    expect(reverse({ ...GEARS, ...more })).toMatchObject({
      possible: 'no',
      stops: [stop],
      ask: [],
      steps: [],
      topRpm: null,
    });
  });
});

describe('other pumps', () => {
  const of = (family: string, more: Partial<Reversed> = {}) =>
    reverse({ ...NOTHING, family, ...more });

  it('flips the ring of a cartridge, and turns a rotor whose slots slope', () => {
    expect(of('fixed-vane').ask).toEqual(['slots', 'vanes']);
    const known = { slots: 'radial', vanesKnown: true } as const;
    expect(of('fixed-vane', known)).toMatchObject({
      possible: 'yes',
      ports: 'stay',
      newInlet: 'same',
      steps: ['flip-ring', 'spin', 'restamp'],
    });
    expect(of('fixed-vane', { ...known, slots: 'sloped' }).steps).toContain('turn-rotor');
  });
  it('turns the eccentric ring of a gerotor half round, and no pocket', () => {
    expect(of('gerotor', { eccentricRing: true }).steps).toEqual([
      'half-turn-ring',
      'spin',
      'restamp',
    ]);
    expect(of('gerotor', { eccentricRing: false }).stops).toEqual(['gerotor-pocket']);
    expect(of('gerotor').ask).toEqual(['eccentricRing']);
  });
  it('swaps the lines of a vacuum pump, which air does not slow', () => {
    const ports = { largePort_mm: 20, smallPort_mm: 12, slots: 'sloped' } as const;
    expect(of('vacuum-vane', ports)).toMatchObject({
      possible: 'yes',
      newInlet: 'equal',
      steps: ['turn-rotor', 'spin', 'swap-air-lines', 'restamp'],
    });
  });
  it('never turns a crescent or a variable vane pump', () => {
    expect(of('crescent').stops).toEqual(['crescent']);
    expect(of('variable-vane').stops).toEqual(['variable-vane']);
  });
  it('knows every family', () => {
    expect(REVERSED_FAMILIES.map((family) => of(family).possible)).not.toContain(undefined);
    expect([...REVERSED_FAMILIES].sort()).toEqual([
      'crescent',
      'external-gear',
      'fixed-vane',
      'gerotor',
      'vacuum-vane',
      'variable-vane',
    ]);
  });
});

describe('what is done only where it has to be', () => {
  it('turns a rotor whose slots slope, and no other', () => {
    const vacuum = (slots: Reversed['slots']) =>
      reverse({ ...NOTHING, family: 'vacuum-vane', slots }).steps.includes('turn-rotor');
    expect([vacuum('sloped'), vacuum('radial')]).toEqual([true, false]);
  });
  it('measures the wall of the old inlet where the body stays', () => {
    const steps = reverse({ ...GEARS, bodyTurns: false }).steps;
    expect(steps).toContain('measure-old-inlet-wall');
    expect(steps).not.toContain('turn-body');
  });
  it('says of a stop nothing else, and of ports that nobody knows no speed', () => {
    expect(reverse({ ...GEARS, helical: true, drain: null })).toMatchObject({
      possible: 'no',
      ask: [],
    });
    expect(reverse({ ...GEARS, bodyTurns: false, largePort_mm: null })).toMatchObject({
      topRpm: null,
      speedFactor: null,
    });
    expect(reverse({ ...GEARS, bodyTurns: false, largePort_mm: 21 }).possible).toBe('yes');
  });
});
