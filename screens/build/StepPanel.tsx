import { useRef, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { isInWork, type BuildItem } from '@/core/assembly/list';
import { sayBuild } from '@/core/assembly/sayBuild';
import { wayRoundOf } from '@/core/pumps/teardown/wayRound';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { useNextFocus } from '@/ui/focus';
import { FootButton } from '@/ui/FootButton';
import { FootRow } from '@/ui/FootRow';
import { useKeys } from '@/ui/keyboard';
import { Notice } from '@/ui/Notice';
import { scaled } from '@/ui/theme';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { AtStep } from './AtStep';
import { CleanAnswers, CleanParts } from './CleanAnswers';
import { Anyway, Needs } from './Needs';
import { Photos, Remark, WayChoice } from './parts';
import { Search } from './Search';
import { SpinAnswers } from './SpinAnswers';
import { ruleWords, StepFacts, wayQuestion } from './StepFacts';
import { TorqueAnswers, TorqueHead, TorqueMore } from './TorqueAnswers';
import type { Building } from './useBuild';

interface Props {
  readonly building: Building;
  readonly item: BuildItem;
}

/** Names the photos of a step. */
const photosOf = (step: string): string => `build-${step}`.slice(0, 64);

/** How the pump turned where it did not turn freely; null where it did, or nobody spun it. */
const troubleOf = ({ state, answer }: BuildItem): 'tight' | 'catches' | null =>
  state === 'trouble' && (answer?.said === 'tight' || answer?.said === 'catches')
    ? answer.said
    : null;

/** What is done at a step that is no plain one: how it is answered, and what belongs to it. */
function ofKind({ building, item }: Props): {
  readonly answers: ReactNode;
  readonly more: ReactNode;
} {
  const { torquing, step } = item;
  const both = { building, item };
  if (torquing) {
    return {
      answers: torquing.next ? <TorqueAnswers {...both} torquing={torquing} /> : null,
      more: <TorqueMore {...both} torquing={torquing} />,
    };
  }
  switch (step.kind) {
    case 'clean':
      return { answers: <CleanAnswers {...both} />, more: <CleanParts {...both} /> };
    case 'spin':
      return { answers: <SpinAnswers {...both} />, more: null };
    default:
      return { answers: null, more: null };
  }
}

/** The instruction of a step, what goes in and how, and what is missing before it. */
export function StepHead({ building, item }: Props) {
  const { items } = building;
  const { step, torquing } = item;
  const next = useNextFocus(step.id);
  const at = {
    number: items.indexOf(items.find((i) => i.step.id === step.id) ?? item) + 1,
    count: items.length,
  };
  return (
    <View style={styles.panel}>
      <Heading size="strong" style={styles.muted}>
        {step.section === null
          ? sayBuild('page.step', at)
          : sayBuild('page.stepOf', { ...at, section: step.section })}
      </Heading>
      <View ref={next} role="status" aria-label="Next">
        <Words size="instruction" strong style={styles.instruction}>
          {step.do}
        </Words>
      </View>
      {torquing ? <TorqueHead torquing={torquing} /> : null}
      {step.caution ? <Notice kind="caution">{step.caution}</Notice> : null}
      {building.error ? <Notice kind="error">{building.error}</Notice> : null}
    </View>
  );
}

/** The step in hand: what it says stands in `body`, how it is answered in `foot`. */
export function useStepPanel(building: Building, item: BuildItem) {
  const [again, setAgain] = useState<string | null>(null);
  const { step, needs, answer } = item;
  const missing = needs.filter(({ met }) => !met);
  const felt = again === (answer?.id ?? '') ? null : troubleOf(item);
  const isDone = item.state === 'done' || item.state === 'absent';
  const { answers, more } = ofKind({ building, item });
  const isHeld = missing.length > 0 && !isDone && felt === null && !isBegun(item);
  const body = (
    <>
      {felt ? (
        <Search
          building={building}
          item={item}
          felt={felt}
          onAgain={() => setAgain(answer?.id ?? null)}
        />
      ) : (
        <>
          {isHeld ? <Needs building={building} needs={missing} /> : null}
          <StepFacts item={item} />
          <AtStep building={building} item={item} />
          {more}
        </>
      )}
    </>
  );
  const foot = felt ? null : isHeld ? (
    <Held building={building} item={item} />
  ) : (
    (answers ?? <PlainAnswers building={building} item={item} why="" />)
  );
  return { body, foot, key: step.id };
}

/** Tells whether bolts of a step are drawn up in part, or somebody said why they are: it goes on, whatever is missing. */
const isBegun = (item: BuildItem): boolean =>
  isInWork(item) || (item.torquing !== null && (item.answer?.remark ?? '') !== '');

/** A step before which something is missing: it can be done all the same, with a word. */
function Held({ building, item }: Props) {
  const [why, setWhy] = useState<string | null>(null);
  const { way, step } = item;
  if (why !== null) {
    const said = (more: Parameters<typeof building.answer>[0]) =>
      building.answer({ ...more, remark: more.remark || why });
    const worded = { ...building, answer: said };
    const { answers } = ofKind({ building: worded, item });
    return answers ?? <PlainAnswers building={worded} item={item} why={why} />;
  }
  const anyway = (remark: string) => {
    // What is only felt, or which way it lies, is still to be said.
    if (step.kind === 'spin' || way.asks !== null) setWhy(remark);
    else if (step.kind === 'clean')
      void building.answer({ said: 'done', wash: building.job.rules.wash, remark });
    else void building.answer({ said: 'done', remark });
  };
  return <Anyway onAnyway={anyway} />;
}

interface PlainProps extends Props {
  /** Says why it is done though something is missing; empty where nothing is. */
  readonly why: string;
}

/** Done, in one touch; where a way round is asked for, the way is the answer. */
function PlainAnswers({ building, item, why }: PlainProps) {
  const { job, answer } = building;
  const { shortcuts } = useShop();
  const keys = useRef<View>(null);
  const [remark, setRemark] = useState(item.answer?.remark ?? why);
  const [more, setMore] = useState(false);
  const { way, step } = item;
  const choices = wayRoundOf(way.asks ?? '');
  const done = (option = way.right?.option ?? '') =>
    void answer({ said: 'done', way: option, remark: remark.trim() || why });
  useKeys({ '1': () => done() }, { enabled: shortcuts && !choices, on: keys });
  return (
    <View ref={keys} style={layout.stack}>
      {more ? (
        <View style={layout.stack}>
          <Remark value={remark} onChange={setRemark} />
          <Photos job={job} of={photosOf(step.id)} />
        </View>
      ) : null}
      {choices ? (
        <>
          <WayChoice
            sheet={job.sheet}
            way={choices}
            ask={wayQuestion(way)}
            chosen={item.answer?.way ?? null}
            onTake={done}
          />
          {ruleWords(way) ? (
            <Words size="note" tone="muted">
              {ruleWords(way)}
            </Words>
          ) : null}
        </>
      ) : (
        <Button mode="contained" contentStyle={layout.thumb} onPress={() => done()}>
          Done
        </Button>
      )}
      {more ? null : (
        <FootRow>
          <FootButton low name="Note or photo" onPress={() => setMore(true)} />
        </FootRow>
      )}
    </View>
  );
}

/** Putting a step off, saying that it is not on this pump, and taking the last answer back. */
export function LesserAnswers({ building }: Pick<Props, 'building'>) {
  const { item, answer, undo } = building;
  const { shortcuts } = useShop();
  const keys = useRef<View>(null);
  const later = () => void answer({ said: 'later' });
  const absent = () => void answer({ said: 'absent' });
  useKeys(
    { ...(item ? { '4': later, '5': absent } : {}), ...(undo ? { u: undo } : {}) },
    { enabled: shortcuts, on: keys },
  );
  return (
    <View ref={keys}>
      <FootRow together>
        <FootButton low name="Undo" disabled={undo === null} onPress={() => undo?.()} />
        {item ? <FootButton low name="Later" onPress={later} /> : null}
        {item ? <FootButton low name="Not on this pump" onPress={absent} /> : null}
      </FootRow>
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { gap: 10 },
  muted: { opacity: 0.8 },
  instruction: { lineHeight: scaled(32) },
});
