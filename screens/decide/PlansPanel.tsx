import { StyleSheet, View } from 'react-native';
import { priceOf, type Price } from '@/core/rework/decision/money';
import { leavesWords } from '@/core/wording/decide';
import { priceWords, sumWords } from '@/core/wording/money';
import { plansTable } from '@/core/wording/plansTable';
import { paragraph } from '@/core/wording/say';
import { sayDecide } from './sayDecide';
import { Button } from '@/ui/Button';
import { usePalette } from '@/ui/theme';
import { useWide, useWidth } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { Sheet } from './Sheet';
import type { Deciding } from './useDeciding';

interface Props {
  readonly deciding: Deciding;
  readonly onDone: () => void;
}

/** One column of the table: a plan, or a new pump. */
interface Column {
  readonly name: string;
  readonly price: Price;
  readonly about: string;
  readonly cells: readonly string[];
  /** Takes it in hand; null for the one that is, and for a new pump. */
  readonly use: (() => void) | null;
  readonly inHand: boolean;
}

/** A column narrower than this has no room for its words, in px. */
const LEAST = 104;

/** The cheapest few plans beside each other and beside a new pump: only what differs is a row. */
export function PlansPanel({ deciding, onDone }: Props) {
  const { solved, rework, shop, plan, choose, newPump } = deciding;
  const [width, onLayout] = useWidth(362);
  const wide = useWide();
  const plans = solved?.plans ?? [];
  const { common, rows } = plansTable(rework, plans, shop.unit);
  const columns: Column[] = [
    ...plans.map((one, i) => ({
      name: sayDecide('rework.planNumber', { number: i + 1 }),
      price: priceOf(rework, one),
      about: leavesWords(one),
      cells: rows.map(({ cells }) => cells[i] ?? ''),
      use:
        one === plan
          ? null
          : () => {
              choose(i);
              onDone();
            },
      inHand: one === plan,
    })),
    {
      name: 'A new pump',
      price: newPump,
      about: '',
      cells: rows.map(() => 'new'),
      use: null,
      inHand: false,
    },
  ];
  const titles = rows.map(({ title }) => title);
  const most = Math.max(1, Math.floor((wide ? width - TITLE : width) / LEAST));
  const tables = Array.from({ length: Math.ceil(columns.length / most) }, (_, i) =>
    columns.slice(i * most, (i + 1) * most),
  );
  return (
    <Sheet
      title={sayDecide('rework.plans', { count: plans.length })}
      back="Back to the answer"
      onBack={onDone}
      full
    >
      {common ? <Words tone="muted">{common}</Words> : null}
      <View onLayout={onLayout} style={styles.tables}>
        {tables.map((some) => (
          <Table key={some[0]?.name} columns={some} titles={titles} money={shop.money} />
        ))}
      </View>
      {columns.some(({ price }) => price.example) ? (
        <Words size="note" tone="muted">
          Example prices are in these sums. Set your own under Shop, Operations and prices.
        </Words>
      ) : null}
    </Sheet>
  );
}

interface TableProps {
  readonly columns: readonly Column[];
  readonly titles: readonly string[];
  readonly money: Deciding['shop']['money'];
}

function Table({ columns, titles, money }: TableProps) {
  const palette = usePalette();
  const wide = useWide();
  const line = { borderColor: palette.line };
  const cellOf = ({ inHand }: Column) => [
    styles.cell,
    inHand && { backgroundColor: palette.paper, borderColor: palette.blue },
  ];
  return (
    <View role="table" aria-label="Plans, side by side">
      <View role="row" style={styles.row}>
        {wide ? <View role="cell" style={styles.title} /> : null}
        {columns.map((column) => (
          <View
            key={column.name}
            role="columnheader"
            style={[...cellOf(column), column.inHand && styles.first]}
          >
            <Words size="title" strong>
              {sumWords(column.price.expected, money)}
            </Words>
            <Words size="note" strong>
              {column.name}
            </Words>
            <Words size="note" tone="muted">
              {paragraph(priceWords(column.price, money), column.about)}
            </Words>
          </View>
        ))}
      </View>
      {titles.map((title, i) => (
        <View key={title} role="row" style={[wide ? styles.row : null, styles.line, line]}>
          <View role="rowheader" style={wide ? styles.title : styles.over}>
            <Words strong>{title}</Words>
          </View>
          <View style={wide ? styles.cells : styles.row}>
            {columns.map((column) => (
              <View key={column.name} role="cell" style={cellOf(column)}>
                <Words size={wide ? 'body' : 'note'} tone={column.cells[i] ? 'ink' : 'muted'}>
                  {column.cells[i] || 'as it is'}
                </Words>
              </View>
            ))}
          </View>
        </View>
      ))}
      <View role="row" style={[styles.row, styles.line, line]}>
        {wide ? <View role="cell" style={styles.title} /> : null}
        {columns.map((column) => (
          <View key={column.name} role="cell" style={cellOf(column)}>
            {column.use ? (
              <Button
                compact
                mode="outlined"
                accessibilityLabel={sayDecide('rework.usePlan', { plan: column.name })}
                onPress={column.use}
              >
                Use this plan
              </Button>
            ) : column.inHand ? (
              <Words strong tone="blue">
                In hand
              </Words>
            ) : null}
          </View>
        ))}
      </View>
    </View>
  );
}

/** How wide the names of the rows stand, in px, where they stand before the cells. */
const TITLE = 220;

const styles = StyleSheet.create({
  tables: { gap: 20 },
  row: { flexDirection: 'row', alignItems: 'stretch' },
  cells: { flex: 1, flexDirection: 'row', minWidth: 0 },
  line: { borderTopWidth: 1 },
  title: { width: TITLE, padding: 6 },
  over: { paddingTop: 6, paddingHorizontal: 6 },
  cell: { flex: 1, minWidth: 0, padding: 6 },
  first: { borderTopWidth: 3 },
});
