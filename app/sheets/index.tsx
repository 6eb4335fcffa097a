import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'SheetsScreen',
  async () => (await import('@/screens/sheets/room')).SheetsScreen,
);
