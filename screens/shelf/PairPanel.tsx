import { TryAgain } from '@/ui/TryAgain';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { tried } from '@/core/errors';
import { metalOf, rulesFor } from '@/core/pairing/roles';
import { formatLength } from '@/core/quantity/format';
import { parseReading } from '@/core/quantity/parse';
import { bareUnit, type ShopUnit } from '@/core/quantity/units';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { sayShelf } from './sayShelf';
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
import { usePairing, type PairingCourse, type PairingTask } from './usePairing';
import { layout } from '@/ui/layout';

interface Props {
  readonly sheet: Sheet;
  readonly bodies: readonly ShelfPart[];
  readonly gears: readonly ShelfPart[];
}

/** Reads an amount as it is typed. */
const amountOf = (text: string, unit: ShopUnit) =>
  tried(() => parseReading(text, 'gap', bareUnit('gap', unit)).mm);

/** An amount that may come off: as it is typed, and what it is; the shop's own while it is no length yet. */
function useAmount(usual_mm: number, unit: ShopUnit) {
  const [text, onChange] = useState(formatLength(usual_mm, 'gap', unit));
  const read = amountOf(text, unit);
  return {
    mm: read.ok ? read.value : usual_mm,
    box: { text, onChange, wrong: read.ok ? '' : read.message },
  };
}

/** Pairs made by hand, body first: each part is in one of them at most. */
function useLocked() {
  const [locked, setLocked] = useState<PairingTask['locked']>([]);
  const lock = (body: string, set: string) =>
    setLocked((now) => [...now.filter(([b, s]) => b !== body && s !== set), [body, set]]);
  const unlock = (body: string) => setLocked((now) => now.filter(([b]) => b !== body));
  return { locked, lock, unlock };
}

/** Pairing the parts of one model: by which limits, how much may come off, and what can be built. */
export function PairPanel({ sheet, bodies, gears }: Props) {
  const shop = useShop();
  const { unit } = shop;
  const [tier, setTier] = useState(sheet.tiers[0]?.id ?? '');
  const usual = metalOf(sheet, shop);
  const deck = useAmount(usual.deckCut_mm, unit);
  const grind = useAmount(usual.gearGrind_mm, unit);
  const [deckCut_mm, gearGrind_mm] = [deck.mm, grind.mm];
  const { locked, lock, unlock } = useLocked();
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
  const pairing = usePairing(task);
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
          <View style={layout.wrap}>
            <TypedBox
              label={sayShelf('shelf.sizeField', { name: 'Most off the deck', unit })}
              {...deck.box}
            />
            <TypedBox
              label={sayShelf('shelf.sizeField', { name: 'Most off the gears', unit })}
              {...grind.box}
            />
          </View>
        </>
      }
      second={
        <>
          <CourseNotices pairing={pairing} bodies={bodies.length} />
          <Paired
            sheet={sheet}
            tier={tier}
            unit={unit}
            bodies={bodies}
            gears={gears}
            pairing={pairing}
            locked={task.locked}
            onLock={lock}
            onUnlock={unlock}
          />
        </>
      }
    />
  );
}

/** How far the pairing is; that it was called off, or what went wrong with it. */
function CourseNotices({
  pairing: { share, error, stopped, stop, again },
  bodies,
}: {
  readonly pairing: PairingCourse;
  readonly bodies: number;
}) {
  return (
    <>
      {share === null || share === 0 ? null : (
        <Course
          what="Bodies paired"
          done={Math.round(share * bodies)}
          of={bodies}
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
    </>
  );
}

interface PairedProps extends Props {
  readonly tier: string;
  readonly unit: ShopUnit;
  readonly pairing: PairingCourse;
  readonly locked: PairingTask['locked'];
  readonly onLock: (body: string, gears: string) => void;
  readonly onUnlock: (body: string) => void;
}

/** The pumps that can be built, and what is left over. */
function Paired({ sheet, tier, unit, bodies, gears, pairing, locked, ...on }: PairedProps) {
  const { list, share, error, stopped } = pairing;
  const parts = useMemo(
    () => new Map([...bodies, ...gears].map((part) => [part.id, part])),
    [bodies, gears],
  );
  useAnnounced(list && buildsWords(list, unit), true);
  const partOf = (id: string) => parts.get(id);
  if (!list) return error || stopped || share ? null : <Words>Working it out…</Words>;
  return (
    <>
      <Heading size="instruction">{buildsWords(list, unit)}</Heading>
      <BuildRows
        sheet={sheet}
        tier={tier}
        list={list}
        partOf={partOf}
        unit={unit}
        locked={locked}
        {...on}
      />
      <LeftRows
        sheet={sheet}
        unit={unit}
        left={list.left}
        labelOf={(id) => partOf(id)?.label ?? id}
      />
      <LockForm bodies={bodies} gears={gears} onLock={on.onLock} />
    </>
  );
}
