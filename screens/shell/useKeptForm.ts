import { dequal } from 'dequal';
import useLatestCallback from 'use-latest-callback';
import { useEffect, useRef, useState } from 'react';
import {
  useForm,
  type DefaultValues,
  type FieldValues,
  type Path,
  type PathValue,
  type Resolver,
  type UseFormReturn,
} from 'react-hook-form';
import { now } from '@/data/create';
import { loadDraft, storeDraft } from '@/data/drafts';

/** The name of a field of a form. */
type Name<F> = Extract<keyof F, string>;

/** A field that was edited here and changed elsewhere meanwhile. */
export interface Clash {
  readonly name: string;
  readonly theirs: unknown;
}

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

interface Options<F extends FieldValues> {
  /** Under which its draft is kept: another for every record. */
  readonly key: string;
  /** What the record says, as the form writes it. */
  readonly stored: F;
  readonly resolver?: Resolver<F>;
  /** The unit in which the form's lengths are written. */
  readonly unit?: string;
  /** Called where a draft is in another unit. */
  readonly onUnit?: (unit: string) => void;
  /** Called when the form is left with edits; returns those that it took care of. */
  readonly onLeave?: (edited: readonly Name<F>[]) => readonly Name<F>[];
}

/** A draft is stored so long in ms after the last key. */
const SETTLED_MS = 300;

export function useKeptForm<F extends FieldValues>(options: Options<F>): KeptForm<F> {
  const { key, stored, resolver, unit = '' } = options;
  const form = useForm<F>({
    ...(resolver ? { resolver } : {}),
    defaultValues: stored as DefaultValues<F>,
  });
  /** What the record had when the form took it over, field by field. */
  const base = useRef(stored);
  const saving = useRef(false);
  const drafted = useRef(false);
  /** Counted up after each save: the form takes the record over once more then. */
  const [saves, setSaves] = useState(0);
  const [clashes, setClashes] = useState<readonly Clash[]>([]);
  const [draftOf, setDraftOf] = useState<string | null>(null);

  const names = () => Object.keys(base.current) as Name<F>[];
  const valueOf = (name: Name<F>): unknown => form.getValues(name as string as Path<F>);
  const edited = useLatestCallback(() =>
    names().filter((name) => !dequal(valueOf(name), base.current[name])),
  );
  /** Shows the record anew where nobody edited, and keeps what somebody did. */
  const follow = useLatestCallback((fresh: F, mine: ReadonlyMap<Name<F>, unknown>) => {
    const clashing = [...mine].flatMap(([name, value]): Clash[] => {
      const theirs: unknown = fresh[name];
      const same = dequal(theirs, base.current[name]) || dequal(theirs, value);
      return same ? [] : [{ name, theirs }];
    });
    const kept = Object.fromEntries(clashing.map(({ name }) => [name, base.current[name]]));
    base.current = { ...fresh, ...kept };
    form.reset(base.current as DefaultValues<F>, { keepErrors: true });
    for (const [name, value] of mine) {
      form.setValue(name as string as Path<F>, value as PathValue<F, Path<F>>, {
        shouldDirty: true,
      });
    }
    setClashes(clashing);
  });
  const mineNow = () => new Map(edited().map((name) => [name, valueOf(name)] as const));

  const storedText = JSON.stringify(stored);
  const followStored = useLatestCallback((text: string) => {
    if (!saving.current) follow(JSON.parse(text) as F, mineNow());
  });
  useEffect(() => followStored(storedText), [storedText, saves, followStored]);

  // What was typed and not saved is there again, whatever closed the form.
  const onUnit = useLatestCallback((other: string) => options.onUnit?.(other));
  const restore = useLatestCallback(async (isLeft: () => boolean) => {
    const draft = await loadDraft(key);
    if (!draft || isLeft() || edited().length > 0) return;
    if (draft.unit !== unit) onUnit(draft.unit);
    const mine = new Map<Name<F>, unknown>();
    for (const name of names()) {
      const value = draft.fields[name];
      const fits =
        typeof value === typeof stored[name] &&
        Array.isArray(value) === Array.isArray(stored[name]);
      if (!fits || dequal(value, stored[name])) continue;
      mine.set(name, value);
      if (name in draft.before) base.current = { ...base.current, [name]: draft.before[name] };
    }
    if (mine.size === 0) return;
    drafted.current = true;
    follow(stored, mine);
    setDraftOf(draft.at);
  });
  const keep = useLatestCallback((except: readonly Name<F>[]) => {
    const left = edited().filter((name) => !except.includes(name));
    if (left.length === 0 && !drafted.current) return;
    drafted.current = left.length > 0;
    const of = (values: (name: Name<F>) => unknown) =>
      Object.fromEntries(left.map((name) => [name, values(name)]));
    const draft = {
      at: now(),
      unit,
      fields: of(valueOf),
      before: of((name) => base.current[name]),
    };
    // Without room for it the form still holds it.
    void storeDraft(key, draft).catch(() => undefined);
  });
  const leave = useLatestCallback(() => {
    const left = edited();
    keep(left.length > 0 ? (options.onLeave?.(left) ?? []) : []);
  });
  useEffect(() => {
    let isLeft = false;
    let timer: ReturnType<typeof setTimeout> | undefined;
    void restore(() => isLeft);
    const unsubscribe = form.subscribe({
      formState: { values: true },
      callback: () => {
        clearTimeout(timer);
        if (!saving.current) timer = setTimeout(() => keep([]), SETTLED_MS);
      },
    });
    return () => {
      isLeft = true;
      clearTimeout(timer);
      unsubscribe();
      leave();
    };
  }, [form, restore, keep, leave]);

  const save = useLatestCallback<KeptForm<F>['save']>(async (write) => {
    const mine = mineNow();
    const check = (found: F) => {
      const clashing = [...mine].some(([name, value]) => {
        const theirs: unknown = found[name];
        return !dequal(theirs, base.current[name]) && !dequal(theirs, value);
      });
      if (clashing) throw new ChangedElsewhere();
    };
    saving.current = true;
    let saved = false;
    try {
      saved = await write(check, [...mine.keys()]);
      // What was typed while it was being saved stays; the rest is as the record has it now.
      if (saved) base.current = { ...base.current, ...Object.fromEntries(mine) };
    } finally {
      saving.current = false;
      setSaves((count) => count + 1);
    }
    if (saved) {
      setDraftOf(null);
      keep([]);
    }
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
    const mine = mineNow();
    base.current = { ...base.current, [name]: clash.theirs };
    if (whose === 'theirs') mine.delete(name as Name<F>);
    follow(stored, mine);
  };
  const discard = () => {
    base.current = stored;
    follow(stored, new Map());
    setDraftOf(null);
    keep([]);
  };
  return { form, clashes, draftOf, edited, save, make, choose, discard };
}
