import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'OperationsScreen',
  async () => (await import('@/screens/shop/room')).OperationsScreen,
);
