import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'NewJobScreen',
  async () => (await import('@/screens/bench/room')).NewJobScreen,
);
