import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'InstrumentsScreen',
  async () => (await import('@/screens/shop/room')).InstrumentsScreen,
);
