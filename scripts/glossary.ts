import { readFileSync, writeFileSync } from 'node:fs';
import { glossaryTable } from '../core/wording/terms';
import { glossaryWith } from './glossaryText';

const FILE = 'docs/glossary.md';
writeFileSync(FILE, glossaryWith(readFileSync(FILE, 'utf8'), glossaryTable()));
