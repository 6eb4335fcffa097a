import { checksOf } from '../core/inspect/checks';
import { identify } from '../core/inspect/identify';
import { SERIAL, YEAR, type KeyAnswer, type Variant } from '../core/records/key';
import type { Sheet } from '../core/records/sheet';
import { DEMO_SHEETS } from '../demo/sheets';
import { truth } from '../core/practice/answers';

type Plate = 'read' | 'gone';

/** Questions until one variant is left, or nothing more can be told; by the key, or as the sheet lists them. */
function questions(sheet: Sheet, variant: Variant, byKey: boolean, plate: Plate): number {
  const unread = { option: null, value: null, u_mm: null };
  const given: KeyAnswer[] =
    plate === 'gone' ? [YEAR, SERIAL].map((check) => ({ check, ...unread })) : [];
  const known = given.length;
  const answers = [...given];
  for (const listed of checksOf(sheet).filter((c) => !given.some((a) => a.check === c.id))) {
    const { left, next } = identify(sheet, answers);
    if (left.length <= 1) break;
    const check = byKey ? next : listed;
    if (!check) break;
    answers.push(truth(variant, check));
  }
  return answers.length - known;
}

for (const plate of ['read', 'gone'] as const) {
  console.log(`Questions to tell every variant of a sheet, from true answers, plate ${plate}:`);
  const sums = [0, 0];
  for (const sheet of DEMO_SHEETS) {
    const counts = [true, false].map((byKey) =>
      sheet.variants.reduce((n, variant) => n + questions(sheet, variant, byKey, plate), 0),
    );
    counts.forEach((n, i) => (sums[i] = (sums[i] ?? 0) + n));
    console.log(
      `  ${sheet.model}, ${sheet.variants.length} variants: by the key ${counts[0]}, in listed order ${counts[1]}`,
    );
  }
  console.log(`  all: by the key ${sums[0]}, in listed order ${sums[1]}`);
}
