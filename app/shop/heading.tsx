import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'HeadingScreen',
  async () => (await import('@/screens/shop/room')).HeadingScreen,
);
