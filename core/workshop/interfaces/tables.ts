import { MM_PER } from '../../quantity/units';

const INCH = MM_PER.in;

/** A mounting flange; lengths in mm. */
export interface FlangeSize {
  readonly size: string;
  readonly bolts: 2 | 4;
  readonly pilot_mm: number;
  /** Between two bolts, or across the circle of four. */
  readonly spacing_mm: number;
}

const flange = (bolts: 2 | 4, size: string, pilot_mm: number, spacing_mm: number): FlangeSize => ({
  size,
  bolts,
  pilot_mm,
  spacing_mm,
});

/** Mounting flanges of SAE J744 and ISO 3019-1. */
export const FLANGES: readonly FlangeSize[] = [
  flange(2, 'AA', 50.8, 82.6),
  flange(2, 'A', 82.55, 106.4),
  flange(2, 'B', 101.6, 146.0),
  flange(2, 'C', 127.0, 181.0),
  flange(2, 'D', 152.4, 228.6),
  flange(2, 'E', 165.1, 317.5),
  flange(4, 'B', 101.6, 127.0),
  flange(4, 'C', 127.0, 161.9),
  flange(4, 'D', 152.4, 228.6),
  flange(4, 'E', 165.1, 317.5),
];

/** Pilots of the metric flanges of ISO 3019-2; their bolts are not listed here. */
export const METRIC_PILOTS: readonly Pick<FlangeSize, 'size' | 'pilot_mm'>[] = [
  { size: 'metric 80', pilot_mm: 80 },
  { size: 'metric 100', pilot_mm: 100 },
  { size: 'metric 125', pilot_mm: 125 },
];

/** A shaft end: an involute spline of 30°, or straight with a key. */
export interface ShaftSize {
  readonly size: string;
  readonly teeth: number;
  /** Diametral pitch and twice it, as splines are named. */
  readonly pitch: string;
  readonly diameter_mm: number;
  /** The mounting flanges that it belongs to. */
  readonly flanges: readonly string[];
}

const shaft = (
  size: string,
  teeth: number,
  pitch: string,
  diameter_mm: number,
  ...flanges: readonly string[]
): ShaftSize => ({ size, teeth, pitch, diameter_mm, flanges });

/** Shaft ends of SAE J744 and ISO 3019-1. */
export const SHAFTS: readonly ShaftSize[] = [
  shaft('A', 9, '16/32', 15.88, 'A'),
  shaft('A (11)', 11, '16/32', 19.05, 'A'),
  shaft('B', 13, '16/32', 22.23, 'B'),
  shaft('BB', 15, '16/32', 25.4, 'B'),
  shaft('C', 14, '12/24', 31.75, 'C'),
  shaft('CC', 17, '12/24', 38.1, 'C'),
  shaft('D/E', 13, '8/16', 44.45, 'D', 'E'),
  shaft('F', 15, '8/16', 50.8, 'F'),
];

/** The standards that a port's thread may be of. */
export type PortStandard = 'SAE J1926-1' | 'ISO 6149-1' | 'ISO 228-1';

/** A threaded port. */
export interface PortThread {
  readonly standard: PortStandard;
  readonly name: string;
  /** Sixteenths of an inch of the tube; null where the standard counts otherwise. */
  readonly dash: number | null;
  readonly major_mm: number;
  readonly pitch_mm: number;
  /** Inside diameter and section of its ring; null where it seals without one, or that is not listed. */
  readonly ring_mm: readonly [inside: number, section: number] | null;
}

/** Writes whole inches and a fraction as a number: `1 5/16`. */
const inches = (text: string): number =>
  text.split(' ').reduce((sum, part) => {
    const [over = '', under = '1'] = part.split('/');
    return sum + Number(over) / Number(under);
  }, 0);

const inchPort = (
  dash: number,
  size: string,
  tpi: number,
  ...ring_mm: [number, number]
): PortThread => ({
  standard: 'SAE J1926-1',
  name: `${size}-${tpi}`,
  dash,
  major_mm: inches(size) * INCH,
  pitch_mm: INCH / tpi,
  ring_mm,
});

const metricPort = (
  major_mm: number,
  pitch_mm: number,
  ...ring_mm: [number, number]
): PortThread => ({
  standard: 'ISO 6149-1',
  name: `M${major_mm}×${pitch_mm}`,
  dash: null,
  major_mm,
  pitch_mm,
  ring_mm,
});

const pipePort = (size: string, major_mm: number, tpi: number): PortThread => ({
  standard: 'ISO 228-1',
  name: `G ${size}`,
  dash: null,
  major_mm,
  pitch_mm: INCH / tpi,
  ring_mm: null,
});

/** Threads of ports. */
export const PORT_THREADS: readonly PortThread[] = [
  inchPort(4, '7/16', 20, 8.92, 1.83),
  inchPort(5, '1/2', 20, 10.52, 1.83),
  inchPort(6, '9/16', 18, 11.89, 1.98),
  inchPort(8, '3/4', 16, 16.36, 2.2),
  inchPort(10, '7/8', 14, 19.18, 2.46),
  inchPort(12, '1 1/16', 12, 23.47, 2.95),
  inchPort(14, '1 3/16', 12, 26.59, 2.95),
  inchPort(16, '1 5/16', 12, 29.74, 2.95),
  inchPort(20, '1 5/8', 12, 37.46, 3.0),
  inchPort(24, '1 7/8', 12, 43.69, 3.0),
  inchPort(32, '2 1/2', 12, 59.36, 3.0),
  metricPort(10, 1, 8.1, 1.6),
  metricPort(12, 1.5, 9.3, 2.2),
  metricPort(14, 1.5, 11.3, 2.2),
  metricPort(16, 1.5, 13.3, 2.2),
  metricPort(18, 1.5, 15.3, 2.2),
  metricPort(22, 1.5, 19.3, 2.2),
  metricPort(27, 2, 23.6, 2.9),
  metricPort(33, 2, 29.6, 2.9),
  metricPort(42, 2, 38.6, 2.9),
  metricPort(48, 2, 44.6, 2.9),
  metricPort(60, 2, 56.6, 2.9),
  pipePort('1/8', 9.728, 28),
  pipePort('1/4', 13.157, 19),
  pipePort('3/8', 16.662, 19),
  pipePort('1/2', 20.955, 14),
  pipePort('3/4', 26.441, 14),
  pipePort('1', 33.249, 11),
  pipePort('1 1/4', 41.91, 11),
  pipePort('1 1/2', 47.803, 11),
  pipePort('2', 59.614, 11),
];

/** A port flange with four bolts; lengths in mm. */
export interface PortFlange {
  readonly code: 61 | 62;
  readonly size: string;
  readonly long_mm: number;
  readonly short_mm: number;
}

const portFlange = (
  code: 61 | 62,
  size: string,
  long_mm: number,
  short_mm: number,
): PortFlange => ({
  code,
  size,
  long_mm,
  short_mm,
});

/** Port flanges of ISO 6162-1 (SAE J518 code 61) and ISO 6162-2 (code 62). */
export const PORT_FLANGES: readonly PortFlange[] = [
  portFlange(61, '1/2', 38.1, 17.5),
  portFlange(61, '3/4', 47.6, 22.2),
  portFlange(61, '1', 52.4, 26.2),
  portFlange(61, '1 1/4', 58.7, 30.2),
  portFlange(61, '1 1/2', 69.9, 35.7),
  portFlange(61, '2', 77.8, 42.9),
  portFlange(62, '1/2', 40.5, 18.2),
  portFlange(62, '3/4', 50.8, 23.8),
  portFlange(62, '1', 57.2, 27.8),
  portFlange(62, '1 1/4', 66.7, 31.8),
  portFlange(62, '1 1/2', 79.4, 36.5),
  portFlange(62, '2', 96.8, 44.5),
];
