import { Circle, Line, Svg } from 'react-native-svg';
import type { StageStanding } from '@/core/guidance/stages';
import { usePalette, type Palette } from './theme';

/** The colour that goes with each standing; its shape says the same. */
const TONE: Readonly<Record<StageStanding, keyof Palette>> = {
  done: 'in',
  work: 'blue',
  open: 'muted',
  skipped: 'brass',
};

/** The word for how a job stands at a stage. */
export const STANDING_WORD: Readonly<Record<StageStanding, string>> = {
  done: 'done',
  work: 'in work',
  open: 'open',
  skipped: 'skipped',
};

const RADIUS = 6.5;

/**
 * The mark of a stage, of the family of the pin and ring: pin inside the ring = done, a bar in it = in work,
 * broken ring = open, broken ring struck through = skipped.
 */
export function StageMark({
  standing,
  size = 22,
}: {
  readonly standing: StageStanding;
  readonly size?: number;
}) {
  const palette = usePalette();
  const color = palette[TONE[standing]];
  const whole = standing === 'done' || standing === 'work';
  return (
    <Svg width={size} height={size} viewBox="-12 -12 24 24" aria-hidden>
      <Circle
        r={RADIUS}
        fill={palette.paper}
        stroke={color}
        strokeWidth={2}
        strokeDasharray={whole ? undefined : '3.2 2.6'}
      />
      {standing === 'done' ? <Circle r={2.8} fill={color} /> : null}
      {standing === 'work' ? (
        <Line x1={-3} x2={3} y1={0} y2={0} stroke={color} strokeWidth={2.4} />
      ) : null}
      {standing === 'skipped' ? (
        <Line x1={-9} x2={9} y1={7} y2={-7} stroke={color} strokeWidth={2} />
      ) : null}
    </Svg>
  );
}
