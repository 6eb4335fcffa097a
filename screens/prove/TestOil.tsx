import { testOn } from '@/core/commands/testing';
import { fluidsFor } from '@/core/flow/fluids';
import { testFluidOf } from '@/core/prove/plan';
import { sayProve } from '@/core/prove/say';
import type { Job } from '@/core/records/job';
import { useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { Pick } from '@/ui/Pick';
import { useCommand } from '../job/useCommand';

/** Stands for the oil of the sheet, or what the pump runs on. */
const AS_IT_RUNS = 'as-it-runs';

/** What the pump is tested on: as it runs, or an oil of the shop or a grade. */
export function TestOil({ job }: { readonly job: Job }) {
  const { fluids } = useShop();
  const { run, error } = useCommand(job);
  const own = job.testing.fluid;
  const known = fluidsFor(own ? [own, ...fluids.filter(({ name }) => name !== own.name)] : fluids);
  const usual = testFluidOf({ ...job, testing: { ...job.testing, fluid: null } });
  const choose = (name: string) =>
    void run(testOn(known.find((fluid) => fluid.name === name) ?? null));
  return (
    <>
      {error ? <Notice kind="error">{error}</Notice> : null}
      <Pick
        label="Oil of the test"
        value={own?.name ?? AS_IT_RUNS}
        options={[
          {
            value: AS_IT_RUNS,
            name: sayProve('prove.oilUsual', { oil: usual.fluid.name, from: usual.from }),
          },
          ...known.map(({ name }) => ({ value: name, name })),
        ]}
        onChange={choose}
      />
    </>
  );
}
