import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'ComebacksScreen',
  async () => (await import('@/screens/job/after')).ComebacksScreen,
);
