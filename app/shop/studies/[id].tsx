import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'StudyScreen',
  async () => (await import('@/screens/shop/room')).StudyScreen,
);
