import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { noteTest } from '@/core/commands/testing';
import { cutOut } from '@/core/prove/cut';
import type { StepResult } from '@/core/prove/compare';
import { sayProve } from '@/core/prove/say';
import { cutWords } from '@/core/prove/sayRun';
import type { Job } from '@/core/records/job';
import type { TestEntry } from '@/core/records/entries/tested';
import type { Sample } from '@/core/trace/sample';
import { steadyPart, type Span } from '@/core/trace/steady';
import { useShop } from '@/data/hooks';
import { loadRun } from '@/data/traces';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { useWidth } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useCommand } from '../job/useCommand';
import { CutHandles } from './CutHandles';
import { testOfCut } from './cutting';
import { TraceChart } from './TraceChart';

interface Props {
  readonly job: Job;
  readonly result: StepResult;
}

/** The run that a test was cut out of, or that nobody has cut yet: drawn, with the ends of its steady part to be dragged. */
export function KeptRun({ job, result }: Props) {
  const entry = result.test?.run ? result.test : result.run;
  const run = entry?.run ?? '';
  const { data } = useQuery({
    queryKey: ['run', job.id, run],
    queryFn: () => loadRun(job.id, run),
    enabled: run !== '',
  });
  if (!entry || !data) return null;
  return (
    <View style={layout.stack}>
      {data.isDamaged ? <Notice kind="error">{sayProve('prove.damaged')}</Notice> : null}
      <RunCut key={entry.run} job={job} result={result} entry={entry} samples={data.samples} />
    </View>
  );
}

interface CutProps extends Props {
  readonly entry: TestEntry;
  readonly samples: readonly Sample[];
}

/** Returns the part that an entry was cut to; null where it was not. */
const spanOf = ({ from_s, to_s }: TestEntry): Span | null =>
  from_s === null || to_s === null ? null : { from_s, to_s };

/** Returns all of a run: what the ends are dragged from where no part of it was steady. */
const wholeOf = (samples: readonly Sample[]): Span => ({
  from_s: 0,
  to_s: Math.ceil(samples.at(-1)?.t_s ?? 0) + 1,
});

function RunCut({ job, result, entry, samples }: CutProps) {
  const { unit } = useShop();
  const { run, error } = useCommand(job);
  const [width, onLayout] = useWidth(362);
  const kept = spanOf(entry);
  const proposed = steadyPart(samples);
  const [moved, move] = useState<Span | null>(null);
  const span = moved ?? kept ?? proposed ?? wholeOf(samples);
  const cut = cutOut(samples, span);
  const take = (next: Span) => {
    const said = testOfCut(entry, result.step, samples, next);
    if (said) void run(noteTest(said), [], () => move(null));
  };
  if (samples.length === 0) return null;
  return (
    <View style={layout.stack} onLayout={onLayout}>
      {error ? <Notice kind="error">{error}</Notice> : null}
      {width > 0 ? (
        <TraceChart
          samples={samples}
          unit={unit}
          width={width}
          span={span}
          least_lpm={result.step?.least?.lpm ?? null}
          said={cut ? cutWords(cut, span, unit) : ''}
          over={(scale) => <CutHandles scale={scale} span={span} onMove={move} onCut={take} />}
        />
      ) : null}
      {cut ? <Words>{cutWords(cut, span, unit)}</Words> : null}
      {kept ? null : <Words>{sayProve(proposed ? 'prove.proposed' : 'prove.noSteady')}</Words>}
      {kept ? null : (
        <Button mode="contained" onPress={() => take(span)}>
          Take this part
        </Button>
      )}
      {entry.from === 'simulated' ? (
        <Words size="note" tone="muted">
          {sayProve('prove.simulated')}
        </Words>
      ) : null}
    </View>
  );
}
