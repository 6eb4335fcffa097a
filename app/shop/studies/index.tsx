import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'StudiesScreen',
  async () => (await import('@/screens/shop/room')).StudiesScreen,
);
