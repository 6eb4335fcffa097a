/** Longest stretch of work in ms before the page may answer a touch. */
const STRETCH_MS = 16;

const breathe = (): Promise<unknown> => new Promise((resolve) => setTimeout(resolve));

/**
 * Returns a function to be awaited between pieces of a long work: it lets the page answer whenever
 * the work has gone on for a while, and costs next to nothing otherwise.
 */
export function pacer(stretch_ms: number = STRETCH_MS): () => Promise<void> {
  let since = performance.now();
  return async () => {
    if (performance.now() - since < stretch_ms) return;
    await breathe();
    since = performance.now();
  };
}
