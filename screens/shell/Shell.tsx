import { usePathname } from 'expo-router';
import type { ReactNode } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import { useOtherTabs } from '@/data/hooks';
import Icon from '@/ui/icons/Icon';
import { Announcements } from '@/ui/announce';
import { ExplainedProvider } from '@/ui/Explained';
import { focusOn, useKeptFocus } from '@/ui/focus';
import { LinkBox } from '@/ui/LinkBox';
import { TOUCH, usePalette } from '@/ui/theme';
import { useWide } from '@/ui/useWidth';
import { Words } from '@/ui/Words';
import { NewVersion } from './NewVersion';
import { ROOMS, roomOf } from './rooms';
import { StorageNotice } from './StorageNotice';
import { Wall } from './Wall';

/** A bar below on a phone, a rail at the left on a wide screen; on a phone a job has the screen to itself. */
export function Shell({ children }: { readonly children: ReactNode }) {
  useOtherTabs();
  useKeptFocus('main');
  const wide = useWide();
  const path = usePathname();
  const palette = usePalette();
  const inJob = path.startsWith('/job/');
  return (
    <View
      style={[
        styles.fill,
        { backgroundColor: palette.plate, flexDirection: wide ? 'row' : 'column' },
      ]}
    >
      <ExplainedProvider>
        <SkipLink />
        {wide ? <Rooms current={roomOf(path)} wide /> : null}
        <View role="main" id="main" style={styles.fill}>
          <StorageNotice />
          <NewVersion path={path} />
          <Wall what="This room" again={[path]}>
            {children}
          </Wall>
        </View>
        {wide || inJob ? null : <Rooms current={roomOf(path)} wide={false} />}
        <Announcements />
      </ExplainedProvider>
    </View>
  );
}

/** Seen by whoever comes with Tab: past the rooms, to what the screen is about. */
function SkipLink() {
  const attributes = { dataSet: { skip: '' } } as object;
  return (
    <Pressable
      role="button"
      onPress={() => focusOn(document.getElementById('main'))}
      style={styles.skip}
      {...attributes}
    >
      <Words strong>Skip to the main part</Words>
    </Pressable>
  );
}

function Rooms({ current, wide }: { readonly current: string; readonly wide: boolean }) {
  const palette = usePalette();
  return (
    <View
      role="navigation"
      aria-label="Rooms"
      style={[
        wide ? styles.rail : styles.bar,
        { borderColor: palette.line, backgroundColor: palette.plate },
      ]}
    >
      {ROOMS.map(({ path, name, icon }) => {
        const here = path === current;
        return (
          <LinkBox
            key={path}
            href={path}
            current={here ? 'page' : undefined}
            style={[
              styles.room,
              wide ? styles.roomWide : styles.roomBelow,
              { borderColor: here ? palette.blue : 'transparent' },
            ]}
          >
            <Icon name={icon} color={here ? palette.blue : palette.muted} />
            <Words size="note" strong={here} tone={here ? 'ink' : 'muted'}>
              {name}
            </Words>
          </LinkBox>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  skip: { minHeight: TOUCH, paddingHorizontal: 16, justifyContent: 'center' },
  fill: { flex: 1, minWidth: 0, minHeight: 0 },
  bar: { flexDirection: 'row', borderTopWidth: 1, height: 64 },
  rail: { width: 84, borderRightWidth: 1, paddingTop: 16, gap: 8 },
  room: { alignItems: 'center', justifyContent: 'center', gap: 2 },
  roomBelow: { flex: 1, borderTopWidth: 3 },
  roomWide: { height: 64, borderLeftWidth: 3 },
});
