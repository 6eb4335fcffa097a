import { InputError } from '../errors';

/** Litres in a cubic centimetre. */
const L_PER_CC = 1e-3;

/** A pump on its drive, what it moved in a test, and what is wanted of it; null for what nobody has. */
export interface Drive {
  readonly driveRpm: number;
  /** Turns of the pump for each of the drive. */
  readonly ratio: number;
  /** Displacement of one gear set. */
  readonly cc_rev: number | null;
  readonly gearSets: number;
  readonly test: { readonly flow_lpm: number; readonly pumpRpm: number } | null;
  readonly width_mm: number | null;
  readonly newWidth_mm: number | null;
  readonly wanted_lpm: number | null;
}

/** Says what a pump moves at the speed of its drive, what a wider gear gives, and what is needed for what is wanted. */
export interface Driven {
  readonly pumpRpm: number;
  readonly theoretical_lpm: number | null;
  readonly slip_lpm: number | null;
  readonly delivered_lpm: number | null;
  readonly efficiency: number | null;
  /** By a test and what it slips, by a test in proportion, or in theory. */
  readonly way: 'test' | 'proportion' | 'theoretical' | null;
  /** Displacement of one gear set with the new width. */
  readonly newCc_rev: number | null;
  readonly wider_lpm: number | null;
  readonly gain_lpm: number | null;
  /** Speed of the drive for what is wanted. */
  readonly rpmWanted: number | null;
  readonly widthWanted_mm: number | null;
}

const UNKNOWN: Omit<Driven, 'pumpRpm'> = {
  theoretical_lpm: null,
  slip_lpm: null,
  delivered_lpm: null,
  efficiency: null,
  way: null,
  newCc_rev: null,
  wider_lpm: null,
  gain_lpm: null,
  rpmWanted: null,
  widthWanted_mm: null,
};

/** Returns a share of something; null where either is unknown or the whole is nought. */
const per = (part: number | null, whole: number | null): number | null =>
  part === null || whole === null || whole === 0 ? null : part / whole;

/**
 * Returns what a pump moves at a speed of its drive. What slipped in a test slips at every speed and width; without a
 * displacement the flow of the test goes in proportion to the speed; without a test it is the theory's.
 *
 * @param drive speeds in 1/min, displacement in cm³, flows in l/min, widths in mm
 * @throws InputError on `testFlow_lpm` where the test has more than the gears displace
 * @example
 * const pump = { driveRpm: 2800, ratio: 0.5, cc_rev: 24, gearSets: 1, test: { flow_lpm: 30.1, pumpRpm: 1400 } };
 * drivenFlow({ ...pump, width_mm: 20, newWidth_mm: 24, wanted_lpm: 40 }); // { delivered_lpm: 30.1, wider_lpm: 36.82, rpmWanted: 3625, widthWanted_mm: 25.892857 }
 * @see Ivantysyn and Ivantysynova, Hydrostatic Pumps and Motors; slip that stays: assumption
 */
export function drivenFlow(drive: Drive): Driven {
  const pumpRpm = drive.driveRpm * drive.ratio;
  if (drive.cc_rev === null) return { ...UNKNOWN, pumpRpm, ...inProportion(drive, pumpRpm) };
  return { ...UNKNOWN, pumpRpm, ...bySlip(drive, drive.cc_rev, pumpRpm) };
}

/** Returns what a flow of the test comes to at another speed, where nobody knows what the gears displace. */
function inProportion({ test, ratio, wanted_lpm, width_mm }: Drive, pumpRpm: number) {
  if (!test || test.pumpRpm === 0) return {};
  const delivered_lpm = (test.flow_lpm * pumpRpm) / test.pumpRpm;
  const more = per(wanted_lpm, delivered_lpm);
  return {
    way: 'proportion' as const,
    delivered_lpm,
    rpmWanted: more === null ? null : (more * pumpRpm) / ratio,
    widthWanted_mm: more === null || width_mm === null ? null : more * width_mm,
  };
}

/** Returns what gears of known displacement move, less what slipped in the test. */
function bySlip(
  { cc_rev: _, gearSets, test, ratio, width_mm, newWidth_mm, wanted_lpm }: Drive,
  cc_rev: number,
  pumpRpm: number,
) {
  const perTurn_l = cc_rev * gearSets * L_PER_CC;
  const slip_lpm = test && perTurn_l * test.pumpRpm - test.flow_lpm;
  if (slip_lpm !== null && slip_lpm < -1e-9)
    throw new InputError(
      'testFlow_lpm',
      'over-theory',
      'That is more than the gears displace at this speed: a figure is wrong.',
    );
  const slip = Math.max(0, slip_lpm ?? 0);
  const theoretical_lpm = perTurn_l * pumpRpm;
  const flowOf = (theory_lpm: number) => Math.max(0, theory_lpm - slip);
  const delivered_lpm = slip_lpm === null ? null : flowOf(theoretical_lpm);
  const wider = per(newWidth_mm, width_mm);
  const wider_lpm = wider === null ? null : flowOf(theoretical_lpm * wider);
  const needed_lpm = wanted_lpm === null ? null : wanted_lpm + slip;
  const widthShare = per(needed_lpm, theoretical_lpm);
  return {
    way: slip_lpm === null ? ('theoretical' as const) : ('test' as const),
    theoretical_lpm,
    slip_lpm: slip_lpm === null ? null : slip,
    delivered_lpm,
    efficiency: per(delivered_lpm, theoretical_lpm),
    newCc_rev: wider === null ? null : cc_rev * wider,
    wider_lpm,
    gain_lpm: wider_lpm === null ? null : wider_lpm - (delivered_lpm ?? theoretical_lpm),
    rpmWanted: per(needed_lpm, perTurn_l * ratio),
    widthWanted_mm: widthShare === null || width_mm === null ? null : widthShare * width_mm,
  };
}
