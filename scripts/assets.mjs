// Makes the files that ship with the app from packages: fonts cut down to the
// signs that the app writes, and the outlines of the few icons it shows. Run
// it again after adding an icon; its output is committed.
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import subsetFont from 'subset-font';

const require = createRequire(import.meta.url);

const range = (from, to) =>
  Array.from({ length: to - from + 1 }, (_, i) => String.fromCodePoint(from + i)).join('');
const SIGNS = `${range(0x20, 0x7e)}${range(0xa0, 0x17f)}–—‘’“”„…·•×÷±−≤≥≈√∅⌀°µ½¼¾′″→←↑↓`;

const WEIGHTS = { 500: 'Medium', 600: 'SemiBold' };
mkdirSync('public/fonts', { recursive: true });
for (const [weight, name] of Object.entries(WEIGHTS)) {
  const file = require.resolve(
    `@expo-google-fonts/barlow-semi-condensed/${weight}${name}/BarlowSemiCondensed_${weight}${name}.ttf`,
  );
  const source = readFileSync(file);
  for (const [targetFormat, extension] of [
    ['woff2', 'woff2'],
    ['truetype', 'ttf'],
  ]) {
    const cut = await subsetFont(source, SIGNS, { targetFormat });
    writeFileSync(`public/fonts/barlow-semi-condensed-${weight}.${extension}`, cut);
  }
}

// Icons of @mdi/svg by name: Paper asks for some of these itself.
const ICONS = [
  'alert-outline',
  'arrow-left',
  'check',
  'chevron-down',
  'chevron-left',
  'chevron-right',
  'chevron-up',
  'close',
  'content-copy',
  'dots-horizontal',
  'file-export-outline',
  'file-import-outline',
  'file-pdf-box',
  'keyboard-backspace',
  'magnify',
  'menu-down',
  'menu-up',
  'pencil',
  'plus',
  'printer-outline',
  'tools',
  'clipboard-text-outline',
  'cog-outline',
  'table',
  'archive-outline',
  'undo',
  'radiobox-marked',
  'sigma',
  'radiobox-blank',
  'checkbox-marked',
  'checkbox-blank-outline',
  'trash-can-outline',
  'camera-outline',
  'image-outline',
];
const paths = Object.fromEntries(
  ICONS.sort().map((name) => {
    const svg = readFileSync(require.resolve(`@mdi/svg/svg/${name}.svg`), 'utf8');
    return [name, / d="([^"]+)"/.exec(svg)[1]];
  }),
);
mkdirSync('ui/icons', { recursive: true });
writeFileSync('ui/icons/paths.json', `${JSON.stringify(paths, null, 2)}\n`);
