import { useDeferredValue, type ReactNode } from 'react';

/**
 * Draws what is in it after everything round it: what the eye needs first is on the screen sooner,
 * and the rest follows within a frame or two. When it is first shown it does not wait.
 */
export function Later({ children }: { readonly children: ReactNode }): ReactNode {
  return useDeferredValue(children);
}
