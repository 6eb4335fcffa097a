import { readFileSync, writeFileSync } from 'node:fs';
import { glossaryTable } from '../core/wording/terms';
import { between } from './madeTable';

const FILE = 'docs/glossary.md';
writeFileSync(
  FILE,
  between(
    readFileSync(FILE, 'utf8'),
    'words of the trade: made by npm run docs:glossary',
    glossaryTable(),
  ),
);
