import { useEffect, useRef } from 'react';
import { StyleSheet, View } from 'react-native';
import SignaturePad, { type PointGroup } from 'signature_pad';
import { SIGNED_ON, strokesText } from '@/core/records/strokes';
import { sayReport } from '@/core/report/sayReport';
import { Button } from '@/ui/Button';
import { usePalette } from '@/ui/theme';
import { useWidth } from '@/ui/useWidth';

interface Props {
  /** Called after each stroke with all of them as they are kept; empty for none. */
  readonly onDrawn: (strokes: string) => void;
}

/** The pen keeps a point only where it moved so far, in px: a hand needs no more. */
const APART = 3;

/** Returns what was drawn as it is on a field of another width. */
const resized = (
  { groups, width }: { readonly groups: readonly PointGroup[]; readonly width: number },
  to: number,
  penColor: string,
): PointGroup[] =>
  groups.map((group) => ({
    ...group,
    penColor,
    points: group.points.map((point) => ({
      ...point,
      x: (point.x * to) / width,
      y: (point.y * to) / width,
    })),
  }));

/** A field to sign in with a finger, a pen or the mouse. */
export function SignPad({ onDrawn }: Props) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(340);
  const field = useRef<View>(null);
  const pad = useRef<SignaturePad | null>(null);
  /** What was drawn, and how wide the field was: it is drawn again where that changes. */
  const before = useRef<{ readonly groups: PointGroup[]; readonly width: number } | null>(null);
  const drawn = useRef(onDrawn);
  useEffect(() => {
    drawn.current = onDrawn;
  });
  const height = (width * SIGNED_ON.height) / SIGNED_ON.width;
  useEffect(() => {
    const canvas = document.createElement('canvas');
    // As sharp as the glass is.
    const dense = window.devicePixelRatio || 1;
    [canvas.width, canvas.height] = [width * dense, height * dense];
    Object.assign(canvas.style, {
      width: `${width}px`,
      height: `${height}px`,
      touchAction: 'none',
    });
    canvas.getContext('2d')?.scale(dense, dense);
    const made = new SignaturePad(canvas, { penColor: palette.ink, minDistance: APART });
    const scale = SIGNED_ON.width / width;
    made.addEventListener('endStroke', () =>
      drawn.current(
        strokesText(
          made.toData().map(({ points }) => points.map(({ x, y }) => [x * scale, y * scale])),
        ),
      ),
    );
    const host = field.current as unknown as HTMLElement | null;
    host?.append(canvas);
    pad.current = made;
    if (before.current) made.fromData(resized(before.current, width, palette.ink));
    return () => {
      before.current = { groups: made.toData(), width };
      made.off();
      canvas.remove();
    };
  }, [width, height, palette.ink]);
  const clear = () => {
    pad.current?.clear();
    onDrawn('');
  };
  return (
    <View onLayout={onLayout}>
      <View
        ref={field}
        role="img"
        aria-label={sayReport('report.signField')}
        style={[
          styles.field,
          { height, borderColor: palette.muted, backgroundColor: palette.paper },
        ]}
      />
      <Button mode="text" onPress={clear}>
        Clear the field
      </Button>
    </View>
  );
}

const styles = StyleSheet.create({
  field: { borderBottomWidth: 1.5, borderRadius: 4, overflow: 'hidden' },
});
