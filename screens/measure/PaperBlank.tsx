import { say } from '@/core/wording/say';
import { useMemo } from 'react';
import { StyleSheet, View } from 'react-native';
import { METHOD } from '@/core/methods/list';
import type { Box } from '@/core/methods/method';
import type { PaperBlock } from '@/core/paper/blank';
import { familyOf, placementOf } from '@/core/pumps/registry';
import { unitName } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import type { Job } from '@/core/records/job';
import { sheetName } from '@/core/records/sheet';
import { PumpDrawing } from '@/ui/PumpDrawing';
import { usePalette } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { limitsOf } from './verdictWords';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly blocks: readonly PaperBlock[];
  readonly unit: ShopUnit;
}

/** How each box is headed. */
export const BOX_NAME: Readonly<Record<Box, string>> = {
  goes: 'Goes in',
  refused: 'Won’t go',
  figure: 'Reading',
};

/** A blank page to measure with: each check with its drawing, its places, its limits, and boxes for what is read. */
export function PaperBlank({ job, blocks, unit }: Props) {
  const palette = usePalette();
  return (
    <View style={layout.stack}>
      <Heading size="title">{say('measure.paperTitle', { tag: job.tag })}</Heading>
      <Words>{[sheetName(job.sheet), job.unit].filter(Boolean).join(' · ')}</Words>
      <View style={styles.lines}>
        {['Measured by', 'Date', 'Leaf set, instruments'].map((name) => (
          <View key={name} style={[styles.line, { borderColor: palette.ink }]}>
            <Words size="note">{name}</Words>
          </View>
        ))}
      </View>
      {blocks.map((block) => (
        <PaperCheck key={block.assessment.characteristic.id} job={job} block={block} unit={unit} />
      ))}
      <Words size="note">
        Bone dry, no nicks. The app calculates, the rebuilder decides: the maker’s manual, local
        codes and licensed practice come first.
      </Words>
    </View>
  );
}

/** So wide is the drawing of a check on paper, in px. */
const DRAWN = 150;

interface CheckProps {
  readonly job: Job;
  readonly block: PaperBlock;
  readonly unit: ShopUnit;
}

function PaperCheck({ job, block: { assessment, way, places }, unit }: CheckProps) {
  const palette = usePalette();
  const { sheet } = job;
  const { name, caution, quantity } = assessment.characteristic;
  const drawn = useMemo(() => {
    const placed = places.map(({ station, dimension }, i) => ({
      label: `${i + 1}`,
      placement: placementOf(sheet, dimension?.id ?? assessment.characteristic.id, station.id),
    }));
    const [first] = placed;
    if (!first) return null;
    const { view } = first.placement;
    const { edge, tool, push } = first.placement;
    return {
      outline: familyOf(sheet.family).outline(sheet.geometry, { view, ...(push ? { push } : {}) }),
      placement: { ...first.placement, edge, tool, push },
      // What is read on another drawing has its number in the list alone.
      numbered: placed
        .filter(({ placement }) => placement.view === view)
        .map(({ label, placement }) => ({ label, at: placement.probe })),
    };
  }, [sheet, places, assessment]);
  const kind = way === 'size' ? 'size' : quantity;
  return (
    <View style={[styles.check, { borderColor: palette.line }]}>
      {drawn ? (
        <PumpDrawing
          outline={drawn.outline}
          placement={drawn.placement as never}
          numbered={drawn.numbered}
          stations={[]}
          label="1"
          size={DRAWN}
          describe={name}
        />
      ) : null}
      <View style={styles.words}>
        <View style={layout.line}>
          <View style={layout.grow}>
            <Words strong>{`${name} · ${limitsOf(assessment, unit)}`}</Words>
            {caution ? <Words size="note">{caution}</Words> : null}
          </View>
          {METHOD[way].paper.map((box) => (
            <Words key={box} size="note" strong style={styles.boxed}>
              {`${BOX_NAME[box]}, ${unitName(kind, unit)}`}
            </Words>
          ))}
        </View>
        {places.map(({ id, station, dimension }, i) => (
          <View key={id} style={layout.line}>
            <Words size="note" strong style={styles.number}>
              {i + 1}
            </Words>
            <Words size="note" style={layout.grow}>
              {dimension ? `${dimension.name}: ${station.instruction}` : station.instruction}
            </Words>
            {METHOD[way].paper.map((box) => (
              <View key={box} style={[styles.boxed, styles.box, { borderColor: palette.ink }]} />
            ))}
          </View>
        ))}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  lines: { flexDirection: 'row', gap: 16 },
  line: { flex: 1, borderBottomWidth: 1, minHeight: 30 },
  check: {
    flexDirection: 'row',
    gap: 12,
    borderTopWidth: 1,
    paddingTop: 6,
    breakInside: 'avoid',
  } as object,
  words: { flex: 1, minWidth: 0, gap: 4 },
  number: { width: 14 },
  boxed: { width: 96 },
  box: { borderWidth: 1, height: 26 },
});
