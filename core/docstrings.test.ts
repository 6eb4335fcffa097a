import { readdirSync, readFileSync } from 'node:fs';
import { join, normalize } from 'node:path';
import ts from 'typescript';
import { declaredIn, type Example, type ExampleLine } from './testing/docstrings';

const ROOT = join(__dirname, '..');

/** Lists the sources in a directory of the app, by their paths from its root. */
const sourcesIn = (room: string): string[] =>
  readdirSync(join(ROOT, room), { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.(test|d)\.ts/.test(file))
    .map((file) => join(room, file));

const textOf = (file: string): string => readFileSync(join(ROOT, file), 'utf8');

const CORE = sourcesIn('core').map((file) => ({ file, declared: declaredIn(textOf(file)) }));

/** Returns a value as an example writes it: figures to a millionth, maps as objects, sets as lists. */
const written = (value: unknown): unknown => {
  if (typeof value === 'number')
    return Number.isFinite(value) ? Number(value.toFixed(6)) + 0 : value;
  if (value instanceof Map) return written(Object.fromEntries(value));
  if (value instanceof Set || Array.isArray(value)) return [...value].map(written);
  if (value === null || typeof value !== 'object') return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, written(one)]));
};

/** Makes a function of the statements of its last argument; the others name what they are given. */
const Runner = (async () => undefined).constructor as (
  ...names: string[]
) => (...given: unknown[]) => Promise<void>;

/** Runs the statements of an example in the scope of its file; returns what a line of it comes to. */
async function outcome(
  file: string,
  { given }: Pick<Example, 'given'>,
  expression: string,
): Promise<unknown> {
  const own = jest.requireActual<object>(join(ROOT, file));
  const { outputText } = ts.transpileModule(`${given}\nexport default (${expression});`, {
    compilerOptions: { module: ts.ModuleKind.CommonJS, target: ts.ScriptTarget.ES2022 },
  });
  const relative = (path: string) => jest.requireActual<object>(join(ROOT, file, '..', path));
  const exports: { default?: unknown } = {};
  const run = Runner('require', 'exports', ...Object.keys(own), outputText);
  await run(relative, exports, ...(Object.values(own) as unknown[]));
  return exports.default;
}

async function check(
  file: string,
  example: Example,
  { expression, expected }: ExampleLine,
): Promise<void> {
  const [, message] = /^throws (.+)$/.exec(expected) ?? [];
  if (message) {
    await expect(outcome(file, example, expression)).rejects.toThrow(message);
    return;
  }
  const said: unknown = written(await outcome(file, example, expression));
  const wanted: unknown = written(await outcome(file, { given: '' }, expected));
  if (wanted !== null && typeof wanted === 'object') expect(said).toMatchObject(wanted);
  else expect(said).toBe(wanted);
}

const EXAMPLES = CORE.flatMap(({ file, declared }) =>
  declared.flatMap(({ name, example }) => (example ? [{ name, file, example }] : [])),
);

describe('the example of', () => {
  it.each(EXAMPLES)('$name ($file) comes to what it says', async ({ file, example }) => {
    expect(example.lines.length).toBeGreaterThan(0);
    for (const line of example.lines) await check(file, example, line);
  });
});

/** Rooms whose functions others compute with: what they take is explained, and shown by an example. */
const TAUGHT = [
  'metrology',
  'feeler',
  'quantity',
  'assessment',
  'pairing',
  'rework',
  'hydraulics',
  'pumps',
  'flow',
  'workshop',
];

const roomOf = (file: string): string => file.split('/').slice(0, 2).join('/');

/** Lists what the sources of the app take from other rooms than their own, as `file:name`. */
function takenFromElsewhere(): Set<string> {
  const taken = new Set<string>();
  for (const file of ['core', 'cli', 'data', 'screens', 'ui', 'workers'].flatMap(sourcesIn)) {
    for (const [, names = '', path = ''] of textOf(file).matchAll(
      /^(?:im|ex)port \{([^}]*)\} from '([@.][^']*)';/gm,
    )) {
      const from = `${path.startsWith('@/') ? path.slice(2) : normalize(join(file, '..', path))}.ts`;
      if (roomOf(from) === roomOf(file)) continue;
      for (const name of names.split(',')) taken.add(`${from}:${name.trim().split(' ')[0]}`);
    }
  }
  return taken;
}

const PUBLIC = takenFromElsewhere();

const SUMS = CORE.filter(({ file }) => TAUGHT.includes(file.split('/')[1] ?? '')).flatMap(
  ({ file, declared }) =>
    declared.flatMap(({ takes, ...one }) =>
      takes && PUBLIC.has(`${file}:${one.name}`) ? [{ file, takes, ...one }] : [],
    ),
);

/** Whole records that no example can write out; what is made of them, the tests of whole jobs show. */
const WHOLE =
  /\b(Job|Sheet|State|Rework|ReworkCase|Known|Measured|PumpKind|PumpModel|Assessment|Offer|Decided|PumpState|PairingRules|JobPump|PlainPump|FlowBasis|OfJob)\b/;

describe('what the rest of the app computes with', () => {
  it('explains each of its parameters', () => {
    const silent = SUMS.filter(({ takes, explained }) => explained < takes.length);
    expect(silent.map(({ file, name }) => `${file}: ${name}`)).toEqual([]);
  });
  it('shows what it does by an example', () => {
    const bare = SUMS.filter(
      ({ takes, example }) => !example && !takes.some((type) => WHOLE.test(type)),
    );
    expect(bare.map(({ file, name }) => `${file}: ${name}`)).toEqual([]);
  });
});
