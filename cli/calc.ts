import { readFileSync } from 'node:fs';
import { answer } from './answer';

const [name = '', ...flags] = process.argv.slice(2);
const input = readFileSync(0, 'utf8');
const texts = flags.includes('--lines')
  ? input.split('\n').filter((l) => l.trim() !== '')
  : [input];

const answers = texts.map((text) => answer(name, text));
process.stdout.write(answers.map(({ value }) => `${JSON.stringify(value)}\n`).join(''));
process.exitCode = answers.every(({ ok }) => ok) ? 0 : 2;
