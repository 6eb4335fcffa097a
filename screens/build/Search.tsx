import { View } from 'react-native';
import { answersOf } from '@/core/assembly/answers';
import type { BuildItem } from '@/core/assembly/list';
import { sayBuild } from '@/core/assembly/sayBuild';
import {
  searchOf,
  suspectsOf,
  trialsFor,
  type Search as Searching,
} from '@/core/assembly/spinning';
import { noteTrial } from '@/core/commands/building';
import { capital } from '@/core/quantity/letters';
import { useShop } from '@/data/hooks';
import { Button } from '@/ui/Button';
import { Line } from '@/ui/Line';
import { Notice } from '@/ui/Notice';
import { Reasons } from '@/ui/Reasons';
import { Tile, Tiles } from '@/ui/Tile';
import { Heading, Words } from '@/ui/Words';
import { useNextFocus } from '@/ui/focus';
import { layout } from '@/ui/layout';
import type { Building } from './useBuild';

interface Props {
  readonly building: Building;
  readonly item: BuildItem;
  readonly felt: 'tight' | 'catches';
  /** Spins it once more. */
  readonly onAgain: () => void;
}

/** It does not turn freely: five tries that tell apart why, what to look for by them, and what it was. */
export function Search({ building, item, felt, onAgain }: Props) {
  const { job, run } = building;
  const { answer: spin } = item;
  if (!spin) return null;
  const search = searchOf(answersOf(job), spin, job.sheet);
  const note = (trial: Parameters<typeof noteTrial>[0]['trial'], answer: string) =>
    void run(noteTrial({ spin: spin.id, trial, answer }));
  return (
    <View style={layout.stack}>
      <Notice kind="error">
        {felt === 'tight'
          ? 'It turns tight. Stop here: what makes it tight comes out before any more torque.'
          : 'It catches. Stop here: turned on, it breaks what it catches on.'}
      </Notice>
      {search.found ? (
        <Words strong>{sayBuild('page.found', { cause: search.found })}</Words>
      ) : (
        <Try search={search} trials={trialsFor(job.sheet)} onAnswer={note} />
      )}
      <Suspects building={building} item={item} felt={felt} search={search} onFound={note} />
      <Button
        mode={search.found ? 'contained' : 'outlined'}
        contentStyle={layout.thumb}
        onPress={onAgain}
      >
        Mended: spin it again
      </Button>
    </View>
  );
}

type Noted = (trial: Parameters<typeof noteTrial>[0]['trial'], answer: string) => void;

interface TryProps {
  readonly search: Searching;
  readonly trials: ReturnType<typeof trialsFor>;
  readonly onAnswer: Noted;
}

/** The try that comes next, and what the others showed. */
function Try({ search, trials, onAnswer }: TryProps) {
  const { next, shown } = search;
  const at = trials.findIndex(({ trial }) => trial === next);
  const asked = trials[at];
  const focus = useNextFocus(next);
  return (
    <View style={layout.stack}>
      {trials.flatMap(({ trial, ask, choices }) => {
        const name = choices.find(({ id }) => id === shown[trial])?.name;
        if (!name) return [];
        return [
          <Words key={trial} size="note" tone="muted">
            {sayBuild('page.tried', { ask, answer: name })}
          </Words>,
        ];
      })}
      {asked ? (
        <>
          <View ref={focus}>
            <Words tone="muted">
              {sayBuild('page.tries', { number: at + 1, count: trials.length })}
            </Words>
            <Words size="title" strong>
              {asked.ask}
            </Words>
          </View>
          <Tiles label={asked.ask}>
            {asked.choices.map(({ id, name }) => (
              <Tile key={id} name={name} onPress={() => onAnswer(asked.trial, id)} />
            ))}
          </Tiles>
        </>
      ) : null}
    </View>
  );
}

interface SuspectsProps extends Omit<Props, 'onAgain'> {
  readonly search: Searching;
  readonly onFound: Noted;
}

/** So many are worth looking at first. */
const MOST = 4;

/** What to look for, likeliest first, with what of the pump's own figures speaks for it. */
function Suspects({ building, item, felt, search, onFound }: SuspectsProps) {
  const { unit } = useShop();
  const { job, all } = building;
  const suspects = suspectsOf(job, all, felt, item.step.section, search.shown, unit);
  return (
    <View style={layout.stack}>
      <Heading level={3}>Look for, likeliest first</Heading>
      <View>
        {suspects.slice(0, MOST).map(({ cause, because }, i) => (
          <Line key={cause.id}>
            <Words strong tone="muted">
              {i + 1}
            </Words>
            <View style={layout.grow}>
              <Words strong={i === 0}>{capital(cause.name)}</Words>
              {because ? (
                <Words size="note" tone="muted">
                  {because}
                </Words>
              ) : null}
            </View>
            {search.found ? null : (
              <Button
                compact
                accessibilityLabel={sayBuild('page.found', { cause: cause.name })}
                onPress={() => onFound('found', cause.name)}
              >
                It was this
              </Button>
            )}
          </Line>
        ))}
      </View>
      {search.found ? null : (
        <Reasons
          usual={[]}
          act="It was this, in your words"
          onReason={(why) => onFound('found', why)}
        />
      )}
    </View>
  );
}
