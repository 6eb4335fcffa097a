import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'ShelfScreen',
  async () => (await import('@/screens/shelf/room')).ShelfScreen,
);
