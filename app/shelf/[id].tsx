import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'PartScreen',
  async () => (await import('@/screens/shelf/room')).PartScreen,
);
