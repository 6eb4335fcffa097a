import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'NewSheetScreen',
  async () => (await import('@/screens/sheets/room')).NewSheetScreen,
);
