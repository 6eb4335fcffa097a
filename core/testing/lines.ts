import type { Inlet } from '../hydraulics/inlet';
import type { SealCavity } from '../hydraulics/sealCavity';

/** Describes the way of oil to a pump, without a limit to its speed. */
export const INLET: Inlet = {
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
  velocityLimit_ms: null,
};

/** Describes the space behind a shaft seal whose bushing is worn. */
export const CAVITY: SealCavity = {
  supply_bar: 7,
  mu_Pas: 0.0061,
  density_kgm3: 813,
  bore: { diameter_mm: 38, diametralClearance_mm: 0.18, length_mm: 16, eccentricity: 0.5 },
  drain: { diameter_mm: 3.2, cd: 0.7 },
  back_bar: 0,
};
