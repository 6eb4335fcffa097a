export { MissingScreen as default } from '@/screens/shell/MissingScreen';
