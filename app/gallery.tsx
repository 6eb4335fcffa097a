import { MissingScreen } from '@/screens/shell/MissingScreen';
import { onDemand } from '@/screens/shell/onDemand';

/** In development builds only: nobody at a bench has a use for it. */
export default process.env.NODE_ENV === 'production'
  ? MissingScreen
  : onDemand(
      'gallery',
      async () => (await import('@/screens/gallery/GalleryScreen')).GalleryScreen,
    );
