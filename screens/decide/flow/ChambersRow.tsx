import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import type { JobPump } from '@/core/flow/jobPump';
import { drawnPump, chamberOutline, chamberTurns, type ChamberTurn } from '@/core/flow/chambers';
import { areaUnit, bareArea } from '@/core/quantity/format';
import type { ShopUnit } from '@/core/quantity/units';
import type { Sheet } from '@/core/records/sheet';
import { movesWords, chamberName, chamberWords, turnWords } from '@/core/wording/flowChambers';
import { paragraph } from '@/core/wording/say';
import { sayFlow } from '@/core/wording/sayFlow';
import { FigureTable } from '@/ui/FigureTable';
import { NamedChart } from '@/ui/NamedChart';
import { PumpDrawing } from '@/ui/PumpDrawing';
import { RowButton } from '@/ui/RowButton';
import { Slider } from '@/ui/Slider';
import { Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { usePalette } from '@/ui/theme';
import { useWidth } from '@/ui/useWidth';

interface Props {
  readonly sheet: Sheet;
  readonly subject: JobPump;
  readonly unit: ShopUnit;
}

/** Places of a turn at which chambers are looked at; so many of them are written. */
const PLACES = 61;
const WRITTEN = 4;

/** The chambers stand so while nobody has turned the shaft: those of a pump are wide open, in degrees. */
const FIRST_deg = 120;

/** What a pump moves in a turn; opened, the chambers in which it carries that round. */
export function ChambersRow({ sheet, subject, unit }: Props) {
  const [isOpen, setOpen] = useState(false);
  const { displacement } = subject;
  const moves = movesWords(displacement);
  // An example's geometry is drawn nowhere as this pump's.
  if (displacement.missing.length > 0) return <Words size="note">{moves}</Words>;
  return (
    <View style={layout.stack}>
      <RowButton
        name="What it carries round"
        about={moves}
        open={isOpen}
        onPress={() => setOpen(!isOpen)}
      />
      {isOpen ? <TurnedChambers sheet={sheet} subject={subject} unit={unit} /> : null}
    </View>
  );
}

/** The pump with its shaft in the hand: a chamber of each kind in blue, and its area over a turn. */
function TurnedChambers({ sheet, subject, unit }: Props) {
  const [dragged, setTurn] = useState(FIRST_deg);
  // The handle follows the hand; the drawing follows the handle.
  const turn = useDeferredValue(dragged);
  const [width, onLayout] = useWidth(340);
  const pump = useMemo(() => drawnPump(sheet, subject), [sheet, subject]);
  const outline = useMemo(() => chamberOutline(pump, turn), [pump, turn]);
  const chambers = useMemo(() => chamberTurns(pump, PLACES), [pump]);
  const words = turnWords(dragged);
  return (
    <View style={layout.stack} onLayout={onLayout}>
      <PumpDrawing
        outline={outline}
        placement={null}
        stations={[]}
        label=""
        worked={['chamber']}
        size={Math.min(width, MOST)}
        describe={sayFlow('flow.chambersDrawn', { model: sheet.model, turn: turnWords(turn) })}
      />
      <Words size="note">{sayFlow('flow.turned', { turn: words })}</Words>
      <Slider
        label="Turn of the shaft"
        value={dragged}
        from={0}
        to={360}
        step={5}
        words={words}
        onChange={setTurn}
      />
      <Words size="note">{sayFlow('flow.chambersMeet')}</Words>
      {chambers.map((chamber) => (
        <Words key={chamber.chambers.part} size="note">
          {chamberWords(sheet, chamber, unit)}
        </Words>
      ))}
      <ChamberChart sheet={sheet} chambers={chambers} width={width} unit={unit} />
    </View>
  );
}

interface ChartProps extends Pick<Props, 'sheet' | 'unit'> {
  readonly chambers: readonly ChamberTurn[];
  readonly width: number;
}

/** The area of a chamber of each kind over a turn, and the same as a table. */
function ChamberChart({ sheet, chambers, width, unit }: ChartProps) {
  const palette = usePalette();
  const [isTable, setTable] = useState(false);
  const colors = [palette.blue, palette.brass];
  const lines = chambers.map((chamber, i) => ({
    name: chamberName(sheet, chamber),
    color: colors[i] ?? palette.ink,
    values: chamber.areas_mm2.map((area) => Number(bareArea(area, unit))),
  }));
  // The end has no room for its figure.
  const step = (PLACES - 1) / WRITTEN;
  const turns = Array.from({ length: PLACES }, (_, i) => turnWords((360 * i) / (PLACES - 1)));
  const title = sayFlow('flow.chambersChart', { unit: areaUnit(unit) });
  return (
    <View>
      <Words strong>{title}</Words>
      <NamedChart
        described={sayFlow('flow.chartSaid', {
          name: title,
          lines: paragraph(...chambers.map((chamber) => chamberWords(sheet, chamber, unit))),
        })}
        labels={turns.map((turn, i) => (i % step === 0 && i < PLACES - 1 ? turn : ''))}
        lines={lines}
        width={width}
        height={HEIGHT}
        decimals={unit === 'mm' ? 0 : 2}
        fromZero
      />
      <RowButton
        name="The areas of this chart"
        about="a table"
        open={isTable}
        onPress={() => setTable(!isTable)}
      />
      {isTable ? (
        <FigureTable
          heads={['Turn of the shaft', ...lines.map(({ name }) => name)]}
          rows={turns
            .map((turn, i) => ({
              of: turn,
              cells: chambers.map(({ areas_mm2 }) => bareArea(areas_mm2[i] ?? 0, unit)),
            }))
            .filter((_, i) => i % 5 === 0)}
        />
      ) : null}
    </View>
  );
}

/** The widest that the pump is drawn, in px. */
const MOST = 300;

const HEIGHT = 200;
