import { GAUGE_KINDS, type GaugeKind } from '@/core/pumps/family';
import { partId, type PartId } from '@/core/pumps/ids';
import { SIZES_OF, type OwnWay } from '@/core/pumps/own';
import { list, words } from '@/core/schema/written';
import { GAUGE_NAME } from '@/core/wording/gauge';
import { saySheets } from '../saySheets';
import { newId } from '@/data/create';
import { named, type AskedField, type Lists, type Of, type Offered, type SheetList } from './list';

/** A sheet's own check as text: its places with a semicolon between, its sizes one by one. */
export interface OwnFields {
  id: string;
  name: string;
  part: PartId;
  way: OwnWay;
  places: string;
  first: string;
  firstTool: GaugeKind;
  second: string;
  secondTool: GaugeKind;
  convention: string;
  caution: string;
}

const TOOLS = GAUGE_KINDS.map((value) => ({ value, name: GAUGE_NAME[value] }));

const OWN_WAYS = [
  { value: 'size', name: 'One size' },
  { value: 'difference', name: 'Difference of two sizes' },
  { value: 'leaf', name: 'Leaf at places' },
  { value: 'swing', name: 'Total travel by dial' },
] as const;

/** The name of a size of an own check, and what reads it; `at` counts the sizes that its way has. */
const ownSize = (
  size: 'first' | 'second',
  tool: 'firstTool' | 'secondTool',
  at: number,
  label: (row: OwnFields) => string,
): AskedField<OwnFields>[] => [
  { name: size, apart: true, label: (_, row) => label(row), when: ({ way }) => SIZES_OF[way] > at },
  {
    name: tool,
    apart: true,
    label: (number) => saySheets('sheets.sizeOfCheck', { size, number }),
    options: TOOLS,
    when: ({ way }) => SIZES_OF[way] > at,
  },
];

/** The sizes of a check of a sheet's own, one by one. */
const OWN_SIZES: NonNullable<SheetList<OwnFields, Of<'own'>>['apart']> = {
  write: ({ sizes: [first, second] }) => ({
    first: first?.name ?? '',
    firstTool: first?.instrument ?? 'caliper',
    second: second?.name ?? '',
    secondTool: second?.instrument ?? 'caliper',
  }),
  read: ({ way, name, places, first, firstTool, second, secondTool }) => ({
    places: list().read(places, 'mm').length > 0 ? list().read(places, 'mm') : ['once'],
    sizes: [
      { name: first.trim() || name.trim(), instrument: firstTool },
      { name: second.trim() || name.trim(), instrument: secondTool },
    ].slice(0, SIZES_OF[way]),
  }),
};

/** Returns the list of the checks that a sheet has beyond what its family has. */
export const ownList = ({ pump }: Offered): Lists<{ own: OwnFields[] }> => ({
  own: {
    title: 'Checks of this sheet’s own',
    about:
      'Checks of the manual beyond the usual: a seat, a bushing, a thickness. Save, then enter the limit under Limits.',
    blank: () => ({
      id: newId(),
      part: pump.parts[0]?.id ?? partId(''),
      name: '',
      way: 'size',
      places: '',
      convention: '',
      caution: '',
      first: '',
      firstTool: 'caliper',
      second: '',
      secondTool: 'caliper',
    }),
    kept: ['id'],
    fields: [
      { name: 'name', label: 'What is measured', as: words, need: 'A check needs a name.' },
      {
        name: 'part',
        label: (number) => saySheets('sheets.partOfCheck', { number }),
        options: named(pump.parts),
      },
      {
        name: 'way',
        label: (number) => saySheets('sheets.wayOfCheck', { number }),
        look: 'stacked',
        options: OWN_WAYS,
      },
      ...ownSize('first', 'firstTool', 0, ({ way }) =>
        way === 'difference' ? 'Larger size' : 'Size that is read',
      ),
      ...ownSize('second', 'secondTool', 1, () => 'Second size'),
      { name: 'places', label: 'Places, separated by ;', as: list(), placeholder: 'front; rear' },
      { name: 'convention', label: 'What the reading means', as: words },
      { name: 'caution', label: 'Caution at this check', as: words },
    ],
    apart: OWN_SIZES,
    check: ({ way, first, second }, wrong) => {
      if (way !== 'difference') return;
      if (first.trim() === '') wrong('first', 'Name the size that is read.');
      if (second.trim() === '') wrong('second', 'Name the size that is read.');
    },
  },
});
