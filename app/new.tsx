export { NewJobScreen as default } from '@/screens/bench/NewJobScreen';
