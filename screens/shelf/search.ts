import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { partsWords } from '@/core/wording/shelf';

/** Orders labels as people count: `GS-2` before `GS-10`. */
const byLabel = new Intl.Collator('en', { numeric: true, sensitivity: 'base' });

/** A loose part with its sheet and the words by which it is found. */
export interface Findable {
  readonly part: ShelfPart;
  readonly sheet: Sheet | undefined;
  readonly words: string;
}

/** Returns loose parts in the order of their labels, each with its words. */
export function findable(parts: readonly ShelfPart[], sheets: readonly Sheet[]): Findable[] {
  const bySheet = new Map(sheets.map((sheet) => [sheet.id, sheet]));
  return [...parts]
    .sort((a, b) => byLabel.compare(a.label, b.label))
    .map((part) => {
      const sheet = bySheet.get(part.sheet);
      const { label, model, make, place, from, takenFor } = part;
      const words = [label, model, make, place, from, takenFor, partsWords(sheet, part)];
      return { part, sheet, words: words.join(' ').toLowerCase() };
    });
}

/** Returns the parts of a state whose words hold every part of what is looked for. */
export function found(
  all: readonly Findable[],
  state: ShelfPart['state'],
  wanted: string,
): Findable[] {
  const sought = wanted.toLowerCase().split(/\s+/).filter(Boolean);
  return all.filter(
    ({ part, words }) => part.state === state && sought.every((word) => words.includes(word)),
  );
}

/** Returns the one part of that very label; undefined for none, or several. */
export function labelled(all: readonly Findable[], label: string): ShelfPart | undefined {
  const wanted = label.trim().toLowerCase();
  const [one, twin] = all.filter(({ part }) => part.label.toLowerCase() === wanted);
  return twin ? undefined : one?.part;
}

/** A line of the list: a pump, or a part of it. */
export type Listed =
  | { readonly kind: 'pump'; readonly model: string; readonly sheet: Sheet | undefined }
  | { readonly kind: 'part'; readonly part: ShelfPart; readonly sheet: Sheet | undefined };

/** Returns parts by the pump that they are of, each pump before its parts. */
export function byPump(parts: readonly Findable[]): Listed[] {
  const pumps = [...new Set(parts.map(({ part }) => part.model))].sort(byLabel.compare);
  return pumps.flatMap((model): Listed[] => {
    const own = parts.filter(({ part }) => part.model === model);
    const lines = own.map(({ part, sheet }): Listed => ({ kind: 'part', part, sheet }));
    return [{ kind: 'pump', model, sheet: own[0]?.sheet }, ...lines];
  });
}
