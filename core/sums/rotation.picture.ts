import { onClock } from '../pumps/shapes';
import type { Turning } from '../workshop/reversing';
import type { Outline, Parts, Pens } from './picture';

/** Says how a pair of gears lies, seen from the shaft end: which has the shaft, which way it turns, and where the ports are. */
export interface PairLies {
  /** Middle of the pair, in px. */
  readonly x: number;
  readonly shaftGear: 'top' | 'bottom';
  readonly rotation: Turning;
  /** Widths of the ports left and right, in px. */
  readonly ports: readonly [left: number, right: number];
}

/** Radius of the gears at their tips, and between their middles, in px. */
const GEAR = { tip: 34, apart: 60, teeth: 12, root: 27 } as const;

/** Returns the outline of a gear, turned by a share of a pitch: enough to be seen as one. */
function gearPath(x: number, y: number, shift: number): string {
  const pitch = 360 / GEAR.teeth;
  const points = Array.from({ length: GEAR.teeth }, (_, i) =>
    (
      [
        [-0.3, GEAR.root],
        [-0.16, GEAR.tip],
        [0.16, GEAR.tip],
        [0.3, GEAR.root],
      ] as const
    ).map(([at, radius]) => onClock((i + at + shift) * pitch, radius, { x, y })),
  ).flat();
  return `M${points.map((p) => `${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('L')}Z`;
}

/** Tells on which side the oil comes in: the upper gear carries it over the top. */
export const inletSide = ({ shaftGear, rotation }: Pick<PairLies, 'shaftGear' | 'rotation'>) =>
  (shaftGear === 'top') === (rotation === 'clockwise') ? 'left' : 'right';

/** Draws two gears in mesh from the shaft end, with the oil round the outside of them. */
export function pairParts(lies: PairLies, pens: Pens): Parts {
  const { x, shaftGear, rotation, ports } = lies;
  const [top, bottom] = [56, 56 + GEAR.apart];
  const topTurns = (shaftGear === 'top') === (rotation === 'clockwise') ? 1 : -1;
  const middle = (top + bottom) / 2;
  const toRight = topTurns > 0;
  const gear = (y: number, shift: number, isShaft: boolean): Outline => ({
    path: gearPath(x, y, shift),
    fill: isShaft ? 'worked' : 'steel',
    line: 'ink',
  });
  const port = (side: -1 | 1, width: number) =>
    pens.rect(x + (side < 0 ? -78 : 44), middle - width / 2, 34, width, {
      fill: 'paper',
      line: 'ink',
    });
  const flow = (side: -1 | 1, inward: boolean) => {
    const [near, far] = [x + side * 46, x + side * 84];
    return pens.arrow(
      { x: inward ? far : near, y: middle },
      { x: inward ? near : far, y: middle },
      inward ? 'blue' : 'brass',
    );
  };
  return [
    pens.rect(x - 44, 14, 88, 144, { fill: 'casting', line: 'ink' }),
    port(-1, ports[0]),
    port(1, ports[1]),
    gear(top, 0, shaftGear === 'top'),
    gear(bottom, 0.5, shaftGear === 'bottom'),
    pens.circle({ x, y: shaftGear === 'top' ? top : bottom }, 10, { fill: 'ink' }),
    pens.circle({ x, y: shaftGear === 'top' ? bottom : top }, 5, { fill: 'paper', line: 'ink' }),
    // Over the upper gear and under the lower one, from inlet to outlet.
    pens.turn({ x, y: top }, GEAR.tip + 5, -70 * topTurns, 70 * topTurns, 'blue'),
    pens.turn({ x, y: bottom }, GEAR.tip + 5, 180 + 70 * topTurns, 180 - 70 * topTurns, 'blue'),
    flow(-1, toRight),
    flow(1, !toRight),
  ];
}

/** Draws a rotor in its ring with the way that it turns. */
export const rotorParts = (x: number, rotation: Turning, pens: Pens): Parts => [
  pens.circle({ x, y: 86 }, 60, { fill: 'casting', line: 'ink' }),
  pens.circle({ x, y: 92 }, 40, { fill: 'steel', line: 'ink' }),
  pens.circle({ x, y: 92 }, 9, { fill: 'ink' }),
  pens.turn(
    { x, y: 92 },
    24,
    rotation === 'clockwise' ? -110 : 110,
    rotation === 'clockwise' ? 110 : -110,
    'blue',
  ),
];

/** Says how wide the port is through which oil comes in, beside the other one. */
export type PortSize = 'large' | 'small' | 'equal';

/** Widths of inlet and outlet, in px. */
const PORTS = { large: [30, 22], small: [22, 30], equal: [26, 26] } as const satisfies Readonly<
  Record<PortSize, readonly [number, number]>
>;

/** Returns the widths of the ports left and right of gears the upper one of which has the shaft. */
export function portsOf(rotation: Turning, inlet: PortSize): PairLies['ports'] {
  const [wide, other] = PORTS[inlet];
  return inletSide({ shaftGear: 'top', rotation }) === 'left' ? [wide, other] : [other, wide];
}
