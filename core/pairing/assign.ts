/** Holds what pairing costs: one figure for each row and column; Infinity where the two do not go together. */
export interface CostTable {
  readonly rows: number;
  readonly columns: number;
  /** Row by row. */
  readonly costs: Float64Array;
}

/** Called with how many rows are paired, of how many; false calls it off. */
export type OnPaired = (done: number, of: number) => boolean;

/**
 * Returns what a row without a partner costs: more than all that pairing could, so that one pair more is
 * worth any metal.
 */
function dearest({ costs, rows }: CostTable): number {
  let most = 0;
  for (const cost of costs) if (cost < Infinity && cost > most) most = cost;
  return (most + 1) * (rows + 1);
}

/** Keeps what is paired so far, with the prices that prove it optimal. */
class Pairs {
  readonly columnOf: Int32Array;
  private readonly rowOf: Int32Array;
  private readonly rowPrice: Float64Array;
  private readonly columnPrice: Float64Array;
  /** Length of the shortest path to each column, and the row from which it comes. */
  private readonly far: Float64Array;
  private readonly from: Int32Array;
  private readonly left: Int32Array;
  private readonly alone: number;

  constructor(private readonly table: CostTable) {
    const { rows, columns } = table;
    this.columnOf = new Int32Array(rows).fill(-1);
    this.rowOf = new Int32Array(columns).fill(-1);
    this.rowPrice = new Float64Array(rows);
    this.columnPrice = new Float64Array(columns);
    this.far = new Float64Array(columns);
    this.from = new Int32Array(columns);
    this.left = new Int32Array(columns);
    this.alone = dearest(table);
  }

  /** Takes a row in: along the shortest path to a free column, or to a row that had better stay alone. */
  take(start: number): void {
    const { columns, costs } = this.table;
    const { columnOf, rowOf, rowPrice, columnPrice, far, from, left } = this;
    for (let i = 0; i < columns; i++) left[i] = i;
    far.fill(Infinity);
    const rowsSeen: number[] = [];
    const columnsSeen: number[] = [];
    let [open, length, row, free] = [columns, 0, start, -1];
    let [alone, aloneRow] = [Infinity, -1];
    for (;;) {
      rowsSeen.push(row);
      const price = rowPrice[row] as number;
      const stays = length + this.alone - price;
      if (stays < alone) [alone, aloneRow] = [stays, row];
      let [least, at] = [Infinity, -1];
      const begin = row * columns;
      for (let i = 0; i < open; i++) {
        const column = left[i] as number;
        const to =
          length + (costs[begin + column] as number) - price - (columnPrice[column] as number);
        if (to < (far[column] as number)) {
          far[column] = to;
          from[column] = row;
        }
        const now = far[column] as number;
        // Of columns as near, a free one ends the search.
        if (now < least || (now === least && now < Infinity && (rowOf[column] as number) < 0)) {
          least = now;
          at = i;
        }
      }
      if (alone <= least) {
        length = alone;
        break;
      }
      length = least;
      const column = left[at] as number;
      columnsSeen.push(column);
      left[at] = left[(open -= 1)] as number;
      if ((rowOf[column] as number) < 0) {
        free = column;
        break;
      }
      row = rowOf[column] as number;
    }
    for (const seen of rowsSeen) {
      const own = columnOf[seen] as number;
      rowPrice[seen] =
        (rowPrice[seen] as number) + length - (seen === start ? 0 : (far[own] as number));
    }
    for (const column of columnsSeen) {
      columnPrice[column] = (columnPrice[column] as number) - length + (far[column] as number);
    }
    if (free < 0) {
      free = columnOf[aloneRow] as number;
      columnOf[aloneRow] = -1;
      if (aloneRow === start) return;
    }
    this.augment(start, free);
  }

  /** Hands each column along a path to the row before it, back to the row that the path began with. */
  private augment(start: number, end: number): void {
    for (let column = end, row = -1; row !== start;) {
      row = this.from[column] as number;
      this.rowOf[column] = row;
      const next = this.columnOf[row] as number;
      this.columnOf[row] = column;
      column = next;
    }
  }
}

/**
 * Returns the column of each row, −1 for none: as many pairs as can be had, and among those the cheapest; null
 * where it was called off.
 *
 * Rows are taken in one by one; each looks for the cheapest alternating path by reduced costs (shortest
 * augmenting paths after Jonker and Volgenant), which keeps what is paired optimal. A path may also end at a
 * row that then stays alone, at more than all pairs together cost: so the number of pairs comes before their
 * cost. At most rows² · columns steps.
 */
export function cheapestPairs(
  table: CostTable,
  onPaired: OnPaired = () => true,
): Int32Array | null {
  const pairs = new Pairs(table);
  for (let row = 0; row < table.rows; row++) {
    pairs.take(row);
    if (!onPaired(row + 1, table.rows)) return null;
  }
  return pairs.columnOf;
}
