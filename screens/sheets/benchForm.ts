import { formatLength } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { fromClutchForm, toClutchForm, type ClutchFields } from './clutchForm';
import type { Reader } from './formReader';

/** What a sheet says of the work before any instrument, as text. */
export interface BenchForm {
  key: { id: string; kind: 'feature' | 'size'; ask: string; options: string; u: string }[];
  variants: {
    id: string;
    name: string;
    years: string;
    serials: string;
    note: string;
    /** By check: its option, or `19.9–20.05`. */
    marks: Record<string, string>;
  }[];
  mixes: (Omit<Sheet['mixes'][number], 'fits'> & { fits: 'yes' | 'no' })[];
  strip: Sheet['strip'];
  renew: (Omit<Sheet['renew'][number], 'count'> & { count: string })[];
  also: (Omit<Sheet['also'][number], 'options'> & { options: string })[];
  clutches: ClutchFields[];
  book: (Omit<Sheet['book'][number], 'upTo_mm'> & { upTo: string })[];
}

type BenchPart = Pick<Sheet, keyof BenchForm>;

const DASH = /\s*(?:–|—|\.\.|-)\s*/;

const rangeText = (
  from: number | null,
  to: number | null,
  figure: (value: number) => string = String,
): string => {
  const [first, last] = [from, to].map((value) => (value === null ? '' : figure(value)));
  if (first === '' && last === '') return '';
  return first === last ? `${first}` : `${first}–${last}`;
};

const options = (text: string): string[] =>
  text
    .split(/[;\n]/)
    .map((option) => option.trim())
    .filter(Boolean);

/** The work before any instrument as text, sizes in the shop's unit. */
export function toBenchForm(sheet: BenchPart, unit: ShopUnit): BenchForm {
  return {
    key: sheet.key.map(({ id, kind, ask, options: of, u_mm }) => ({
      id,
      kind,
      ask,
      options: of.join('; '),
      u: u_mm === null ? '' : formatLength(u_mm, 'gap', unit),
    })),
    variants: sheet.variants.map((v) => ({
      id: v.id,
      name: v.name,
      note: v.note,
      years: rangeText(v.fromYear, v.toYear),
      serials: rangeText(v.fromSerial, v.toSerial),
      marks: Object.fromEntries(
        v.marks.map((m) => [
          m.check,
          m.option ?? rangeText(m.from_mm, m.to_mm, (mm) => formatLength(mm, 'size', unit)),
        ]),
      ),
    })),
    mixes: sheet.mixes.map(({ fits, ...m }) => ({ ...m, fits: fits ? 'yes' : 'no' })),
    strip: sheet.strip.map((s) => ({ ...s })),
    renew: sheet.renew.map((r) => ({ ...r, count: String(r.count) })),
    also: sheet.also.map((a) => ({ ...a, options: a.options.join('; ') })),
    clutches: toClutchForm(sheet.clutches),
    book: sheet.book.map(({ upTo_mm, ...b }) => ({
      ...b,
      upTo: upTo_mm === null ? '' : formatLength(upTo_mm, 'gap', unit),
    })),
  };
}

type Ends = readonly [from: number | null, to: number | null];

/** `2009–2014`, `2015–`, `–2014` or `2012`; nothing where nothing is written. */
function rangeOf(
  text: string,
  path: string,
  read: Reader,
  figure = (part: string): number | null => read.number(path, part.replace(/\s/g, '')),
): Ends {
  if (text.trim() === '') return [null, null];
  const parts = text.trim().split(DASH);
  const ends = parts.map((part) => (part.trim() === '' ? null : figure(part)));
  const [from = null, to = from] = ends;
  if (parts.length > 2) read.wrong(path, 'Write the range as 2009–2014, 2015– or –2014.');
  if (from !== null && to !== null && to < from)
    read.wrong(path, 'The end is before the start. Swap them.');
  return [from, to];
}

/** Returns a size mark as it was stored, and as it was shown; undefined where there was none. */
type Had = (
  variant: string,
  check: string,
) => { text: string | undefined; from_mm: number | null; to_mm: number | null } | undefined;

function marksOf(
  form: BenchForm,
  variant: BenchForm['variants'][number],
  path: string,
  read: Reader,
  had: Had,
): Sheet['variants'][number]['marks'] {
  return form.key.flatMap((check): BenchPart['variants'][number]['marks'] => {
    const text = variant.marks[check.id] ?? '';
    const kept = had(variant.id, check.id);
    if (text.trim() === '') return [];
    if (check.kind === 'size') {
      const at = `${path}.marks.${check.id}`;
      // A range that nobody touched stays to the last digit, whatever it is shown in.
      if (kept && text === kept.text) {
        return [{ check: check.id, option: null, from_mm: kept.from_mm, to_mm: kept.to_mm }];
      }
      const size = (part: string) => read.length(at, part, 'size', { text: undefined, mm: null });
      const [from_mm, to_mm] = rangeOf(text, at, read, size);
      return [{ check: check.id, option: null, from_mm, to_mm }];
    }
    if (!options(check.options).includes(text)) return [];
    return [{ check: check.id, option: text, from_mm: null, to_mm: null }];
  });
}

/** What the form says of the bench work; what cannot be read is noted with its path. */
export function fromBenchForm(
  form: BenchForm,
  before: BenchForm,
  sheet: BenchPart,
  read: Reader,
): BenchPart {
  const had: Had = (variant, check) => {
    const mark = sheet.variants.find((v) => v.id === variant)?.marks.find((m) => m.check === check);
    const text = before.variants.find((v) => v.id === variant)?.marks[check];
    return mark && { text, from_mm: mark.from_mm, to_mm: mark.to_mm };
  };
  const filled = (text: string, path: string, orElse: string) => {
    if (text.trim() === '') read.wrong(path, orElse);
    return text.trim();
  };
  return {
    key: form.key.map(({ id, kind, ask, options: of, u }, i) => {
      const path = `key.${i}`;
      const list = kind === 'feature' ? options(of) : [];
      if (kind === 'feature' && list.length < 2) {
        read.wrong(`${path}.options`, 'Enter at least two answers, separated by ;');
      }
      const u_mm =
        kind === 'size'
          ? read.length(`${path}.u`, u, 'gap', {
              text: before.key.find((k) => k.id === id)?.u,
              mm: sheet.key.find((k) => k.id === id)?.u_mm ?? null,
            })
          : null;
      return {
        id,
        kind,
        ask: filled(ask, `${path}.ask`, 'Enter what is looked at or measured.'),
        options: list,
        u_mm,
      };
    }),
    variants: form.variants.map((v, i) => {
      const path = `variants.${i}`;
      const [fromYear, toYear] = rangeOf(v.years, `${path}.years`, read);
      const [fromSerial, toSerial] = rangeOf(v.serials, `${path}.serials`, read);
      return {
        id: v.id,
        note: v.note,
        fromYear,
        toYear,
        fromSerial,
        toSerial,
        name: filled(v.name, `${path}.name`, 'Enter a name for the variant.'),
        marks: marksOf(form, v, path, read, had),
      };
    }),
    mixes: form.mixes
      .filter((m) => [m.of, m.in].every((id) => form.variants.some((v) => v.id === id)))
      .map(({ fits, ...m }) => ({ ...m, fits: fits === 'yes' })),
    strip: form.strip.map((s, i) => ({
      ...s,
      do: filled(s.do, `strip.${i}.do`, 'Enter what to do in this step.'),
    })),
    renew: form.renew.map((r, i) => {
      const count = read.number(`renew.${i}.count`, r.count);
      if (count === null || !Number.isInteger(count) || count < 1 || count > 99) {
        read.wrong(`renew.${i}.count`, 'Enter 1 to 99.');
      }
      return {
        ...r,
        name: filled(r.name, `renew.${i}.name`, 'Enter a name for the part.'),
        count: count ?? 1,
      };
    }),
    also: form.also.map((a, i) => {
      const path = `also.${i}`;
      const list = options(a.options);
      if (list.length < 2) {
        read.wrong(`${path}.options`, 'Enter at least two answers, separated by ;');
      }
      if (a.expected.trim() !== '' && !list.includes(a.expected.trim())) {
        read.wrong(
          `${path}.expected`,
          'The expected answer is not in the list. Add it or change it.',
        );
      }
      return {
        ...a,
        name: filled(a.name, `${path}.name`, 'Enter a name for the check.'),
        ask: filled(a.ask, `${path}.ask`, 'Enter the question.'),
        options: list,
        expected: a.expected.trim(),
      };
    }),
    clutches: fromClutchForm(form.clutches, read),
    book: form.book.map(({ upTo, ...b }, i) => ({
      ...b,
      upTo_mm: read.length(`book.${i}.upTo`, upTo, 'gap', {
        text: before.book[i]?.upTo,
        mm: sheet.book[i]?.upTo_mm ?? null,
      }),
    })),
  };
}
