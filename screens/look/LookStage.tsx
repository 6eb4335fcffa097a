import { useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { auxiliaryChecks } from '@/core/inspect/auxiliary';
import { endOf, lookedAt } from '@/core/inspect/looking';
import type { Point } from '@/core/pumps/shapes';
import type { Job } from '@/core/records/job';
import { usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { AuxiliaryPanel } from './AuxiliaryPanel';
import { Looked } from './Looked';
import { PointlessNotice } from './PointlessNotice';
import { SurfaceList } from './SurfaceList';
import { SurfacePanel } from './SurfacePanel';
import { useEscape } from '@/ui/keyboard';
import { layout } from '@/ui/layout';

/** What is in hand: a surface, with the place that was touched on it. */
export interface InHand {
  readonly surface: string;
  readonly spot: Point | null;
}

/** Surface by surface, before any instrument; then the small checks of the same visit. */
export function LookStage({ job }: { readonly job: Job }) {
  const wide = useWide();
  const palette = usePalette();
  const [taken, setTaken] = useState<InHand | null>(null);
  const [over, setOver] = useState(false);
  useEscape(over ? () => setOver(false) : undefined);
  const [checkAgain, setCheckAgain] = useState<string | null>(null);
  const looked = lookedAt(job);
  const unseen = looked.find((l) => l.state === 'unseen')?.surface.id;
  const shown = taken?.surface ?? unseen;
  const inHand = looked.find((l) => l.surface.id === shown);
  const checks = auxiliaryChecks(job);
  const check = checkAgain
    ? checks.find((c) => c.check.id === checkAgain)
    : checks.find((c) => c.answer === null);
  const end = endOf(job);

  const choose = (surface: string, spot: Point | null = null) => {
    setCheckAgain(null);
    setTaken({ surface, spot });
    setOver(false);
  };
  const working = () => {
    if (inHand && !checkAgain) {
      return (
        <SurfacePanel
          key={`${inHand.surface.id} ${inHand.findings.length} ${taken?.spot ? 'touched' : ''}`}
          job={job}
          looked={looked}
          shown={inHand}
          spot={taken?.spot ?? null}
          onChoose={choose}
          onList={() => setOver(true)}
          onDone={() => setTaken(null)}
        />
      );
    }
    if (check) {
      return (
        <AuxiliaryPanel
          key={check.check.id}
          job={job}
          checked={check}
          number={checks.indexOf(check) + 1}
          of={checks.length}
          onDone={() => setCheckAgain(null)}
        />
      );
    }
    return <Looked job={job} looked={looked} onList={() => setOver(true)} />;
  };
  const list = (
    <SurfaceList
      job={job}
      looked={looked}
      checks={checks}
      shown={inHand?.surface.id ?? check?.check.id ?? null}
      onChoose={choose}
      onCheck={(id) => {
        setCheckAgain(id);
        setOver(false);
      }}
      {...(wide ? {} : { onDone: () => setOver(false) })}
    />
  );
  if (over && !wide) return list;
  return (
    <View style={layout.panes}>
      {wide ? <View style={[styles.side, { borderColor: palette.line }]}>{list}</View> : null}
      <ScrollView
        style={layout.grow}
        contentContainerStyle={styles.page}
        keyboardShouldPersistTaps="handled"
      >
        {end && !job.closed ? <PointlessNotice job={job} finding={end} /> : null}
        {working()}
      </ScrollView>
    </View>
  );
}

const styles = StyleSheet.create({
  page: { flexGrow: 1, paddingHorizontal: 14, paddingVertical: 8, gap: 8 },
  side: { width: 380, borderRightWidth: 1 },
});
