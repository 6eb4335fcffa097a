import { useMemo, useState } from 'react';
import { useForm } from 'react-hook-form';
import { View } from 'react-native';
import { tried } from '@/core/errors';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit } from '@/core/quantity/units';
import { signedLength, trimmed } from '@/core/quantity/format';
import type { Job } from '@/core/records/job';
import { canBeWider, withWider } from '@/core/rework/decision/wider';
import { otherWidths } from '@/core/pairing/widths';
import { say } from '@/core/wording/say';
import { sayDecide } from './sayDecide';
import { useParts, useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Held } from '@/ui/Held';
import { RowButton } from '@/ui/RowButton';
import { Words } from '@/ui/Words';
import { Answer } from './Answer';
import { OtherPumps } from './flow/OtherPumps';
import { WiderFlow } from './flow/WiderFlow';
import { Sheet } from './Sheet';
import { useDeciding } from './useDeciding';
import { Planned } from './Works';

interface Props {
  readonly job: Job;
  readonly onDone: () => void;
}

/** More flow by wider gears or rotors, or by another pump of the shop’s sheets. */
export function WiderPanel({ job, onDone }: Props) {
  return (
    <Sheet title="For more flow" back="Back to What if" onBack={onDone}>
      {canBeWider(job) ? <WiderGears job={job} /> : null}
      <OtherPumps job={job} />
    </Sheet>
  );
}

/** Wider gears: which plates and neighbours have to give way, by the same sums. */
function WiderGears({ job }: Pick<Props, 'job'>) {
  const { unit } = useShop();
  const [over, setOver] = useState<number | null>(null);
  const { control, handleSubmit, setError, formState } = useForm({ defaultValues: { over: '' } });
  const { errors } = formState;
  const work = handleSubmit(({ over: text }) => {
    const read = tried(() => parseReading(text, 'gap', bareUnit('gap', unit)).mm);
    if (read.ok) setOver(read.value);
    else setError('over', { message: read.message }, { shouldFocus: true });
  });
  return (
    <>
      <Words strong>A greater width</Words>
      <Words>
        Flow rises with the width of gears or rotors. Enter how much wider they are: the plan says
        what has to give way.
      </Words>
      <Bought job={job} onChoose={setOver} />
      <Field control={control} name="over" label={say('sheets.wider', { unit })} />
      <Button mode="contained" onPress={() => void work()}>
        Work it out
      </Button>
      {over === null ? null : (
        <Held held={Boolean(errors.over)}>
          <WiderAnswer key={over} job={job} over_mm={over} />
        </Held>
      )}
    </>
  );
}

/** Gears of another width that can be bought, or lie on the shelf: one of them is chosen by its name. */
function Bought({ job, onChoose }: Pick<Props, 'job'> & { onChoose: (over_mm: number) => void }) {
  const { unit } = useShop();
  const { data: parts } = useParts();
  const onShelf = otherWidths(job.sheet, parts?.records ?? []).map(({ label, over_mm }) => ({
    id: label,
    name: sayDecide('rework.widthOnShelf', { label }),
    over_mm,
  }));
  return [...job.sheet.sets, ...onShelf].map(({ id, name, over_mm }) => (
    <RowButton
      key={id}
      name={name}
      about={sayDecide('rework.widerBy', { over: signedLength(over_mm, 'gap', unit) })}
      onPress={() => onChoose(over_mm)}
    />
  ));
}

function WiderAnswer({ job, over_mm }: { readonly job: Job; readonly over_mm: number }) {
  const shop = useShop();
  const wider = useMemo(() => withWider(job, over_mm, shop), [job, over_mm, shop]);
  const deciding = useDeciding(wider.job, wider.settings);
  return (
    <View style={{ gap: 10 }}>
      <WiderFlow
        job={job}
        over_mm={over_mm}
        otherwise={
          wider.more === null ? null : (
            <Words strong>
              {sayDecide('rework.wider', { more: trimmed(100 * wider.more, 1) })}
            </Words>
          )
        }
      />
      <Answer deciding={deciding} />
      {deciding.plan ? <Planned deciding={deciding} /> : null}
    </View>
  );
}
