import { useState } from 'react';
import { say } from '@/core/wording/say';
import { sayShelf } from './sayShelf';
import { isTaken } from '@/core/pairing/labels';
import type { ShopUnit } from '@/core/quantity/units';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { useChange, useParts } from '@/data/hooks';
import { isDone } from '../shell/isDone';
import { pointAt } from '../shell/pointAt';
import { useHeldUnit } from '../shell/useHeldUnit';
import { useKeptForm } from '../shell/useKeptForm';
import { doubtsOf, partFromForm, partToForm, type PartForm } from './partForm';

/** Returns a part with the fields that were edited as they were read. */
function withEdits(stored: ShelfPart, read: ShelfPart, edited: readonly string[]): ShelfPart {
  const { sizes, ...fields } = read;
  const changed = Object.fromEntries(
    edited.flatMap((name) => (name in fields ? [[name, fields[name as 'label']]] : [])),
  );
  const sized = edited.some((name) => name === 'sizes' || name === 'doubts');
  return { ...stored, ...changed, ...(sized ? { sizes } : {}) };
}

/** Holds the form of a loose part: what is far off the sheet is asked about once, a label is given once. */
export function usePartEditor(part: ShelfPart, sheet: Sheet, shopUnit: ShopUnit) {
  const { apply, error } = useChange('part', part.id);
  const { data: shelf } = useParts();
  const { held: unit, follow, take } = useHeldUnit(shopUnit);
  const stored = partToForm(part, sheet, unit);
  // What was typed though it is far off the sheet, and asked about once.
  const [asked, setAsked] = useState<Readonly<Record<string, string>>>({});
  const kept = useKeptForm<PartForm>({ key: `part/${part.id}`, stored, unit, onUnit: take });
  const { handleSubmit, clearErrors, formState } = kept.form;
  follow(formState.isDirty);
  /** Returns what is to be asked about, by its field, and holds it as asked. */
  const doubted = (form: PartForm, read: ShelfPart): Record<string, string> => {
    const doubts = Object.entries(doubtsOf(read, part, sheet, unit)).flatMap(([field, doubt]) => {
      const text = form.sizes[field.replace('sizes.', '')] ?? '';
      return asked[field] === text ? [] : [{ field, doubt, text }];
    });
    if (doubts.length > 0) {
      setAsked(Object.fromEntries(doubts.map(({ field, text }) => [field, text])));
    }
    return Object.fromEntries(
      doubts.map(({ field, doubt, text }) => [field, sayShelf('shelf.keepsIt', { doubt, text })]),
    );
  };
  const store = handleSubmit(async (form) => {
    const read = partFromForm(form, part, sheet, unit);
    if (!read.ok) return pointAt(kept.form, read.errors);
    const doubts = doubted(form, read.record);
    if (Object.keys(doubts).length > 0) return pointAt(kept.form, doubts);
    if (isTaken(read.record.label, shelf?.records ?? [], part.id)) {
      const message = say('shelf.labelTaken', { label: read.record.label });
      return pointAt(kept.form, { label: message });
    }
    await kept.save((check, edited) =>
      isDone(
        apply((now) => {
          check(partToForm(now, sheet, unit));
          return withEdits(now, read.record, edited);
        }),
      ),
    );
  });
  const save = () => {
    // What was wrong at a field would hold the next attempt up.
    clearErrors();
    void store();
  };
  return { kept, stored, unit, error, save };
}
