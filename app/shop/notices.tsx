import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'NoticesScreen',
  async () => (await import('@/screens/shop/room')).NoticesScreen,
);
