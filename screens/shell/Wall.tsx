import { useRouter } from 'expo-router';
import { useEffect, useState, type ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { Button } from '@/ui/Button';
import { useRecord } from '@/data/hooks';
import { rawRecord } from '@/data/opened';
import type { RecordRef } from '@/data/records';
import { fileName, saveAs } from '@/data/save';
import { Notice } from '@/ui/Notice';
import { say } from '@/core/wording/say';

interface Props {
  /** What is behind the wall, as the sentence goes on: *This reading cannot be shown.* */
  readonly what: string;
  /** The record that is shown, to be saved as it is; where it changes, it is tried again. */
  readonly record?: RecordRef | undefined;
  /** Where one of these changes, it is tried again as well. */
  readonly again?: readonly unknown[];
  readonly children: ReactNode;
}

/** Keeps what goes wrong in one part of a screen from the others, and says what can be done. */
export function Wall({ what, record, again = [], children }: Props) {
  return (
    <ErrorBoundary
      resetKeys={[...again]}
      fallbackRender={(props) => <Fallen {...props} what={what} record={record} />}
    >
      {children}
    </ErrorBoundary>
  );
}

/** Tries again what failed where its record is no longer as it was then. */
function TriedAgain({ kind, id, again }: RecordRef & { readonly again: () => void }) {
  const { data } = useRecord(kind, id);
  const [failed] = useState(data);
  useEffect(() => {
    if (data !== failed) again();
  }, [data, failed, again]);
  return null;
}

/** Said in the place of what failed. */
function Fallen({
  resetErrorBoundary,
  what,
  record,
}: FallbackProps & Pick<Props, 'what' | 'record'>) {
  const router = useRouter();
  const save = async ({ kind, id }: RecordRef) =>
    saveAs(fileName(`${kind}-${id}`, 'txt'), await rawRecord(kind, id), 'text/plain');
  return (
    <Notice
      kind="error"
      actions={
        <>
          {record ? <TriedAgain {...record} again={resetErrorBoundary} /> : null}
          <Button mode="outlined" onPress={resetErrorBoundary}>
            Try again
          </Button>
          {record ? (
            <Button mode="outlined" onPress={() => void save(record).catch(() => undefined)}>
              Save the record as it is
            </Button>
          ) : null}
          <Button mode="text" onPress={() => router.push('/shop')}>
            Go to Backup
          </Button>
        </>
      }
    >
      {say('shell.partFailed', { what })}
    </Notice>
  );
}
