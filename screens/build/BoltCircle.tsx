import { useMemo } from 'react';
import { View } from 'react-native';
import { Circle, G, Svg } from 'react-native-svg';
import { sayBuild } from '@/core/assembly/sayBuild';
import type { Torquing } from '@/core/assembly/torquing';
import { boltsOn } from '@/core/pumps/drawing';
import { familyOf } from '@/core/pumps/registry';
import { onClock, type Point } from '@/core/pumps/shapes';
import type { Sheet } from '@/core/records/sheet';
import { NumberMark } from '@/ui/PumpDrawing';
import { PumpPicture } from '@/ui/PumpPicture';
import { usePalette } from '@/ui/theme';

interface Props {
  readonly sheet: Sheet;
  readonly torquing: Torquing;
  readonly size: number;
}

/** Half the side of a drawing of bolts alone, and the radius of their circle. */
const HALF = 100;
const RING = 78;

/** The bolts of a step on the pump's own drawing, or on a plain ring: which are drawn up, and which comes next. */
export function BoltCircle({ sheet, torquing, size }: Props) {
  const palette = usePalette();
  const { count, drawn, next, stages } = torquing;
  const outline = useMemo(
    () => familyOf(sheet.family).outline(sheet.geometry, { view: 'empty' }),
    [sheet],
  );
  const done = stages[next?.stage ?? stages.length - 1]?.done ?? new Set<number>();
  const said = sayBuild('page.drawn', { count, bolt: next?.bolt ?? 0, done: done.size });
  const ring = (half: number) => (bolt: number) =>
    onClock(((bolt - 1) * 360) / count, half * (RING / HALF), { x: 0, y: 0 });
  const marks = (at: (bolt: number) => Point, radius: number) =>
    Array.from({ length: count }, (_, i) => i + 1).map((bolt) => (
      <BoltMark
        key={bolt}
        bolt={bolt}
        at={at(bolt)}
        radius={radius}
        state={done.has(bolt) ? 'done' : bolt === next?.bolt ? 'next' : 'open'}
      />
    ));
  if (drawn) {
    const holes = boltsOn(outline);
    const at = (bolt: number) => holes[bolt - 1] ?? { x: 0, y: 0 };
    return (
      <PumpPicture
        sheet={sheet}
        size={size}
        describe={said}
        over={(extent) => <G>{marks(at, extent * Math.min(0.115, 1.9 / count))}</G>}
      />
    );
  }
  const box = `${-HALF} ${-HALF} ${2 * HALF} ${2 * HALF}`;
  return (
    <View role="img" aria-label={said} style={{ width: size, height: size }}>
      <Svg width={size} height={size} viewBox={box}>
        <Circle r={RING} fill={palette.casting} stroke={palette.line} strokeWidth={2} />
        {marks(ring(HALF), Math.min(13, 190 / count))}
      </Svg>
    </View>
  );
}

interface MarkProps {
  readonly bolt: number;
  readonly at: Point;
  readonly radius: number;
  readonly state: 'done' | 'next' | 'open';
}

/** One bolt with its number: full where it is drawn up, in blue where it comes next. */
function BoltMark({ bolt, at, radius, state }: MarkProps) {
  const palette = usePalette();
  const fill = { done: palette.in, next: palette.blue, open: palette.paper }[state];
  const ink = { done: palette.paper, next: palette.onBlue, open: palette.ink }[state];
  return (
    <G>
      {state === 'next' ? (
        <Circle
          cx={at.x}
          cy={at.y}
          r={radius * 1.3}
          fill="none"
          stroke={palette.blue}
          strokeWidth={radius * 0.16}
        />
      ) : null}
      <NumberMark
        at={at}
        radius={radius}
        label={String(bolt)}
        fill={fill}
        ink={ink}
        edge={palette.ink}
      />
    </G>
  );
}
