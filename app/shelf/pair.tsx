import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'PairScreen',
  async () => (await import('@/screens/shelf/room')).PairScreen,
);
