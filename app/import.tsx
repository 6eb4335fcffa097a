export { ImportScreen as default } from '@/screens/shop/ImportScreen';
