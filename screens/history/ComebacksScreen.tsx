import { useState } from 'react';
import { View } from 'react-native';
import { reasonOf } from '@/core/errors';
import {
  ownChance,
  type BackCause,
  type BackGroup,
  type Comebacks,
  type SortedBy,
} from '@/core/history/comebacks';
import { sayHistory } from '@/core/history/say';
import { paragraph } from '@/core/wording/say';
import { useJobSummaries } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Line } from '@/ui/Line';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowLink } from '@/ui/RowLink';
import { Heading, Words } from '@/ui/Words';
import { useComebacks } from './useHistory';

/** Whose pumps are counted. */
const WHOSE = [
  { value: 'own', name: 'Our own' },
  { value: 'demo', name: 'The demo’s' },
] as const;

/** What came back of all that went out, by cause, model, maker of the spare and bushing fit. */
export function ComebacksScreen() {
  const [isDemo, setIsDemo] = useState(false);
  const { data: jobs } = useJobSummaries();
  const hasDemo = (jobs ?? []).some(({ madeUp }) => madeUp);
  const { answer, error, reading } = useComebacks(isDemo);
  return (
    <Page title="Comebacks">
      {hasDemo ? (
        <Choice
          label="Whose pumps"
          value={isDemo ? 'demo' : 'own'}
          options={WHOSE}
          onChange={(whose) => setIsDemo(whose === 'demo')}
        />
      ) : null}
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      {answer ? (
        <Counted comebacks={answer} />
      ) : (
        <Words tone="muted">{reading ? sayHistory('history.reading', reading) : 'Opening…'}</Words>
      )}
    </Page>
  );
}

const percent = (share: number): number => Math.round(100 * share);

/** The parts of the page beside the causes. */
const PARTS: readonly (readonly [SortedBy, string])[] = [
  ['model', 'By model'],
  ['make', 'By maker of the spare'],
  ['bushing', 'By bushing fit'],
];

function Counted({ comebacks: { all, groups, causes } }: { readonly comebacks: Comebacks }) {
  const { out, back, share, interval } = all;
  const [from, to] = interval;
  return (
    <>
      <Heading size="instruction">{sayHistory('history.backAll', { out, back })}</Heading>
      {share === null ? null : (
        <Words>
          {paragraph(
            sayHistory('history.backBand', {
              percent: percent(share),
              from: percent(from),
              to: percent(to),
            }),
            ownChance(all) === null ? sayHistory('history.backFew') : '',
          )}
        </Words>
      )}
      {causes.length > 0 ? <Heading level={3}>What it was in the end</Heading> : null}
      {causes.map((cause) => (
        <Cause key={cause.words} cause={cause} />
      ))}
      {PARTS.map(([by, name]) =>
        groups[by].length === 0 ? null : (
          <View key={by}>
            <Heading level={3}>{name}</Heading>
            {groups[by].map((group) => (
              <Group key={group.name} group={group} by={by} />
            ))}
          </View>
        ),
      )}
    </>
  );
}

/** What pumps came back for, each leading to its job. */
function Cause({ cause: { words, jobs } }: { readonly cause: BackCause }) {
  const [first] = jobs;
  return first ? (
    <RowLink
      href={`/job/${first.id}/report`}
      name={words || sayHistory('history.noCause')}
      about={jobs.map(({ tag }) => tag).join(', ')}
    />
  ) : null;
}

function Group({ group, by }: { readonly group: BackGroup; readonly by: SortedBy }) {
  const { name, back, out, share } = group;
  return (
    <Line>
      <Words style={{ flex: 1 }}>
        {by === 'bushing' ? sayHistory('history.bushing', { school: name }) : name}
      </Words>
      <Words strong>
        {sayHistory('history.backGroup', { back, out, percent: percent(share ?? 0) })}
      </Words>
    </Line>
  );
}
