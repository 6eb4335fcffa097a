import { useRef, useState, type CSSProperties, type KeyboardEvent, type PointerEvent } from 'react';
import { SHORTEST_s, type Span } from '@/core/trace/steady';
import { timeWords } from '@/core/prove/sayRun';
import { TOUCH, usePalette, type Palette } from '@/ui/theme';
import type { RunScale } from '@/core/picture/runChart';
import { CHART } from './traceScale';

interface Props {
  readonly scale: RunScale;
  readonly span: Span;
  /** Is told of every move. */
  readonly onMove: (span: Span) => void;
  /** Is told once the hand is off. */
  readonly onCut: (span: Span) => void;
}

/** So far an arrow key moves an end, in seconds, and with Page Up and Down. */
const STEP_s = { arrow: 1, page: 10 } as const;

const KEYS: Readonly<Record<string, (t: number, end: number) => number>> = {
  ArrowLeft: (t) => t - STEP_s.arrow,
  ArrowDown: (t) => t - STEP_s.arrow,
  ArrowRight: (t) => t + STEP_s.arrow,
  ArrowUp: (t) => t + STEP_s.arrow,
  PageDown: (t) => t - STEP_s.page,
  PageUp: (t) => t + STEP_s.page,
  Home: () => 0,
  End: (_, end) => end,
};

type End = keyof Span;
const ENDS: readonly (readonly [End, string])[] = [
  ['from_s', 'The steady part begins'],
  ['to_s', 'The steady part ends'],
];

const boxStyle = (left: number): CSSProperties => ({
  position: 'absolute',
  left: left - TOUCH / 2,
  top: 0,
  width: TOUCH,
  height: CHART.height - 16,
  cursor: 'ew-resize',
  touchAction: 'none',
});

const lineStyle = ({ blue }: Palette): CSSProperties => ({
  position: 'absolute',
  left: TOUCH / 2 - 1.5,
  top: CHART.top,
  width: 3,
  height: CHART.height - CHART.top - CHART.bottom,
  background: blue,
});

const knobStyle = ({ blue, paper }: Palette): CSSProperties => ({
  position: 'absolute',
  left: TOUCH / 2 - 11,
  top: CHART.height - CHART.bottom - 11,
  width: 18,
  height: 18,
  borderRadius: 11,
  background: blue,
  borderWidth: 2,
  borderStyle: 'solid',
  borderColor: paper,
});

/** The ends of the part of a run that counts: dragged, or moved by the keys. */
export function CutHandles({ scale, span, onMove, onCut }: Props) {
  const palette = usePalette();
  const chart = useRef<HTMLDivElement>(null);
  const [held, setHeld] = useState<End | null>(null);
  const moved = (end: End, t_s: number): Span => {
    const [least, most] =
      end === 'from_s' ? [0, span.to_s - SHORTEST_s] : [span.from_s + SHORTEST_s, scale.end_s];
    return {
      ...span,
      [end]: Math.min(Math.max(least, most), Math.max(Math.min(least, most), t_s)),
    };
  };
  const spanAt = (end: End, event: PointerEvent): Span => {
    const left = chart.current?.getBoundingClientRect().left ?? 0;
    return moved(end, scale.timeAt(event.clientX - left));
  };
  const byKey = (end: End) => (event: KeyboardEvent) => {
    const to = KEYS[event.key];
    if (!to) return;
    event.preventDefault();
    const next = moved(end, to(span[end], scale.end_s));
    onMove(next);
    onCut(next);
  };
  return (
    <div ref={chart} style={{ position: 'absolute', inset: 0, pointerEvents: 'none' }}>
      {ENDS.map(([end, name]) => (
        <div
          key={end}
          role="slider"
          tabIndex={0}
          aria-label={name}
          aria-valuemin={0}
          aria-valuemax={Math.round(scale.end_s)}
          aria-valuenow={Math.round(span[end])}
          aria-valuetext={timeWords(span[end])}
          style={{ ...boxStyle(scale.x(span[end])), pointerEvents: 'auto' }}
          onKeyDown={byKey(end)}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            setHeld(end);
          }}
          onPointerMove={(event) => held === end && onMove(spanAt(end, event))}
          onPointerUp={(event) => {
            if (held !== end) return;
            setHeld(null);
            onCut(spanAt(end, event));
          }}
          onPointerCancel={() => setHeld(null)}
        >
          <div style={lineStyle(palette)} />
          <div style={knobStyle(palette)} />
        </div>
      ))}
    </div>
  );
}
