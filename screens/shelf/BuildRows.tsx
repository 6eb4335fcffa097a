import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { View } from 'react-native';
import type { Build, BuildList, LockedPair } from '@/core/pairing/pairing';
import { LONGEST_LINE } from '@/core/quantity/parse';
import type { ShopUnit } from '@/core/quantity/units';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { sayShelf } from './sayShelf';
import { buildWords } from '@/core/wording/shelf';
import { useShop } from '@/data/hooks';
import { startBuild } from '@/data/shelf';
import { ActionRow } from '@/ui/ActionRow';
import { Button } from '@/ui/Button';
import { FirstOf } from '@/ui/FirstOf';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { useOnce } from '../shell/useOnce';

interface Props {
  readonly sheet: Sheet;
  readonly tier: string;
  readonly list: BuildList;
  readonly partOf: (id: string) => ShelfPart | undefined;
  readonly unit: ShopUnit;
  readonly locked: readonly LockedPair[];
  readonly onLock: (body: string, gears: string) => void;
  readonly onUnlock: (body: string) => void;
}

/** The pumps that can be built: which body with which gears, and what comes off for it. */
export function BuildRows(props: Props) {
  const { sheet, tier, list, partOf, unit, locked, onLock, onUnlock } = props;
  const router = useRouter();
  const client = useQueryClient();
  const shop = useShop();
  const start = useOnce(async (build: Build) => {
    const parts = [build.body, build.gears];
    const tag = parts
      .map((id) => partOf(id)?.label ?? '')
      .join('+')
      .slice(0, LONGEST_LINE);
    const id = await startBuild(parts, { tag, tier, by: shop.person }, sheet, shop);
    await client.invalidateQueries();
    router.push(`/job/${id}/tag`);
  });
  return (
    <View>
      {start.failed ? <Notice kind="error">{start.failed}</Notice> : null}
      <FirstOf
        label="Pumps that can be built"
        items={list.builds}
        first={40}
        row={(build) => {
          const isLocked = locked.some(([body]) => body === build.body);
          const [body, set] = [partOf(build.body), partOf(build.gears)];
          const name = sayShelf('shelf.pairedWith', {
            body: body?.label ?? '',
            gears: set?.label ?? '',
          });
          return (
            <ActionRow
              key={build.body}
              actions={
                <>
                  <Button
                    compact
                    mode={isLocked ? 'contained' : 'outlined'}
                    accessibilityLabel={sayShelf(isLocked ? 'shelf.unlockPair' : 'shelf.lockPair', {
                      pair: name,
                    })}
                    onPress={() =>
                      isLocked ? onUnlock(build.body) : onLock(build.body, build.gears)
                    }
                  >
                    {isLocked ? 'Locked' : 'Lock'}
                  </Button>
                  <Button
                    compact
                    mode="text"
                    accessibilityLabel={sayShelf('shelf.startPair', { pair: name })}
                    onPress={() => start.run(build)}
                  >
                    Build it
                  </Button>
                </>
              }
            >
              <Words size="title" strong>
                {name}
              </Words>
              <Words>{buildWords(sheet, build, isLocked, unit)}</Words>
              <Words size="note" tone="muted">
                {[body?.place, set?.place].filter(Boolean).join(' · ')}
              </Words>
            </ActionRow>
          );
        }}
      />
    </View>
  );
}
