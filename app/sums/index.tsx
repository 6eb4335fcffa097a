import { onDemand } from '@/screens/shell/onDemand';

export default onDemand('SumsScreen', async () => (await import('@/screens/sums/room')).SumsScreen);
