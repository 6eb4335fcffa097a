import { useRef, useState } from 'react';
import { View } from 'react-native';
import type { BuildItem } from '@/core/assembly/list';
import { sayBuild } from '@/core/assembly/sayBuild';
import { partName } from '@/core/pumps/registry';
import { lower } from '@/core/quantity/letters';
import { WASHES, type Wash } from '@/core/records/entries/build';
import { HOUSE_RULES } from '@/core/records/rules';
import { answerBuild } from '@/core/commands/building';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { useKeys } from '@/ui/keyboard';
import { ListRow } from '@/ui/ListRow';
import { RowButton } from '@/ui/RowButton';
import { StageMark } from '@/ui/StageMark';
import { layout } from '@/ui/layout';
import type { Building } from './useBuild';

const SCHOOLS = HOUSE_RULES.find(({ id }) => id === 'wash')?.schools ?? [];
const NAMES = WASHES.map((value) => ({
  value,
  name: SCHOOLS.find((school) => school.value === value)?.name ?? value,
}));

interface Props {
  readonly building: Building;
  readonly item: BuildItem;
}

const nameOf = (wash: Wash): string => NAMES.find(({ value }) => value === wash)?.name ?? wash;

/** Washing: all parts in one touch, by the house rule. */
export function CleanAnswers({ building, item }: Props) {
  const { job, answer } = building;
  const { shortcuts } = useShop();
  const keys = useRef<View>(null);
  const { wash } = job.rules;
  const all = () => void answer({ said: 'done', wash });
  useKeys({ '1': all }, { enabled: shortcuts, on: keys });
  return (
    <View ref={keys}>
      <Button mode="contained" contentStyle={layout.thumb} onPress={all}>
        {sayBuild(item.dirty.length === item.step.parts.length ? 'page.allBy' : 'page.restBy', {
          wash: lower(nameOf(wash)),
        })}
      </Button>
    </View>
  );
}

/** Washing part by part, each its own way. */
export function CleanParts({ building, item: { step, dirty } }: Props) {
  const { job, run } = building;
  const [apart, setApart] = useState(false);
  const [wash, setWash] = useState<Wash>(job.rules.wash);
  const count = step.parts.length;
  return (
    <View style={layout.stack}>
      <RowButton
        name="Part by part"
        about={sayBuild('page.washed', { done: count - dirty.length, count })}
        open={apart}
        onPress={() => setApart(!apart)}
      />
      {apart ? (
        <View style={layout.stack}>
          <Choice label="How it is washed" value={wash} options={NAMES} onChange={setWash} />
          <View>
            {step.parts.map((part) => {
              const isDirty = dirty.includes(part);
              return (
                <ListRow
                  key={part}
                  name={partName(job.sheet, part)}
                  note={isDirty ? 'to be washed and dried' : 'washed and dry'}
                  here={false}
                  mark={<StageMark standing={isDirty ? 'open' : 'done'} size={24} />}
                  onPress={() =>
                    void run(answerBuild({ step: step.id, said: 'done', parts: [part], wash }))
                  }
                />
              );
            })}
          </View>
        </View>
      ) : null}
    </View>
  );
}
