import { lastLooked, noteSound, undoLook, unlook } from '@/core/commands/noting';
import { useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import { areTogether, type Looked } from '@/core/inspect/looking';
import { placedSurfaces } from '@/core/inspect/spot';
import { ownerName } from '@/core/pumps/registry';
import { defectsOf } from '@/core/pumps/teardown/defects';
import type { Surface } from '@/core/pumps/teardown/teardown';
import type { Point } from '@/core/pumps/shapes';
import type { Job } from '@/core/records/job';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import Icon from '@/ui/icons/Icon';
import { Notice } from '@/ui/Notice';
import { TOUCH, usePalette, scaled } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { useCommand } from '../job/useCommand';
import { DefectForm } from './DefectForm';
import { Wall } from '../shell/Wall';
import { FindingRow } from './FindingRow';
import { SurfaceDrawing } from './SurfaceDrawing';
import { lower } from '@/core/quantity/letters';
import { say } from '@/core/wording/say';
import { useNextFocus } from '@/ui/focus';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly looked: readonly Looked[];
  readonly shown: Looked;
  readonly spot: Point | null;
  readonly onChoose: (surface: string, spot: Point | null) => void;
  readonly onList: () => void;
  readonly onDone: () => void;
}

/** One surface: where it is, what to look for, and one touch when it is sound. */
export function SurfacePanel({ job, looked, shown, spot, onChoose, onList, onDone }: Props) {
  const palette = usePalette();
  const { run, error } = useCommand(job);
  const [describing, setDescribing] = useState(spot !== null);
  const { surface, findings } = shown;
  const seen = looked.filter((l) => l.state !== 'unseen').length;
  const part = ownerName(job.sheet, surface);
  const placed = placedSurfaces(job.sheet).find((p) => p.surface.id === surface.id);
  return (
    <View style={layout.stack}>
      <Pressable
        role="button"
        aria-label={say('look.toList', { surface: surface.name })}
        onPress={onList}
        style={styles.head}
      >
        <View style={layout.grow}>
          <Words strong tone="muted" numberOfLines={2}>
            {say('look.progress', { part, seen, all: looked.length })}
          </Words>
        </View>
        <Icon name="chevron-down" color={palette.muted} />
      </Pressable>
      {placed ? (
        <SurfaceDrawing
          job={job}
          looked={looked}
          placed={placed}
          spot={spot}
          small={describing}
          onTap={onChoose}
        />
      ) : null}
      {error ? <Notice kind="error">{error}</Notice> : null}
      {findings.map((finding) =>
        finding.defect ? (
          <Wall key={finding.id} what="This defect" record={{ kind: 'job', id: job.id }}>
            <FindingRow job={job} finding={finding} />
          </Wall>
        ) : null,
      )}
      {describing ? (
        <>
          <Heading size="title">{surface.name}</Heading>
          <DefectForm
            job={job}
            surface={surface}
            spot={spot}
            onDone={onDone}
            onStay={() => onChoose(surface.id, null)}
            onCancel={() => {
              setDescribing(false);
              onDone();
            }}
          />
        </>
      ) : (
        <AskedOf
          job={job}
          looked={looked}
          shown={shown}
          run={run}
          onDone={onDone}
          onDescribe={() => setDescribing(true)}
        />
      )}
    </View>
  );
}

interface AskedProps extends Pick<Props, 'job' | 'looked' | 'shown' | 'onDone'> {
  readonly run: ReturnType<typeof useCommand>['run'];
  readonly onDescribe: () => void;
}

/** What to look for on a surface, and the answers: one touch when it is sound. */
function AskedOf({ job, looked, shown, run, onDone, onDescribe }: AskedProps) {
  const { surface } = shown;
  const part = ownerName(job.sheet, surface);
  const rest = looked.filter((l) => l.state === 'unseen' && areTogether(l.surface, surface));
  const possible = defectsOf(surface.kind);
  const last = lastLooked(job);
  const next = useNextFocus(surface.id);
  const sound = async (surfaces: readonly Surface[]) => {
    if (await run(noteSound(surfaces))) onDone();
  };
  return (
    <>
      <View ref={next} role="status" aria-label="Next">
        <Heading size="instruction" style={styles.instruction}>
          {surface.name}
        </Heading>
        <Words tone="muted" style={styles.possible}>
          {say(surface.parts.some((part) => part === 'spring') ? 'look.spring' : 'look.draw', {
            surface: lower(surface.name),
            defects: possible.map((d) => d.name.toLowerCase()).join(', '),
          })}
        </Words>
      </View>
      {answers(sound, surface, shown, onDescribe)}
      <FootRow>
        {rest.length > 1 ? (
          <FootButton
            name={say('look.restSound', { part, count: rest.length })}
            onPress={() => void sound(rest.map((l) => l.surface))}
          />
        ) : null}
        {shown.state === 'unseen' ? null : <FootButton name="Next" onPress={onDone} />}
        {shown.state === 'sound' ? (
          <FootButton name="Not inspected" onPress={() => void run(unlook(surface.id))} />
        ) : null}
        {last ? <FootButton name="Undo" onPress={() => void run(undoLook(last))} /> : null}
      </FootRow>
    </>
  );
}

const styles = StyleSheet.create({
  head: { flexDirection: 'row', alignItems: 'center', gap: 8, minHeight: TOUCH },
  instruction: { lineHeight: scaled(32) },
  // Three lines are kept free, so that the answers stay where they are from surface to surface.
  possible: { minHeight: 66 },
  answer: { flexGrow: 1, flexBasis: 110 },
  large: { minHeight: scaled(64) },
});

/** One touch for sound, one for a defect. */
function answers(
  sound: (surfaces: readonly Surface[]) => Promise<void>,
  surface: Surface,
  shown: Looked,
  onDescribe: () => void,
) {
  return (
    <View style={layout.wrap}>
      <Button
        mode="contained"
        style={styles.answer}
        contentStyle={styles.large}
        onPress={() => void sound([surface])}
        disabled={shown.state === 'found'}
      >
        Sound
      </Button>
      <Button
        mode="outlined"
        style={styles.answer}
        contentStyle={styles.large}
        onPress={onDescribe}
      >
        {shown.state === 'found' ? 'Another defect' : 'Defect'}
      </Button>
    </View>
  );
}
