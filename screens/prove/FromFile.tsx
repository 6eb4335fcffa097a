import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { noteTest } from '@/core/commands/testing';
import type { PlanStep } from '@/core/prove/plan';
import { sayProve } from '@/core/prove/say';
import { timeWords } from '@/core/prove/sayRun';
import { stepWords } from '@/core/prove/sayProve';
import type { Held, LoggerColumn, LoggerRun, LoggerTable } from '@/core/trace/columns';
import { steadyPart } from '@/core/trace/steady';
import type { Job } from '@/core/records/job';
import { reasonOf } from '@/core/errors';
import { newId } from '@/data/create';
import { useShop } from '@/data/hooks';
import type * as tables from '@/data/tables';
import { keepRun } from '@/data/traces';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Pick } from '@/ui/Pick';
import { usePalette } from '@/ui/theme';
import { useWidth } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';
import { testOfCut } from './cutting';
import { chooseTable } from './chooseTable';
import { TraceChart } from './TraceChart';
import { uncutOf } from './useRun';

interface Props {
  readonly job: Job;
  readonly step: PlanStep;
  readonly onDone: () => void;
}

const NAME: Readonly<Record<Held, string>> = {
  t_s: 'time',
  flow_lpm: 'flow',
  bar: 'pressure',
  rpm: 'speed of the pump',
  oil_C: 'oil',
};

/** What reads tables is loaded with what else does, when somebody has one. */
type Logger = typeof tables;

const LEFT = { value: '', name: 'not used' };
const HOLDS = [LEFT, ...Object.entries(NAME).map(([value, name]) => ({ value, name }))];

/** A logger's file as a run of a step: which columns hold what is guessed, shown and can be put right. */
export function FromFile({ job, step, onDone }: Props) {
  const { unit } = useShop();
  const client = useQueryClient();
  const { run, error } = useCommand(job);
  const [table, setTable] = useState<LoggerTable | null>(null);
  const [logger, setLogger] = useState<Logger | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const [width, onLayout] = useWidth(362);
  const choose = async () => {
    const file = await chooseTable();
    if (!file) return;
    const door = await import('@/data/tables');
    const read = door.readLogger(await file.text());
    setLogger(door);
    setTable(read);
    setFailed(read ? null : sayProve('prove.csvUnreadable', { file: file.name }));
  };
  const columns = table?.columns ?? [];
  const logged = table && logger ? logger.samplesBy(table, columns) : null;
  const held = new Set(columns.map((column) => column.held));
  const isWhole = held.has('t_s') && held.has('flow_lpm');
  const put = (at: number, change: Partial<LoggerColumn>) =>
    setTable(
      (was) =>
        was && {
          ...was,
          columns: was.columns.map((one, i) => (i === at ? { ...one, ...change } : one)),
        },
    );
  const keep = async () => {
    if (!logged) return;
    const id = newId();
    try {
      await keepRun(job.id, id, logged.samples);
    } catch (problem) {
      setFailed(reasonOf(problem));
      return;
    }
    const uncut = uncutOf(step, id, 'file');
    const span = steadyPart(logged.samples);
    const said = span && testOfCut(uncut, step, logged.samples, span);
    await client.invalidateQueries({ queryKey: ['run', job.id] });
    if (await run(noteTest(said ?? uncut))) onDone();
  };
  return (
    <View style={layout.stack} onLayout={onLayout}>
      <Words strong>{stepWords(step, unit)}</Words>
      {failed || error ? <Notice kind="error">{failed ?? error ?? ''}</Notice> : null}
      {columns.map((column, i) => (
        <ColumnAt
          key={i}
          column={column}
          units={(held) => Object.keys(logger?.LOGGER_UNITS[held] ?? {})}
          onChange={(change) => put(i, change)}
        />
      ))}
      {table && !isWhole ? <Notice kind="error">{sayProve('prove.csvNone')}</Notice> : null}
      {logged && isWhole ? <Logged run={logged} step={step} width={width} /> : null}
      <View style={layout.wrap}>
        {logged && isWhole && logged.samples.length > 0 ? (
          <Button mode="contained" onPress={() => void keep()}>
            Take this run
          </Button>
        ) : null}
        <Button mode="outlined" onPress={() => void choose()}>
          {table ? 'Another file' : 'Choose the logger’s file'}
        </Button>
        <Button mode="outlined" onPress={onDone}>
          Cancel
        </Button>
      </View>
    </View>
  );
}

interface LoggedProps {
  readonly run: LoggerRun;
  readonly step: PlanStep;
  readonly width: number;
}

/** What a table comes to as a run: drawn, how long it is, what of it was left out. */
function Logged({ run: logged, step, width }: LoggedProps) {
  const { unit } = useShop();
  return (
    <>
      <TraceChart samples={logged.samples} unit={unit} width={width} said={stepWords(step, unit)} />
      <Words>
        {sayProve('prove.csvFound', {
          count: logged.samples.length,
          time: timeWords(logged.samples.at(-1)?.t_s ?? 0),
        })}
      </Words>
      {logged.isThinned ? <Words>{sayProve('prove.csvThinned')}</Words> : null}
      {logged.skipped > 0 ? (
        <Words>{sayProve('prove.csvSkipped', { count: logged.skipped })}</Words>
      ) : null}
    </>
  );
}

interface ColumnProps {
  readonly column: LoggerColumn;
  /** Lists the units that a logger may write a figure in. */
  readonly units: (held: Held) => readonly string[];
  readonly onChange: (change: Partial<LoggerColumn>) => void;
}

/** A column of a logger's table: its name, its first cells, what it holds and in which unit. */
function ColumnAt({ column: { name, held, unit, first }, units: of, onChange }: ColumnProps) {
  const palette = usePalette();
  const units = held ? of(held) : [];
  const take = (value: string) => {
    const next = value in NAME ? (value as Held) : null;
    onChange({ held: next, unit: next ? (of(next)[0] ?? '') : '' });
  };
  return (
    <View style={[styles.column, { borderColor: palette.line }]}>
      <Words>
        <Words strong>{name || 'no name'}</Words>
        {sayProve('prove.csvFirst', { cells: first.join(', ') })}
      </Words>
      <View style={layout.wrap}>
        <View style={styles.pick}>
          <Pick
            label={sayProve('prove.csvHolds', { column: name })}
            value={held ?? ''}
            options={HOLDS}
            onChange={take}
          />
        </View>
        {units.length > 1 ? (
          <View style={styles.pick}>
            <Pick
              label={sayProve('prove.csvUnit', { column: name })}
              value={unit}
              options={units.map((value) => ({ value, name: value }))}
              onChange={(value) => onChange({ unit: value })}
            />
          </View>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  column: { borderBottomWidth: 1, paddingBottom: 8, gap: 4 },
  pick: { flexGrow: 1, flexBasis: 150 },
});
