import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { middleFlow, type Band } from '@/core/flow/answer';
import type { Conditions, JobPump } from '@/core/flow/jobPump';
import { statesAlong, type FlowBasis } from '@/core/flow/overview';
import { bareFlow, flowUnit, formatPressure, pressureUnit } from '@/core/quantity/flow';
import { formatTemperature } from '@/core/quantity/temperature';
import type { ShopUnit } from '@/core/quantity/units';
import { sayFlow } from '@/core/wording/sayFlow';
import { Choice } from '@/ui/Choice';
import { FigureTable } from '@/ui/FigureTable';
import { NamedChart } from '@/ui/NamedChart';
import { RowButton } from '@/ui/RowButton';
import { Slider } from '@/ui/Slider';
import { usePalette } from '@/ui/theme';
import { useWidth } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { useBands } from './useFlow';

interface Props {
  readonly basis: FlowBasis;
  readonly after: JobPump | null;
  /** How the pump runs at hot idle. */
  readonly idle: Conditions;
  readonly work: Conditions;
  readonly demand_lpm: number | null;
  readonly unit: ShopUnit;
}

type Along = 'rpm' | 'pressure_bar';

/** Places of the row; so many of them are written. */
const PLACES = 21;
const WRITTEN = 5;

/** A band is drawn so often at each place: enough for its edge to be smooth. */
const DRAWS = 800;

/** What cold is where nobody said, in °C. */
const COLD_C = 20;

const ALONG = [
  { value: 'rpm', name: 'Over speed' },
  { value: 'pressure_bar', name: 'Over pressure' },
] as const satisfies readonly { readonly value: Along; readonly name: string }[];

/** Returns a round end for a row that reaches at least so far. */
function roundUp(value: number): number {
  const step = 10 ** Math.floor(Math.log10(Math.max(value, 1)));
  return Math.ceil(value / (step / 2)) * (step / 2);
}

/** What is delivered over speed or over pressure, hot and cold, with the band and what is wanted; its figures as a table. */
export function FlowChart({ basis, after, idle, work, demand_lpm, unit }: Props) {
  const [along, setAlong] = useState<Along>('rpm');
  const [moved, setMoved] = useState<Partial<Conditions>>({});
  const [isTable, setTable] = useState(false);
  const at = useMemo(() => ({ ...idle, ...moved }), [idle, moved]);
  const most = roundUp(1.2 * Math.max(idle[along], work[along]));
  const hot = useMemo(() => statesAlong(at, along, most, PLACES), [at, along, most]);
  const bands = useBands({ name: 'row', basis, pump: basis.subject, states: hot, draws: DRAWS });
  const rows = useRows(basis, after, hot, bands ?? null);
  const chart = <Drawn along={along} rows={rows} demand_lpm={demand_lpm} unit={unit} at={at} />;
  return (
    <View style={layout.stack}>
      <Choice label="The row" value={along} options={ALONG} onChange={setAlong} />
      <Words strong>
        {along === 'rpm'
          ? sayFlow('flow.chart.speed', {
              unit: flowUnit(unit),
              pressure: formatPressure(at.pressure_bar, unit),
            })
          : sayFlow('flow.chart.pressure', {
              unit: flowUnit(unit),
              of: pressureUnit(unit),
              speed: sayFlow('flow.speed', { rpm: Math.round(at.rpm) }),
            })}
      </Words>
      {chart}
      <Handles
        at={at}
        along={along}
        unit={unit}
        onChange={(next) => setMoved({ ...moved, ...next })}
      />
      <RowButton
        name="The figures of this chart"
        about="a table"
        open={isTable}
        onPress={() => setTable(!isTable)}
      />
      {isTable ? <Table along={along} rows={rows} unit={unit} at={at} /> : null}
    </View>
  );
}

/** What is delivered at one place of a row, in l/min. */
interface Place {
  readonly at: Conditions;
  readonly hot: number;
  readonly cold: number;
  readonly after: number | null;
  readonly band: Band | null;
}

function useRows(
  { subject, factor }: FlowBasis,
  after: JobPump | null,
  hot: readonly Conditions[],
  bands: readonly Band[] | null,
): readonly Place[] {
  return useMemo(() => {
    const of = (pump: JobPump, at: Conditions) => middleFlow(pump, at, factor)?.delivered_lpm ?? 0;
    return hot.map((at, i) => ({
      at,
      hot: of(subject, at),
      cold: of(subject, { ...at, temp_C: COLD_C }),
      after: after && of(after, at),
      band: bands?.[i] ?? null,
    }));
  }, [subject, factor, after, hot, bands]);
}

interface DrawnProps {
  readonly along: Along;
  readonly rows: readonly Place[];
  readonly demand_lpm: number | null;
  readonly unit: ShopUnit;
  readonly at: Conditions;
}

/** Writes a place of the row. */
const placeWords = (along: Along, at: Conditions, unit: ShopUnit): string =>
  along === 'rpm'
    ? sayFlow('flow.speed', { rpm: Math.round(at.rpm) })
    : formatPressure(at.pressure_bar, unit);

/** The lines of a row, and what they are. */
function Drawn({ along, rows, demand_lpm, unit, at }: DrawnProps) {
  const palette = usePalette();
  const [width, onLayout] = useWidth(340);
  const per = (lpm: number) => Number(bareFlow(lpm, 0.01, unit));
  const values = (of: (place: Place) => number) => rows.map((place) => per(of(place)));
  const known = rows.every(({ band }) => band !== null);
  const hot = sayFlow('flow.line.hot', { temperature: formatTemperature(at.temp_C, unit) });
  const cold = sayFlow('flow.line.cold', { temperature: formatTemperature(COLD_C, unit) });
  const isAfter = rows.every((place) => place.after !== null);
  const lines = [
    { name: cold, color: palette.blue, values: values((p) => p.cold) },
    { name: hot, color: palette.brass, values: values((p) => p.hot) },
    ...(isAfter
      ? [
          {
            name: sayFlow('flow.line.after'),
            color: palette.in,
            dashed: true,
            values: values((p) => p.after ?? 0),
          },
        ]
      : []),
    ...(demand_lpm === null
      ? []
      : [
          {
            name: sayFlow('flow.line.demand'),
            color: palette.out,
            dashed: true,
            values: rows.map(() => per(demand_lpm)),
          },
        ]),
  ];
  const end = rows.at(-1);
  const told = end
    ? sayFlow('flow.line.onePressure', {
        pressure: placeWords(along, end.at, unit),
        flow: `${per(end.hot)} ${flowUnit(unit)}`,
      })
    : '';
  const step = (PLACES - 1) / (WRITTEN - 1);
  return (
    <View onLayout={onLayout}>
      <NamedChart
        described={sayFlow('flow.chartSaid', { name: hot, lines: told })}
        labels={rows.map((place, i) =>
          i % step === 0 ? String(placeWords(along, place.at, unit).split(' ')[0]) : '',
        )}
        lines={lines}
        band={
          known ? { lo: values((p) => p.band?.lo ?? 0), hi: values((p) => p.band?.hi ?? 0) } : null
        }
        width={width}
        height={HEIGHT}
        decimals={unit === 'mm' ? 0 : 1}
        fromZero
      />
    </View>
  );
}

interface HandlesProps {
  readonly at: Conditions;
  readonly along: Along;
  readonly unit: ShopUnit;
  readonly onChange: (next: Partial<Conditions>) => void;
}

/** What of a state is not in the row is dragged. */
function Handles({ at, along, unit, onChange }: HandlesProps) {
  const pressure = formatPressure(at.pressure_bar, unit);
  const speed = sayFlow('flow.speed', { rpm: Math.round(at.rpm) });
  const temperature = formatTemperature(at.temp_C, unit);
  return (
    <View>
      {along === 'rpm' ? (
        <Handle
          label="Pressure"
          value={at.pressure_bar}
          to={Math.max(40, roundUp(2 * at.pressure_bar))}
          step={0.5}
          words={pressure}
          onChange={(pressure_bar) => onChange({ pressure_bar })}
        />
      ) : (
        <Handle
          label="Speed"
          value={at.rpm}
          to={Math.max(3000, roundUp(2 * at.rpm))}
          step={50}
          words={speed}
          onChange={(rpm) => onChange({ rpm })}
        />
      )}
      <Handle
        label="Oil"
        value={at.temp_C}
        from={-30}
        to={150}
        step={1}
        words={temperature}
        onChange={(temp_C) => onChange({ temp_C })}
      />
    </View>
  );
}

interface HandleProps {
  readonly label: string;
  readonly value: number;
  readonly from?: number;
  readonly to: number;
  readonly step: number;
  readonly words: string;
  readonly onChange: (value: number) => void;
}

/** A figure that is dragged, with its words. */
const Handle = ({ from = 0, ...handle }: HandleProps) => (
  <View>
    <Words size="note">{sayFlow('flow.handle', { what: handle.label, value: handle.words })}</Words>
    <Slider from={from} {...handle} />
  </View>
);

/** A figure of one place of a row, as finely as its band lets. */
const figureOf = (lpm: number | null, { band }: Place, unit: ShopUnit): string =>
  lpm === null ? '' : bareFlow(lpm, band ? (band.hi - band.lo) / 2 : 0.5, unit);

/** The figures of a chart, every fourth place of it. */
function Table({ along, rows, unit, at }: Pick<DrawnProps, 'along' | 'rows' | 'unit' | 'at'>) {
  const shown = rows.filter((_, i) => i % 4 === 0);
  const isAfter = rows.some((place) => place.after !== null);
  const temperature = formatTemperature(at.temp_C, unit);
  const heads = [
    along === 'rpm' ? 'Speed' : 'Pressure',
    sayFlow('flow.line.cold', { temperature: formatTemperature(COLD_C, unit) }),
    sayFlow('flow.line.hot', { temperature }),
    sayFlow('flow.line.range', { temperature }),
    ...(isAfter ? [sayFlow('flow.line.after')] : []),
  ];
  const cells = (place: Place): string[] => {
    const { cold, hot, after, band } = place;
    const figure = (lpm: number | null) => figureOf(lpm, place, unit);
    const range = band ? `${figure(band.lo)}–${figure(band.hi)}` : '';
    return [figure(cold), figure(hot), range, ...(isAfter ? [figure(after)] : [])];
  };
  return (
    <FigureTable
      heads={heads}
      rows={shown.map((place) => ({
        of: placeWords(along, place.at, unit),
        cells: cells(place),
      }))}
    />
  );
}

const HEIGHT = 220;
