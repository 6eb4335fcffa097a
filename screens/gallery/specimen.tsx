import { useState, type ReactNode } from 'react';

/** A widget in one of its states, under the name that says which. */
export interface Specimen {
  readonly name: string;
  readonly of: ReactNode;
}

/** Widgets that belong together. */
export interface Case {
  readonly title: string;
  readonly specimens: readonly Specimen[];
}

/** Keeps the value of a widget that is told what it shows, so that it can be tried. */
export function Held<V>(props: {
  readonly first: V;
  readonly children: (value: V, set: (next: V) => void) => ReactNode;
}): ReactNode {
  const [value, set] = useState(props.first);
  return props.children(value, set);
}

/** Does nothing: a widget in the gallery leads nowhere. */
export const nowhere = (): void => undefined;
