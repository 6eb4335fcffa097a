import { dequal } from 'dequal';
import { useRef, useState } from 'react';
import type { DefaultValues, FieldValues, Path, PathValue, UseFormReturn } from 'react-hook-form';
import useLatestCallback from 'use-latest-callback';

/** The name of a field of a form. */
export type Name<F> = Extract<keyof F, string>;

/** A field that was edited here and changed elsewhere meanwhile. */
export interface Clash {
  readonly name: string;
  readonly theirs: unknown;
}

/** What a form says against what its record had when the form took it over. */
export interface HeldFields<F extends FieldValues> {
  /** What the record had then, field by field. */
  readonly base: () => F;
  /** Takes over what the record has of some fields, without showing it. */
  readonly rebase: (fields: Partial<F>) => void;
  readonly clashes: readonly Clash[];
  readonly names: () => Name<F>[];
  readonly valueOf: (name: Name<F>) => unknown;
  /** Lists the fields that differ from that. */
  readonly edited: () => Name<F>[];
  /** Returns what they say now. */
  readonly mine: () => Map<Name<F>, unknown>;
  /** Shows the record anew where nobody edited, and keeps what somebody did. */
  readonly follow: (fresh: F, mine: ReadonlyMap<Name<F>, unknown>) => void;
}

/** Tells the fields of a form that somebody edited from those that follow the record. */
export function useHeldFields<F extends FieldValues>(
  form: UseFormReturn<F>,
  stored: F,
): HeldFields<F> {
  const taken = useRef(stored);
  const base = () => taken.current;
  const rebase = useLatestCallback((fields: Partial<F>) => {
    taken.current = { ...taken.current, ...fields };
  });
  const [clashes, setClashes] = useState<readonly Clash[]>([]);
  const names = () => Object.keys(base()) as Name<F>[];
  const valueOf = (name: Name<F>): unknown => form.getValues(name as string as Path<F>);
  const edited = useLatestCallback(() =>
    names().filter((name) => !dequal(valueOf(name), base()[name])),
  );
  const mine = () => new Map(edited().map((name) => [name, valueOf(name)] as const));
  const follow = useLatestCallback((fresh: F, kept: ReadonlyMap<Name<F>, unknown>) => {
    const clashing = [...kept].flatMap(([name, value]): Clash[] => {
      const theirs: unknown = fresh[name];
      const same = dequal(theirs, base()[name]) || dequal(theirs, value);
      return same ? [] : [{ name, theirs }];
    });
    const before = Object.fromEntries(clashing.map(({ name }) => [name, base()[name]]));
    taken.current = { ...fresh, ...before };
    form.reset(base() as DefaultValues<F>, { keepErrors: true });
    for (const [name, value] of kept) {
      form.setValue(name as string as Path<F>, value as PathValue<F, Path<F>>, {
        shouldDirty: true,
      });
    }
    setClashes(clashing);
  });
  return { base, rebase, clashes, names, valueOf, edited, mine, follow };
}
