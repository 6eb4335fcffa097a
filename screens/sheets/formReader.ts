import { InputError } from '@/core/errors';
import { parseNumber, parseReading } from '@/core/quantity/parse';
import { formatTemperature, parseTemperature_C } from '@/core/quantity/temperature';
import { bareUnit, type LengthKind, type ShopUnit } from '@/core/quantity/units';
import { say } from '@/core/wording/say';

export interface FieldError {
  readonly path: string;
  readonly message: string;
}

/** Reads the texts of a form; what cannot be read is noted with its path. */
export class Reader {
  readonly errors: FieldError[] = [];

  constructor(private readonly unit: ShopUnit) {}

  /** A length, or the figure kept where its text was not touched: turning the unit does not round it. */
  length(
    path: string,
    text: string,
    kind: LengthKind,
    kept: { text: string | undefined; mm: number | null },
  ): number | null {
    if (text.trim() === '') return null;
    if (text === kept.text) return kept.mm;
    try {
      return parseReading(text, kind, bareUnit(kind, this.unit)).mm;
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      this.wrong(path, error.message);
      return null;
    }
  }

  /** A temperature in °C, bare ones on the shop's scale; the figure kept where its text was not touched. */
  temperature(
    path: string,
    text: string,
    kept: { text: string | undefined; celsius: number | null },
  ): number | null {
    if (text === kept.text) return kept.celsius;
    try {
      return parseTemperature_C(text, this.unit);
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      this.wrong(path, error.message);
      return null;
    }
  }

  /** Writes a temperature in the shop's unit. */
  inUnit(celsius: number): string {
    return formatTemperature(celsius, this.unit);
  }

  /** A plain number, a decimal comma read as a point. */
  number(path: string, text: string): number | null {
    const value = parseNumber(text);
    if (value === null || Number.isFinite(value)) return value;
    this.wrong(path, say('sheets.notANumber', { text: text.trim() }));
    return null;
  }

  wrong(path: string, message: string): void {
    this.errors.push({ path, message });
  }
}
