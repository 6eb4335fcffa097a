import { figure, notBelow, perhaps, positive } from './fields';

/** Says what of an inlet stays whichever bore is asked for. */
export const wayFields = {
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
