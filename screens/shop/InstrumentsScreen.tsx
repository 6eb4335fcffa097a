import { reasonOf } from '@/core/errors';
import { ZERO_WORD } from '@/core/methods/dimensional';
import { NEW_SHOP, type Shop } from '@/core/records/shop';
import { useState } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { zeroAt } from '@/core/instruments/gauges';
import { formatLength, formatWithUnit } from '@/core/quantity/format';
import type { FeelerSetRecord, Instrument } from '@/core/records/instrument';
import { newId, now } from '@/data/create';
import { useChangeShop, useShop } from '@/data/hooks';
import { Columns } from '@/ui/Columns';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowButton } from '@/ui/RowButton';
import { Heading } from '@/ui/Words';
import { FeelerEditor } from './FeelerEditor';
import { InstrumentEditor } from './InstrumentEditor';
import { newInstrument, zeroEvery } from './instrumentForm';
import { GAUGE_NAME } from '@/core/wording/gauge';
import { say } from '@/core/wording/say';

function aboutOf(i: Instrument, shop: Shop): string {
  const { unit } = shop;
  const range = `${formatLength(i.from_mm, 'size', unit)}–${formatWithUnit(i.to_mm, 'size', unit)}`;
  const u = `u ${formatWithUnit(i.u_mm, 'gap', unit)}`;
  const zero = ZERO_WORD[zeroAt(i, shop.zeros, now()).state];
  return [GAUGE_NAME[i.kind], range, u, zeroEvery(i), zero].filter(Boolean).join(' · ');
}

/** The shop's instruments and leaf sets: what they reach, how finely they read, how sure they are. */
export function InstrumentsScreen() {
  const shop = useShop();
  const { apply, error } = useChangeShop();
  const [open, setOpen] = useState<string | null>(null);
  const [fresh, setFresh] = useState<Instrument | null>(null);
  const set = (change: (shop: Shop) => Shop): Promise<boolean> =>
    apply(change).then(
      () => true,
      () => false,
    );
  const keep =
    (of: Instrument) =>
    async (change: (stored: Instrument) => Instrument): Promise<boolean> => {
      const kept = await set((s) => {
        const stored = s.instruments.find((i) => i.id === of.id);
        const record = change(stored ?? of);
        return {
          ...s,
          instruments: stored
            ? s.instruments.map((i) => (i.id === of.id ? record : i))
            : [...s.instruments, record],
        };
      });
      if (kept) {
        setOpen(null);
        setFresh(null);
      }
      return kept;
    };
  return (
    <Page title="Instruments and leaves">
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <Columns
        first={
          <>
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
                      draft={`instrument/${i.id}`}
                      instrument={i}
                      unit={shop.unit}
                      onKeep={keep(i)}
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
              <InstrumentEditor
                draft="instrument/new"
                instrument={fresh}
                unit={shop.unit}
                onKeep={keep(fresh)}
              />
            ) : (
              <Button mode="outlined" icon="plus" onPress={() => setFresh(newInstrument(newId()))}>
                Add an instrument
              </Button>
            )}
          </>
        }
        second={
          <>
            <Heading>Leaf sets</Heading>
            {shop.feelers.map((feeler, at) => (
              <FeelerEditor
                key={at}
                draft={`leaves/${at}`}
                feeler={feeler}
                unit={shop.unit}
                onKeep={(change) =>
                  set((s) => ({
                    ...s,
                    feelers: s.feelers.map((f, i) => (i === at ? change(f) : f)),
                  }))
                }
                onRemove={
                  shop.feelers.length > 1
                    ? () =>
                        void set((s) => ({ ...s, feelers: s.feelers.filter((_, i) => i !== at) }))
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
                      name: say('shop.leafSet', {
                        letter: String.fromCharCode(65 + s.feelers.length),
                      }),
                      leaves_mm: s.feelers[0]?.leaves_mm ?? [0.05],
                    },
                  ],
                }))
              }
            >
              Add a leaf set
            </Button>
          </>
        }
      />
    </Page>
  );
}
