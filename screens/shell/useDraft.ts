import { dequal } from 'dequal';
import { useEffect, useRef, useState } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';
import useLatestCallback from 'use-latest-callback';
import { now } from '@/data/create';
import { loadDraft, storeDraft } from '@/data/drafts';
import type { HeldFields, Name } from './useHeldFields';

/** A draft is stored so long in ms after the last key. */
const SETTLED_MS = 300;

/** Says of which form a draft is kept, and what else is done with it. */
export interface DraftOptions<F extends FieldValues> {
  /** Under which the draft is kept: another for every record. */
  readonly key: string;
  /** What the record says, as the form writes it. */
  readonly stored: F;
  /** The unit in which the form's lengths are written. */
  readonly unit?: string;
  /** Called where a draft is in another unit. */
  readonly onUnit?: (unit: string) => void;
  /** Called when the form is left with edits; returns those that it took care of. */
  readonly onLeave?: (edited: readonly Name<F>[]) => readonly Name<F>[];
}

/** Returns what a draft has for fields of another value than the record has, as far as it is of their kind. */
const draftedIn = <F extends FieldValues>(
  fields: Readonly<Record<string, unknown>>,
  names: readonly Name<F>[],
  stored: F,
): Map<Name<F>, unknown> =>
  new Map(
    names.flatMap((name) => {
      const [value, had]: unknown[] = [fields[name], stored[name]];
      const fits = typeof value === typeof had && Array.isArray(value) === Array.isArray(had);
      return fits && !dequal(value, had) ? [[name, value] as const] : [];
    }),
  );

/** What was typed and not saved: it is there again, whatever closed the form. */
export interface Draft {
  /** When it was typed, where that was before it was last left; null where it was not. */
  readonly draftOf: string | null;
  /** Drops what is no longer typed. */
  readonly settle: () => void;
}

/** Keeps a draft of the edits of a form while it is typed in, and brings it back when the form is opened. */
export function useDraft<F extends FieldValues>(
  form: UseFormReturn<F>,
  held: HeldFields<F>,
  isSaving: () => boolean,
  { key, stored, unit = '', ...options }: DraftOptions<F>,
): Draft {
  const { base, rebase, names, valueOf, edited, follow } = held;
  const drafted = useRef(false);
  const [draftOf, setDraftOf] = useState<string | null>(null);
  const onUnit = useLatestCallback((other: string) => options.onUnit?.(other));
  const restore = useLatestCallback(async (isLeft: () => boolean) => {
    const draft = await loadDraft(key);
    if (!draft || isLeft() || edited().length > 0) return;
    if (draft.unit !== unit) onUnit(draft.unit);
    const mine = draftedIn(draft.fields, names(), stored);
    if (mine.size === 0) return;
    for (const name of mine.keys()) {
      if (name in draft.before) rebase({ [name]: draft.before[name] } as Partial<F>);
    }
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
      before: of((name) => base()[name]),
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
        if (!isSaving()) timer = setTimeout(() => keep([]), SETTLED_MS);
      },
    });
    return () => {
      isLeft = true;
      clearTimeout(timer);
      unsubscribe();
      leave();
    };
  }, [form, isSaving, restore, keep, leave]);
  const settle = () => {
    setDraftOf(null);
    keep([]);
  };
  return { draftOf, settle };
}
