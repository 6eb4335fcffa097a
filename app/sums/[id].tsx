import { onDemand } from '@/screens/shell/onDemand';

export default onDemand('SumScreen', async () => (await import('@/screens/sums/room')).SumScreen);
