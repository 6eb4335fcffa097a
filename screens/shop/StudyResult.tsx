import { StudyChart } from './StudyChart';
import { type FeelerSetRecord, feelerSet } from '@/core/records/instrument';
import { reasonOf } from '@/core/errors';
import { Suspense } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { dragBandOf, scatterOf, studyOf } from '@/core/metrology/repeatability';
import { studyWords } from '@/core/wording/study';
import { formatFine } from '@/core/quantity/format';
import { tidy_mm, type ShopUnit } from '@/core/quantity/units';
import type { Study } from '@/core/records/study';
import { useChangeShop, useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { Heading, Words } from '@/ui/Words';
import { onDemand } from '../shell/onDemand';
import { sayShop } from './sayShop';

/** What was read twice at the bench since is asked of the shop's past. */
const AtBench = onDemand('AtBench', async () => (await import('../job/after')).AtBench);

/** What a study says: in words, as a chart, and as an uncertainty that the instrument can take over. */
export function StudyResult({ study }: { readonly study: Study }) {
  const shop = useShop();
  const { apply, error } = useChangeShop();
  const { unit } = shop;
  const readings = study.readings.map((r) => ({ ...r, value: r.value_mm }));
  const result = studyOf(readings);
  const instrument = shop.instruments.find((i) => i.id === study.instrument);
  const taken = instrument?.u_mm === result.grr;
  const take = () =>
    void apply((s) => ({
      ...s,
      instruments: s.instruments.map((i) =>
        i.id === study.instrument
          ? { ...i, u_mm: result.grr, own_mm: Math.min(i.own_mm, result.grr) }
          : i,
      ),
    })).catch(() => undefined);
  const band_mm = tidy_mm(dragBandOf(result));
  const usable = shop.feelers.filter((f) =>
    feelerSet.isValidSync({ ...f, dragBand_mm: band_mm }, { strict: true }),
  );
  const takeBand = (name: string) =>
    void apply((s) => ({
      ...s,
      feelers: s.feelers.map((f) => (f.name === name ? { ...f, dragBand_mm: band_mm } : f)),
    })).catch(() => undefined);
  const rows = [
    ['Same person again (repeatability)', result.repeatability],
    ['Between people (reproducibility)', result.reproducibility],
    ['All measuring (GRR)', result.grr],
    ['From part to part', result.parts],
  ] as const;
  return (
    <>
      {studyWords(result, unit).map((sentence) => (
        <Words key={sentence} size="strong">
          {sentence}
        </Words>
      ))}
      <Heading>Each person on each part</Heading>
      <Suspense fallback={<View style={{ height: 240 }} />}>
        <StudyChart study={study} />
      </Suspense>
      <Heading>Standard deviations</Heading>
      {rows.map(([name, sd]) => (
        <View key={name} style={{ flexDirection: 'row' }}>
          <Words style={{ flex: 1 }}>{name}</Words>
          <Words strong>{formatFine(sd, unit)}</Words>
        </View>
      ))}
      <Words size="note" tone="muted">
        Two-way analysis of variance, people and parts crossed. The interaction counts with the
        people unless it is noise.
      </Words>
      {instrument ? <AtBench instrument={instrument.name} scatter={scatterOf(readings)} /> : null}
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      {instrument ? (
        <Button mode="contained" disabled={taken || result.grr <= 0} onPress={take}>
          {taken
            ? sayShop('shop.inUse', { instrument: instrument.name })
            : sayShop('shop.useFor', {
                u: formatFine(result.grr, unit),
                instrument: instrument.name,
              })}
        </Button>
      ) : null}
      {bands(usable, band_mm, takeBand, unit)}
    </>
  );
}

/** The drag band of each leaf set, to be set by what was found. */
function bands(
  usable: readonly FeelerSetRecord[],
  band_mm: number,
  takeBand: (name: string) => void,
  unit: ShopUnit,
) {
  return usable.map(({ name, dragBand_mm }) => (
    <Button
      key={name}
      mode="outlined"
      disabled={dragBand_mm === band_mm}
      onPress={() => takeBand(name)}
    >
      {dragBand_mm === band_mm
        ? sayShop('shop.bandInUse', { set: name })
        : sayShop('shop.useBand', { band: formatFine(band_mm, unit), set: name })}
    </Button>
  ));
}
