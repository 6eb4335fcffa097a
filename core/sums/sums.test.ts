import { readFileSync } from 'node:fs';
import schema from '../../docs/sums.schema.json';
import Ajv from 'ajv/dist/2020';
import { loadHighs } from '../rework/solver/highs';
import { sumsJsonSchema, sumsTable } from './describe';
import { SUMS } from './list';
import { sum, type Sum } from './sum';

const TOOLS = { solver: () => loadHighs(), now: () => 0 };

describe.each(SUMS.map((one) => [one.id, one] as const))('%s', (id, one: Sum) => {
  it('answers its own example with the fields that it says it gives', async () => {
    const input = one.input.noUnknown().validateSync(one.example, { strict: true });
    const answer = (await one.answer(input, TOOLS)) as Record<string, unknown>;
    expect(Object.keys(answer)).toEqual(expect.arrayContaining(Object.keys(one.gives)));
    expect(one.says?.(answer as never) ?? 'nothing to say').toMatch(/\S/);
  });
  it('refuses a field that nobody knows', () => {
    const misspelt = { ...(one.example as object), lenght_mm: 1 };
    expect(() => one.input.noUnknown().validateSync(misspelt, { strict: true })).toThrow(
      /lenght_mm/,
    );
  });
  it('has its example by the JSON Schema, and nothing that is no object', () => {
    const check = new Ajv({ strict: false }).compile(schema.$defs[id as keyof typeof schema.$defs]);
    expect(check(JSON.parse(JSON.stringify(one.example)))).toBe(true);
    expect(check([])).toBe(false);
  });
  it('says of each figure what it is, and in what', () => {
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
  it('stands in the docs as it is', () => {
    expect(schema).toEqual(sumsJsonSchema());
    const rows = (text: string) =>
      text
        .split('\n')
        .filter((line) => line.startsWith('| `'))
        .map((line) => line.replace(/\s+/g, ' '));
    expect(rows(readFileSync('docs/sums.md', 'utf8'))).toEqual(rows(sumsTable()));
  });
  it('takes a sum of parts that belong together', () => {
    const { input, example, answer, gives, id, name } = SUMS[0] as Sum;
    expect(sum({ input, example, answer, gives, id, name }).id).toBe(id);
  });
});
