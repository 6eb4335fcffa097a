import { onDemand } from '@/screens/shell/onDemand';

export default onDemand(
  'PartsImportScreen',
  async () => (await import('@/screens/shelf/PartsImportScreen')).PartsImportScreen,
);
