import { beforeLines } from '@/core/report/bench';
import type { Job } from '@/core/records/job';
import { evaluator } from '@/data/evaluator';
import { useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Words } from '@/ui/Words';
import { useBuilt } from '../job/useBuilt';
import { WhyRow } from '../job/WhyRow';

/** What the pump did before the teardown: what a test after the rebuild is held against. */
export function ProveStage({ job }: { readonly job: Job }) {
  const before = beforeLines(job, useShop().unit);
  const left = useBuilt(job, evaluator.assess(job))?.open.prove ?? '';
  return (
    <Page within still title="Prove">
      {left ? <Notice kind="word">{left}</Notice> : null}
      {before.length > 0 ? (
        <Words>Before the teardown the pump gave this. Test it at the same points.</Words>
      ) : (
        <Words>
          Nothing was tested before the teardown: there is nothing to hold a test against.
        </Words>
      )}
      {before.map((line) => (
        <Words key={line} strong>
          {line}
        </Words>
      ))}
      <WhyRow job={job} />
      <Notice kind="caution">
        Test stands rotate, and hoses burst. Guards on, relief valve set, glasses on. Keep hands off
        leaks. If oil gets in, go to hospital at once.
      </Notice>
    </Page>
  );
}
