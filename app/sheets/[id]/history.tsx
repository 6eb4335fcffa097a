import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'SheetHistoryScreen',
  async () => (await import('@/screens/job/after')).SheetHistoryScreen,
);
