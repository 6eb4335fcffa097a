export { StudiesScreen as default } from '@/screens/shop/StudiesScreen';
