import { useLocalSearchParams, useRouter } from 'expo-router';
import { lazy, Suspense, useEffect } from 'react';
import { ActivityIndicator, Button } from 'react-native-paper';
import { UnreadableRecord } from '@/data/records';
import { useChange, useRecord } from '@/data/hooks';
import { saveAs } from '@/data/save';
import { STAGES, type Stage } from '@/core/records/job';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { JobFrame } from './JobFrame';

/** Each stage is loaded when it is first opened. */
const SHOWN = {
  tag: lazy(async () => ({ default: (await import('../tag/TagStage')).TagStage })),
  strip: lazy(async () => ({ default: (await import('../strip/StripStage')).StripStage })),
  look: lazy(async () => ({ default: (await import('../look/LookStage')).LookStage })),
  measure: lazy(async () => ({ default: (await import('../measure/MeasureStage')).MeasureStage })),
  report: lazy(async () => ({ default: (await import('../report/ReportStage')).ReportStage })),
} as const;

/** A job at one of its stages. */
export function JobScreen() {
  const params = useLocalSearchParams<{ id: string; stage: string }>();
  const router = useRouter();
  const { data: job, error, isPending } = useRecord('job', params.id);
  const stage: Stage = STAGES.find((s) => s === params.stage) ?? 'measure';

  const { apply: changeJob } = useChange('job', params.id);
  const left = job?.stage;
  // The bench leads back to the stage that was open last.
  useEffect(() => {
    if (left && left !== stage) changeJob((j) => ({ ...j, stage })).catch(() => undefined);
  }, [left, stage, changeJob]);

  if (error) return <Unreadable error={error} />;
  if (isPending) return <Opening />;
  if (!job) {
    return (
      <Page title="No such job">
        <Notice kind="error">
          This job is not in this browser. It may have been deleted, or kept on another one.
        </Notice>
        <Button mode="contained" onPress={() => router.replace('/')}>
          To the bench
        </Button>
      </Page>
    );
  }
  const Shown = SHOWN[stage];
  return (
    <JobFrame job={job} stage={stage}>
      <Suspense fallback={<Opening />}>
        <Shown key={job.id} job={job} />
      </Suspense>
    </JobFrame>
  );
}

const Opening = () => <ActivityIndicator style={{ margin: 48 }} accessibilityLabel="Opening" />;

function Unreadable({ error }: { readonly error: Error }) {
  const raw = error instanceof UnreadableRecord ? error.raw : null;
  return (
    <Page title="This job cannot be read">
      <Notice
        kind="error"
        actions={
          raw === null ? null : (
            <Button mode="outlined" onPress={() => saveAs('unreadable-job.txt', raw, 'text/plain')}>
              Save it as it is
            </Button>
          )
        }
      >
        {`${error.message} It was left as it is; other jobs are not touched.`}
      </Notice>
    </Page>
  );
}
