import { useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import type { TextInput } from 'react-native';
import useLatestCallback from 'use-latest-callback';

/**
 * Returns what stands in a field into which figures are typed one after the other, by hand or by a
 * gauge that acts as a keyboard: faster than they are stored and drawn, and with a return and a line
 * feed at their end.
 *
 * @param take stores a figure; resolves to whether it did, else it stays in the field
 */
export function useFigures(take: (figure: string) => Promise<boolean>) {
  const field = useRef<TextInput>(null);
  const [text, setText] = useState('');
  /** What stands in the field now: a key may come before the screen has drawn what the last one did. */
  const typed = useRef('');
  const entering = useRef(false);
  const again = useRef(false);
  const latest = useLatestCallback(take);
  const put = (next: string) => {
    typed.current = next;
    setText(next);
  };
  const enter = async () => {
    // Another Enter while a figure is being stored is the line feed of its cable, or the next figure's.
    again.current = entering.current;
    if (entering.current) return;
    entering.current = true;
    const figure = typed.current;
    const stored = await latest(figure).finally(() => {
      entering.current = false;
    });
    // What was typed while this one was stored belongs to the next figure. The field is cleared before
    // another key can reach it, or that would be added to a figure that is stored already.
    if (stored && typed.current.startsWith(figure)) {
      flushSync(() => put(typed.current.slice(figure.length)));
    }
    field.current?.focus();
    if (stored && again.current) submit();
  };
  // A line feed finds the field of the next figure empty.
  const submit = () => void (typed.current.trim() !== '' && enter());
  return {
    field,
    text,
    put,
    enter: () => void enter(),
    /** For the Enter key; the button says of an empty field that it is. */
    submit,
  };
}
