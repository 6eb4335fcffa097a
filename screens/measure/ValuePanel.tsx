import type { Assessment } from '@/core/assessment/assessment';
import type { Step } from '@/core/guidance/step';
import { ZERO_WORD } from '@/core/methods/dimensional';
import { useState } from 'react';
import { ledgerOf } from '@/core/journal/ledger';
import { StyleSheet, View } from 'react-native';
import { HelperText, TextInput } from 'react-native-paper';
import { InputError } from '@/core/errors';
import { expectedSize, gaugeFor, indicatorFor, zeroAt, zerosOf } from '@/core/instruments/gauges';
import { parseReading, type ParsedReading } from '@/core/quantity/parse';
import { bareUnit, type LengthKind } from '@/core/quantity/units';
import type { Job } from '@/core/records/job';
import type { Source } from '@/core/schema/fields';
import { now } from '@/data/create';
import { useGauge } from '@/data/gauge/useGauge';
import { useShop } from '@/data/hooks';
import type { DrawnStation } from '@/ui/PumpDrawing';
import { ReadingPad } from '@/ui/ReadingPad';
import { FONT, TYPE } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { useFigures } from '../shell/useFigures';
import { LeverFields, useLever } from './LeverFields';
import type { Openers } from './panels';
import { StepPanel } from './StepPanel';
import type { Measuring } from './useMeasuring';

const NO_MARKS: readonly DrawnStation[] = [];

type ReadStep = Extract<Step, { way: 'size' | 'swing' }>;
type Understood = { ok: true; reading: ParsedReading } | { ok: false; message: string };

interface Props extends Openers {
  readonly job: Job;
  readonly shown: Assessment;
  readonly step: ReadStep;
  readonly measuring: Measuring;
  readonly gauge: Source;
}

function understand(text: string, kind: LengthKind, unit: 'mm' | 'in' | 'thou'): Understood {
  try {
    return { ok: true, reading: parseReading(text, kind, unit) };
  } catch (error) {
    if (error instanceof InputError) return { ok: false, message: error.message };
    throw error;
  }
}

/** The last reading of the same thing, as it was entered: gears and pockets repeat themselves. */
function lastEntry(job: Job, step: ReadStep): string | null {
  const last = ledgerOf(job).readings.findLast((r) =>
    step.way === 'size'
      ? r.kind === 'size' && r.dimension === step.dimension.id
      : r.kind === 'swing' && r.characteristic === step.characteristic,
  );
  return last && 'text' in last ? last.text : null;
}

const EXAMPLE: Readonly<Record<LengthKind, string>> = {
  size: 'e.g. 20.055 or .7896 in',
  gap: 'e.g. 0.12 or 4-1/2 thou',
};

/** Figure by figure: which instrument where, a field that takes shop shorthand, Enter to go on. */
export function ValuePanel({ job, shown, step, measuring, gauge, ...openers }: Props) {
  const shop = useShop();
  const wide = useWide();
  const [refused, setRefused] = useState<string | null>(null);
  const lever = useLever(shown.characteristic.swing?.pitchRadius_mm ?? null, shop.unit);
  const bySize = step.way === 'size';
  const kind: LengthKind = bySize ? 'size' : 'gap';
  const unit = bareUnit(kind, shop.unit);
  const name = bySize ? step.dimension.name : shown.characteristic.name;
  const expected_mm = bySize ? expectedSize(job.sheet, step.dimension) : null;
  const stations = bySize ? step.dimension.stations : (shown.characteristic.swing?.stations ?? []);

  const tool = useTool(job, step);

  const take = async (entered: string, source: Source): Promise<boolean> => {
    const entry = understand(entered, kind, unit);
    const held = lever.read();
    if (!entry.ok || !held.ok) {
      setRefused(entry.ok ? (held.ok ? null : held.message) : entry.message);
      return false;
    }
    return measuring.read({
      text: entered.trim(),
      unit,
      read_mm: entry.reading.mm,
      source,
      ...(bySize ? {} : held.lever),
    });
  };
  const { field, text, put, enter, submit } = useFigures((figure) => take(figure, 'typed'));
  const understood = text.trim() === '' ? null : understand(text, kind, unit);
  const change = (next: string) => {
    put(next);
    setRefused(null);
  };
  const line = useGauge(gauge, expected_mm, (reading) => void take(reading.text, gauge));

  return (
    <StepPanel
      {...openers}
      job={job}
      shown={shown}
      measuring={measuring}
      step={step}
      target={bySize ? step.dimension.id : shown.characteristic.id}
      stations={stations}
      marks={NO_MARKS}
      caution={bySize ? step.dimension.caution : shown.characteristic.caution}
      brief
      instruction={
        <Words size="title" strong>
          {step.station.instruction}
        </Words>
      }
    >
      {line.source.id === 'typed' ? null : (
        <Words role="status" tone={line.state === 'lost' ? 'out' : 'brass'}>
          {line.state === 'lost'
            ? (line.why ?? 'The gauge is gone.')
            : `${line.source.name}: ${line.state === 'ready' ? 'listening' : 'connecting'}.${line.source.id === 'simulated' ? ' Made-up readings.' : ''}`}
        </Words>
      )}
      {bySize ? null : <LeverFields lever={lever} unit={shop.unit} />}
      <View>
        <TextInput
          ref={field}
          mode="outlined"
          label={`${name}, ${step.station.label} (${unit})`}
          aria-label={`${name}, ${step.station.label}`}
          value={text}
          onChangeText={change}
          onSubmitEditing={submit}
          blurOnSubmit={false}
          autoFocus
          inputMode={wide ? 'text' : 'none'}
          error={refused !== null}
          style={styles.field}
        />
        <HelperText
          type={refused ? 'error' : 'info'}
          padding="none"
          role={refused ? 'alert' : undefined}
        >
          {refused ??
            (understood
              ? understood.ok
                ? understood.reading.echo
                : ''
              : `${tool} · ${EXAMPLE[kind]}`)}
        </HelperText>
      </View>
      <ReadingPad value={text} last={lastEntry(job, step)} onChange={change} onEnter={enter} />
    </StepPanel>
  );
}

/** Which instrument is in hand, and what is to be said of its zero. */
function useTool(job: Job, step: ReadStep): string {
  const shop = useShop();
  const instrument =
    step.way === 'size' ? gaugeFor(shop, job, step.dimension) : indicatorFor(shop, job);
  if (!instrument) return 'No instrument of this kind on the list: add it under Shop.';
  const { state } = zeroAt(instrument, zerosOf(job, shop), now());
  return [`With ${instrument.name}`, ZERO_WORD[state]].filter(Boolean).join(' · ');
}

const styles = StyleSheet.create({
  field: { fontSize: TYPE.instruction, fontFamily: FONT },
});
