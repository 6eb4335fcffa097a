import { execFileSync } from 'node:child_process';

/** Ends every process of the browser that holds a profile, with no chance to tidy up. */
export function killBrowser(profile: string): void {
  const list = execFileSync('ps', ['-eo', 'pid,args'], { encoding: 'utf8' }).split('\n');
  for (const line of list.filter((l) => l.includes(profile) && l.includes('chrom'))) {
    try {
      process.kill(Number(line.trim().split(' ')[0]), 'SIGKILL');
    } catch {
      // It went with its parent.
    }
  }
}
