import { useQueryClient } from '@tanstack/react-query';
import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import type { Build, BuildList } from '@/core/pairing/pairing';
import type { ShopUnit } from '@/core/quantity/units';
import type { ShelfPart } from '@/core/records/part';
import type { Sheet } from '@/core/records/sheet';
import { say } from '@/core/wording/say';
import { buildWords } from '@/core/wording/shelf';
import { useShop } from '@/data/hooks';
import { startBuild } from '@/data/shelf';
import { ActionRow } from '@/ui/ActionRow';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { useOnce } from '../shell/useOnce';

interface Props {
  readonly sheet: Sheet;
  readonly tier: string;
  readonly list: BuildList;
  readonly bodies: readonly ShelfPart[];
  readonly gears: readonly ShelfPart[];
  readonly unit: ShopUnit;
  readonly locked: readonly (readonly [string, string])[];
  readonly onLock: (body: string, gears: string) => void;
  readonly onUnlock: (body: string) => void;
}

/** So many pumps are drawn at first; the rest on demand. */
const SHOWN = 40;

/** The pumps that can be built: which body with which gears, and what comes off for it. */
export function BuildRows(props: Props) {
  const { sheet, tier, list, bodies, gears, unit, locked, onLock, onUnlock } = props;
  const router = useRouter();
  const client = useQueryClient();
  const shop = useShop();
  const [all, setAll] = useState(false);
  const partOf = (id: string) => [...bodies, ...gears].find((part) => part.id === id);
  const start = useOnce(async (build: Build) => {
    const parts = [build.body, build.gears];
    const tag = parts.map((id) => partOf(id)?.label ?? '').join('+');
    const id = await startBuild(tag, parts, sheet, tier, shop);
    await client.invalidateQueries();
    router.push(`/job/${id}/tag`);
  });
  const shown = all ? list.builds : list.builds.slice(0, SHOWN);
  return (
    <View>
      {start.failed ? <Notice kind="error">{start.failed}</Notice> : null}
      <View role="list" aria-label="Pumps that can be built">
        {shown.map((build) => {
          const isLocked = locked.some(([body]) => body === build.body);
          const [body, set] = [partOf(build.body), partOf(build.gears)];
          const name = say('shelf.pairedWith', {
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
                    accessibilityLabel={say(isLocked ? 'shelf.unlockPair' : 'shelf.lockPair', {
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
                    accessibilityLabel={say('shelf.startPair', { pair: name })}
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
        })}
      </View>
      {shown.length < list.builds.length ? (
        <Button mode="text" onPress={() => setAll(true)}>
          {say('shelf.showAll', { count: list.builds.length })}
        </Button>
      ) : null}
    </View>
  );
}
