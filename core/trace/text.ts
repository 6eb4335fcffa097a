import { FIGURES, sampleOf, type Sample } from './sample';

/** Says to how many digits behind the point each figure is kept: more than any instrument of a stand shows. */
const DIGITS = { t_s: 3, flow_lpm: 3, bar: 3, rpm: 1, oil_C: 2 } as const;
const COLUMNS = ['t_s', ...FIGURES] as const;

const figureText = (value: number | null, digits: number): string =>
  value === null ? '' : String(Number(value.toFixed(digits)));

/**
 * Writes samples as they are kept: seconds, l/min, bar, 1/min, °C with commas between them, a semicolon between samples, nothing
 * where nothing was read.
 *
 * @param samples in their order
 * @example
 * samplesText([{ t_s: 0.2, flow_lpm: 9.41, bar: 8, rpm: null, oil_C: 92 }]); // '0.2,9.41,8,,92'
 */
export const samplesText = (samples: readonly Sample[]): string =>
  samples
    .map((sample) => COLUMNS.map((name) => figureText(sample[name], DIGITS[name])).join(','))
    .join(';');

/**
 * Reads samples as they are kept; one that does not hold is left out.
 *
 * @param text as `samplesText` wrote it
 * @example
 * samplesIn('0.2,9.41,8,,92')[0].rpm; // null
 * samplesIn('0.2,9.41,8,,92;x;'); // [{ t_s: 0.2, flow_lpm: 9.41, bar: 8, rpm: null, oil_C: 92 }]
 */
export function samplesIn(text: string): Sample[] {
  return text.split(';').flatMap((line) => {
    const [t_s, ...figures] = line
      .split(',')
      .map((cell) => (cell === '' ? undefined : Number(cell)));
    const named = Object.fromEntries(FIGURES.map((name, i) => [name, figures[i]]));
    const sample = sampleOf({ t_s, ...named });
    return sample ? [sample] : [];
  });
}
