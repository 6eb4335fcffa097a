import { readFileSync } from 'node:fs';
import { answer } from './answer';

/** Answers what stands on standard input, one line for each input. */
async function main([name = '', ...flags]: readonly string[]): Promise<void> {
  const input = readFileSync(0, 'utf8');
  const texts = flags.includes('--lines')
    ? input.split('\n').filter((l) => l.trim() !== '')
    : [input];
  const answers = await Promise.all(texts.map((text) => answer(name, text)));
  process.stdout.write(answers.map(({ value }) => `${JSON.stringify(value)}\n`).join(''));
  process.exitCode = answers.every(({ ok }) => ok) ? 0 : 2;
}

void main(process.argv.slice(2));
