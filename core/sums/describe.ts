import { lower } from '../quantity/letters';
import { schemaOf, type Json } from '../records/jsonSchema';
import { SUMS } from './all';
import type { Sum } from './sum';

/** A sum with its name, loaded. */
export interface LoadedSum extends Sum {
  readonly id: string;
  readonly name: string;
}

/** Loads every sum of the list. */
export const loadSums = (): Promise<LoadedSum[]> =>
  Promise.all(SUMS.map(async ({ id, name, load }) => ({ id, name, ...(await load()) })));

/** Returns the JSON Schema of the input of every sum, by its name. */
export const sumsJsonSchema = (sums: readonly LoadedSum[]): Json => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  title: 'Inputs of the sums of Dial Bench',
  description:
    'What `npm run calc NAME` takes on its standard input. All lengths are in millimetres.',
  $defs: Object.fromEntries(sums.map(({ id, input }) => [id, schemaOf(input.describe(), '')])),
});

const named = ([field, of]: readonly [string, readonly [label: string, unit?: string]]): string =>
  [`\`${field}\`: ${lower(of[0])}`, of[1] && of[1] !== 'count' ? `, ${of[1]}` : ''].join('');

const row = ({ id, name, input, gives }: LoadedSum): string => {
  const takes = Object.keys(input.fields).map((field) => `\`${field}\``);
  const answers = Object.entries(gives as Readonly<Record<string, readonly [string, string?]>>);
  return `| \`${id}\` | ${name} | ${takes.join(', ')} | ${answers.map(named).join('; ')} |`;
};

/** Returns the table of all sums for the docs: what each tells, what it takes, what it gives. */
export const sumsTable = (sums: readonly LoadedSum[]): string =>
  ['| sum | what it tells | takes | gives |', '| --- | --- | --- | --- |', ...sums.map(row)].join(
    '\n',
  );
