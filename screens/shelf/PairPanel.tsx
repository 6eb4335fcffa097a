import { TryAgain } from '@/ui/TryAgain';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { tried } from '@/core/errors';
import { metalOf, rulesFor } from '@/core/pairing/roles';
import { formatLength } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { say } from '@/core/wording/say';
import { buildsWords } from '@/core/wording/shelf';
import { useShop } from '@/data/hooks';
import { useAnnounced } from '@/ui/announce';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { Course } from '@/ui/Course';
import { Notice } from '@/ui/Notice';
import { Heading, Words } from '@/ui/Words';
import { BuildRows } from './BuildRows';
import { TypedBox } from './TypedBox';
import { LeftRows } from './LeftRows';
import { LockForm } from './LockForm';
import { usePairing, type PairingTask } from './usePairing';

interface Props {
  readonly sheet: Sheet;
  readonly bodies: readonly ShelfPart[];
  readonly gears: readonly ShelfPart[];
}

/** Reads an amount as it is typed. */
const amountOf = (text: string, unit: ShopUnit) =>
  tried(() => parseReading(text, 'gap', bareUnit('gap', unit)).mm);

/** Pairing the parts of one model: by which limits, how much may come off, and what can be built. */
export function PairPanel({ sheet, bodies, gears }: Props) {
  const shop = useShop();
  const { unit } = shop;
  const [tier, setTier] = useState(sheet.tiers[0]?.id ?? '');
  const usual = metalOf(sheet, shop);
  const [deck, setDeck] = useState(formatLength(usual.deckCut_mm, 'gap', unit));
  const [grind, setGrind] = useState(formatLength(usual.gearGrind_mm, 'gap', unit));
  const [locked, setLocked] = useState<PairingTask['locked']>([]);
  const [deckCut, gearGrind] = [amountOf(deck, unit), amountOf(grind, unit)];
  // What is no length yet leaves what the shop takes off.
  const deckCut_mm = deckCut.ok ? deckCut.value : usual.deckCut_mm;
  const gearGrind_mm = gearGrind.ok ? gearGrind.value : usual.gearGrind_mm;
  const task = useMemo(
    (): PairingTask => ({
      rules: rulesFor(sheet, tier, shop.rules, { deckCut_mm, gearGrind_mm }),
      bodies,
      gears,
      // A part that left the shelf meanwhile is locked to nothing.
      locked: locked.filter(
        ([body, set]) => bodies.some(({ id }) => id === body) && gears.some(({ id }) => id === set),
      ),
    }),
    [sheet, tier, shop.rules, deckCut_mm, gearGrind_mm, bodies, gears, locked],
  );
  const { list, share, error, stopped, stop, again } = usePairing(task);
  const parts = useMemo(
    () => new Map([...bodies, ...gears].map((part) => [part.id, part])),
    [bodies, gears],
  );
  useAnnounced(list && buildsWords(list, unit), true);
  const partOf = (id: string) => parts.get(id);
  const lock = (body: string, set: string) =>
    setLocked((now) => [...now.filter(([b, s]) => b !== body && s !== set), [body, set]]);
  const unlock = (body: string) => setLocked((now) => now.filter(([b]) => b !== body));
  return (
    <Columns
      aside="right"
      first={
        <>
          {sheet.tiers.length > 1 ? (
            <Choice
              label="Limits"
              value={tier}
              options={sheet.tiers.map(({ id, name }) => ({ value: id, name }))}
              onChange={setTier}
            />
          ) : null}
          <View style={styles.row}>
            <TypedBox
              label={say('shelf.sizeField', { name: 'Most off the deck', unit })}
              text={deck}
              onChange={setDeck}
              wrong={deckCut.ok ? '' : deckCut.message}
            />
            <TypedBox
              label={say('shelf.sizeField', { name: 'Most off the gears', unit })}
              text={grind}
              onChange={setGrind}
              wrong={gearGrind.ok ? '' : gearGrind.message}
            />
          </View>
        </>
      }
      second={
        <>
          {share === null || share === 0 ? null : (
            <Course
              what="Bodies paired"
              done={Math.round(share * bodies.length)}
              of={bodies.length}
              onCancel={stop}
            />
          )}
          {stopped ? (
            <Notice
              kind="word"
              actions={
                <Button mode="outlined" onPress={again}>
                  Pair again
                </Button>
              }
            >
              Called off. What stands here is from before.
            </Notice>
          ) : null}
          {error ? (
            <TryAgain onAgain={again} onCancel={stop}>
              {error}
            </TryAgain>
          ) : null}
          {list ? (
            <>
              <Heading size="instruction">{buildsWords(list, unit)}</Heading>
              <BuildRows
                sheet={sheet}
                tier={tier}
                list={list}
                partOf={partOf}
                unit={unit}
                locked={task.locked}
                onLock={lock}
                onUnlock={unlock}
              />
              <LeftRows
                sheet={sheet}
                unit={unit}
                left={list.left}
                labelOf={(id) => partOf(id)?.label ?? id}
              />
              <LockForm bodies={bodies} gears={gears} onLock={lock} />
            </>
          ) : error || stopped || share ? null : (
            <Words>Working it out…</Words>
          )}
        </>
      }
    />
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', flexWrap: 'wrap', gap: 8 } });
