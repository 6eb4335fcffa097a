import { say } from '@/core/wording/say';
import { METHOD, type MethodId } from '@/core/methods/list';
import { type SetStateAction, type Dispatch, useEffect, useRef, useState } from 'react';
import { ScrollView, StyleSheet, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { paperBlocks, type PaperBlock, type PaperPlace } from '@/core/paper/blank';
import { boxId, takePaper, typedFrom, type PaperCells } from '@/core/paper/typed';
import type { Assessment } from '@/core/assessment/assessment';
import { zerosOf } from '@/core/instruments/gauges';
import { unitName } from '@/core/quantity/format';
import type { Job } from '@/core/records/job';
import { dayOf } from '@/core/schema/dates';
import { now } from '@/data/create';
import { loadDraft, storeDraft } from '@/data/drafts';
import { evaluator } from '@/data/evaluator';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Notice } from '@/ui/Notice';
import { OnPaper } from '@/ui/OnPaper';
import { Heading, Words } from '@/ui/Words';
import type { Commanding } from '../job/useCommand';
import { BackToMeasure } from './BackToMeasure';
import { BOX_NAME, PaperBlank } from './PaperBlank';
import { limitsOf } from './verdictWords';
import { layout } from '@/ui/layout';

interface Props {
  readonly job: Job;
  readonly all: readonly Assessment[];
  readonly run: Commanding['run'];
  readonly make: Commanding['make'];
  readonly error: string | null;
  readonly onDone: () => void;
}

const WAYS = [
  { value: 'leaf', name: 'Leaves' },
  { value: 'size', name: 'Sizes' },
] as const;

/** A paper is dated by its day: its readings were made about noon, as far as anybody knows. */
const momentOf = (day: string, today: string): string =>
  day === today.slice(0, 10) ? today : `${day}T12:00:00.000Z`;

/** What was typed and not taken yet; it is kept whatever closes the page. */
function usePaperDraft(key: string) {
  const [cells, setCells] = useState<PaperCells>({});
  const typed = useRef(false);
  useEffect(() => {
    void loadDraft(key).then((draft) => {
      const before = draft?.fields.cells;
      if (!typed.current && typeof before === 'object' && before !== null) {
        setCells(before as PaperCells);
      }
    });
  }, [key]);
  const put = (next: PaperCells) => {
    typed.current = true;
    setCells(next);
    const filled = Object.fromEntries(Object.entries(next).filter(([, text]) => text !== ''));
    const fields = Object.keys(filled).length > 0 ? { cells: filled } : {};
    // Without room for it the page still holds it.
    void storeDraft(key, { at: now(), unit: '', fields, before: {} }).catch(() => undefined);
  };
  return { cells, put };
}

/** Returns the marks of boxes without that of one of them. */
const without = (map: ReadonlyMap<string, string>, id: string): ReadonlyMap<string, string> =>
  new Map([...map].filter(([other]) => other !== id));

/** Holds what is typed in from a paper, and takes what of it can be read and is believed. */
function usePaper({ job, run, make }: Props, blocks: readonly PaperBlock[], day: string | null) {
  const shop = useShop();
  const { cells, put } = usePaperDraft(`paper/${job.id}`);
  const [wrong, setWrong] = useState<ReadonlyMap<string, string>>(new Map());
  const [doubted, setDoubted] = useState<ReadonlyMap<string, string>>(new Map());
  const [said, setSaid] = useState('');
  const save = async () => {
    if (!day) return;
    const at = momentOf(day, now());
    const room = { ...shop, zeros: zerosOf(job, shop), evaluator, made: { ...make(), at } };
    const believed = new Set([...doubted.keys()]);
    const typed = typedFrom(job, blocks, cells, room, believed);
    if (typed.readings.length > 0 && !(await run(takePaper(typed.readings, evaluator)))) return;
    const left = new Set([...typed.wrong.keys(), ...typed.doubted.keys()]);
    put(Object.fromEntries(Object.entries(cells).filter(([id]) => left.has(id))));
    setWrong(typed.wrong);
    setDoubted(typed.doubted);
    setSaid(say('measure.paperTaken', { count: typed.readings.length, left: left.size }));
  };
  const type = (id: string, text: string) => {
    put({ ...cells, [id]: text });
    // What was typed anew is believed or doubted anew.
    setWrong(without(wrong, id));
    setDoubted(without(doubted, id));
    setSaid('');
  };
  return { cells, wrong, doubted, said, save, type };
}

/** A blank page to measure with, and the table to type it in afterwards, place by place. */
export function PaperPanel(props: Props) {
  const { job, all, error, onDone } = props;
  const { unit } = useShop();
  const [way, setWay] = useState<MethodId>(job.cursor.way === 'size' ? 'size' : 'leaf');
  const [date, setDate] = useState(now().slice(0, 10));
  const blocks = paperBlocks(job, all, way);
  const written = dayOf(date, new Date(now()));
  const isAhead = Boolean(written && written > now().slice(0, 10));
  const day = isAhead ? null : (written ?? null);
  const { cells, wrong, doubted, said, save, type } = usePaper(props, blocks, day);
  const isEmpty = Object.values(cells).every((text) => text.trim() === '');
  return (
    <ScrollView contentContainerStyle={styles.panel} keyboardShouldPersistTaps="handled">
      <BackToMeasure panel="paper" onDone={onDone} />
      <Heading>Paper sheet</Heading>
      <Words>
        Print the checks of this job with their places and limits, measure with a pencil, and type
        the page in here afterwards.
      </Words>
      <Choice
        label="Measure gaps by"
        value={way}
        options={WAYS}
        onChange={(chosen) => setWay(chosen as MethodId)}
      />
      <Button mode="contained" icon="printer-outline" onPress={() => window.print()}>
        Print a blank page
      </Button>
      <Heading>Type it in</Heading>
      {dateField(date, setDate, day, isAhead)}
      {blocks.map((block) => (
        <BlockRows
          key={block.assessment.characteristic.id}
          block={block}
          unit={unit}
          cells={cells}
          wrong={wrong}
          doubted={doubted}
          onType={type}
        />
      ))}
      {error ? <Notice kind="error">{error}</Notice> : null}
      {said ? <Words role="status">{said}</Words> : null}
      <Button
        mode="contained"
        contentStyle={layout.thumb}
        disabled={isEmpty || !day}
        onPress={() => void save()}
      >
        {doubted.size > 0 ? 'Save, it is right' : 'Save these readings'}
      </Button>
      <OnPaper>
        <PaperBlank job={job} blocks={blocks} unit={unit} />
      </OnPaper>
    </ScrollView>
  );
}

interface RowsProps {
  readonly block: PaperBlock;
  readonly unit: ReturnType<typeof useShop>['unit'];
  readonly cells: PaperCells;
  readonly wrong: ReadonlyMap<string, string>;
  readonly doubted: ReadonlyMap<string, string>;
  readonly onType: (id: string, text: string) => void;
}

/** The day on which the paper was written. */
function dateField(
  date: string,
  setDate: Dispatch<SetStateAction<string>>,
  day: string | null | undefined,
  isAhead: boolean,
) {
  return (
    <View>
      <TextInput
        mode="outlined"
        label="Date on the paper"
        aria-label="Date on the paper"
        value={date}
        onChangeText={setDate}
        error={!day}
      />
      {day ? null : (
        <HelperText type="error" role="alert" padding="none">
          {isAhead
            ? 'That day is still to come. Check the date on the paper.'
            : 'Write the day as 2026-11-23 or 23.11.2026.'}
        </HelperText>
      )}
    </View>
  );
}

/** One check: a row for each of its places, a box for each thing that is read there. */
function BlockRows({ block, unit, cells, wrong, doubted, onType }: RowsProps) {
  const { assessment, way, places } = block;
  const { name, quantity } = assessment.characteristic;
  const measure = unitName(way === 'size' ? 'size' : quantity, unit);
  const where = ({ station, dimension }: PaperPlace) =>
    dimension ? `${dimension.name}, ${station.label}` : station.label;
  return (
    <View style={styles.block}>
      <View style={layout.line}>
        <Words strong style={layout.grow}>{`${name} · ${limitsOf(assessment, unit)}`}</Words>
        {METHOD[way].paper.map((box) => (
          <Words key={box} size="note" tone="muted" style={styles.cell}>
            {`${BOX_NAME[box]}, ${measure}`}
          </Words>
        ))}
      </View>
      {places.map((place) => (
        <View key={place.id}>
          <View style={layout.line}>
            <Words size="note" style={layout.grow}>
              {where(place)}
            </Words>
            {METHOD[way].paper.map((box) => {
              const id = boxId(place, box);
              return (
                <TextInput
                  key={id}
                  mode="outlined"
                  dense
                  aria-label={say('measure.paperBox', {
                    check: name,
                    place: where(place),
                    box: BOX_NAME[box],
                  })}
                  value={cells[id] ?? ''}
                  onChangeText={(text) => onType(id, text)}
                  inputMode="decimal"
                  error={wrong.has(id)}
                  style={styles.cell}
                />
              );
            })}
          </View>
          {METHOD[way].paper.map((box) => {
            const message = wrong.get(boxId(place, box)) ?? doubted.get(boxId(place, box));
            return message ? (
              <HelperText key={box} type="error" role="alert" padding="none">
                {message}
              </HelperText>
            ) : null;
          })}
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  panel: { padding: 14, gap: 10, maxWidth: 720, width: '100%' },
  block: { gap: 4 },
  cell: { width: 92 },
});
