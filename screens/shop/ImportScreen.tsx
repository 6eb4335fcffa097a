import { type ReactNode, useState } from 'react';
import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import type { FileProblem } from '@/core/records/problems';
import { chooseFile, saveAs } from '@/data/save';
import type { Preview } from '@/data/transfer/desk';
import type { Applied } from '@/data/transfer/apply';
import type { SideChoice } from '@/data/transfer/choices';
import { useShop } from '@/data/hooks';
import { Course } from '@/ui/Course';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { IN_BROWSER } from '@/data/transfer/progress';
import { TryAgain } from '@/ui/TryAgain';
import { Heading, Words } from '@/ui/Words';
import { RefusedFile } from '../shell/RefusedFile';
import { lineWords, misplacedWords, notTakenWords, photoWords, sameWords } from './importWords';
import type { Side } from '@/core/records/merge';
import { askedOf, ClashRows, type Asked } from './ClashRows';
import { useDesk } from './useDesk';
import { sayShop } from './sayShop';

type State =
  | { at: 'start' }
  | { at: 'refused'; file: File; problems: readonly FileProblem[] }
  | { at: 'preview'; file: File; preview: Preview; asked: readonly Asked[] }
  | ({ at: 'done' } & Applied);

/** A file is looked at record by record, what it would do is shown, and only then is anything changed. */
export function ImportScreen() {
  const router = useRouter();
  const client = useQueryClient();
  const { progress, run, cancel } = useDesk();
  const [state, setState] = useState<State>({ at: 'start' });

  const choose = async () => {
    const file = await chooseFile('.json,.zip,.csv,application/json,application/zip,text/csv');
    if (file) await look(file);
  };
  const look = async (file: File) => {
    const found = await run((desk, tell) => desk.plan(file, tell));
    if (found.ok) {
      const asked = askedOf(found.value.lines);
      setState({ at: 'preview', file, preview: found.value, asked });
    } else if (found.cancelled) setState({ at: 'start' });
    else setState({ at: 'refused', file, problems: found.problems });
  };
  const apply = async (
    { file, preview }: Extract<State, { at: 'preview' }>,
    choices: readonly SideChoice[],
  ) => {
    const done = await run((desk, tell) => desk.apply(tell, choices));
    if (!done.ok && !done.cancelled) setState({ at: 'refused', file, problems: done.problems });
    if (!done.ok) return;
    await client.invalidateQueries();
    const { notTaken, misplaced } = done.value;
    if (notTaken.length + misplaced.length > 0) return setState({ at: 'done', ...done.value });
    // Whoever brought parts in wants to see the shelf.
    router.replace(preview.lines.every(({ kind }) => kind === 'part') ? '/shelf' : '/');
  };
  return (
    <Page title="Import">
      <Words>
        A job, a set of sheets, the shelf or a whole backup, as a file of the app’s own format; or
        loose parts as a CSV list. Save the shelf as CSV once to see the columns.
      </Words>
      {progress ? (
        <Course {...progress} onCancel={cancel} />
      ) : (
        <Button
          mode={state.at === 'preview' ? 'outlined' : 'contained'}
          icon="file-import-outline"
          onPress={() => void choose()}
        >
          Choose a file
        </Button>
      )}
      {state.at === 'refused' ? (
        <Refused
          {...state}
          onAgain={() => void look(state.file)}
          onCancel={() => setState({ at: 'start' })}
        />
      ) : null}
      {state.at === 'preview' && !progress ? (
        <PreviewOf
          name={state.file.name}
          preview={state.preview}
          asked={state.asked}
          onChoose={(which, side) =>
            setState({
              ...state,
              asked: state.asked.map((one) => (which(one) ? { ...one, side } : one)),
            })
          }
          onImport={(choices) => void apply(state, choices)}
        />
      ) : null}
      {state.at === 'done' ? done(state) : null}
      <Button mode="text" onPress={() => router.navigate('/')}>
        Back to Bench
      </Button>
    </Page>
  );
}

interface RefusedProps {
  readonly file: File;
  readonly problems: readonly FileProblem[];
  readonly onAgain: () => void;
  readonly onCancel: () => void;
}

/** What was not taken of the file, or lies elsewhere now. */
function done(state: { at: 'done' } & Applied): ReactNode {
  return (
    <>
      <Notice kind="word">All else was imported.</Notice>
      {state.notTaken.length > 0 ? <NotTakenNotice notTaken={state.notTaken} /> : null}
      {state.misplaced.map((one) => (
        <Notice key={`${one.part.id} ${one.tag ?? ''}`} kind="caution">
          {misplacedWords(one)}
        </Notice>
      ))}
    </>
  );
}

/** Says why nothing was imported: what is wrong in the file, or what went wrong here. */
function Refused({ file, problems, onAgain, onCancel }: RefusedProps) {
  const own = problems.find(({ place }) => place === IN_BROWSER);
  if (!own) return <RefusedFile name={file.name} problems={problems} />;
  return (
    <TryAgain onAgain={onAgain} onCancel={onCancel}>
      {sayShop('shop.notLooked', { file: file.name, why: own.message })}
    </TryAgain>
  );
}

/** So many lines are shown one by one; a whole shop is summed up. */
const MOST_LINES = 60;

interface PreviewProps {
  readonly name: string;
  readonly preview: Preview;
  readonly asked: readonly Asked[];
  readonly onChoose: (which: (asked: Asked) => boolean, side: Side) => void;
  readonly onImport: (choices: readonly SideChoice[]) => void;
}

function PreviewOf({ name, preview, asked, onChoose, onImport }: PreviewProps) {
  const { lines, notTaken, notes } = preview;
  const { unit } = useShop();
  const choices = asked.flatMap(({ line: _, side, ...one }) => (side ? [{ ...one, side }] : []));
  const left = asked.length - choices.length;
  const named = lines.filter(({ kind }) => kind !== 'photo' && kind !== 'trace');
  const same = named.filter(({ effect }) => effect === 'same').length;
  const records = named.filter(({ effect }) => effect !== 'same');
  // What is brought together or stays is read first: what is only added surprises nobody.
  const sorted = [...records].sort(
    (a, b) => Number(a.effect === 'add') - Number(b.effect === 'add'),
  );
  const more = sorted.length - MOST_LINES;
  const idle = lines.every(({ effect }) => effect === 'same' || effect === 'newer');
  return (
    <>
      <Heading>{name}</Heading>
      {notes.map((note) => (
        <Notice key={note} kind="caution">
          {note}
        </Notice>
      ))}
      {notTaken.length > 0 ? <NotTakenNotice notTaken={notTaken} /> : null}
      {lines.length === 0 ? <Words>This file has nothing to import.</Words> : null}
      <View role="list">
        {sorted.slice(0, MOST_LINES).map((line) => (
          <View key={`${line.kind} ${line.id}`} role="listitem">
            <Words>{lineWords(line, unit)}</Words>
          </View>
        ))}
      </View>
      {same > 0 ? <Words>{sameWords(same)}</Words> : null}
      {more > 0 ? <Words strong>{sayShop('shop.moreLikeThese', { count: more })}</Words> : null}
      <Words>{photoWords(lines)}</Words>
      <ClashRows asked={asked} onChoose={onChoose} />
      <Button mode="contained" disabled={idle || left > 0} onPress={() => onImport(choices)}>
        {left > 0 ? sayShop('shop.chooseLeft', { count: left }) : 'Import'}
      </Button>
    </>
  );
}

function NotTakenNotice({ notTaken }: Pick<Preview, 'notTaken'>) {
  const aside = () =>
    saveAs(
      'dial-bench-not-taken.json',
      JSON.stringify(
        notTaken.map(({ raw }) => raw),
        null,
        1,
      ),
    );
  return (
    <Notice
      kind="error"
      actions={
        <Button mode="outlined" onPress={aside}>
          Save these as they are
        </Button>
      }
    >
      <Words strong>{sayShop('shop.notTaken', { count: notTaken.length })}</Words>
      {notTaken.slice(0, MOST_LINES).map((record, i) => (
        <Words key={i}>{notTakenWords(record)}</Words>
      ))}
    </Notice>
  );
}
