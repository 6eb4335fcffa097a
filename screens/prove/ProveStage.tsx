import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { proofsIn } from '@/core/journal/tested';
import { noteProof, noteTest } from '@/core/commands/testing';
import { isProvenByFlow, type PlanStep } from '@/core/prove/plan';
import { NOT_TESTED } from '@/core/prove/checks';
import { sayProve } from '@/core/prove/say';
import {
  followUpWords,
  leakWords,
  proveTitle,
  beneathWords,
  stateOf,
  suspectWords,
  untestedWords,
} from '@/core/prove/sayProve';
import { standPump } from '@/core/prove/stand';
import { suspectsOf } from '@/core/prove/suspects';
import { lower } from '@/core/quantity/letters';
import type { Job } from '@/core/records/job';
import { paragraph } from '@/core/wording/say';
import { steadyPart } from '@/core/trace/steady';
import { evaluator } from '@/data/evaluator';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { FootButton } from '@/ui/FootButton';
import { FootPane } from '@/ui/FootPane';
import { FootRow } from '@/ui/FootRow';
import { Notice } from '@/ui/Notice';
import { RowLink } from '@/ui/RowLink';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { SumsHere } from '../job/SumsHere';
import { useBuilt } from '../job/useBuilt';
import { useCommand } from '../job/useCommand';
import { WhyRow } from '../job/WhyRow';
import { Benchless } from './Benchless';
import { testOfCut } from './cutting';
import { FromFile } from './FromFile';
import { KeptRun } from './KeptRun';
import { EndedNotice, LiveRun } from './LiveRun';
import { NotTested } from './NotTested';
import { PlanPanel } from './PlanPanel';
import { StepTable } from './StepTable';
import { TypeTest } from './TypeTest';
import { resultId, useProve } from './useProve';
import { uncutOf, useRun } from './useRun';

/** What is asked for beneath the answer: nothing, figures that are typed, a file, why there is no test. */
type Asking = 'nothing' | 'typed' | 'file' | 'not';

/** Proving the pump: what it gives now, beside what it came with, the model and the limits. */
export function ProveStage({ job }: { readonly job: Job }) {
  const proving = useProving(job);
  const { current, isRunning } = proving;
  return (
    <FootPane foot={proving.foot}>
      {current && isRunning ? <LiveRun run={current} /> : <Answer job={job} proving={proving} />}
      <Caution />
      {isRunning ? null : <Rest job={job} proving={proving} />}
    </FootPane>
  );
}

const Caution = () => (
  <Notice kind="caution">
    Test stands rotate, and hoses burst. Guard closed, relief valve set, glasses on. Keep hands off
    leaks: oil under pressure goes through skin. If oil gets in, go to hospital at once.
  </Notice>
);

/** What a stage for proving knows and does. */
function useProving(job: Job) {
  const { results, shown, next, isAgain, pick, look } = useProve(job);
  const { run, error } = useCommand(job);
  const client = useQueryClient();
  const [asking, ask] = useState<Asking>('nothing');
  const running = useRun(job.id, run);
  const { current } = running;
  const isRunning = current?.state === 'connecting' || current?.state === 'running';
  const start = (step: PlanStep) => {
    ask('nothing');
    look(step.id);
    void running.start(step, standPump(job, evaluator.state(job), step));
  };
  const stop = async () => {
    const samples = await running.stop();
    // It was asked for while there was nothing of it.
    await client.invalidateQueries({ queryKey: ['run', job.id] });
    const span = steadyPart(samples);
    if (!current || !span) return;
    const uncut = uncutOf(current.step, current.id, 'simulated');
    const said = testOfCut(uncut, current.step, samples, span);
    if (said) await run(noteTest(said));
  };
  const foot = isRunning ? (
    <Button mode="contained" contentStyle={layout.thumb} onPress={() => void stop()}>
      Stop the run
    </Button>
  ) : asking === 'nothing' && isProvenByFlow(job.sheet) ? (
    <StartFoot next={next} isAgain={isAgain} onStart={start} onAsk={ask} />
  ) : null;
  return { results, shown, next, pick, look, asking, ask, current, isRunning, foot, error };
}
type Proving = ReturnType<typeof useProving>;

interface FootProps {
  readonly next: PlanStep | null;
  readonly isAgain: boolean;
  readonly onStart: (step: PlanStep) => void;
  readonly onAsk: (asking: Asking) => void;
}

function StartFoot({ next, isAgain, onStart, onAsk }: FootProps) {
  const { unit } = useShop();
  return (
    <View style={layout.stack}>
      <Button
        mode="contained"
        contentStyle={layout.thumb}
        disabled={!next}
        onPress={() => next && onStart(next)}
      >
        {next
          ? sayProve(isAgain ? 'prove.again' : 'prove.next', {
              step: next.name ? lower(next.name) : stateOf(next, unit),
            })
          : 'All steps are run'}
      </Button>
      <FootRow together>
        <FootButton low name="Type it" disabled={!next} onPress={() => onAsk('typed')} />
        <FootButton low name="From a file" disabled={!next} onPress={() => onAsk('file')} />
        <FootButton low name="Not tested" onPress={() => onAsk('not')} />
      </FootRow>
    </View>
  );
}

interface Props {
  readonly job: Job;
  readonly proving: Proving;
}

/** The answer as a sentence, the run behind it, the steps. */
function Answer({ job, proving }: Props) {
  const { unit } = useShop();
  const { results, shown, next, pick, look, asking, ask, current, error } = proving;
  const done = () => {
    if (next) look(next.id);
    ask('nothing');
  };
  const suspects = shown?.model?.side === 'low' ? suspectsOf(job, evaluator.state(job), shown) : [];
  return (
    <>
      <Heading size="instruction">{proveTitle(job, results, unit, shown)}</Heading>
      {shown?.test ? (
        <Words>{paragraph(beneathWords(shown, unit), leakWords(job, shown))}</Words>
      ) : null}
      {error ? <Notice kind="error">{error}</Notice> : null}
      {current ? <EndedNotice run={current} /> : null}
      {shown?.model?.side === 'low' ? (
        <View>
          {suspectWords(job, suspects, unit).map((words) => (
            <Words key={words}>{words}</Words>
          ))}
          <Words>{sayProve('prove.lowWhy')}</Words>
        </View>
      ) : null}
      {asking === 'typed' && next ? (
        <TypeTest
          key={next.id}
          job={job}
          step={next}
          test={results.find(({ step }) => step?.id === next.id)?.test ?? null}
          onDone={done}
        />
      ) : null}
      {asking === 'file' && next ? (
        <FromFile key={next.id} job={job} step={next} onDone={done} />
      ) : null}
      {asking === 'not' ? <NotTested job={job} onDone={done} /> : null}
      {shown && asking === 'nothing' ? <KeptRun job={job} result={shown} /> : null}
      {results.length > 0 ? (
        <StepTable
          results={results}
          unit={unit}
          chosen={shown ? resultId(shown) : (next?.id ?? null)}
          onChoose={pick}
        />
      ) : null}
    </>
  );
}

/** What else there is to proving: without a bench, the plan, why it failed, the flow. */
function Rest({ job, proving }: Props) {
  const { run } = useCommand(job);
  const left = useBuilt(job, evaluator.assess(job))?.open.prove ?? '';
  const steps = proving.results.flatMap(({ step }) => step ?? []);
  const isUntested = proofsIn(job).some(({ check }) => check === NOT_TESTED);
  return (
    <View style={layout.stack}>
      {isUntested ? (
        <Notice
          kind="word"
          actions={
            <Button mode="outlined" onPress={() => void run(noteProof(NOT_TESTED, null))}>
              Take it back
            </Button>
          }
        >
          {untestedWords(job)}
        </Notice>
      ) : null}
      {followUpWords(job).map((words) => (
        <Words key={words} strong>
          {words}
        </Words>
      ))}
      {left ? <Notice kind="word">{left}</Notice> : null}
      <Benchless job={job} />
      {isProvenByFlow(job.sheet) ? <PlanPanel job={job} steps={steps} /> : null}
      <WhyRow job={job} />
      <RowLink href={`/job/${job.id}/flow`} name="Flow and leak map" about="what each gap costs" />
      <SumsHere job={job} stage="prove" />
    </View>
  );
}
