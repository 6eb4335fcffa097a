import { say } from '@/core/wording/say';
/** Writes how large something is: `86 kB`, `11.4 MB`, `4.3 GB`. */
export function bytesWords(bytes: number): string {
  if (bytes < 1e6) return say('ui.kilobytes', { size: Math.ceil(bytes / 1e3) });
  return bytes < 1e9
    ? say('ui.megabytes', { size: (bytes / 1e6).toFixed(1) })
    : say('ui.gigabytes', { size: (bytes / 1e9).toFixed(1) });
}
