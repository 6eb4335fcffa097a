import { onDemand } from '@/screens/shell/onDemand';

export default onDemand('ShopScreen', async () => (await import('@/screens/shop/room')).ShopScreen);
