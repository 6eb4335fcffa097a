import { reasonOf } from '@/core/errors';
import { useStorageError } from '@/data/hooks';
import { Notice } from '@/ui/Notice';

/** Said over every room where the browser does not let the app read what it stored: nothing is gone then. */
export function StorageNotice() {
  const error = useStorageError();
  return error ? <Notice kind="error">{reasonOf(error)}</Notice> : null;
}
