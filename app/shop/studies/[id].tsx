export { StudyScreen as default } from '@/screens/shop/StudyScreen';
