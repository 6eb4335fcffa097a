import { METHOD, readingDetail, readingFigure, type Reading } from '@/core/methods/list';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import type { ShopUnit } from '@/core/quantity/units';
import type { Job } from '@/core/records/job';
import { placeOf, targetOf } from '@/core/journal/target';
import { placementOf } from '@/core/pumps/registry';
import { useShop } from '@/data/hooks';
import { usePalette } from '@/ui/theme';
import { timeWords } from '@/ui/when';
import { Words } from '@/ui/Words';
import { sayMeasure } from './sayMeasure';
import { layout } from '@/ui/layout';

const WHY = ['Oil or dirt', 'Wrong place', 'Mistyped'] as const;

/** Lists why a reading may be wrong: of a straightedge only where one lies. */
function reasonsFor(reading: Reading, job: Job): readonly string[] {
  if ('dimension' in reading) return WHY;
  const { edge } = placementOf(job.sheet, reading.characteristic, reading.station);
  return edge ? ['Straightedge not seated', ...WHY] : WHY;
}

/** A reading's figure and where it was made, as it was entered. */
function readingWords(
  reading: Reading,
  job: Job,
  unit: ShopUnit,
  named: boolean,
): { figure: string; where: string } {
  const { name } = targetOf(job.sheet, reading);
  const detail = readingDetail(reading, unit);
  const ofWhat = named || 'dimension' in reading ? name : '';
  const place = placeOf(job.sheet, reading);
  const where =
    'dimension' in reading
      ? `${ofWhat} ${place} · ${detail}`
      : [detail, ofWhat, place].filter(Boolean).join(', ');
  return { figure: readingFigure(reading, unit), where };
}

interface Props {
  readonly reading: Reading;
  readonly job: Job;
  /** Say of which clearance a try was: where those of several stand together. */
  readonly named: boolean;
  readonly onStrike: (why: string) => void;
  readonly onRestore: () => void;
  /** For a figure: to its place once more. */
  readonly onAgain?: (reading: Reading) => void;
}

/** One reading: never overwritten; a wrong one is voided and stays, with who, when and why. */
export function ReadingRow({ reading, job, named, onStrike, onRestore, onAgain }: Props) {
  const { unit } = useShop();
  const palette = usePalette();
  const [asking, setAsking] = useState(false);
  const { voided, at, by, instrument } = reading;
  const { figure, where } = readingWords(reading, job, unit, named);
  const struck = { when: voided ? timeWords(voided.at) : '', why: voided?.why ?? '' };
  const line = voided ? ({ textDecorationLine: 'line-through' } as const) : null;
  return (
    <View style={[styles.row, { borderColor: palette.line }]}>
      <View style={styles.top}>
        <View style={layout.grow}>
          <Words tone={voided ? 'muted' : 'ink'} style={line}>
            <Words size="title" strong tone={voided ? 'muted' : 'brass'} style={line}>
              {figure}{' '}
            </Words>
            {where}
          </Words>
          <Words size="note" tone="muted">
            {[instrument, timeWords(at), by].filter(Boolean).join(' · ')}
          </Words>
          {voided ? (
            <Words size="note" tone="muted">
              {voided.by
                ? sayMeasure('measure.struckOutBy', { ...struck, who: voided.by })
                : sayMeasure('measure.struckOut', struck)}
            </Words>
          ) : null}
        </View>
        {!voided && onAgain && METHOD[reading.kind].gives === 'figure' ? (
          <Button
            compact
            onPress={() => onAgain(reading)}
            accessibilityLabel={sayMeasure('measure.readAgain', { figure, where })}
          >
            Again
          </Button>
        ) : null}
        {voided ? (
          <Button
            compact
            onPress={onRestore}
            accessibilityLabel={sayMeasure('measure.restore', { figure, where })}
          >
            Restore
          </Button>
        ) : (
          <Button
            compact
            onPress={() => setAsking(!asking)}
            accessibilityLabel={sayMeasure('measure.strikeOut', { figure, where })}
          >
            Strike out
          </Button>
        )}
      </View>
      {asking && !voided ? (
        <View style={layout.wrap}>
          {reasonsFor(reading, job).map((why) => (
            <Button key={why} mode="outlined" compact onPress={() => onStrike(why.toLowerCase())}>
              {why}
            </Button>
          ))}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  row: { borderBottomWidth: 1, paddingVertical: 6, gap: 6 },
  top: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: 48 },
});
