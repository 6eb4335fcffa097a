import { useFormContext } from 'react-hook-form';
import { unitName } from '@/core/quantity/format';
import { capital } from '@/core/quantity/letters';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { say } from '@/core/wording/say';
import { saySheets } from './saySheets';
import { Field } from '@/ui/Field';
import { Heading, Words } from '@/ui/Words';
import { FigureHeads, FigureRow, FigureTable } from './FigureTable';
import { ListEditor } from './ListEditor';
import type { SheetForm } from './sheetForm';
import { sheetLists } from './lists/lists';
import { hasSets } from './lists/work';
import { boughtSizes, hasWasher, pricedKinds, workedSizes } from './workForm';

/** How far work may go on this model, and what parts for it cost. */
export function WorkSection({ sheet, unit }: { readonly sheet: Sheet; readonly unit: ShopUnit }) {
  const { control } = useFormContext<SheetForm>();
  const size = unitName('size', unit);
  return (
    <>
      <Heading>What metal has to stay</Heading>
      <Words size="note" tone="muted">
        The smallest and largest a size may become by work. Plans go no further.
      </Words>
      <SizeEnds of="metal" sizes={workedSizes(sheet)} unit={unit} />
      <Heading>Prices on this model</Heading>
      <Words size="note" tone="muted">
        Empty where the shop’s own price holds.
      </Words>
      <FigureTable>
        <FigureHeads lines="Work" columns={['Price', 'Days']} />
        {pricedKinds(sheet).map(({ id, order }) => (
          <FigureRow
            key={id}
            name={capital(order)}
            figures={[
              {
                field: `prices.${id}.price`,
                spoken: saySheets('sheets.priceOf', { work: order }),
              },
              {
                field: `prices.${id}.days`,
                spoken: saySheets('sheets.daysOf', { work: order }),
              },
            ]}
          />
        ))}
      </FigureTable>
      <Heading>What new parts measure</Heading>
      <Words size="note" tone="muted">
        Empty: 0.013 mm (5 tenths) either side of nominal, the app’s figure. A cut to a new part is
        worked out when it is in hand.
      </Words>
      <SizeEnds of="newSizes" sizes={boughtSizes(sheet)} unit={unit} />
      {hasWasher(sheet) ? (
        <Field
          control={control}
          name="washers"
          label={saySheets('sheets.washers', { unit: size })}
          placeholder="1.6 1.8 2.0"
        />
      ) : null}
      {hasSets(sheet) ? <ListEditor name="sets" lists={sheetLists(sheet, unit)} /> : null}
    </>
  );
}

/** What the ends of a size are called to whoever does not see the heads. */
const SPOKEN = {
  metal: { least: 'sheets.smallestOf', most: 'sheets.largestOf' },
  newSizes: { least: 'sheets.smallestNew', most: 'sheets.largestNew' },
} as const;

interface EndsProps {
  readonly of: keyof typeof SPOKEN;
  readonly sizes: readonly { readonly id: string; readonly name: string }[];
  readonly unit: ShopUnit;
}

/** The smallest and the largest of each size, by work or when new. */
function SizeEnds({ of, sizes, unit: shop }: EndsProps) {
  const unit = unitName('size', shop);
  return (
    <FigureTable>
      <FigureHeads
        lines="Size"
        columns={[saySheets('sheets.smallest', { unit }), saySheets('sheets.largest', { unit })]}
      />
      {sizes.map(({ id, name }) => (
        <FigureRow
          key={id}
          name={name}
          figures={(['least', 'most'] as const).map((end) => ({
            field: `${of}.${id}.${end}` as const,
            spoken: say(SPOKEN[of][end], { size: name }),
          }))}
        />
      ))}
    </FigureTable>
  );
}
