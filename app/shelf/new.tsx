import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'NewPartScreen',
  async () => (await import('@/screens/shelf/room')).NewPartScreen,
);
