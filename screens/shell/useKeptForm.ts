import { dequal } from 'dequal';
import useLatestCallback from 'use-latest-callback';
import { useEffect, useRef, useState } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Resolver,
  type UseFormReturn,
} from 'react-hook-form';
import { useDraft, type DraftOptions } from './useDraft';
import { useHeldFields, type Clash, type Name } from './useHeldFields';

/** Tells that fields which were edited here were changed elsewhere meanwhile. Nothing was written. */
class ChangedElsewhere extends Error {
  constructor() {
    super('Some of this was changed elsewhere meanwhile. Choose below what is to stay, then save.');
    this.name = 'ChangedElsewhere';
  }
}

/** Form whose fields follow the record while nobody edits them, and lose nothing that somebody typed. */
export interface KeptForm<F extends FieldValues> {
  readonly form: UseFormReturn<F>;
  readonly clashes: readonly Clash[];
  /** When what is in it was typed, where that was before it was last left; null where it was not. */
  readonly draftOf: string | null;
  /** Lists the fields that differ from what the record had when the form took it over. */
  readonly edited: () => Name<F>[];
  /**
   * Saves: `write` changes the record, and first hands what it finds in storage to `check`.
   *
   * @returns whether it was saved; where it was not, the form stays as it is
   */
  readonly save: (
    write: (check: (stored: F) => void, edited: readonly Name<F>[]) => Promise<boolean>,
  ) => Promise<boolean>;
  /** Makes a new record of what is in the form, whose draft goes then; returns what `write` made. */
  readonly make: <R>(write: () => Promise<R>) => Promise<R>;
  readonly choose: (name: string, whose: 'mine' | 'theirs') => void;
  readonly discard: () => void;
}

interface Options<F extends FieldValues> extends DraftOptions<F> {
  readonly resolver?: Resolver<F>;
}

/** Refuses to write over a field that was edited here and changed elsewhere meanwhile. */
function refuseClash<F extends FieldValues>(
  mine: ReadonlyMap<Name<F>, unknown>,
  base: F,
  found: F,
): void {
  const clashing = [...mine].some(([name, value]) => {
    const theirs: unknown = found[name];
    return !dequal(theirs, base[name]) && !dequal(theirs, value);
  });
  if (clashing) throw new ChangedElsewhere();
}

export function useKeptForm<F extends FieldValues>(options: Options<F>): KeptForm<F> {
  const { stored, resolver } = options;
  const form = useForm<F>({
    ...(resolver ? { resolver } : {}),
    defaultValues: stored as DefaultValues<F>,
  });
  const saving = useRef(false);
  /** Counted up after each save: the form takes the record over once more then. */
  const [saves, setSaves] = useState(0);
  const held = useHeldFields(form, stored);
  const { base, rebase, clashes, edited, follow } = held;

  const storedText = JSON.stringify(stored);
  const followStored = useLatestCallback((text: string) => {
    if (!saving.current) follow(JSON.parse(text) as F, held.mine());
  });
  useEffect(() => followStored(storedText), [storedText, saves, followStored]);

  const isSaving = useLatestCallback(() => saving.current);
  const { draftOf, settle } = useDraft(form, held, isSaving, options);
  const save = useLatestCallback<KeptForm<F>['save']>(async (write) => {
    const mine = held.mine();
    saving.current = true;
    let saved = false;
    try {
      saved = await write((found) => refuseClash(mine, base(), found), [...mine.keys()]);
      // What was typed while it was being saved stays; the rest is as the record has it now.
      if (saved) rebase(Object.fromEntries(mine) as Partial<F>);
    } finally {
      saving.current = false;
      setSaves((count) => count + 1);
    }
    if (saved) settle();
    return saved;
  });
  const make = async <R>(write: () => Promise<R>): Promise<R> => {
    const made: R[] = [];
    await save(async () => made.push(await write()) > 0);
    return made[0] as R;
  };
  const choose = (name: string, whose: 'mine' | 'theirs') => {
    const clash = clashes.find((c) => c.name === name);
    if (!clash) return;
    const mine = held.mine();
    rebase({ [name]: clash.theirs } as Partial<F>);
    if (whose === 'theirs') mine.delete(name as Name<F>);
    follow(stored, mine);
  };
  const discard = () => {
    rebase(stored);
    follow(stored, new Map());
    settle();
  };
  return { form, clashes, draftOf, edited, save, make, choose, discard };
}
