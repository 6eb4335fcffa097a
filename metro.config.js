const fs = require('node:fs');
const os = require('node:os');
const path = require('node:path');
const { getDefaultConfig } = require('expo/metro-config');
const slim = require('./slim');

const config = getDefaultConfig(__dirname);
// One for each core: left to itself the bundler keeps one core free, and on two of them works alone.
config.maxWorkers = os.availableParallelism();
config.transformer.minifierPath = path.join(__dirname, 'slim/minify.js');
config.resolver.assetExts.push('woff2', 'wasm');

/** Lists the source files below a folder. */
const filesIn = (dir) =>
  fs.readdirSync(dir, { withFileTypes: true }).flatMap((entry) => {
    const at = path.join(dir, entry.name);
    return entry.isDirectory() ? filesIn(at) : [at];
  });

/**
 * A module runs when it is first needed: what the first page does not use costs it nothing. Not so
 * within the core: an import that is looked up at every use would slow its loops. What says a message
 * is in no loop, and needs what reads plurals on few screens; so are what knows every pump, of which a screen has one, and what
 * knows every kind of entry.
 */
const COOL = ['pumps/registry.ts', 'records/entry.ts', 'wording/say.ts'].map((file) =>
  path.join(__dirname, 'core', file),
);
const HOT = Object.fromEntries(
  filesIn(path.join(__dirname, 'core'))
    .filter((file) => !COOL.includes(file))
    .map((file) => [file, true]),
);
config.transformer.getTransformOptions = async () => ({
  transform: { experimentalImportSupport: false, inlineRequires: { blockList: HOT } },
});

/** The full icon family is 1.3 MB; the app draws its few icons from outlines of its own. */
const ICONS = new Set([
  '@expo/vector-icons/MaterialCommunityIcons',
  'react-native-vector-icons/MaterialCommunityIcons',
  '@react-native-vector-icons/material-design-icons',
]);
/**
 * Parts of the PDF writer that turn HTML into pictures: the report is drawn, not photographed. And what reads the
 * shorthand for numbers and dates in a message: none has any, figures come written.
 */
const UNUSED = new Set(['html2canvas', 'dompurify', 'canvg', '@formatjs/icu-skeleton-parser']);

/** The solver: its module build asks for the address of a script that a worker made here does not have. */
const SOLVER = { highs: 'highs.js', 'highs/runtime': 'highs.wasm' };

config.resolver.resolveRequest = (context, name, platform) => {
  if (name in SOLVER) {
    const filePath = path.join(__dirname, 'node_modules/highs/build', SOLVER[name]);
    return name === 'highs'
      ? { type: 'sourceFile', filePath }
      : { type: 'assetFiles', filePaths: [filePath] };
  }
  if (slim.isPart(name))
    return { type: 'sourceFile', filePath: path.join(__dirname, 'node_modules', name) };
  if (ICONS.has(name))
    return { type: 'sourceFile', filePath: path.join(__dirname, 'ui/icons/Icon.tsx') };
  if (UNUSED.has(name)) return { type: 'empty' };
  const found = context.resolveRequest(context, name, platform);
  // While it is developed all is there: tools that draw over the app use what it does not.
  return context.dev ? found : slim.of(found);
};

module.exports = config;
