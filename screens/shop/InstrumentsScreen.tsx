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
import { sayShop } from './sayShop';
import { isDone } from '../shell/isDone';

function aboutOf(i: Instrument, shop: Shop): string {
  const { unit } = shop;
  const range = `${formatLength(i.from_mm, 'size', unit)}–${formatWithUnit(i.to_mm, 'size', unit)}`;
  const u = `u ${formatWithUnit(i.u_mm, 'gap', unit)}`;
  const zero = ZERO_WORD[zeroAt(i, shop.zeros, now()).state];
  return [GAUGE_NAME[i.kind], range, u, zeroEvery(i), zero].filter(Boolean).join(' · ');
}

type Change = (change: (shop: Shop) => Shop) => Promise<boolean>;

interface Props {
  readonly shop: Shop;
  readonly set: Change;
}

/** Returns a shop with an instrument changed; with it added where the shop had none of that id. */
function withInstrument(
  shop: Shop,
  of: Instrument,
  change: (stored: Instrument) => Instrument,
): Shop {
  const isIt = ({ id }: Instrument) => id === of.id;
  const record = change(shop.instruments.find(isIt) ?? of);
  const instruments = shop.instruments.some(isIt)
    ? shop.instruments.map((i) => (isIt(i) ? record : i))
    : [...shop.instruments, record];
  return { ...shop, instruments };
}

/** The instruments: each a line until it is opened, and a new one. */
function Instruments({ shop, set }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const [fresh, setFresh] = useState<Instrument | null>(null);
  const keep = (of: Instrument) => async (change: (stored: Instrument) => Instrument) => {
    const kept = await set((s) => withInstrument(s, of, change));
    if (kept) {
      setOpen(null);
      setFresh(null);
    }
    return kept;
  };
  const remove = ({ id }: Instrument) =>
    void set((s) => ({ ...s, instruments: s.instruments.filter((other) => other.id !== id) }));
  return (
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
                onRemove={() => remove(i)}
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
  );
}

/** Returns a shop with one more leaf set: the leaves of the first, under the next letter. */
const withLeafSet = (shop: Shop): Shop => ({
  ...shop,
  feelers: [
    ...shop.feelers,
    {
      ...(NEW_SHOP.feelers[0] as FeelerSetRecord),
      name: sayShop('shop.leafSet', { letter: String.fromCharCode(65 + shop.feelers.length) }),
      leaves_mm: shop.feelers[0]?.leaves_mm ?? [0.05],
    },
  ],
});

/** The leaf sets, and a new one. The last stays. */
function LeafSets({ shop, set }: Props) {
  const remove = (at: number) =>
    void set((s) => ({ ...s, feelers: s.feelers.filter((_, i) => i !== at) }));
  return (
    <>
      <Heading>Leaf sets</Heading>
      {shop.feelers.map((feeler, at) => (
        <FeelerEditor
          key={at}
          draft={`leaves/${at}`}
          feeler={feeler}
          unit={shop.unit}
          onKeep={(change) =>
            set((s) => ({ ...s, feelers: s.feelers.map((f, i) => (i === at ? change(f) : f)) }))
          }
          onRemove={shop.feelers.length > 1 ? () => remove(at) : undefined}
        />
      ))}
      <Button mode="outlined" icon="plus" onPress={() => void set(withLeafSet)}>
        Add a leaf set
      </Button>
    </>
  );
}

/** The shop's instruments and leaf sets: what they reach, how finely they read, how sure they are. */
export function InstrumentsScreen() {
  const shop = useShop();
  const { apply, error } = useChangeShop();
  const set: Change = (change) => isDone(apply(change));
  return (
    <Page title="Instruments and leaves">
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <Columns
        first={<Instruments shop={shop} set={set} />}
        second={<LeafSets shop={shop} set={set} />}
      />
    </Page>
  );
}
