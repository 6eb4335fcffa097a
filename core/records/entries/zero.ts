import { string } from 'yup';
import { formatWithUnit } from '../../quantity/format';
import type { ShopUnit } from '../../quantity/units';
import { stampFields } from '../../schema/fields';
import { say } from '../../wording/say';
import { zeroCheck } from '../instrument';
import { entryKind, type Standing } from './slice';

/** A zero check made for the job. */
export const zero = entryKind({
  kind: 'zero',
  schema: zeroCheck.shape({ ...stampFields, kind: string().oneOf(['zero']).required() }),
  is: { list: 'zeros', tells: 'pump' },
});

export type ZeroEntry = Standing<typeof zero>;

/** Says how an instrument's zero was found: good, or that it reads high or low by so much. */
export function offsetWords(offset_mm: number, unit: ShopUnit): string {
  if (offset_mm === 0) return 'zero is good';
  const offset = formatWithUnit(Math.abs(offset_mm), 'gap', unit);
  return say(offset_mm > 0 ? 'reading.readsHigh' : 'reading.readsLow', { offset });
}
