import { Circle, Svg } from 'react-native-svg';
import type { Verdict } from '@/core/metrology/verdict';
import { usePalette, type Palette } from './theme';

/** The colour that goes with a verdict; its shape and its word say the same. */
export const VERDICT_TONE: Readonly<Record<Verdict, keyof Palette>> = {
  in: 'in',
  out: 'out',
  close: 'brass',
  open: 'muted',
};

/** Where the pin stands, in ring radii from the centre; null for no pin. */
const PIN: Readonly<Record<Verdict, number | null>> = { in: 0, close: 1, out: 1.75, open: null };

interface MarkProps {
  readonly verdict: Verdict;
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** The pin and ring, to stand inside another drawing. */
export function PinRingMark({ verdict, x, y, radius }: MarkProps) {
  const palette = usePalette();
  const color = palette[VERDICT_TONE[verdict]];
  const pin = PIN[verdict];
  const off = pin === null ? 0 : pin * radius * Math.SQRT1_2;
  return (
    <>
      <Circle
        cx={x}
        cy={y}
        r={radius}
        fill={palette.paper}
        stroke={color}
        strokeWidth={radius * 0.3}
        strokeDasharray={pin === null ? `${radius * 0.5} ${radius * 0.4}` : undefined}
      />
      {pin === null ? null : <Circle cx={x + off} cy={y - off} r={radius * 0.42} fill={color} />}
    </>
  );
}

/** The mark of a verdict: pin inside the ring = in, on it = close, outside = out; broken ring = open. */
export function PinRing({
  verdict,
  size = 24,
}: {
  readonly verdict: Verdict;
  readonly size?: number;
}) {
  return (
    <Svg width={size} height={size} viewBox="-12 -12 24 24" aria-hidden>
      <PinRingMark
        verdict={verdict}
        x={verdict === 'out' ? -2 : 0}
        y={verdict === 'out' ? 2 : 0}
        radius={6.5}
      />
    </Svg>
  );
}
