import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'OrdersScreen',
  async () => (await import('@/screens/job/after')).OrdersScreen,
);
