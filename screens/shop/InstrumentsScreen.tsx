import { ZERO_WORD } from '@/core/methods/dimensional';
import { NEW_SHOP, type Shop } from '@/core/records/shop';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from 'react-native-paper';
import { zeroAt } from '@/core/instruments/gauges';
import { formatLength, formatWithUnit } from '@/core/quantity/format';
import type { FeelerSetRecord, Instrument } from '@/core/records/instrument';
import { newId, now } from '@/data/create';
import { useChangeShop, useShop } from '@/data/hooks';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowButton } from '@/ui/RowButton';
import { Heading } from '@/ui/Words';
import { FeelerEditor } from './FeelerEditor';
import { InstrumentEditor } from './InstrumentEditor';
import { KIND_NAME, newInstrument, zeroEvery } from './instrumentForm';

function aboutOf(i: Instrument, shop: Shop): string {
  const { unit } = shop;
  const range = `${formatLength(i.from_mm, 'size', unit)}–${formatWithUnit(i.to_mm, 'size', unit)}`;
  const u = `u ${formatWithUnit(i.u_mm, 'gap', unit)}`;
  const zero = ZERO_WORD[zeroAt(i, shop.zeros, now()).state];
  return [KIND_NAME[i.kind], range, u, zeroEvery(i), zero].filter(Boolean).join(' · ');
}

/** The shop's instruments and leaf sets: what they reach, how finely they read, how sure they are. */
export function InstrumentsScreen() {
  const shop = useShop();
  const { apply, error } = useChangeShop();
  const [open, setOpen] = useState<string | null>(null);
  const [fresh, setFresh] = useState<Instrument | null>(null);
  const set = (change: (shop: Shop) => Shop) =>
    apply(change).then(
      () => setOpen(null),
      () => undefined,
    );
  const keep = (record: Instrument) =>
    set((s) => {
      const there = s.instruments.some((i) => i.id === record.id);
      return {
        ...s,
        instruments: there
          ? s.instruments.map((i) => (i.id === record.id ? record : i))
          : [...s.instruments, record],
      };
    }).then(() => setFresh(null));
  return (
    <Page title="Instruments and leaves">
      {error ? <Notice kind="error">{error.message}</Notice> : null}
      <View>
        {shop.instruments.map((i) => (
          <View key={i.id}>
            <RowButton
              name={i.name}
              about={aboutOf(i, shop)}
              open={open === i.id}
              onPress={() => setOpen(open === i.id ? null : i.id)}
            />
            {open === i.id ? (
              <InstrumentEditor
                key={shop.unit}
                instrument={i}
                unit={shop.unit}
                onKeep={keep}
                onRemove={() =>
                  void set((s) => ({
                    ...s,
                    instruments: s.instruments.filter((other) => other.id !== i.id),
                  }))
                }
              />
            ) : null}
          </View>
        ))}
      </View>
      {fresh ? (
        <InstrumentEditor instrument={fresh} unit={shop.unit} onKeep={keep} />
      ) : (
        <Button mode="outlined" icon="plus" onPress={() => setFresh(newInstrument(newId()))}>
          Add an instrument
        </Button>
      )}
      <Heading>Leaf sets</Heading>
      {shop.feelers.map((feeler, at) => (
        <FeelerEditor
          key={`${at} ${feeler.name} ${shop.unit}`}
          feeler={feeler}
          unit={shop.unit}
          onKeep={(record) =>
            set((s) => ({ ...s, feelers: s.feelers.map((f, i) => (i === at ? record : f)) }))
          }
          onRemove={
            shop.feelers.length > 1
              ? () => void set((s) => ({ ...s, feelers: s.feelers.filter((_, i) => i !== at) }))
              : undefined
          }
        />
      ))}
      <Button
        mode="outlined"
        icon="plus"
        onPress={() =>
          void set((s) => ({
            ...s,
            feelers: [
              ...s.feelers,
              {
                ...(NEW_SHOP.feelers[0] as FeelerSetRecord),
                name: `Leaf set ${String.fromCharCode(65 + s.feelers.length)}`,
                leaves_mm: s.feelers[0]?.leaves_mm ?? [0.05],
              },
            ],
          }))
        }
      >
        Add a leaf set
      </Button>
    </Page>
  );
}
