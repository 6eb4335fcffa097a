import { readFileSync } from 'node:fs';
import schema from '../../docs/sums.schema.json';
import Ajv from 'ajv/dist/2020';
import { loadHighs } from '../rework/solver/highs';
import { loadSums, sumsJsonSchema, sumsTable } from './describe';
import { SUMS } from './all';

const TOOLS = { solver: () => loadHighs(), now: () => 0 };

describe.each(SUMS.map(({ id, load }) => [id, load] as const))('%s', (id, load) => {
  it('answers its own example with the fields that it says it gives', async () => {
    const one = await load();
    const input = one.input.noUnknown().validateSync(one.example, { strict: true });
    const answer = (await one.answer(input, TOOLS)) as Record<string, unknown>;
    expect(Object.keys(answer)).toEqual(expect.arrayContaining(Object.keys(one.gives)));
    expect(one.says?.(answer as never) ?? 'nothing to say').toMatch(/\S/);
  });
  it('refuses a field that nobody knows', async () => {
    const one = await load();
    const misspelt = { ...(one.example as object), lenght_mm: 1 };
    expect(() => one.input.noUnknown().validateSync(misspelt, { strict: true })).toThrow(
      /lenght_mm/,
    );
  });
  it('has its example by the JSON Schema, and nothing that is no object', async () => {
    const one = await load();
    const check = new Ajv({ strict: false }).compile(schema.$defs[id as keyof typeof schema.$defs]);
    expect(check(JSON.parse(JSON.stringify(one.example)))).toBe(true);
    expect(check([])).toBe(false);
  });
  it('says of each figure what it is, and in what', async () => {
    const one = await load();
    for (const field of Object.values(one.input.describe().fields)) {
      if (field.type !== 'number' || ('oneOf' in field && field.oneOf.length > 0)) continue;
      expect((field as { meta?: { label?: string; figure?: string } }).meta).toMatchObject({
        label: expect.stringMatching(/\S/) as string,
        figure: expect.stringMatching(/\S/) as string,
      });
    }
  });
});

describe('the list of sums', () => {
  it('has each name once', () => {
    expect(new Set(SUMS.map(({ id }) => id)).size).toBe(SUMS.length);
  });
  it('stands in the docs as it is', async () => {
    const sums = await loadSums();
    expect(schema).toEqual(sumsJsonSchema(sums));
    const rows = (text: string) =>
      text
        .split('\n')
        .filter((line) => line.startsWith('| `'))
        .map((line) => line.replace(/\s+/g, ' '));
    expect(rows(readFileSync('docs/sums.md', 'utf8'))).toEqual(rows(sumsTable(sums)));
  });
});
