import type { Job } from '@/core/records/job';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { Heading, Words } from '@/ui/Words';
import { AssemblyOrder } from '../job/AssemblyOrder';
import { OrderList } from '../job/OrderList';
import { SumsHere } from '../job/SumsHere';
import { boltsWithTorque } from '@/core/wording/bolts';

/** What is known for putting the pump together: the order of the parts, what to have at hand, the bolts. */
export function BuildStage({ job }: { readonly job: Job }) {
  const { fasteners } = job.sheet;
  return (
    <Page within still title="Build">
      <Words>The parts in the order in which they go back, as they were marked at teardown.</Words>
      <AssemblyOrder job={job} />
      <OrderList job={job} />
      <SumsHere job={job} stage="build" />
      {fasteners.length > 0 ? <Heading>Bolts</Heading> : null}
      {fasteners.map((bolts) => (
        <Words key={bolts.id}>{boltsWithTorque(bolts)}</Words>
      ))}
      <Notice kind="caution">
        Springs and covers under load: hold them down, and run the bolts in evenly. Torque by the
        maker’s manual.
      </Notice>
    </Page>
  );
}
