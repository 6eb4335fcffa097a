import { readFileSync } from 'node:fs';
import { causesTable } from './table';

it('docs/causes.json is the table of the rules: run npm run docs:causes where this fails', () => {
  expect(JSON.parse(readFileSync('docs/causes.json', 'utf8'))).toEqual(
    JSON.parse(JSON.stringify(causesTable())),
  );
});
