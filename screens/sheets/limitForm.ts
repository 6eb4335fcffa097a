import type { Characteristic } from '@/core/pumps/family';
import { pumpOf } from '@/core/pumps/registry';
import type { ShopUnit } from '@/core/quantity/units';
import { publishedLimit } from '@/core/records/publishedLimit';
import type { Sheet, SheetLimit } from '@/core/records/sheet';
import type { RecordField } from '@/core/schema/rows';
import { length, orNull } from '@/core/schema/written';
import { fromLines, toLines, type LineTable, type Reader } from './reader';

/** A limit as text. */
export interface LimitFields {
  lower: string;
  upper: string;
  preferredLower: string;
  preferredUpper: string;
  side: SheetLimit['side'];
  gasket: SheetLimit['gasket'];
  source: string;
}

/** The limits of a sheet as text, by limit set and check. */
export type LimitForm = Record<string, Record<string, LimitFields>>;

/** A limit that nobody has given yet. */
export const NO_LIMIT: LimitFields = {
  lower: '',
  upper: '',
  preferredLower: '',
  preferredUpper: '',
  side: 'full',
  gasket: 'bare',
  source: '',
};

const fieldsOf = ({ quantity }: Characteristic): RecordField[] => [
  ...(['lower', 'upper', 'preferredLower', 'preferredUpper'] as const).map((name) => ({
    name,
    key: `${name}_mm`,
    as: orNull(length(quantity)),
  })),
  { name: 'side' },
  { name: 'gasket' },
  { name: 'source' },
];

const tableOf = (tier: string, check: Characteristic): LineTable<SheetLimit> => ({
  path: `limits.${tier}`,
  fields: fieldsOf(check),
  schema: publishedLimit,
  blank: () => ({
    tier,
    characteristic: check.id,
    lower_mm: null,
    upper_mm: null,
    preferredLower_mm: null,
    preferredUpper_mm: null,
    side: 'full',
    gasket: 'bare',
    source: '',
  }),
  entry: (limit) => (limit.lower_mm === null && limit.upper_mm === null ? null : limit),
});

const limitIn = (sheet: Sheet, tier: string) => (id: string) =>
  sheet.limits.find((l) => l.tier === tier && l.characteristic === id);

/** Returns the limits of a sheet as text. */
export const toLimitForm = (sheet: Sheet, unit: ShopUnit): LimitForm =>
  Object.fromEntries(
    sheet.tiers.map(({ id: tier }) => {
      const lines = pumpOf(sheet).characteristics.map((check) =>
        toLines(tableOf(tier, check), [check.id], limitIn(sheet, tier), unit),
      );
      return [tier, Object.assign({}, ...lines) as Record<string, LimitFields>];
    }),
  );

/**
 * Returns the limits that a form describes.
 *
 * @param sheet as it was, with the pump that the form describes
 */
export const fromLimitForm = (
  { tiers, limits }: { readonly tiers: Sheet['tiers']; readonly limits: LimitForm },
  sheet: Sheet,
  read: Reader,
): SheetLimit[] =>
  tiers.flatMap(({ id: tier }) =>
    pumpOf(sheet).characteristics.flatMap((check) =>
      fromLines(tableOf(tier, check), [check.id], limits[tier] ?? {}, limitIn(sheet, tier), read),
    ),
  );
