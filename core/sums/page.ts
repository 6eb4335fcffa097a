import type { Turning } from '../workshop/reversing';
import type { FactName } from './job/facts';
import type { Figures } from './kinds';
import type { Pens, Picture } from './picture';

/** Says how an answer stands: good, bad, or not to be told yet. Each has a sign of its own beside its word. */
export type Mark = 'good' | 'bad' | 'unknown';

/** An answer in words: the result first, then what else there is to say of it, in whole sentences. */
export interface Said {
  readonly mark: Mark;
  readonly head: string;
  readonly rest: readonly string[];
}

/** Says what one field of a page asks. What it is called, and in what it is, stands in the schema of the sum. */
export interface Ask {
  /**
   * The field of the sum's input that it fills: `bore.diameter_mm`; `places[].case_mm` takes a row of figures, one for
   * each place. `oil` and `oil_C` fill what the sum wants of a fluid.
   */
  readonly at: string;
  /** Says how it is taken at the bench. */
  readonly how?: string;
  /** Names a choice's values as people do. */
  readonly names?: Readonly<Record<string, string>>;
  /** Says what stands in an untouched form, where the schema has nothing usual; in SI units. */
  readonly usual?: number | string;
  /** Names the field where its schema does not. */
  readonly label?: string;
  /** Stands with what is rarely asked, below the answer. */
  readonly more?: true;
  /** One figure in a row of them holds for all places. */
  readonly forAll?: true;
  /** It is asked where another field has one of these values. */
  readonly only?: Readonly<Record<string, readonly string[]>>;
  /** Left empty it is an end that is open, where this other field is there: no leaf was too thick. */
  readonly openWith?: string;
  /** The figure is an hour of the clock, which the sum wants as an angle. */
  readonly isClock?: true;
}

/** A way to change what was entered, and what it is called: *If the drain is 4.2 mm*. */
export interface Change<I> {
  readonly what: string;
  readonly input: I;
}

/** Says how a sum is worked out: its line, its symbols, and where it is from. */
export interface Formula {
  readonly line: string;
  readonly symbols: readonly (readonly [symbol: string, meaning: string])[];
  readonly source: string;
  /** Says what is taken for granted; marked as such on the page. */
  readonly assumed: readonly string[];
}

/** A row of figures beneath the answer: what it is of, and the figure. */
export type Row = readonly [of: string, figure: string, mark?: Mark];

/** Says what the room shows of a sum. */
export interface Page<I, A> {
  /** Says what the page says: messages with their parameters. */
  readonly words: Readonly<Record<string, string>>;
  /** The fields, in the order in which people can get them. */
  readonly asks: readonly Ask[];
  says(given: I, answer: A, figures: Figures): Said;
  /** Says of a figure that can be and looks wrong what it may be, by its field: a diameter where a radius is asked. */
  readonly doubts?: (given: I) => readonly (readonly [at: string, words: string])[];
  /** Returns the answer in a word or two, for what a change would make of it. */
  brief(answer: A, figures: Figures, given: I): string;
  /** Returns what of the answer a change moves; null where it is no figure. */
  weigh(answer: A): number | null;
  /** Lists what could be changed, the least first. */
  readonly changes?: (given: I, answer: A, figures: Figures) => readonly Change<I>[];
  /** Says what stands over the rows, where figures is not what they are. */
  readonly rowsName?: string;
  readonly rows?: (given: I, answer: A, figures: Figures) => readonly Row[];
  /** Says what a job fills in, by the field. */
  readonly takes?: Readonly<Record<string, FactName>>;
  /** Returns the way that the pump turns as it came: what its tag wants to know. */
  readonly turned?: (answer: A) => Turning;
  /** Returns the way that the pump turns once this is done; left out where nothing turns it. */
  readonly turns?: (answer: A) => Turning | null;
  /** Returns what is seen of it: a drawing to scale, or a chart; null where there is nothing to draw. */
  readonly picture?: (given: I, answer: A, figures: Figures, pens: Pens) => Picture | null;
  readonly formula: Formula;
  /** Sums that go on from here with the same figures. */
  readonly beside?: readonly string[];
  /** Says what has to be minded at the bench. */
  readonly caution?: string;
}
