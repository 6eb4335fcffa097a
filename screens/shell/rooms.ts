import type { IconName } from '@/ui/icons/Icon';

/** The rooms that can be entered from anywhere. */
export const ROOMS: readonly {
  path: '/' | '/sheets' | '/shelf' | '/sums' | '/shop';
  name: string;
  icon: IconName;
}[] = [
  { path: '/', name: 'Bench', icon: 'clipboard-text-outline' },
  { path: '/sheets', name: 'Sheets', icon: 'table' },
  { path: '/shelf', name: 'Shelf', icon: 'archive-outline' },
  { path: '/sums', name: 'Sums', icon: 'sigma' },
  { path: '/shop', name: 'Shop', icon: 'cog-outline' },
];

/** Which room a path belongs to: jobs stand on the bench. */
export function roomOf(path: string): string {
  const room = ROOMS.find((r) => r.path !== '/' && path.startsWith(r.path));
  return room?.path ?? '/';
}
