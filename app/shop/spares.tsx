import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'SparesScreen',
  async () => (await import('@/screens/job/after')).SparesScreen,
);
