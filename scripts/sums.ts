import { readFileSync, writeFileSync } from 'node:fs';
import { loadSums, sumsJsonSchema, sumsTable } from '../core/sums/describe';
import { between } from './madeTable';

const FILE = 'docs/sums.md';

void loadSums().then((sums) => {
  writeFileSync(
    FILE,
    between(readFileSync(FILE, 'utf8'), 'sums by name: made by npm run docs:sums', sumsTable(sums)),
  );
  writeFileSync('docs/sums.schema.json', `${JSON.stringify(sumsJsonSchema(sums), null, 1)}\n`);
});
