const path = require('node:path');

/*
 * What the bundler leaves out of the app. A package that is one index of many parts would come along whole for the few
 * that are used; here is said, by where a file lies in node_modules, what stands in its place.
 */

const PACKAGES = path.join(__dirname, '..', 'node_modules');

/** Indexes in whose place stands a list of what the app uses of them; `scripts/lists.mjs` holds the built app to the lists. */
const LISTED = {
  'd3-array/src/index.js': 'd3-array.js',
  'react-native-paper/lib/module/styles/themes/v2/colors.js': 'paper-colors.js',
  'react-native-screens/lib/module/index.js': 'react-native-screens.js',
  'react-native-web/dist/index.js': 'react-native-web.js',
};

/**
 * Parts that nothing here draws, in whose place stands nothing. Tabs, drawers and headers of the router; lists that
 * draw while they are scrolled; drawings that are read from a file; queries in pages or many at once.
 */
const UNDRAWN = [
  '@tanstack/query-core/build/modern/hydration',
  '@tanstack/query-core/build/modern/infiniteQueryObserver',
  '@tanstack/query-core/build/modern/queriesObserver',
  '@tanstack/query-core/build/modern/streamedQuery',
  '@tanstack/react-query/build/modern/HydrationBoundary',
  '@tanstack/react-query/build/modern/useInfiniteQuery',
  '@tanstack/react-query/build/modern/useMutationState',
  '@tanstack/react-query/build/modern/useQueries',
  '@tanstack/react-query/build/modern/useSuspense',
  'expo-router/build/color/',
  'expo-router/build/layouts/stack-utils/',
  'expo-router/build/layouts/Tabs',
  'expo-router/build/link/preview/HrefPreview',
  'expo-router/build/native-tabs/',
  'expo-router/build/react-navigation/bottom-tabs/',
  'expo-router/build/react-navigation/elements/',
  'expo-router/build/react-navigation/native-stack/views/',
  'expo-router/build/react-navigation/routers/DrawerRouter',
  'expo-router/build/react-navigation/routers/TabRouter',
  'expo-router/build/standard-navigation/',
  'expo-router/build/views/Sitemap',
  'expo-router/build/views/Toast',
  'react-native-paper/lib/module/styles/themes/v2/DarkTheme',
  'react-native-paper/lib/module/styles/themes/v2/LightTheme',
  'react-native-svg/lib/module/xml.js',
  'react-native-web/dist/exports/FlatList/',
  'react-native-web/dist/exports/SectionList/',
  'react-native-web/dist/exports/VirtualizedList/',
  'react-native-web/dist/vendor/react-native/Animated/components/AnimatedFlatList',
  'react-native-web/dist/vendor/react-native/Animated/components/AnimatedSectionList',
  'react-native-web/dist/vendor/react-native/FlatList/',
  'react-native-web/dist/vendor/react-native/VirtualizedList/',
];

/** Tells whether an import names a part of a listed package: some do not let their parts be named from outside. */
const isPart = (name) => name.startsWith('d3-array/src/');

/** Returns what stands in the place of a file that was found for an import: nearly always the file itself. */
function of(found) {
  if (!found.filePath?.startsWith(PACKAGES)) return found;
  const at = path.relative(PACKAGES, found.filePath);
  if (at in LISTED) return { type: 'sourceFile', filePath: path.join(__dirname, LISTED[at]) };
  return UNDRAWN.some((part) => at.startsWith(part)) ? { type: 'empty' } : found;
}

module.exports = { isPart, of };
