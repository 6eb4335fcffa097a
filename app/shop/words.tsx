import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'WordsScreen',
  async () => (await import('@/screens/shop/room')).WordsScreen,
);
