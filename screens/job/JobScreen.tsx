import { reasonOf } from '@/core/errors';
import { useLocalSearchParams, useRouter } from 'expo-router';
import { useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { Button } from '@/ui/Button';
import { UnreadableRecord } from '@/data/opened';
import { useChange, useOfRecord, useRecord } from '@/data/hooks';
import { saveAs } from '@/data/save';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Wall } from '../shell/Wall';
import { NotLoaded, Opening } from '../shell/onDemand';
import { JobFrame } from './JobFrame';
import { stageOfView, stageQuery, viewNamed, type StageView } from './stageView';
import { say } from '@/core/wording/say';

/** A job at one of its stages. What stands over the stages is not drawn anew with each reading. */
export function JobScreen() {
  const { id, ...params } = useLocalSearchParams<{ id: string; stage: string }>();
  const router = useRouter();
  const { data: left, error, isPending } = useOfRecord('job', id, (job) => job.stage);
  const name = viewNamed(params.stage);
  const stage = stageOfView(name);

  const view = useQuery(stageQuery(name));
  const { apply: changeJob } = useChange('job', id);
  // The bench leads back to the stage that was open last.
  useEffect(() => {
    if (left && left !== stage) changeJob((j) => ({ ...j, stage })).catch(() => undefined);
  }, [left, stage, changeJob]);

  if (error) return <Unreadable error={error} />;
  if (view.error) return <NotLoaded />;
  if (isPending) return <Opening />;
  if (left === null) {
    return (
      <Page title="No such job">
        <Notice kind="error">
          This job is not in this browser. It was deleted, or it is on another device. Import its
          job file.
        </Notice>
        <Button mode="contained" onPress={() => router.replace('/')}>
          Back to Bench
        </Button>
      </Page>
    );
  }
  const record = { kind: 'job', id } as const;
  return (
    <Wall what="This job" record={record}>
      <JobFrame id={id} stage={stage}>
        <Wall what="This stage" record={record} again={[name]}>
          {view.data ? <AtStage key={id} id={id} View={view.data.View} /> : <Opening />}
        </Wall>
      </JobFrame>
    </Wall>
  );
}

/** A stage of a job, drawn anew with the job. */
function AtStage({ id, View }: { readonly id: string; readonly View: StageView }) {
  const { data: job } = useRecord('job', id);
  return job ? <View job={job} /> : null;
}

function Unreadable({ error }: { readonly error: Error }) {
  const raw = error instanceof UnreadableRecord ? error.raw : null;
  return (
    <Page title="This job cannot be read">
      <Notice
        kind="error"
        actions={
          raw === null ? null : (
            <Button mode="outlined" onPress={() => saveAs('unreadable-job.txt', raw, 'text/plain')}>
              Save the damaged data
            </Button>
          )
        }
      >
        {say('job.unreadable', { error: reasonOf(error) })}
      </Notice>
    </Page>
  );
}
