import { object, type TestContext } from 'yup';
import { inletBore, inletMaxSpeed } from '../hydraulics/inlet';
import { dashFor } from '../workshop/interfaces/tables';
import { choice, figure, notBelow, perhaps, positive } from './fields';
import { sum } from './sum';

/** What of an inlet stays whichever bore is asked for. */
const wayFields = {
  cc_rev: positive('Displacement of a gear set', 'cm³'),
  gearSets: positive('Gear sets on this inlet', 'count').integer(),
  lineLength_m: notBelow('Hose length', 'm').max(100),
  lift_m: figure('Pump above the oil', 'm').min(-20).max(20),
  k: notBelow('Bends and strainer', 'count').max(1000),
  density_kgm3: positive('Density', 'kg/m³'),
  mu_Pas: positive('Dynamic viscosity', 'Pa·s'),
  atmosphere_bar: positive('Air pressure', 'bar').max(2),
  least_bar: notBelow('Least inlet pressure, absolute', 'bar').max(2),
  velocityLimit_ms: perhaps('Highest oil speed in the port', 'm/s').moreThan(0),
};

const PORT = () => positive('Inlet port').max(1000);
const LINE = () => positive('Hose bore').max(1000);

/** The way of oil to a pump, as it is asked for by itself and for a pump that is reversed. */
export const inletFields = { ...wayFields, portDiameter_mm: PORT(), lineDiameter_mm: LINE() };

/** Tells how fast a pump may run before its inlet starves it. */
export const inletMaxSpeedOf = sum({
  input: object(inletFields),
  example: {
    cc_rev: 24,
    gearSets: 1,
    portDiameter_mm: 25.4,
    lineDiameter_mm: 25.4,
    lineLength_m: 0.9,
    lift_m: 0.3,
    k: 2.5,
    density_kgm3: 841,
    mu_Pas: 0.0174,
    atmosphere_bar: 1.01325,
    least_bar: 0.8,
    velocityLimit_ms: 1.5,
  },
  answer: (inlet) => inletMaxSpeed({ ...inlet, velocityLimit_ms: inlet.velocityLimit_ms ?? null }),
  gives: {
    rpm: ['Highest speed', '1/min'],
    limitedBy: ['Limited by'],
    inlet_bar: ['Inlet pressure there, absolute', 'bar'],
  },
});

/** Checks that a hose that stays says how wide it is. */
const lineGiven = (
  { change, lineDiameter_mm }: { change?: string; lineDiameter_mm?: number | null },
  context: TestContext,
) =>
  change !== 'port' ||
  lineDiameter_mm != null ||
  context.createError({ path: 'lineDiameter_mm', message: 'Missing' });

/** Tells which bore carries a speed. */
export const inletBoreOf = sum({
  input: object({
    ...wayFields,
    portDiameter_mm: perhaps('Inlet port').moreThan(0).max(1000),
    lineDiameter_mm: perhaps('Hose bore').moreThan(0).max(1000),
    rpm: notBelow('Pump speed', '1/min'),
    change: choice('What gets wider', ['both', 'port']),
  }).test('has a line', lineGiven),
  example: {
    cc_rev: 24,
    gearSets: 1,
    lineLength_m: 0.9,
    lift_m: 0.3,
    k: 2.5,
    density_kgm3: 841,
    mu_Pas: 0.0174,
    atmosphere_bar: 1.01325,
    least_bar: 0.8,
    velocityLimit_ms: 1.5,
    rpm: 2400,
    change: 'both',
  },
  answer: ({ rpm, change, ...inlet }) => {
    const bore = inletBore(
      {
        ...inlet,
        velocityLimit_ms: inlet.velocityLimit_ms ?? null,
        portDiameter_mm: inlet.portDiameter_mm ?? 1,
        lineDiameter_mm: inlet.lineDiameter_mm ?? 1,
      },
      rpm,
      change,
    );
    const { bore_mm, byPressure_mm, byVelocity_mm, why } = bore;
    const dash = bore_mm === null ? null : dashFor(bore_mm);
    return { bore_mm, byPressure_mm, byVelocity_mm, dash, why };
  },
  gives: {
    bore_mm: ['Bore', 'mm'],
    byPressure_mm: ['By pressure', 'mm'],
    byVelocity_mm: ['By velocity', 'mm'],
    dash: ['Next dash number', 'count'],
    why: ['Why none is wide enough'],
  },
});
