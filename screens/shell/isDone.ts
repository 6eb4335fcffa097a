/** Resolves to whether a change was made; where it was not, the hook that made it keeps the error, and shows it. */
export const isDone = (work: Promise<unknown>): Promise<boolean> =>
  work.then(
    () => true,
    () => false,
  );
