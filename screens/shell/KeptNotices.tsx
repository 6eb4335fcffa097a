import type { FieldValues } from 'react-hook-form';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { timeWords } from '@/ui/when';
import { Words } from '@/ui/Words';
import type { KeptForm } from './useKeptForm';
import { say } from '@/core/wording/say';

interface Props<F extends FieldValues> {
  readonly kept: KeptForm<F>;
  /** The names of the fields as the form has them. */
  readonly labels?: Readonly<Record<string, string>>;
}

const said = (value: unknown): string =>
  typeof value === 'string' ? `“${value}”` : 'other entries';

/** Says that a draft is there again, and asks about fields that were changed elsewhere meanwhile. */
export function KeptNotices<F extends FieldValues>({ kept, labels = {} }: Props<F>) {
  const { clashes, draftOf, choose, discard } = kept;
  return (
    <>
      {draftOf ? (
        <Notice
          kind="word"
          actions={
            <Button mode="outlined" onPress={discard}>
              Discard it
            </Button>
          }
        >
          {say('shell.draft', { when: timeWords(draftOf) })}
        </Notice>
      ) : null}
      {clashes.map(({ name, theirs }) => (
        <Notice
          key={name}
          kind="caution"
          actions={
            <>
              <Button mode="outlined" onPress={() => choose(name, 'mine')}>
                Keep mine
              </Button>
              <Button mode="outlined" onPress={() => choose(name, 'theirs')}>
                Use that one
              </Button>
            </>
          }
        >
          <Words>{say('shell.clash', { field: labels[name] ?? name, value: said(theirs) })}</Words>
        </Notice>
      ))}
    </>
  );
}
