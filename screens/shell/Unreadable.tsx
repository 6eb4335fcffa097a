import { reasonOf } from '@/core/errors';
import { say } from '@/core/wording/say';
import { Notice } from '@/ui/Notice';

interface Props {
  readonly records: readonly (Error & { readonly key: string })[] | undefined;
}

/** Says of each record of a list that cannot be read why; the others are listed all the same. */
export const Unreadable = ({ records = [] }: Props) =>
  records.map((error) => (
    <Notice key={error.key} kind="error">
      {say('shell.unreadable', { error: reasonOf(error) })}
    </Notice>
  ));
