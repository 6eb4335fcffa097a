import { tried } from '@/core/errors';
import { parseNumber, parseReading, parseSum } from '@/core/quantity/parse';
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
    return this.tried(path, () => parseReading(text, kind, bareUnit(kind, this.unit)).mm);
  }

  /** A temperature in °C, bare ones on the shop's scale; the figure kept where its text was not touched. */
  temperature(
    path: string,
    text: string,
    kept: { text: string | undefined; celsius: number | null },
  ): number | null {
    if (text === kept.text) return kept.celsius;
    return this.tried(path, () => parseTemperature_C(text, this.unit));
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

  /** A sum of money, thousands set apart or not. */
  sum(path: string, text: string): number | null {
    const value = parseSum(text);
    if (value === null || Number.isFinite(value)) return value;
    this.wrong(path, say('sheets.notANumber', { text: text.trim() }));
    return null;
  }

  /** What comes of reading a text; null where what is wrong with it was noted. */
  private tried<T>(path: string, read: () => T): T | null {
    const result = tried(read);
    if (result.ok) return result.value;
    this.wrong(path, result.message);
    return null;
  }

  wrong(path: string, message: string): void {
    this.errors.push({ path, message });
  }
}
