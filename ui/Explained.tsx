import {
  createContext,
  lazy,
  Suspense,
  useContext,
  useMemo,
  useState,
  type ReactNode,
} from 'react';
import { Pressable, StyleSheet, Text, type TextStyle } from 'react-native';
import { stretchesOf, termsIn, type TermId } from '@/core/wording/terms';
import { bySpace } from './keyboard';
import { TOUCH } from './theme';

/** Loaded when somebody asks for the first time. */
const Meaning = lazy(async () => ({ default: (await import('./Meaning')).Meaning }));

const Open = createContext<(terms: readonly TermId[]) => void>(() => undefined);

/** Lays the meaning of words over the screen, for whatever stands below it in the tree. */
export function ExplainedProvider({ children }: { readonly children: ReactNode }) {
  const [terms, setTerms] = useState<readonly TermId[]>([]);
  return (
    <Open.Provider value={setTerms}>
      {children}
      {terms.length > 0 ? (
        <Suspense>
          <Meaning terms={terms} onDone={() => setTerms([])} />
        </Suspense>
      ) : null}
    </Open.Provider>
  );
}

/** A text with its words of the trade underlined with dots. */
export function Dotted({ children }: { readonly children: string }) {
  const stretches = useMemo(() => stretchesOf(children), [children]);
  return stretches.map(({ text, term }, i) =>
    term ? (
      <Text key={i} style={DOTS}>
        {text}
      </Text>
    ) : (
      text
    ),
  );
}

interface Props {
  /** The text in which the words stand. */
  readonly text: string;
  /** Words that belong to it and stand elsewhere: on the answers beneath it. */
  readonly also?: readonly TermId[];
  readonly children: ReactNode;
}

/** Makes a text whose dotted words a touch explains: all of the text is the target. Plain where it has none. */
export function Explained({ text, also = [], children }: Props) {
  const open = useContext(Open);
  const terms = useMemo(() => [...new Set([...termsIn(text), ...also])], [text, also]);
  if (terms.length === 0) return children;
  const show = () => open(terms);
  return (
    <Pressable
      role="button"
      aria-haspopup="dialog"
      onPress={show}
      {...bySpace(show)}
      style={styles.text}
    >
      {children}
    </Pressable>
  );
}

/** Styles of the browser: dots under a word say that it explains itself. */
const DOTS = {
  fontFamily: 'inherit',
  fontSize: 'inherit',
  fontWeight: 'inherit',
  lineHeight: 'inherit',
  color: 'inherit',
  textDecorationLine: 'underline',
  textDecorationStyle: 'dotted',
  textDecorationThickness: 2,
  textUnderlineOffset: 4,
} as unknown as TextStyle;

const styles = StyleSheet.create({
  text: { minHeight: TOUCH, justifyContent: 'center' },
});
