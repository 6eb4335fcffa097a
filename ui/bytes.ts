/** Writes how large something is: `86 kB`, `11.4 MB`, `4.3 GB`. */
export function bytesWords(bytes: number): string {
  if (bytes < 1e6) return `${Math.ceil(bytes / 1e3)} kB`;
  return bytes < 1e9 ? `${(bytes / 1e6).toFixed(1)} MB` : `${(bytes / 1e9).toFixed(1)} GB`;
}
