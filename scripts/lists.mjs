// Holds the built app to the lists of slim/: each source in its bundles, as their source maps name them, uses of a listed
// package only what the list has. A name that is missing would be nothing, and nobody would hear of it before it is drawn.
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';

const DIST = 'dist';

/** By its list: how sources name the package, and whether only what was compiled to CommonJS gets the list. */
const ASKED = {
  'd3-array.js': { from: /^d3-array$/ },
  'paper-colors.js': { from: /themes\/v2\/colors$/ },
  'react-native-screens.js': { from: /^react-native-screens$/ },
  // The compiler leads every other import of it to the part that it names.
  'react-native-web.js': { from: /^react-native$/, onlyRequired: true },
};

const EXPORTED = /(?<=as |export \{ |export const |get )\w+(?=\(| }| =)/g;
const BRACES = /import \{([^}]*)\} from ['"]([^'"]+)['"]/g;
const WHOLE = /import \* as (\w+) from ['"]([^'"]+)['"]/g;
const REQUIRED = /(\w+) = (?:\w+\()?require\(['"]([^'"]+)['"]\)/g;

const nameOf = (named) => named.trim().split(' as ')[0];

/** Lists the names that a source uses of a package. */
function namesUsed(text, { from, onlyRequired = false }) {
  const found = (pattern) => [...text.matchAll(pattern)].filter(([, , name]) => from.test(name));
  const braces = onlyRequired ? [] : found(BRACES).flatMap(([, names]) => names.split(','));
  const wholes = [...found(REQUIRED), ...(onlyRequired ? [] : found(WHOLE))];
  const ofWholes = wholes.flatMap(([, whole]) =>
    [...text.matchAll(new RegExp(`\\b${whole}\\.(\\w+)`, 'g'))].map(([, name]) => name),
  );
  return [...braces.map(nameOf), ...ofWholes].filter((name) => name && !name.startsWith('type '));
}

const maps = readdirSync(DIST, { recursive: true }).filter((file) => file.endsWith('.map'));
if (maps.length === 0) throw new Error('No source maps: export the app with --source-maps first.');
const sources = new Set(
  maps.flatMap((map) => JSON.parse(readFileSync(path.join(DIST, map), 'utf8')).sources),
);
const texts = [...sources]
  .map((source) => path.join('.', source))
  .filter((file) => existsSync(file) && !file.startsWith('slim'))
  .map((file) => [file, readFileSync(file, 'utf8')]);

const wrong = [];
for (const [list, asked] of Object.entries(ASKED)) {
  const listed = new Set(readFileSync(path.join('slim', list), 'utf8').match(EXPORTED));
  let used = 0;
  for (const [file, text] of texts) {
    const names = namesUsed(text, asked);
    used += names.length;
    const missing = names.filter((name) => !listed.has(name));
    if (missing.length > 0)
      wrong.push(`${file}: slim/${list} does not list ${missing.join(', ')}.`);
  }
  if (used === 0)
    wrong.push(`Nothing uses slim/${list}: how its package is named may have changed.`);
}
if (wrong.length > 0) {
  console.error(wrong.join('\n'));
  process.exit(1);
}
