import { readFileSync, writeFileSync } from 'node:fs';
import { sumsJsonSchema, sumsTable } from '../core/sums/describe';
import { between } from './madeTable';

const FILE = 'docs/sums.md';
writeFileSync(
  FILE,
  between(readFileSync(FILE, 'utf8'), 'sums by name: made by npm run docs:sums', sumsTable()),
);
writeFileSync('docs/sums.schema.json', `${JSON.stringify(sumsJsonSchema(), null, 1)}\n`);
