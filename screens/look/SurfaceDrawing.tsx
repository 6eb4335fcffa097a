import { useMemo } from 'react';
import { Pressable, StyleSheet, useWindowDimensions, View } from 'react-native';
import type { Looked } from '@/core/inspect/looking';
import { nearestSurface, placedSurfaces, type Placed } from '@/core/inspect/spot';
import { familyOf } from '@/core/pumps/registry';
import type { Point } from '@/core/pumps/shapes';
import type { Verdict } from '@/core/metrology/verdict';
import type { Job } from '@/core/records/job';
import type { Consequence } from '@/core/records/teardown';
import { DRAWING_ROOM, PumpDrawing } from '@/ui/PumpDrawing';
import { useWide } from '@/ui/useWidth';
import { worstOf } from './consequences';
import { say } from '@/core/wording/say';

interface Props {
  readonly job: Job;
  readonly looked: readonly Looked[];
  /** The surface in hand. */
  readonly placed: Placed;
  readonly spot: Point | null;
  readonly small: boolean;
  readonly onTap: (surface: string, spot: Point) => void;
}

/** How a surface stands, as the mark of a verdict: broken ring for nobody has looked. */
const MARK: Readonly<Record<Consequence, Verdict>> = {
  pass: 'in',
  dress: 'close',
  machine: 'close',
  replace: 'out',
  scrap: 'out',
};

export const markOf = ({ state, findings }: Looked): Verdict =>
  state === 'unseen' ? 'open' : MARK[worstOf(findings)];

/** The drawing on which the surface in hand lies, with all its surfaces marked; touch the place of a defect. */
export function SurfaceDrawing({ job, looked, placed, spot, small, onTap }: Props) {
  const { sheet } = job;
  const { view } = placed;
  const wide = useWide();
  const window = useWindowDimensions();
  const outline = useMemo(
    () => familyOf(sheet.family).outline(sheet.geometry, { view }),
    [sheet, view],
  );
  const most = small ? 200 : wide ? 440 : 340;
  const size = Math.min(window.width - 28, most, window.height * 0.44);
  const marks = placedSurfaces(sheet).flatMap((p) => {
    const there = looked.find((l) => l.surface.id === p.surface.id);
    return p.view === view && p !== placed && there
      ? [{ id: p.surface.id, at: p.at, verdict: markOf(there) }]
      : [];
  });
  const tap = (x: number, y: number) => {
    const mm = (2 * outline.extent_mm * DRAWING_ROOM) / size;
    const at = { x: (x - size / 2) * mm, y: (y - size / 2) * mm };
    const surface = nearestSurface(sheet, view, at);
    if (surface) onTap(surface.id, at);
  };
  return (
    <View style={styles.centre}>
      <View style={{ width: size, height: size }}>
        <PumpDrawing
          outline={outline}
          placement={{ view, probe: spot ?? placed.at }}
          stations={marks}
          label=""
          size={size}
          example={sheet.examples.length > 0}
          describe={say('look.marked', { surface: placed.surface.name })}
        />
        {/* The list and “Defect” do the same from the keyboard. */}
        <Pressable
          aria-hidden
          tabIndex={-1}
          testID="tap-drawing"
          style={StyleSheet.absoluteFill}
          onPress={({ nativeEvent }) => {
            // On the web a press is a mouse event.
            const { offsetX, offsetY } = nativeEvent as unknown as MouseEvent;
            tap(offsetX, offsetY);
          }}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({ centre: { alignItems: 'center' } });
