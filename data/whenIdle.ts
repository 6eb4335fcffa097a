/** Where a browser cannot say that it is idle, the wait in ms that stands for it. */
const A_WHILE = 100;

/** Nothing was tapped for so long in ms: whoever goes on measuring is not held up. */
export const AT_REST_MS = 1000;

/** Calls back once nothing else is to be done; returns what calls it off. */
export function whenIdle(work: () => void): () => void {
  if (typeof requestIdleCallback === 'undefined') {
    const timer = setTimeout(work, A_WHILE);
    return () => clearTimeout(timer);
  }
  const handle = requestIdleCallback(work);
  return () => cancelIdleCallback(handle);
}
