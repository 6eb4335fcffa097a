import { reasonOf } from '@/core/errors';
import { useRouter } from 'expo-router';
import { useMemo, type ReactNode } from 'react';
import type { ShopUnit } from '@/core/quantity/units';
import { StyleSheet, View } from 'react-native';
import { Button } from '@/ui/Button';
import type { Assessment } from '@/core/assessment/assessment';
import { worstFirst, worstVerdict } from '@/core/assessment/summary';
import { Evaluator } from '@/core/guidance/evaluator';
import { orderList } from '@/core/inspect/order';
import { lookedAt } from '@/core/inspect/looking';
import { laidWrong } from '@/core/inspect/stripping';
import { partName } from '@/core/pumps/registry';
import type { Job } from '@/core/records/job';
import { STAGES } from '@/core/records/stage';
import { sheetName } from '@/core/records/sheet';
import { seenWords } from '@/core/records/entries/finding';
import { gapText, shownExtremes } from '@/core/wording/figures';
import { VERDICT_WORD } from '@/core/wording/verdictWord';
import { nextOf } from '@/data/jobSummary';
import { useRecord, useShop } from '@/data/hooks';
import { GapBar } from '@/ui/GapBar';
import { LinkBox } from '@/ui/LinkBox';
import { Notice } from '@/ui/Notice';
import { PinRing } from '@/ui/PinRing';
import { PumpPicture } from '@/ui/PumpPicture';
import { TOUCH, usePalette } from '@/ui/theme';
import { dayWords } from '@/ui/when';
import { SidePanel } from '@/ui/SidePanel';
import { Heading, Words } from '@/ui/Words';
import { STAGE_NAME } from '../job/stages';
import { lower } from '@/core/quantity/letters';
import { say } from '@/core/wording/say';
import { layout } from '@/ui/layout';

/** How a job stands, in a sentence: what is out first, else what is not known yet. */
function standingOf(judged: readonly Assessment[]): string {
  const of = (verdict: string) => judged.filter((a) => a.verdict === verdict);
  const [out, close, open] = [of('out'), of('close'), of('open')];
  if (judged.length === 0) return 'Nothing to judge it by.';
  if (out.length > 0) {
    const [worst] = worstFirst(out);
    const check = lower(worst?.characteristic.name ?? '');
    return out.length > 1
      ? say('bench.outMore', { check, count: out.length })
      : say('bench.outOne', { check });
  }
  if (open.length > 0)
    return say('bench.stillToMeasure', { open: open.length, all: judged.length });
  return close.length > 0 ? say('bench.tooClose', { count: close.length }) : 'All in.';
}

const names = (list: readonly Assessment[]): string =>
  list.map((a) => a.characteristic.name).join(' · ');

/** What was found before any instrument, a line each. */
function findingsOf(job: Job, unit: 'mm' | 'thou'): string[] {
  const seen = lookedAt(job).flatMap(({ surface, findings }) =>
    findings.filter((f) => f.defect).map((f) => `${surface.name}: ${seenWords(f, unit)}`),
  );
  const laid = laidWrong(job).map(
    ({ step, words }) => `${partName(job.sheet, step.part)}: ${words}`,
  );
  return [...seen, ...laid];
}

/** The job that is chosen in the list, beside it: how it stands, what is next, what was found. */
export function JobSide({ id }: { readonly id: string }) {
  const router = useRouter();
  const { data: job, error } = useRecord('job', id);
  if (job) return <Summary key={job.id} job={job} />;
  if (!error) return null;
  return (
    <View style={styles.page}>
      <Notice
        kind="error"
        actions={<Button onPress={() => router.push(`/job/${id}/tag`)}>Open it</Button>}
      >
        {say('bench.jobUnreadable', { error: reasonOf(error) })}
      </Notice>
    </View>
  );
}

/** Where the job can be gone to from here. */
const foot = (job: Job, go: (href: `/job/${string}`) => void): ReactNode => (
  <>
    <Button
      mode="contained"
      style={layout.grow}
      contentStyle={layout.thumb}
      onPress={() => go(`/job/${job.id}/${job.stage}`)}
    >
      {say('bench.goOn', { tag: job.tag })}
    </Button>
    {(['report', 'tag'] as const).map((stage) => (
      <Button
        key={stage}
        mode="outlined"
        contentStyle={layout.thumb}
        onPress={() => go(`/job/${job.id}/${stage}`)}
      >
        {STAGE_NAME[stage]}
      </Button>
    ))}
  </>
);

/** The stages of the job, each a way to it. */
function Stages({ job }: { readonly job: Job }) {
  const palette = usePalette();
  return (
    <View
      role="navigation"
      aria-label={say('bench.stagesOf', { tag: job.tag })}
      style={styles.strip}
    >
      {STAGES.map((stage) => (
        <LinkBox
          key={stage}
          href={`/job/${job.id}/${stage}`}
          style={[styles.stage, { borderColor: stage === job.stage ? palette.blue : palette.line }]}
        >
          <Words strong={stage === job.stage}>{STAGE_NAME[stage]}</Words>
        </LinkBox>
      ))}
    </View>
  );
}

/** The first gaps that are amiss have their bars, the others a line. */
const BARS = 2;

/** How each check stands: what is amiss first. */
function Standing({
  judged,
  unit,
}: {
  readonly judged: readonly Assessment[];
  readonly unit: ShopUnit;
}) {
  const of = (verdict: string) => judged.filter((a) => a.verdict === verdict);
  const amiss = [...of('out'), ...of('close')];
  const line = (a: Assessment): string => {
    const known = shownExtremes(a);
    const text = known && gapText(a.characteristic, known, unit);
    return [a.characteristic.name, text].filter(Boolean).join(', ');
  };
  const rest = [
    ['In', of('in')],
    ['Still to measure', of('open')],
  ] as const;
  return (
    <View style={layout.grow}>
      {amiss.slice(0, BARS).map((a) => (
        <View key={a.characteristic.id}>
          <Words strong>{`${VERDICT_WORD[a.verdict]}: ${a.characteristic.name}`}</Words>
          <GapBar
            limits={a.limits}
            preferred={a.limits?.preferred ?? null}
            known={shownExtremes(a)}
            heatShift_mm={null}
            unit={unit}
            kind={a.characteristic.quantity}
          />
        </View>
      ))}
      {amiss.slice(BARS).map((a) => (
        <Words key={a.characteristic.id}>
          <Words strong>{`${VERDICT_WORD[a.verdict]}: `}</Words>
          {line(a)}
        </Words>
      ))}
      {rest.map(([title, list]) =>
        list.length > 0 ? (
          <View key={title}>
            <Words strong>{title}</Words>
            <Words tone="muted">{names(list)}</Words>
          </View>
        ) : null,
      )}
    </View>
  );
}

function Summary({ job }: { readonly job: Job }) {
  const router = useRouter();
  const { unit } = useShop();
  const evaluator = useMemo(() => new Evaluator(), []);
  const all = evaluator.assess(job);
  const judged = all.filter((a) => a.limits !== null);
  const next = nextOf(job, all, evaluator);
  const found = findingsOf(job, unit);
  const order = job.closed ? [] : orderList(job).filter((l) => !l.order && !l.fitted);
  const opened = say('bench.opened', { day: dayWords(job.createdAt) });
  const facts = [sheetName(job.sheet), job.unit, job.owner, job.complaint, opened];
  return (
    <SidePanel foot={foot(job, (href) => router.push(href))}>
      <View style={styles.head}>
        <PinRing verdict={worstVerdict(judged)} size={48} />
        <View style={layout.grow}>
          <Heading level={2} size="instruction">{`${job.tag} · ${standingOf(judged)}`}</Heading>
          <Words tone="muted">{facts.filter(Boolean).join(' · ')}</Words>
        </View>
      </View>
      <Stages job={job} />
      <View style={styles.columns}>
        <PumpPicture sheet={job.sheet} size={250} />
        <Standing judged={judged} unit={unit} />
      </View>
      <Heading>Next</Heading>
      <Words>
        {job.closed
          ? say('bench.closed', { why: job.closed.why })
          : next || 'Nothing is left to measure.'}
      </Words>
      {order.length > 0 ? (
        <Words>
          <Words strong>Order: </Words>
          {order
            .map(({ name, count }) => (count > 1 ? say('quantity.countOf', { count, name }) : name))
            .join(', ')}
        </Words>
      ) : null}
      {found.length > 0 ? (
        <>
          <Heading>Found</Heading>
          {found.map((line) => (
            <Words key={line}>{line}</Words>
          ))}
        </>
      ) : null}
    </SidePanel>
  );
}

const styles = StyleSheet.create({
  page: { padding: 16, gap: 12 },
  head: { flexDirection: 'row', gap: 12, alignItems: 'center' },
  strip: { flexDirection: 'row' },
  stage: {
    flex: 1,
    alignItems: 'center',
    justifyContent: 'center',
    minHeight: TOUCH,
    borderBottomWidth: 2,
  },
  columns: { flexDirection: 'row', gap: 20, alignItems: 'flex-start' },
});
