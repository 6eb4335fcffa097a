import type { ShopUnit } from '../quantity/units';
import type { Entry, Typed } from './workOut';

/** The parameter of an address that says in which unit bare figures were typed. */
const UNIT = 'shown';

/** Stands before a figure that was typed while another unit was shown. */
const OTHER = '~';

const other = (unit: ShopUnit): ShopUnit => (unit === 'mm' ? 'thou' : 'mm');

/**
 * Writes what was typed as the parameters of an address: opened anywhere, they come to the same answer. Nothing of it is
 * sent anywhere.
 *
 * @param typed by the fields that were asked
 * @param unit the unit that is displayed
 * @example
 * toLink({ supply_bar: { text: '7', unit: 'mm' } }, 'mm'); // 'shown=mm&supply_bar=7'
 */
export function toLink(typed: Typed, unit: ShopUnit): string {
  const parameters = new URLSearchParams({ [UNIT]: unit });
  for (const [at, entry] of Object.entries(typed)) {
    if (entry.text.trim() === '') continue;
    parameters.set(at, entry.unit === unit ? entry.text : OTHER + entry.text);
  }
  return parameters.toString();
}

/**
 * Reads what an address holds of a page; null where it holds nothing.
 *
 * @param parameters of the address
 * @param fields those that the page asks
 * @example
 * fromLink({ shown: 'thou', supply_bar: '100', 'drain.diameter_mm': '~3.2' }, ['supply_bar', 'drain.diameter_mm']); // { supply_bar: { text: '100', unit: 'thou' } }
 * fromLink({ id: 'seal.drain' }, ['supply_bar']); // null
 */
export function fromLink(
  parameters: Readonly<Record<string, string | readonly string[] | undefined>>,
  fields: readonly string[],
): Typed | null {
  const unit: ShopUnit = parameters[UNIT] === 'thou' ? 'thou' : 'mm';
  const held = fields.flatMap((at): [string, Entry][] => {
    const text = parameters[at];
    if (typeof text !== 'string') return [];
    return text.startsWith(OTHER)
      ? [[at, { text: text.slice(1), unit: other(unit) }]]
      : [[at, { text, unit }]];
  });
  return held.length === 0 ? null : Object.fromEntries(held);
}
