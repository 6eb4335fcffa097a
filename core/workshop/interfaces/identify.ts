import { boreOfDash } from './dash';
import {
  FLANGES,
  METRIC_PILOTS,
  PORT_FLANGES,
  PORT_THREADS,
  SHAFTS,
  type FlangeSize,
  type PortFlange,
  type PortStandard,
  type PortThread,
  type ShaftSize,
} from './tables';

/** Says what was measured of a mount, a shaft and a port; null for what was not. */
export interface Measured {
  readonly pilot_mm: number | null;
  readonly boltSpacing_mm: number | null;
  readonly bolts: 2 | 4 | null;
  /** Of four bolts: across the circle, or along a side of their square. */
  readonly spacingIs: 'across' | 'side';
  readonly splineTeeth: number | null;
  readonly shaftDiameter_mm: number | null;
  /** Outside of a male thread, and inside of a female one. */
  readonly threadMajor_mm: number | null;
  readonly threadMinor_mm: number | null;
  readonly pitch_mm: number | null;
  readonly flangeLong_mm: number | null;
  readonly flangeShort_mm: number | null;
}

/** One size fits, several do, figures fit sizes of their own, one is near, or none is. */
export type Status = 'fits' | 'several' | 'mixed' | 'near' | 'none';

/** Says what a measurement may be, and how far off each of its figures is: measured less the table's. */
export interface Group<Fit> {
  readonly status: Status;
  readonly fits: readonly Fit[];
  readonly near: readonly Fit[];
}

/** A flange, and how far off its figures are; `bolts` null of a metric pilot, whose bolts are not listed. */
export interface FlangeFit {
  readonly size: string;
  readonly bolts: 2 | 4 | null;
  readonly pilotOff_mm: number | null;
  readonly spacingOff_mm: number | null;
}

/** A shaft end; teeth and pitch null of a straight one. */
export interface ShaftFit {
  readonly size: string;
  readonly teeth: number | null;
  readonly pitch: string | null;
  readonly off_mm: number | null;
}

/** The thread of a port. */
export interface PortFit {
  readonly standard: PortStandard;
  readonly name: string;
  readonly dash: number | null;
  readonly off_mm: number | null;
  readonly pitchOff_mm: number | null;
  /** Inside diameter and section of its ring; empty where none is listed. */
  readonly ring_mm: readonly number[];
  readonly nominalBore_mm: number | null;
}

/** A port flange. */
export interface PortFlangeFit {
  readonly code: 61 | 62;
  readonly size: string;
  readonly longOff_mm: number | null;
  readonly shortOff_mm: number | null;
}

/** Figures that are of two standard sizes. */
export interface Mixed {
  readonly of: readonly ['pilot', 'bolts'] | readonly ['flange', 'shaft'];
  readonly sizes: readonly [string, string];
}

/** Says what mount, shaft and port may be; null of what nothing was measured of. */
export interface Identified {
  readonly flange: Group<FlangeFit> | null;
  readonly shaft: Group<ShaftFit> | null;
  readonly port: Group<PortFit> | null;
  readonly flangePort: Group<PortFlangeFit> | null;
  readonly mixed: readonly Mixed[];
}

/** Says how far a figure may lie off a table for a size to fit, and to be near, in mm: assumptions. */
interface Band {
  readonly fits: readonly [under: number, over: number];
  readonly near: readonly [under: number, over: number];
}

const evenly = (fits: number, near: number): Band => ({
  fits: [-fits, fits],
  near: [-near, near],
});

const PILOT = evenly(0.4, 3);
const SPACING = evenly(1, 3);
const STRAIGHT = evenly(0.15, 1);
const SPLINE = evenly(0.4, 1.2);
const PITCH = evenly(0.045, 0.15);
const CODE = evenly(0.8, 2.5);
/** A male thread is worn and truncated, a female one opened. */
const MALE: Band = { fits: [-0.45, 0.1], near: [-1.05, 0.7] };
const FEMALE: Band = { fits: [-0.1, 0.45], near: [-0.7, 1.05] };

/** Depth of thread on both sides, in pitches: 60° metric and inch (ISO 68-1), 55° pipe (ISO 228-1). */
const DEPTH: Readonly<Record<PortStandard, number>> = {
  'SAE J1926-1': 1.0825,
  'ISO 6149-1': 1.0825,
  'ISO 228-1': 1.2807,
};

/** Binary noise that puts a figure beside the end of a band. */
const NOISE = 1e-9;

const within = (off: number, [under, over]: readonly [number, number]): boolean =>
  off >= under - NOISE && off <= over + NOISE;

/** One figure of a row: how far off it is, and how far it may be; off null where it was not measured. */
type Figure = readonly [off: number | null, band: Band];

const off = (measured: number | null, table: number): number | null =>
  measured === null ? null : measured - table;

const rowFits = (figures: readonly Figure[]): boolean =>
  figures.every(([by, band]) => by === null || within(by, band.fits));

const rowIsNear = (figures: readonly Figure[]): boolean =>
  figures.every(([by, band]) => by === null || within(by, band.near));

/** Returns how far a row is off in all, each figure by the width of its band. */
const farness = (figures: readonly Figure[]): number =>
  figures.reduce((sum, [by, { near }]) => sum + (by === null ? 0 : Math.abs(by) / near[1]), 0);

/** A row of a table, held against what was measured. */
interface Held<Fit> {
  readonly fit: Fit;
  readonly figures: readonly Figure[];
  /** Is listed among what is near, and never fits. */
  readonly nearOnly?: boolean;
}

/** Tells whether one of the figures of a row fits by itself. */
const fitsInPart = ({ figures }: Held<unknown>): boolean =>
  figures.some(([by, { fits }]) => by !== null && within(by, fits));

/** Sorts rows into those that fit and those that are near, the nearest first; of mixed ones a single figure makes a row near. */
function grouped<Fit>(rows: readonly Held<Fit>[], isMixed = false): Group<Fit> {
  const sorted = [...rows].sort((a, b) => farness(a.figures) - farness(b.figures));
  const fits = sorted.filter((row) => !row.nearOnly && rowFits(row.figures));
  const near = sorted.filter(
    (row) => !fits.includes(row) && (rowIsNear(row.figures) || (isMixed && fitsInPart(row))),
  );
  const status = fits.length > 1 ? 'several' : fits.length === 1 ? 'fits' : null;
  return {
    status: status ?? (isMixed ? 'mixed' : near.length > 0 ? 'near' : 'none'),
    fits: fits.map(({ fit }) => fit),
    near: near.map(({ fit }) => fit),
  };
}

const heldFlange = (m: Measured, size: FlangeSize): Held<FlangeFit> => {
  const across = m.spacingIs === 'side' && size.bolts === 4 ? Math.SQRT2 : 1;
  const pilotOff_mm = off(m.pilot_mm, size.pilot_mm);
  const measured_mm = m.boltSpacing_mm === null ? null : m.boltSpacing_mm * across;
  const spacingOff_mm = off(measured_mm, size.spacing_mm);
  return {
    fit: { size: size.size, bolts: size.bolts, pilotOff_mm, spacingOff_mm },
    figures: [
      [pilotOff_mm, PILOT],
      [spacingOff_mm, SPACING],
    ],
  };
};

/** Returns the first size that a figure fits by itself, of rows in the order of the table. */
const sizeBy = (rows: readonly Held<FlangeFit>[], figure: 0 | 1): string | undefined =>
  rows.find(({ figures }) => {
    const [by, band] = figures[figure] ?? [null, PILOT];
    return by !== null && within(by, band.fits);
  })?.fit.size;

function flangeOf(m: Measured): { group: Group<FlangeFit>; mixed: Mixed[] } | null {
  if (m.pilot_mm === null && m.boltSpacing_mm === null) return null;
  const rows = FLANGES.filter(({ bolts }) => m.bolts === null || bolts === m.bolts).map((size) =>
    heldFlange(m, size),
  );
  const metric = METRIC_PILOTS.flatMap(({ size, pilot_mm }): Held<FlangeFit>[] => {
    const pilotOff_mm = off(m.pilot_mm, pilot_mm);
    if (pilotOff_mm === null) return [];
    const fit = { size, bolts: null, pilotOff_mm, spacingOff_mm: null };
    return [{ fit, figures: [[pilotOff_mm, PILOT]], nearOnly: true }];
  });
  const [byPilot, byBolts] = [sizeBy(rows, 0), sizeBy(rows, 1)];
  const together = rows.some(({ figures }) => rowFits(figures));
  const isMixed = !together && byPilot !== undefined && byBolts !== undefined;
  return {
    group: grouped([...rows, ...metric], isMixed),
    mixed: isMixed ? [{ of: ['pilot', 'bolts'], sizes: [byPilot, byBolts] }] : [],
  };
}

function shaftOf({ splineTeeth, shaftDiameter_mm }: Measured): Group<ShaftFit> | null {
  if (splineTeeth === null && shaftDiameter_mm === null) return null;
  const isStraight = splineTeeth === null;
  return grouped(
    SHAFTS.filter(({ teeth }) => isStraight || teeth === splineTeeth).map(
      (size: ShaftSize): Held<ShaftFit> => {
        const off_mm = off(shaftDiameter_mm, size.diameter_mm);
        const spline = isStraight
          ? { teeth: null, pitch: null }
          : { teeth: size.teeth, pitch: size.pitch };
        return {
          fit: { size: size.size, teeth: spline.teeth, pitch: spline.pitch, off_mm },
          figures: [[off_mm, isStraight ? STRAIGHT : SPLINE]],
        };
      },
    ),
  );
}

const heldPort = (m: Measured, port: PortThread): Held<PortFit> => {
  const depth_mm = DEPTH[port.standard] * port.pitch_mm;
  const majorOff_mm = off(m.threadMajor_mm, port.major_mm);
  const minorOff_mm = off(m.threadMinor_mm, port.major_mm - depth_mm);
  const pitchOff_mm = off(m.pitch_mm, port.pitch_mm);
  return {
    fit: {
      standard: port.standard,
      name: port.name,
      dash: port.dash,
      off_mm: majorOff_mm ?? minorOff_mm,
      pitchOff_mm,
      ring_mm: port.ring_mm ?? [],
      nominalBore_mm: port.dash === null ? null : boreOfDash(port.dash),
    },
    figures: [
      [majorOff_mm, MALE],
      [minorOff_mm, FEMALE],
      [pitchOff_mm, PITCH],
    ],
  };
};

function portOf(m: Measured): Group<PortFit> | null {
  if (m.threadMajor_mm === null && m.threadMinor_mm === null && m.pitch_mm === null) return null;
  return grouped(PORT_THREADS.map((port) => heldPort(m, port)));
}

function flangePortOf({ flangeLong_mm, flangeShort_mm }: Measured): Group<PortFlangeFit> | null {
  if (flangeLong_mm === null && flangeShort_mm === null) return null;
  return grouped(
    PORT_FLANGES.map(({ code, size, long_mm, short_mm }: PortFlange): Held<PortFlangeFit> => {
      const longOff_mm = off(flangeLong_mm, long_mm);
      const shortOff_mm = off(flangeShort_mm, short_mm);
      return {
        fit: { code, size, longOff_mm, shortOff_mm },
        figures: [
          [longOff_mm, CODE],
          [shortOff_mm, CODE],
        ],
      };
    }),
  );
}

/** Returns a flange and a shaft of two sizes, where no shaft that fits belongs to a flange that fits. */
function otherShaft(
  flange: Group<FlangeFit> | null,
  shaft: Group<ShaftFit> | null,
): readonly Mixed[] {
  const [mount, end] = [flange?.fits[0], shaft?.fits[0]];
  if (!mount || !end) return [];
  const belongs = shaft?.fits.some(({ size }) =>
    SHAFTS.find((s) => s.size === size)?.flanges.some((f) =>
      flange?.fits.some((fit) => fit.size === f),
    ),
  );
  return belongs ? [] : [{ of: ['flange', 'shaft'], sizes: [mount.size, end.size] }];
}

/**
 * Returns which standard flange, shaft end and port figures are of: each figure is held against every size by itself,
 * then all of one part together. Where a pilot is of one size and the bolts of another, or a shaft of another letter
 * than its flange, that is said.
 *
 * @param measured lengths in mm; at least one
 * @example
 * const nothing = { pilot_mm: null, boltSpacing_mm: null, bolts: null, spacingIs: 'across', splineTeeth: null, shaftDiameter_mm: null };
 * const noPort = { threadMajor_mm: null, threadMinor_mm: null, pitch_mm: null, flangeLong_mm: null, flangeShort_mm: null };
 * const found = identify({ ...nothing, ...noPort, pilot_mm: 101.55, boltSpacing_mm: 146.3, splineTeeth: 13, shaftDiameter_mm: 22.1 });
 * found.flange.fits; // [{ size: 'B', bolts: 2, pilotOff_mm: -0.05, spacingOff_mm: 0.3 }]
 * found.shaft.fits; // [{ size: 'B', teeth: 13, pitch: '16/32', off_mm: -0.13 }]
 * @see SAE J744, ISO 3019-1; SAE J1926-1, ISO 6149-1, ISO 228-1; ISO 6162 (SAE J518)
 */
export function identify(measured: Measured): Identified {
  const flange = flangeOf(measured);
  const shaft = shaftOf(measured);
  return {
    flange: flange?.group ?? null,
    shaft,
    port: portOf(measured),
    flangePort: flangePortOf(measured),
    mixed: [...(flange?.mixed ?? []), ...otherShaft(flange?.group ?? null, shaft)],
  };
}
