import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'RulesScreen',
  async () => (await import('@/screens/shop/room')).RulesScreen,
);
