// Writes the service worker that keeps the built app at hand when there is no server.
import { generateSW } from 'workbox-build';

const { count, size, warnings } = await generateSW({
  globDirectory: 'dist',
  globPatterns: ['**/*.{html,js,css,svg,woff2,ttf,json,webmanifest}'],
  globIgnores: ['metadata.json'],
  swDest: 'dist/sw.js',
  navigateFallback: '/index.html',
  maximumFileSizeToCacheInBytes: 8_000_000,
  // A newer version waits until somebody takes it: an open page still needs the files of its own.
  skipWaiting: false,
  clientsClaim: true,
  sourcemap: false,
  inlineWorkboxRuntime: true,
  mode: 'production',
});
for (const warning of warnings) console.warn(warning);
console.log(
  `Service worker: ${count} files, ${Math.round(size / 1024)} KB kept for work without a server.`,
);
