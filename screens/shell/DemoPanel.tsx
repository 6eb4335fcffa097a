import { reasonOf } from '@/core/errors';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { View } from 'react-native';
import { countDemo, openDemo } from '@/data/demo';
import type { DemoHere } from '@/data/demoHere';
import { say } from '@/core/wording/say';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { useEscape } from '@/ui/keyboard';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';

/** What the panel is doing. */
type State = 'idle' | 'busy' | Error | DemoHere;

const isAsking = (state: State): state is DemoHere =>
  typeof state === 'object' && !(state instanceof Error);

/** The demo: opened beside one's own jobs, and taken away without touching them. */
export function DemoPanel() {
  const client = useQueryClient();
  const { data: count } = useQuery({ queryKey: ['demo'], queryFn: countDemo, staleTime: 0 });
  const [state, setState] = useState<State>('idle');
  const cancel = () => setState('idle');
  useEscape(isAsking(state) ? cancel : undefined);
  if (!count) return null;
  const isHere = count.job + count.sheet + count.part > 0;
  const run = async (work: () => Promise<State>) => {
    setState('busy');
    setState(await work().catch((error: Error) => error));
    await client.invalidateQueries();
  };
  const open = () =>
    run(async () => {
      await openDemo();
      return 'idle';
    });
  const take = (here: DemoHere, kept: DemoHere['own']) =>
    run(async () => {
      const { takeDemoAway } = await import('@/data/demoHere');
      await takeDemoAway(here, kept);
      return 'idle';
    });
  const ask = () => run(async () => (await import('@/data/demoHere')).demoHere());
  return (
    <View style={layout.stack}>
      <Heading>Demo: Highmoor Winter Depot</Heading>
      <Words>
        {isHere
          ? say('shell.demoHere', { jobs: count.job, sheets: count.sheet, parts: count.part })
          : 'An invented depot with its pumps, limits and parts, to try everything on. It opens beside your own jobs and can be taken away again.'}
      </Words>
      {state instanceof Error ? (
        <Notice kind="error">{say('bench.demoFailed', { error: reasonOf(state) })}</Notice>
      ) : null}
      {isAsking(state) ? (
        <Asked here={state} onTake={(kept) => void take(state, kept)} onCancel={cancel} />
      ) : (
        <View style={layout.wrap}>
          <Button
            mode="outlined"
            loading={state === 'busy'}
            disabled={state === 'busy'}
            onPress={() => void open()}
          >
            {isHere ? 'Bring back what is missing' : 'Open the demo'}
          </Button>
          {isHere ? (
            <Button mode="outlined" disabled={state === 'busy'} onPress={() => void ask()}>
              Take the demo away
            </Button>
          ) : null}
        </View>
      )}
    </View>
  );
}

interface AskedProps {
  readonly here: DemoHere;
  readonly onTake: (kept: DemoHere['own']) => void;
  readonly onCancel: () => void;
}

/** What goes, and what of it somebody worked on: that is kept, or goes as well. */
function Asked({ here: { all, own }, onTake, onCancel }: AskedProps) {
  return (
    <Notice
      kind="caution"
      actions={
        <>
          <Button mode="outlined" onPress={onCancel}>
            Cancel
          </Button>
          {own.length > 0 ? (
            <Button mode="outlined" onPress={() => onTake([])}>
              {say('shell.demoTakeAll', { count: all.length })}
            </Button>
          ) : null}
          <Button mode="contained" onPress={() => onTake(own)}>
            {own.length > 0
              ? say('shell.demoKeep', { count: own.length })
              : say('shell.demoTake', { count: all.length })}
          </Button>
        </>
      }
    >
      <>
        <Words>
          {own.length > 0
            ? 'You worked on some of it. Jobs, sheets and parts of your own are not touched.'
            : 'Nothing of yours is in it. Jobs, sheets and parts of your own are not touched.'}
        </Words>
        {own.map(({ kind, id, name, why, entries }) => (
          <Words key={`${kind}/${id}`} strong>
            {say('shell.demoOwn', { name, why, entries })}
          </Words>
        ))}
      </>
    </Notice>
  );
}
