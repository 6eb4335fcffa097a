import { readFileSync } from 'node:fs';
import { writeFile } from './fileFormat';
import { readFile } from './readFile';
import { APP_VERSION } from './version';

const read = (file: string): { version?: string; expo?: { version: string } } =>
  JSON.parse(readFileSync(file, 'utf8')) as ReturnType<typeof read>;

it('is the same in the package, the app and at the head of the change log', () => {
  expect([read('package.json').version, read('app.json').expo?.version]).toEqual([
    APP_VERSION,
    APP_VERSION,
  ]);
  const [newest] = /^## .*$/m.exec(readFileSync('CHANGELOG.md', 'utf8')) ?? [];
  expect(newest).toBe(`## ${APP_VERSION}`);
});

it('is named by every file that is written, and said not to be by one of before', () => {
  const text = writeFile({}, '2026-11-29T12:00:00.000Z');
  expect(readFile(text).app).toBe(APP_VERSION);
  expect(readFile(readFileSync('fixtures/v8/backup.json', 'utf8')).app).toBe('not named');
});
