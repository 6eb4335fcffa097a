// Writes the notices of what ships with the built app: of each package of which code is in its bundles, of its fonts,
// icons and solver. The bundles' source maps say which packages those are; they are removed after, they do not ship.
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import path from 'node:path';

const DIST = 'dist';

/** What ships beside the bundles: fonts, icons, the solver's WASM, what runs in the service worker. */
const BESIDE = [
  '@expo-google-fonts/barlow-semi-condensed',
  '@mdi/svg',
  'highs',
  'workbox-core',
  'workbox-precaching',
  'workbox-routing',
  'workbox-strategies',
];

/** Matches the folder of the package that a source lies in, the innermost one. */
const PACKAGE = /^(.*node_modules\/(?:@[^/]+\/)?[^/]+)\//;

/** Matches the files in which a package states its terms. */
const TERMS = /^(licen[cs]e|copying|notice)([-_.](?!js|ts|json).*)?$/i;

function folderOf(source) {
  const clean = source.replace(/^.*?(\/?node_modules\/)/, 'node_modules/');
  return PACKAGE.exec(clean)?.[1] ?? null;
}

const filesEnding = (ending) =>
  readdirSync(DIST, { recursive: true })
    .filter((file) => file.endsWith(ending))
    .map((file) => path.join(DIST, file));

const maps = filesEnding('.map');
if (maps.length === 0) throw new Error('No source maps: export the app with --source-maps first.');
const folders = new Set(BESIDE.map((name) => `node_modules/${name}`));
for (const map of maps) {
  for (const source of JSON.parse(readFileSync(map, 'utf8')).sources) {
    const folder = folderOf(source);
    if (folder) folders.add(folder);
  }
}

function noticeOf(folder) {
  const { name, version, license, author } = JSON.parse(
    readFileSync(path.join(folder, 'package.json'), 'utf8'),
  );
  const terms = readdirSync(folder)
    .filter((file) => TERMS.test(file))
    .map((file) => readFileSync(path.join(folder, file), 'utf8').trim());
  const stated = typeof license === 'string' ? license : (license?.type ?? 'not stated');
  const by = typeof author === 'string' ? author : author?.name;
  const bare = `The package states its licence as ${stated}, without a text${by ? `. By ${by}` : ''}.`;
  const text = terms.join('\n\n') || bare;
  return { name: `${name} ${version}`, license: stated, text };
}

const notices = [...folders]
  .filter((folder) => existsSync(path.join(folder, 'package.json')))
  .map(noticeOf)
  .sort((a, b) => (a.name < b.name ? -1 : 1));
// Many packages share one text: it stands once, under all of their names.
const byText = new Map();
for (const { name, license, text } of notices) {
  const group = byText.get(text) ?? { names: [], license, text };
  group.names.push(name);
  byText.set(text, group);
}
const groups = [...byText.values()];
writeFileSync(`${DIST}/notices.json`, JSON.stringify(groups));
writeFileSync(
  `${DIST}/notices.txt`,
  groups
    .map(({ names, license, text }) => `${names.join(', ')} (${license})\n\n${text}\n`)
    .join('\n---\n\n'),
);
for (const map of maps) rmSync(map);
for (const script of filesEnding('.js')) {
  const code = readFileSync(script, 'utf8');
  const bare = code.replace(/^\/\/# (sourceMappingURL|debugId)=.*$/gm, '').trimEnd() + '\n';
  if (bare !== code) writeFileSync(script, bare);
}
console.log(`Notices: ${notices.length} packages, ${groups.length} texts.`);
