import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'SheetScreen',
  async () => (await import('@/screens/sheets/room')).SheetScreen,
);
