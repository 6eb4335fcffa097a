import { mkdirSync, writeFileSync } from 'node:fs';
import { demoFile } from './depot';

mkdirSync('public/demo', { recursive: true });
writeFileSync('public/demo/highmoor.json', demoFile());
