import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'ImportScreen',
  async () => (await import('@/screens/shop/room')).ImportScreen,
);
