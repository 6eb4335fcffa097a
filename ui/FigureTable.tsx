import { Words } from './Words';

interface Props {
  readonly heads: readonly string[];
  /** Rows: what each is of, and a figure for each of the other heads. */
  readonly rows: readonly { readonly of: string; readonly cells: readonly string[] }[];
}

/** The figures of a chart as a table: for who cannot see it, and for who wants them. */
export const FigureTable = ({ heads, rows }: Props) => (
  <table style={{ borderSpacing: 0, textAlign: 'right', width: '100%' }}>
    <thead>
      <tr>
        {heads.map((head) => (
          <th key={head} scope="col">
            <Words size="note">{head}</Words>
          </th>
        ))}
      </tr>
    </thead>
    <tbody>
      {rows.map(({ of, cells }) => (
        <tr key={of}>
          <th scope="row">
            <Words size="note">{of}</Words>
          </th>
          {cells.map((cell, i) => (
            <td key={heads[i + 1]}>
              <Words size="note">{cell}</Words>
            </td>
          ))}
        </tr>
      ))}
    </tbody>
  </table>
);
