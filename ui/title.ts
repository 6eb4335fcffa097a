import { useEffect } from 'react';
import { say } from '@/core/wording/say';

/** Gives the page its title: what the screen is of, then the app. Null leaves it to another part of the screen. */
export function useTitle(title: string | null): void {
  useEffect(() => {
    if (title === null) return;
    document.title = title ? say('shell.pageTitle', { title }) : 'Dial Bench';
  }, [title]);
}
