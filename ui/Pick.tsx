import { useEffect, useRef, useState } from 'react';
import { Pressable, StyleSheet, View } from 'react-native';
import useLatestCallback from 'use-latest-callback';
import { say } from '@/core/wording/say';
import Icon from './icons/Icon';
import { useEscape } from './keyboard';
import { RowFace, useRowStyle } from './RowFace';
import { TOUCH, usePalette } from './theme';
import { Words } from './Words';
import { layout } from './layout';

interface Props<T extends string> {
  readonly label: string;
  /** Empty, or none of the options, where nothing is chosen yet. */
  readonly value: T;
  readonly options: readonly { readonly value: T; readonly name: string }[];
  readonly onChange: (value: T) => void;
  /** What is wrong with what is chosen. */
  readonly error?: string | null;
}

/** How far each key goes in the list (WAI-ARIA Authoring Practices, listbox); Home and End go to its ends. */
const BY_KEY: Readonly<Record<string, number>> = {
  ArrowDown: 1,
  ArrowUp: -1,
  Home: -Infinity,
  End: Infinity,
};

/** A role of the web that the types of React Native leave out. */
const LISTBOX = { role: 'listbox' } as object;

type KeyEvent = { readonly key: string; readonly preventDefault: () => void };

/** Opens and closes the list, and leads the keys through its rows. */
function useList<T extends string>({ value, options, onChange }: Props<T>) {
  // Drawn rarely: what the compiler would keep is more than all the rest of it, on the first page.
  'use no memo';
  const [open, setOpen] = useState(false);
  const line = useRef<View>(null);
  const rows = useRef<(View | null)[]>([]);
  const chosenAt = options.findIndex((o) => o.value === value);
  const firstAt = Math.max(0, chosenAt);
  const close = () => {
    setOpen(false);
    line.current?.focus();
  };
  useEscape(open ? close : undefined);
  const showChosen = useLatestCallback(() => rows.current[firstAt]?.focus());
  useEffect(() => {
    if (open) showChosen();
  }, [open, showChosen]);
  const take = (option: T) => {
    close();
    if (option !== value) onChange(option);
  };
  const press = (event: KeyEvent, at: number) => {
    const by = BY_KEY[event.key];
    if (by !== undefined) {
      event.preventDefault();
      rows.current[Math.min(Math.max(at + by, 0), options.length - 1)]?.focus();
      return;
    }
    const option = options[at];
    if (option && (event.key === 'Enter' || event.key === ' ')) {
      event.preventDefault();
      take(option.value);
    }
  };
  /** What makes a pressable thing a row of the list. */
  const rowAt = (at: number) => ({
    ref: (row: View | null) => {
      rows.current[at] = row;
    },
    tabIndex: at === firstAt ? (0 as const) : (-1 as const),
    onKeyDown: (event: KeyEvent) => press(event, at),
  });
  return { open, setOpen, line, chosenAt, take, rowAt };
}

/**
 * One of many: the chosen one in a line, all of them beneath when it is touched. In the list arrows move, Enter or Space
 * takes, Escape leaves things as they were.
 */
export function Pick<T extends string>(props: Props<T>) {
  // Drawn rarely: what the compiler would keep is more than all the rest of it, on the first page.
  'use no memo';
  const { label, options, error } = props;
  const palette = usePalette();
  const rowStyle = useRowStyle();
  const { open, setOpen, line, chosenAt, take, rowAt } = useList(props);
  const about = options[chosenAt]?.name ?? 'not chosen';
  return (
    <View>
      <Pressable
        ref={line}
        role="button"
        aria-expanded={open}
        aria-label={say('ui.rowOf', { name: label, about })}
        onPress={() => setOpen(!open)}
        style={rowStyle}
      >
        <RowFace name={label} about={about} icon={open ? 'chevron-up' : 'chevron-down'} />
      </Pressable>
      {error ? (
        <Words tone="out" role="alert">
          {error}
        </Words>
      ) : null}
      {open ? (
        <View {...LISTBOX} aria-label={label} style={[styles.list, { borderColor: palette.ink }]}>
          {options.map((option, at) => {
            const chosen = at === chosenAt;
            return (
              <Pressable
                key={option.value}
                role="option"
                aria-selected={chosen}
                onPress={() => take(option.value)}
                {...(rowAt(at) as object)}
                style={[styles.option, chosen && { backgroundColor: palette.ink }]}
              >
                <Words strong={chosen} tone={chosen ? 'plate' : 'ink'} style={layout.grow}>
                  {option.name}
                </Words>
                {chosen ? <Icon name="check" color={palette.plate} /> : null}
              </Pressable>
            );
          })}
        </View>
      ) : null}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { borderWidth: 1.5, borderRadius: 6, overflow: 'hidden' },
  option: {
    flexDirection: 'row',
    minHeight: TOUCH,
    paddingHorizontal: 12,
    alignItems: 'center',
  },
});
