import type { Assessment } from '@/core/assessment/assessment';
import { ZERO_WORD } from '@/core/methods/dimensional';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import { skipOthers } from '@/core/commands/measuring';
import { countedIn } from '@/core/journal/eras';
import { capital } from '@/core/quantity/letters';
import { evaluator } from '@/data/evaluator';
import { FootButton } from '@/ui/FootButton';
import { ledgerOf } from '@/core/journal/ledger';
import { StyleSheet, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { tried } from '@/core/errors';
import { expectedSize, gaugeAt, zeroAt, zerosOf } from '@/core/instruments/gauges';
import { asTyped, namesUnit, parseReading } from '@/core/quantity/parse';
import { bareUnit, MM_PER, type LengthKind, type ShopUnit } from '@/core/quantity/units';
import { pumpOf } from '@/core/pumps/registry';
import type { Characteristic, Dimension } from '@/core/pumps/family';
import type { Reading, Step } from '@/core/methods/list';
import type { Job } from '@/core/records/job';
import { nominalOf, pitchRadiusOf } from '@/core/records/sizesSaid';
import type { Source } from '@/core/schema/fields';
import { now } from '@/data/create';
import { useGauge } from '@/data/gauge/useGauge';
import { useShop } from '@/data/hooks';
import { Dotted, Explained } from '@/ui/Explained';
import { useTypingGauge } from '@/ui/keyboard';
import { ReadingPad } from '@/ui/ReadingPad';
import { UnitKeys } from '@/ui/UnitKeys';
import { FONT, TYPE } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { useFigures } from '../shell/useFigures';
import { LeverFields, useLever } from './LeverFields';
import type { PanelProps } from './panels';
import { StepPanel } from './StepPanel';
import { GAUGE_NAME } from '@/core/wording/gauge';
import { sayMeasure } from './sayMeasure';

type ReadStep = Step<'size' | 'swing'>;

/** Reads a figure as it is typed, in the unit that a bare one is in. */
const understand = (text: string, kind: LengthKind, unit: 'mm' | 'in' | 'thou') =>
  tried(() => parseReading(text, kind, unit));

/** Decimals that a mic shows. */
const SHOWN = { mm: 3, in: 4 } as const;

/**
 * A figure to begin with: the last reading of the same thing as it was entered, else that of the same
 * thing in another section, else what the book says, else what was read last of the same part by the
 * same gauge: gears and pockets repeat themselves.
 */
function lastEntry(job: Job, step: ReadStep, unit: 'mm' | 'in' | 'thou'): string | null {
  const { readings } = ledgerOf(job);
  const entered = (same: (r: Reading) => boolean) => {
    const last = readings.findLast((r) => r.voided === null && same(r));
    return last && 'text' in last ? last.text : null;
  };
  if (step.way === 'swing') {
    return entered((r) => r.kind === 'swing' && r.characteristic === step.characteristic);
  }
  const { id, first, part, instrument } = step.dimension;
  const { dimensions } = pumpOf(job.sheet);
  const idsOf = (is: (d: Dimension) => boolean) => dimensions.filter(is).map((d) => d.id);
  const sisters = idsOf((d) => d.first === first);
  const alike = idsOf((d) => d.part === part && d.instrument === instrument);
  const nominal = nominalOf(job.sheet, id);
  const book =
    nominal === undefined || unit === 'thou' ? null : (nominal / MM_PER[unit]).toFixed(SHOWN[unit]);
  return (
    entered((r) => r.kind === 'size' && r.dimension === id) ??
    entered((r) => r.kind === 'size' && sisters.includes(r.dimension)) ??
    book ??
    entered((r) => r.kind === 'size' && alike.includes(r.dimension))
  );
}

const EXAMPLE: Readonly<Record<ShopUnit, Readonly<Record<LengthKind, string>>>> = {
  mm: { size: 'e.g. 20.055', gap: 'e.g. 0.12' },
  thou: { size: 'e.g. .7896', gap: 'e.g. 4-1/2 or .0045' },
};

/** What is read at a step: its name, how its figures are written, and about how large it is. */
function readAt(job: Job, { characteristic }: Assessment, step: ReadStep) {
  if (step.way === 'swing') {
    const { name, caution } = characteristic;
    return { name, caution, kind: 'gap', expected_mm: null, others: undefined } as const;
  }
  const { id, name, caution, others } = step.dimension;
  const begun = countedIn(job).ofSize(id).length > 0;
  return {
    name,
    caution,
    kind: 'size',
    expected_mm: expectedSize(job.sheet, step.dimension),
    others: begun ? others : undefined,
  } as const;
}

/** The field of a figure: what stands in it, what that is understood as, and why it was refused. */
function useEntry({ job, shown, step, measuring, gauge }: PanelProps<'size' | 'swing'>) {
  const shop = useShop();
  const { kind, expected_mm } = readAt(job, shown, step);
  const unit = bareUnit(kind, shop.unit);
  const [refused, setRefused] = useState<string | null>(null);
  const lever = useLever(pitchRadiusOf(job.sheet, shown.characteristic), shop.unit);

  const take = async (entered: string, source: Source): Promise<boolean> => {
    const entry = understand(entered, kind, unit);
    const held = lever.read();
    if (!entry.ok || !held.ok) {
      setRefused(entry.ok ? (held.ok ? null : held.message) : entry.message);
      return false;
    }
    const figure = { text: entered.trim(), unit, read_mm: entry.value.mm, source };
    return measuring.answer(step.way === 'swing' ? { ...figure, ...held.lever } : figure);
  };
  const { field, text, put, enter, submit } = useFigures((figure) => take(figure, 'typed'));
  /** A unit that is changed while a figure stands in the field leaves that as it was meant. */
  const meant = useRef(unit);
  useEffect(() => {
    const before = meant.current;
    meant.current = unit;
    if (before !== unit && text.trim() !== '' && !namesUnit(text)) put(asTyped(text, before));
  });
  const change = (next: string) => {
    put(next);
    setRefused(null);
  };
  // A gauge that types while no field has the cursor (after Undo, say) means this one.
  useTypingGauge((figure) => {
    if (text.trim() !== '')
      return setRefused(sayMeasure('measure.gaugeTypedAnywhere', { text: figure }));
    put(figure);
    enter();
  });
  const line = useGauge(gauge, expected_mm, (reading) => void take(reading.text, gauge));
  const understood = text.trim() === '' ? null : understand(text, kind, unit);
  return { field, text, change, enter, submit, unit, refused, understood, lever, line };
}

type Entry = ReturnType<typeof useEntry>;

/** What a gauge at the bench is doing; nothing where figures are typed. */
const gaugeLine = ({ line }: Entry): ReactNode =>
  line.source.id === 'typed' ? null : (
    <Words role="status" tone={line.state === 'lost' ? 'out' : 'brass'}>
      {line.state === 'lost'
        ? (line.why ?? 'Gauge disconnected. Plug it in or type the reading.')
        : sayMeasure(
            line.source.id === 'simulated' ? 'measure.gaugeSimulated' : 'measure.gaugeState',
            {
              gauge: line.source.name,
              state: line.state,
            },
          )}
    </Words>
  );

/** How the dial lay, where it is a dial. */
const leverLines = ({ lever }: Entry, { swing }: Characteristic, unit: ShopUnit): ReactNode => (
  <>
    <LeverFields lever={lever} unit={unit} />
    {lever.pitchRadius_mm === null && swing?.pitchRadius_mm ? (
      <Words size="note" tone="muted">
        The sheet’s pitch circle is an example size. Set the dial at the true pitch circle: the
        reading counts as it is.
      </Words>
    ) : null}
  </>
);

/** What stands under the field: why a figure was refused, how it is understood, or what reads it and an example. */
const underField = ({ refused, understood }: Entry, hint: string): ReactNode => (
  <HelperText type={refused ? 'error' : 'info'} padding="none" role={refused ? 'alert' : undefined}>
    {refused ?? (understood ? (understood.ok ? understood.value.echo : '') : hint)}
  </HelperText>
);

/** Figure by figure: which instrument where, a field that takes shop shorthand, Enter to go on. */
export function ValuePanel(props: PanelProps<'size' | 'swing'>) {
  const { job, shown, step, measuring } = props;
  const shop = useShop();
  const wide = useWide();
  const entry = useEntry(props);
  const { field, text, change, enter, submit, unit } = entry;
  const { name, kind, caution, others } = readAt(job, shown, step);
  const tool = useTool(job, step);
  return (
    <StepPanel
      {...props}
      caution={caution}
      brief
      instruction={
        <Explained text={step.station.instruction}>
          <Words size="title" strong>
            <Dotted>{step.station.instruction}</Dotted>
          </Words>
        </Explained>
      }
    >
      {gaugeLine(entry)}
      {step.way === 'swing' ? leverLines(entry, shown.characteristic, shop.unit) : null}
      <View>
        <View style={styles.line}>
          <TextInput
            ref={field}
            mode="outlined"
            label={`${step.station.label} (${unit})`}
            aria-label={`${name}, ${step.station.label}`}
            value={text}
            onChangeText={change}
            onSubmitEditing={submit}
            blurOnSubmit={false}
            autoFocus
            inputMode={wide ? 'text' : 'none'}
            error={entry.refused !== null}
            style={styles.field}
          />
          <UnitKeys value={text} onChange={change} />
        </View>
        {underField(entry, `${tool} · ${EXAMPLE[shop.unit][kind]}`)}
      </View>
      {step.way === 'size' && others ? (
        <FootButton
          name={capital(others)}
          onPress={() => void measuring.run(skipOthers(step, others, evaluator))}
        />
      ) : null}
      <ReadingPad
        value={text}
        last={lastEntry(job, step, unit)}
        onChange={change}
        onEnter={enter}
      />
    </StepPanel>
  );
}

/** Which instrument is in hand, and what is to be said of its zero. */
function useTool(job: Job, step: ReadStep): string {
  const shop = useShop();
  const instrument = gaugeAt(shop, job, step);
  if (!instrument)
    return sayMeasure('measure.noInstrument', {
      kind: step.way === 'size' ? GAUGE_NAME[step.dimension.instrument] : GAUGE_NAME.indicator,
    });
  const { state } = zeroAt(instrument, zerosOf(job, shop), now());
  return [sayMeasure('measure.with', { instrument: instrument.name }), ZERO_WORD[state]]
    .filter(Boolean)
    .join(' · ');
}

const styles = StyleSheet.create({
  line: { flexDirection: 'row', alignItems: 'stretch', gap: 6 },
  field: { flex: 1, minWidth: 0, fontSize: TYPE.instruction, fontFamily: FONT },
});
