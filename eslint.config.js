const expo = require('eslint-config-expo/flat');
const path = require('node:path');
const wording = require('./scripts/lint/wholeSentences');

/** Rooms from the top down: each may import from those after it, never from those before. */
const ROOMS = ['./app', './screens', './ui', './data', './core'];
/** The core's own rooms, from the ground up. */
const CORE = [
  'quantity',
  'metrology',
  'trace',
  'feeler',
  'schema',
  'hydraulics',
  'pumps',
  'picture',
  'methods',
  'records',
  'journal',
  'inspect',
  'assessment',
  'instruments',
  'guidance',
  'rework',
  'pairing',
  'flow',
  'workshop',
  'wording',
  'assembly',
  'causes',
  'prove',
  'history',
  'report',
  'commands',
  'paper',
  'sums',
  'practice',
  'testing',
].map((r) => `./core/${r}`);

/** The rooms of the rework, from the ground up. */
const REWORK = ['solver', 'operations', 'effects', 'decision'].map((r) => `./core/rework/${r}`);

/** Names that say nothing where they are imported. */
const VAGUE = ['here', 'at', 'made', 'kept', 'said'];

const downwards = (order, message) =>
  order.slice(1).map((target, i) => ({ target, from: order.slice(0, i + 1), message }));

const zones = [
  ...downwards(ROOMS, 'Imports go downwards only: app, screens, ui, data, core.'),
  // The catalogue of messages is for every room; what is said of an assessment stands over it.
  ...downwards([...CORE].reverse(), 'Within the core imports go towards quantity only.').map(
    (zone) => ({
      ...zone,
      from: zone.from.filter((room) => room !== './core/wording'),
    }),
  ),
  {
    target: CORE.slice(0, CORE.indexOf('./core/wording')),
    from: './core/wording',
    except: ['./say.ts', './date.ts'],
    message: 'Below the wording only say.ts and date.ts may be imported.',
  },
  ...downwards([...REWORK].reverse(), 'core/rework: solver, operations, effects, decision.'),
  {
    target: './core/rework/solver',
    from: './core',
    except: ['./rework/solver', './errors.ts', './wording/say.ts'],
    message: 'The solver knows no pump: it is given rows and works.',
  },
  // Neither needs the other: what is shown does not know where it is kept.
  { target: './ui', from: './data', message: 'ui shows what it is given; it reads no storage.' },
  {
    target: './core',
    from: ['./cli', './server', './demo', './data', './workers'],
    message: 'The core stands by itself.',
  },
  {
    target: ['./cli', './server', './demo'],
    from: ['./app', './screens', './ui', './data'],
    message: 'No interface code here.',
  },
];

module.exports = [
  ...expo,
  { files: ['*.config.js', 'slim/*.js'], languageOptions: { globals: { __dirname: 'readonly' } } },
  {
    ignores: [
      'dist/**',
      'build/**',
      'node_modules/**',
      '.cache/**',
      'test-results/**',
      'playwright-report/**',
    ],
  },
  {
    settings: {
      'import/resolver': { typescript: { project: path.join(__dirname, 'tsconfig.json') } },
    },
    rules: {
      'react-hooks/exhaustive-deps': 'error',
      // fast-check is written as fc.property(…) in its own documentation.
      'import/no-named-as-default-member': 'off',
      eqeqeq: ['error', 'always', { null: 'ignore' }],
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      'import/no-duplicates': ['error', { 'prefer-inline': true }],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      'no-restricted-syntax': [
        'error',
        {
          selector:
            ':matches(ObjectExpression > SpreadElement, JSXSpreadAttribute) > ObjectExpression',
          message:
            'Write the fields out: a spread of a fresh literal is not checked for misspelled fields.',
        },
        {
          selector: `:matches(ExportNamedDeclaration > FunctionDeclaration, ExportNamedDeclaration > VariableDeclaration > VariableDeclarator)[id.name=/^(${VAGUE.join('|')})$/]`,
          message: 'Too vague a name to be read in another file.',
        },
      ],
    },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    ignores: ['**/*.test.ts', '**/*.test.tsx'],
    rules: { 'import/no-restricted-paths': ['error', { zones, basePath: __dirname }] },
  },
  {
    // A screen is a composition of named pieces; lists of fields are data, however long.
    files: ['screens/**/*.{ts,tsx}', 'ui/**/*.{ts,tsx}', 'data/**/*.ts', 'app/**/*.tsx'],
    ignores: ['**/*.test.*', 'screens/sheets/lists/*.ts'],
    rules: {
      'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['core/**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        { patterns: [{ group: ['**/demo/*'], message: 'The demo may change; use core/testing.' }] },
      ],
    },
  },
  {
    files: [
      'app/**/*.tsx',
      'screens/**/*.{ts,tsx}',
      'ui/**/*.{ts,tsx}',
      'core/**/*.ts',
      'data/**/*.ts',
    ],
    ignores: [
      '**/*.test.ts',
      '**/*.test.tsx',
      'core/wording/messages/*.ts',
      'core/testing/**',
      'core/practice/**',
      'screens/gallery/**',
    ],
    plugins: { wording },
    rules: { 'wording/whole-sentences': 'error', 'wording/spelling': 'error' },
  },
  {
    files: ['screens/**/*.tsx', 'core/wording/*.ts', 'core/report/*.ts', 'data/pdf.ts'],
    ignores: ['**/*.test.ts', 'core/wording/say.ts', 'screens/gallery/**'],
    plugins: { wording },
    rules: { 'wording/in-a-row': 'error' },
  },
  {
    // What is stored keeps one spelling, and is respelled where it is shown; a schema is read by programs.
    files: [
      'core/pumps/**/*.ts',
      'core/records/**/*.ts',
      'core/sums/**/*.ts',
      'core/workshop/**/*.ts',
    ],
    rules: { 'wording/spelling': 'off' },
  },
  {
    files: ['core/records/jsonSchema.ts', 'core/sums/describe.ts', 'core/wording/spelling.ts'],
    rules: { 'wording/whole-sentences': 'off', 'wording/spelling': 'off' },
  },
  {
    files: ['core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          paths: [
            'react',
            'react-dom',
            'react-native',
            '@react-native-async-storage/async-storage',
            '@tanstack/react-query',
          ],
        },
      ],
      'no-restricted-globals': [
        'error',
        'window',
        'document',
        'localStorage',
        'navigator',
        'fetch',
        'crypto',
      ],
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now', message: 'The core has no clock: pass the moment in.' },
        {
          object: 'Math',
          property: 'random',
          message: 'The core has no hidden randomness: pass it in.',
        },
      ],
    },
  },
];
