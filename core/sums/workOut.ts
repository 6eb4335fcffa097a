import { reach, ValidationError, type ObjectSchema, type Schema } from 'yup';
import { InputError } from '../errors';
import { fluidAt } from '../hydraulics/fluid';
import type { NamedFluid } from '../hydraulics/grades';
import { MM_PER, type ShopUnit } from '../quantity/units';
import { figuresFor, kindOf, type Kind } from './kinds';
import type { Ask, Change, Mark, Page, Said } from './page';
import { withUsual, type Input, type Sum, type SumUnit, type Tools } from './sum';
import { sentence } from '../wording/say';
import { sayFrame } from './frame';

/** Says what was typed into a field, and the unit that the shop displayed then: a bare figure is in it. */
export interface Entry {
  readonly text: string;
  readonly unit: ShopUnit;
}

/** Says what was typed, by the fields that were asked. */
export type Typed = Readonly<Record<string, Entry>>;

/** Texts by the fields that they are of. */
type Texts = Readonly<Record<string, string>>;

/** Says what a change makes of an answer: a whole sentence. */
export interface Changed {
  readonly words: string;
  /** Says how the answer would stand then. */
  readonly mark: Mark;
}

/** Says what a page comes to. */
export interface Outcome {
  /** Null while something is missing or wrong. */
  readonly answer: { readonly said: Said; readonly given: Input; readonly value: unknown } | null;
  /** Says what is wrong, by the field that it is said at; beside an answer, what only looks wrong. */
  readonly errors: Texts;
  /** The first field that the answer needs and that is empty. */
  readonly missing: Ask | null;
  /** Says what would change the answer most. */
  readonly most: readonly Changed[];
}

/** Says what a field's schema says of it. */
export interface FieldFacts {
  readonly label: string;
  readonly kind: Kind | null;
  /** The values of a choice; empty where it is none. */
  readonly choices: readonly string[];
  /** Several figures stand in it. */
  readonly isList: boolean;
  readonly usual: unknown;
}

/** The fields by which a fluid is chosen. */
export const [OIL, OIL_C] = ['oil', 'oil_C'] as const;

interface Described {
  readonly type: string;
  readonly oneOf?: readonly unknown[];
  readonly meta?: {
    readonly label?: string;
    readonly figure?: SumUnit;
    readonly isGap?: true;
    readonly usual?: unknown;
  };
  readonly innerType?: Described;
}

const descriptionAt = (schema: ObjectSchema<object>, at: string): Described =>
  (reach(schema, at.replace('[]', '[0]')) as { describe(): unknown }).describe() as Described;

/** Returns what the schema of a sum says of a field. */
export function factsOf({ input }: Sum, ask: Ask): FieldFacts {
  if (ask.at === OIL)
    return { label: 'Oil', kind: null, choices: [], isList: false, usual: ask.usual ?? '' };
  if (ask.at === OIL_C)
    return {
      label: 'Oil temperature',
      kind: kindOf('°C'),
      choices: [],
      isList: false,
      usual: ask.usual,
    };
  const described = descriptionAt(input, ask.at);
  const isArray = described.type === 'array';
  const figure = isArray ? described.innerType?.meta : described.meta;
  const oneOf = (described.oneOf ?? []).filter((v) => v !== null && typeof v !== 'boolean');
  const asks = ask.isClock ? 'h' : (figure?.figure ?? 'count');
  return {
    label: ask.label ?? described.meta?.label ?? figure?.label ?? ask.at,
    kind:
      oneOf.length > 0 || ask.names ? null : kindOf(asks, figure?.isGap ?? described.meta?.isGap),
    choices:
      oneOf.length > 0 || described.type === 'number'
        ? oneOf.map(String)
        : Object.keys(ask.names ?? {}),
    isList: isArray || ask.at.includes('[]'),
    usual: ask.usual ?? described.meta?.usual,
  };
}

/** Returns what stands in an untouched form. */
export const untouched = (sum: Sum, unit: ShopUnit): Typed =>
  Object.fromEntries(
    (sum.page?.asks ?? []).map((ask) => {
      const { kind, usual } = factsOf(sum, ask);
      const text =
        kind && typeof usual === 'number' ? kind.write(usual, unit) : String(usual ?? '');
      return [ask.at, { text, unit }];
    }),
  );

/**
 * Returns what a field shows: as it was typed, or in the unit that is shown now. It stands for what was typed all the
 * same, so that nothing is lost by looking at it in another unit.
 */
export function shownText(sum: Sum, ask: Ask, entry: Entry | undefined, unit: ShopUnit): string {
  if (!entry) return '';
  const { kind } = factsOf(sum, ask);
  if (!kind || entry.unit === unit || ask.isClock) return entry.text;
  try {
    return pieces(entry.text)
      .map((piece) => kind.write(kind.read(piece, entry.unit), unit))
      .join(' ');
  } catch {
    return entry.text;
  }
}

/** Figures in a row are set apart by blanks, semicolons or line ends: a comma may be of a decimal. */
const pieces = (text: string): string[] => text.split(/[\s;]+|,\s+/).filter(Boolean);

/** Sets a value at a path of an input that is being made. */
function put(input: Record<string, unknown>, path: string, value: unknown): void {
  const names = path.split('.');
  const last = names.pop() ?? path;
  let into = input;
  for (const name of names) into = (into[name] ??= {}) as Record<string, unknown>;
  into[last] = value;
}

/** An angle against the clock from three o'clock, of an hour of it. */
const angleOf = (hour: number): number => (450 - 30 * hour) % 360;

/** Tells whether a field is asked, as others stand. */
const isAsked = ({ only }: Ask, texts: Texts): boolean =>
  Object.entries(only ?? {}).every(([at, values]) => values.includes(texts[at] ?? ''));

/** Lists the fields that are asked as others stand. */
export const asked = (page: Page<never, never>, typed: Typed): readonly Ask[] =>
  page.asks.filter((ask) => isAsked(ask, textsOf(typed)));

const NOTHING: Entry = { text: '', unit: 'mm' };

const textsOf = (typed: Typed): Texts =>
  Object.fromEntries(Object.entries(typed).map(([at, { text }]) => [at, text]));

/** Reads the fields of a page; what is wrong goes to where it was typed. */
function read(sum: Sum, page: Page<never, never>, typed: Typed) {
  const input: Record<string, unknown> = {};
  const errors: Record<string, string> = {};
  const texts = textsOf(typed);
  for (const ask of page.asks) {
    const { text, unit } = typed[ask.at] ?? NOTHING;
    if (text.trim() === '' && ask.openWith && (texts[ask.openWith] ?? '').trim() !== '')
      put(input, ask.at, null);
    if (text.trim() === '' || ask.at === OIL || !isAsked(ask, texts)) continue;
    const { kind, isList, choices } = factsOf(sum, ask);
    try {
      const one = (piece: string) => {
        const value = (kind as Kind).read(piece, unit);
        return ask.isClock ? angleOf(value) : value;
      };
      if (choices.length > 0) put(input, ask.at, numeric(text.trim(), choices));
      else if (!isList) put(input, ask.at, one(text.trim()));
      else if (ask.at.includes('[]')) intoRows(input, ask.at, pieces(text).map(one));
      else put(input, ask.at, pieces(text).map(one));
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      errors[ask.at] = error.message;
    }
  }
  return { input: evened(input, page.asks), errors };
}

/** Gives a figure that holds for all places to every row: those of a floor lie as far from its middle. */
function evened(input: Record<string, unknown>, asks: readonly Ask[]): Record<string, unknown> {
  for (const { at } of asks.filter(({ forAll }) => forAll)) {
    const [list = '', name = ''] = at.split('[].');
    const rows = (input[list] ?? []) as Record<string, unknown>[];
    const given = rows.flatMap((row) => (name in row ? [row[name]] : []));
    if (given.length === 1) input[list] = rows.map((row) => ({ ...row, [name]: given[0] }));
  }
  return input;
}

/** A choice between numbers is one of numbers. */
const numeric = (text: string, choices: readonly string[]): unknown =>
  choices.every((c) => /^\d+$/.test(c)) ? Number(text) : text;

/** Sets figures into the rows of a list, one to each. */
function intoRows(input: Record<string, unknown>, at: string, figures: readonly number[]): void {
  const [list = '', name = ''] = at.split('[].');
  const rows = (input[list] ??= []) as Record<string, unknown>[];
  figures.forEach((figure, i) => {
    (rows[i] ??= {})[name] = figure;
  });
}

/** Returns what a sum wants of the fluid that was chosen, at its temperature. */
function fluidFieldsFor(
  sum: Sum,
  input: Record<string, unknown>,
  fluid: NamedFluid | undefined,
): Input {
  if (!fluid) return {};
  const { [OIL_C]: celsius } = input;
  if (!('mu_Pas' in sum.input.fields)) {
    const { kv40_mm2s, kv100_mm2s, density15_kgm3 } = fluid;
    return { kv40_mm2s, kv100_mm2s, density15_kgm3 };
  }
  if (typeof celsius !== 'number') return {};
  const { mu_Pas, density_kgm3 } = fluidAt(fluid, celsius);
  return { mu_Pas, density_kgm3 };
}

/** Finds the field that an error of the schema is about: `places[1].case_mm` is said at `places[].case_mm`. */
function askAt(asks: readonly Ask[], path: string): Ask | undefined {
  const fitting = [path, path.replace(/\[\d+\]/, '[]'), path.replace(/\[\d+\]$/, '')];
  return (
    asks.find(({ at }) => fitting.includes(at)) ??
    asks.find(({ at }) => at.startsWith(`${path}[]`) || at.startsWith(`${path}.`)) ??
    (FLUID.has(path) ? asks.find(({ at }) => at === OIL_C || at === OIL) : undefined)
  );
}

const FLUID = new Set(['mu_Pas', 'density_kgm3', 'kv40_mm2s', 'kv100_mm2s', 'density15_kgm3']);

/** The bounds that a test of a schema sets, by its name in yup's parameters. */
const BOUNDS = ['min', 'max', 'more', 'less'] as const;

/** Says of a figure beyond its bounds which they are, in the shop's unit, and whether another unit would fit. */
function boundWords(sum: Sum, ask: Ask, error: ValidationError, unit: ShopUnit): string | null {
  const { kind, isList } = factsOf(sum, ask);
  const bound = BOUNDS.find((name) => typeof error.params?.[name] === 'number');
  const { value } = error as { value?: unknown };
  if (!kind || !bound || isList || typeof value !== 'number') return null;
  const most = Number(error.params?.[bound]);
  const words = sayFrame(bound, {
    bound: [kind.write(most, unit), kind.unit(unit)].filter(Boolean).join('\u00a0'),
  });
  const isLength = descriptionAt(sum.input, ask.at).meta?.figure === 'mm';
  const fits = [MM_PER.in, 1 / MM_PER.in].some((by) =>
    (reach(sum.input, ask.at) as Schema).isValidSync(value * by),
  );
  return isLength && fits ? `${words} ${sayFrame('otherUnit')}` : words;
}

/** Says what is wrong with what was typed. */
function wrongWords(sum: Sum, ask: Ask, error: ValidationError, unit: ShopUnit): string {
  // Of a row of figures one is missing where another row is longer.
  if (ask.at.includes('[]') && error.type !== undefined && error.message === 'Missing')
    return sayFrame('asMany');
  return boundWords(sum, ask, error, unit) ?? sentence(error.message);
}

/** Says of each fault of an input at which field it is; what is only missing is not wrong. */
function faults(
  sum: Sum,
  page: Page<never, never>,
  error: ValidationError,
  texts: Texts,
  unit: ShopUnit,
): { readonly errors: Texts; readonly missing: Ask | null } {
  const errors: Record<string, string> = {};
  const empty = new Set<Ask>();
  for (const one of error.inner.length > 0 ? error.inner : [error]) {
    const ask = askAt(page.asks, one.path ?? '') ?? page.asks[0];
    if (!ask) continue;
    if ((texts[ask.at] ?? '').trim() === '') empty.add(ask);
    else errors[ask.at] ??= wrongWords(sum, ask, one, unit);
  }
  const missing = page.asks.find((ask) => empty.has(ask) && isAsked(ask, texts));
  return { errors, missing: missing ?? null };
}

/** So many changes are told. */
const TOLD = 3;

/** Oil is told so much warmer. */
const WARMER_K = 20;

/** Returns what a sum is asked with its oil warmer; nothing where the oil was not chosen by its name. */
function warmer(
  sum: Sum,
  given: Input,
  celsius: unknown,
  fluid: NamedFluid | undefined,
  unit: ShopUnit,
): Change<Input>[] {
  if (typeof celsius !== 'number' || !fluid) return [];
  const hot = celsius + WARMER_K;
  try {
    const input = { ...given, ...fluidFieldsFor(sum, { [OIL_C]: hot }, fluid) };
    return [{ what: sayFrame('warmer', { celsius: figuresFor(unit).celsius(hot) }), input }];
  } catch (error) {
    if (error instanceof InputError) return [];
    throw error;
  }
}

/** An answer with what it was given: what changes of it are measured by. */
interface Answered {
  readonly sum: Sum;
  readonly page: Page<Input, unknown>;
  readonly given: Input;
  readonly value: unknown;
  readonly said: Said;
  readonly unit: ShopUnit;
  readonly tools: Tools;
  /** Changes beside the page's own. */
  readonly more: readonly Change<Input>[];
}

/** Says what would change an answer most: first what turns it, the least change first; then what moves it furthest. */
function mostOf({ sum, page, given, value, said, unit, tools, more }: Answered): Changed[] {
  const figures = figuresFor(unit);
  const before = page.weigh(value);
  const changes = [...(page.changes?.(given, value, figures) ?? []), ...more];
  const tried = changes.flatMap(({ what, input }) => {
    try {
      const then = sum.answer(input as never, tools);
      const words = sayFrame('changed', { what, then: page.brief(then, figures, input) });
      const { mark } = page.says(input, then, figures);
      const after = page.weigh(then);
      const by = Math.abs((after ?? 0) - (before ?? 0));
      return [{ words, mark, turns: mark !== said.mark, by }];
    } catch (error) {
      if (error instanceof InputError) return [];
      throw error;
    }
  });
  const moved = tried.filter(({ turns, by }) => turns || by > 0);
  const turning = moved.filter(({ turns }) => turns);
  const others = moved.filter(({ turns }) => !turns).sort((a, b) => b.by - a.by);
  return [...turning, ...others].slice(0, TOLD).map(({ words, mark }) => ({ words, mark }));
}

/**
 * Works out what the form of a page comes to.
 *
 * @param sum the sum with its page
 * @param typed what was typed, each figure in the unit that was displayed then
 * @param fluids those that can be chosen by their names
 * @param unit the unit that is displayed now
 * @param tools what the sum is given besides
 */
export function workOut(
  sum: Sum,
  typed: Typed,
  fluids: readonly NamedFluid[],
  unit: ShopUnit,
  tools: Tools,
): Outcome {
  const texts = textsOf(typed);
  const page = sum.page as unknown as Page<Input, unknown> & Page<never, never>;
  const none = { answer: null, errors: {}, missing: null, most: [] };
  const { input, errors } = read(sum, page, typed);
  if (Object.keys(errors).length > 0) return { ...none, errors };
  try {
    const fluid = fluids.find(({ name }) => name === texts[OIL]);
    const whole = { ...fluidFieldsFor(sum, input, fluid), ...input };
    if (OIL_C in whole && !(OIL_C in sum.input.fields))
      delete (whole as Record<string, unknown>)[OIL_C];
    const given = withUsual(
      sum.input.fields,
      sum.input.noUnknown().validateSync(whole, { strict: true, abortEarly: false }) as Input,
    );
    const value = sum.answer(given as never, tools);
    const said = page.says(given, value, figuresFor(unit));
    const more = warmer(sum, given, input[OIL_C], fluid, unit);
    const most = mostOf({ sum, page, given, value, said, unit, tools, more });
    return {
      ...none,
      errors: Object.fromEntries(page.doubts?.(given) ?? []),
      answer: { said, given, value },
      most,
    };
  } catch (error) {
    if (error instanceof ValidationError)
      return { ...none, ...faults(sum, page, error, texts, unit) };
    if (!(error instanceof InputError)) throw error;
    const ask = askAt(page.asks, error.field) ?? page.asks[0];
    if (!ask) return none;
    // What is said of an empty field is that it is wanted.
    return (texts[ask.at] ?? '').trim() === ''
      ? { ...none, missing: ask }
      : { ...none, errors: { [ask.at]: sentence(error.message) } };
  }
}
