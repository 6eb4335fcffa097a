export { InstrumentsScreen as default } from '@/screens/shop/InstrumentsScreen';
