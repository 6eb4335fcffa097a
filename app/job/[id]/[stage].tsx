export { JobScreen as default } from '@/screens/job/JobScreen';
