import { writeFileSync } from 'node:fs';
import { causesTable } from '../core/causes/table';

writeFileSync('docs/causes.json', JSON.stringify(causesTable(), null, 2));
