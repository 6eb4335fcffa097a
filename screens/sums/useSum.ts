import { dequal } from 'dequal';
import { useEffect, useMemo, useState } from 'react';
import useLatestCallback from 'use-latest-callback';
import { GENERIC_FLUIDS } from '@/core/hydraulics/grades';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sum, Tools } from '@/core/sums/sum';
import { untouched, workOut, type Outcome, type Typed } from '@/core/sums/workOut';
import { now } from '@/data/create';
import { loadDraft, storeDraft } from '@/data/drafts';
import { useShop } from '@/data/hooks';
import type { JobOf } from './useJobOf';

/** No sum of the room asks for a plan: the solver stays where it is. */
const TOOLS: Tools = {
  solver: () => Promise.reject(new Error('The room has no solver.')),
  now: () => performance.now(),
};

/** What is typed for a job is kept apart from what is typed without one. */
const keyOf = (id: string, of: JobOf | null): string =>
  ['sum', id, of?.job.id, of?.gap?.id].filter(Boolean).join('/');

/** What somebody typed himself: what a job fills in it fills in anew, as it stands then, and what is usual stands by itself. */
const ownOf = (typed: Typed, begun: Typed): Typed =>
  Object.fromEntries(Object.entries(typed).filter(([at, entry]) => !dequal(entry, begun[at])));

const isTyped = (fields: unknown): fields is Typed =>
  typeof fields === 'object' &&
  fields !== null &&
  Object.values(fields).every(
    (entry: unknown) =>
      typeof entry === 'object' &&
      entry !== null &&
      typeof (entry as { text?: unknown }).text === 'string' &&
      ['mm', 'thou'].includes(String((entry as { unit?: unknown }).unit)),
  );

/** Keeps what was typed last into a sum, and brings it back when its page is opened anew. */
function useRemembered(key: string, isLinked: boolean, take: (typed: Typed) => void) {
  const taken = useLatestCallback(take);
  const [isThere, setThere] = useState(isLinked);
  useEffect(() => {
    if (isLinked) return;
    let isLeft = false;
    void loadDraft(key).then((draft) => {
      if (isLeft) return;
      if (draft && isTyped(draft.fields)) taken(draft.fields);
      setThere(true);
    });
    return () => {
      isLeft = true;
    };
  }, [key, isLinked, taken]);
  return isThere;
}

/** Stores what is typed with every key: whatever closes the page, it is there again. */
function useKept(key: string, typed: Typed, isThere: boolean): void {
  useEffect(() => {
    if (!isThere) return;
    const draft = { at: now(), unit: '', fields: typed, before: {} };
    // Without room for it the form still holds it.
    void storeDraft(key, draft).catch(() => undefined);
  }, [key, typed, isThere]);
}

const NOTHING_FILLED: Typed = {};

/** A sum’s page as it stands: what was typed, what it comes to, and the last good answer. */
export interface SumState {
  readonly typed: Typed;
  readonly unit: ShopUnit;
  readonly outcome: Outcome;
  /** The last answer that there was; greyed while what was typed since cannot be used. */
  readonly last: Outcome['answer'];
  readonly isThere: boolean;
  type(at: string, text: string): void;
  showIn(unit: ShopUnit): void;
  /** Fills in made-up figures. */
  showExample(typed: Typed): void;
  /** What stands in the form began as an example. */
  readonly isExample: boolean;
  clear(): void;
  /** Brings back what an example or an empty form took the place of; null where nothing was. */
  readonly bringBack: (() => void) | null;
}

/**
 * Holds a sum’s form and works out what it comes to at every key.
 *
 * @param linked what the address brings; null for what was typed last
 * @param of the job that it is worked out for; null for none
 */
export function useSum(id: string, sum: Sum, linked: Typed | null, of: JobOf | null): SumState {
  const shop = useShop();
  const [unit, setUnit] = useState<ShopUnit>(shop.unit);
  const filled = of?.filled.typed ?? NOTHING_FILLED;
  const [begun] = useState<Typed>(() => ({ ...untouched(sum, shop.unit), ...filled }));
  const [typed, setTyped] = useState<Typed>(() => ({ ...begun, ...linked }));
  const key = keyOf(id, of);
  const isThere = useRemembered(key, linked !== null, (kept) =>
    setTyped((shown) => ({ ...shown, ...kept })),
  );
  const own = useMemo(() => ownOf(typed, begun), [typed, begun]);
  useKept(key, own, isThere);
  const outcome = useMemo(() => {
    const fluids = [...shop.fluids, ...GENERIC_FLUIDS];
    return workOut(sum, typed, fluids, unit, TOOLS);
  }, [sum, typed, shop.fluids, unit]);
  const [replaced, setReplaced] = useState<Typed | null>(null);
  const [isExample, setExample] = useState(false);
  const replace = (next: Typed, before: Typed | null, example = false) => {
    setReplaced(before);
    setTyped(next);
    setExample(example);
  };
  const [last, setLast] = useState<Outcome['answer']>(null);
  if (outcome.answer && outcome.answer !== last) setLast(outcome.answer);
  return {
    typed,
    unit,
    outcome,
    last: outcome.answer ?? last,
    isThere,
    type: (at, text) => {
      setReplaced(null);
      setTyped((before) => ({ ...before, [at]: { text, unit } }));
    },
    showIn: setUnit,
    isExample,
    showExample: (example) => replace({ ...typed, ...example }, typed, true),
    clear: () => {
      setLast(null);
      replace({ ...untouched(sum, unit), ...filled }, typed);
    },
    bringBack: replaced && (() => replace(replaced, null)),
  };
}
