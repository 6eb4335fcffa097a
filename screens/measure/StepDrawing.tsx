import type { CharacteristicId, DimensionId } from '@/core/pumps/ids';
import type { Assessment } from '@/core/assessment/assessment';
import { useMemo, useState } from 'react';
import { StyleSheet, View, type LayoutChangeEvent } from 'react-native';
import { familyOf, placementOf } from '@/core/pumps/registry';
import type { Placement, Station } from '@/core/pumps/family';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { HowPicture, type How } from '@/ui/HowPicture';
import { PumpDrawing, type DrawnStation } from '@/ui/PumpDrawing';
import { sayMeasure } from './sayMeasure';
import { drawnTilt, limitsOf } from './verdictWords';

interface Props {
  readonly job: Job;
  /** The characteristic or dimension that is measured. */
  readonly target: CharacteristicId | DimensionId;
  readonly stations: readonly Station[];
  readonly station: Station;
  /** Places that are done, with how they stand. */
  readonly marks: readonly DrawnStation[];
  /** What is measured: a tilt of its floor is drawn. */
  readonly shown: Assessment;
}

/** How the instrument is held, by what lies where. */
function howOf({ edge, push, tool }: Placement): How | null {
  if (!tool) return null;
  if (tool.kind !== 'leaf') return tool.kind;
  return edge ? 'edge' : push ? 'push' : 'between';
}

/** A smaller drawing shows nothing, in px: its room goes to the words. */
const LEAST = 88;

/** Small enough to leave the pump its room in the corner. */
const HOW_WIDTH = 92;

/** The pump with the place to measure now; it takes whatever room the screen leaves it. */
export function StepDrawing({ job, target, stations, station, marks, shown }: Props) {
  const [size, setSize] = useState(0);
  const { unit } = useShop();
  const { sheet } = job;
  const family = familyOf(sheet.family);
  const placement = useMemo(() => placementOf(sheet, target, station.id), [sheet, target, station]);
  const { view, push } = placement;
  const [x, y] = [push?.x ?? 0, push?.y ?? 0];
  const outline = useMemo(
    () => family.outline(sheet.geometry, { view, push: { x, y } }),
    [family, sheet, view, x, y],
  );
  const onLayout = (event: LayoutChangeEvent) => {
    const { width, height } = event.nativeEvent.layout;
    setSize(Math.floor(Math.min(width, height)));
  };
  const how = howOf(placement);
  const drawn = useMemo(
    () => (view === 'empty' ? drawnTilt(shown, unit) : null),
    [shown, view, unit],
  );
  const number = stations.findIndex((s) => s.id === station.id) + 1;
  return (
    <View onLayout={onLayout} style={styles.room}>
      {size > LEAST ? (
        <PumpDrawing
          outline={outline}
          placement={placement}
          stations={marks}
          label={`${number}`}
          size={size}
          example={sheet.examples.length > 0}
          describe={sayMeasure('measure.drawing', {
            model: sheet.model,
            instruction: station.instruction,
            number,
            all: stations.length,
            place: station.label,
            limit: limitsOf(shown, unit),
          })}
          tilt={drawn}
        />
      ) : null}
      {how && size > LEAST ? (
        <View style={styles.how}>
          <HowPicture how={how} width={HOW_WIDTH} />
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  how: { position: 'absolute', top: 0, right: 0 },
  room: { flex: 1, minHeight: 0, alignItems: 'center', justifyContent: 'center' },
});
