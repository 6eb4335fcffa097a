import { startTransition, useEffect, useState } from 'react';

/** Calls back once the next frame is painted; at once where nobody sees the page, which then paints none. Returns what calls it off. */
function afterPaint(work: () => void): () => void {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let frame = 0;
  const soon = () => (timer = setTimeout(work));
  if (document.hidden) soon();
  else frame = requestAnimationFrame(soon);
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(timer);
  };
}

/**
 * Returns a value as it was until the frame with what does not wait is painted, then as it is. What is drawn by it takes no
 * time from the thumb.
 */
export function useAfterPaint<T>(value: T): T {
  const [shown, setShown] = useState(value);
  useEffect(() => {
    if (shown === value) return;
    return afterPaint(() => startTransition(() => setShown(value)));
  }, [shown, value]);
  return shown;
}
