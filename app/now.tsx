import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'MeasureNowScreen',
  async () => (await import('@/screens/bench/room')).MeasureNowScreen,
);
