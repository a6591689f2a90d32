import expo from 'eslint-config-expo/flat.js';
import prettier from 'eslint-config-prettier';

/** The rooms of the house: arrows run app -> core and server -> core, never back. */
const rooms = (files, forbidden) => ({
  files,
  rules: {
    'no-restricted-imports': ['error', { patterns: forbidden }],
  },
});

const core = [
  {
    group: ['react', 'react-*', 'react-native*', 'expo*'],
    message: 'The core knows no interface.',
  },
  { group: ['node:*', 'fs', 'path'], message: 'The core runs in a browser worker too.' },
  { group: ['@crustan/*'], message: 'The core uses relative paths and nothing above it.' },
];

/** The rooms of the core, lowest first: a room may use those before it, never those after it. */
const CORE_ROOMS = [
  'units',
  'maths',
  'food',
  'heat',
  'gear',
  'doneness',
  'safety',
  'plan',
  'schedule',
  'cook',
  'estimate',
  'whatif',
  'pass',
  'par',
  'phrases',
  'simulation',
  'learn',
  'trial',
  'formats',
  'tests',
  'foreign',
];

/** Folders of a large room, in the same order. */
const FOLDERS = {
  heat: ['matter', 'places', 'solver', 'judging', 'stages', 'ice'],
  plan: ['request', 'legs', 'ranges', 'search', 'ownTimes'],
  pass: ['dishes', 'orders', 'slots', 'search', 'board'],
};

const inOrder = (names) =>
  names.slice(0, -1).map((name, i) => ({
    target: `./packages/core/src/${name}/**/!(*.test).ts`,
    from: names.slice(i + 1).map((later) => `./packages/core/src/${later}`),
    message: `'${name}' stands before that one: see docs/architecture.md.`,
  }));

const oneWay = [
  ...inOrder(CORE_ROOMS),
  ...Object.entries(FOLDERS).flatMap(([room, folders]) =>
    inOrder(folders.map((folder) => `${room}/${folder}`)),
  ),
];

/** The foreign kitchen judges the model: it shares none of its physics. */
const foreign = {
  target: './packages/core/src/foreign/**/!(*.test).ts',
  from: ['heat', 'cook', 'simulation', 'estimate', 'learn'].map(
    (room) => `./packages/core/src/${room}`,
  ),
  message: 'The foreign kitchen has its own physics.',
};

const features = ['plan', 'stove', 'pass', 'book'];

export default [
  {
    ignores: [
      '**/node_modules/**',
      '**/dist/**',
      '**/.expo/**',
      'apps/server/drizzle/**',
      'apps/app/nativewind-env.d.ts',
      'apps/app/expo-env.d.ts',
    ],
  },
  ...expo,
  prettier,
  {
    files: ['**/*.{ts,tsx}'],
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/no-redeclare': 'off',
      'no-console': 'error',
    },
  },
  // The compiler finds what these look for.
  {
    rules: Object.fromEntries(
      ['namespace', 'named', 'export', 'no-named-as-default', 'no-named-as-default-member'].map(
        (rule) => [`import/${rule}`, 'off'],
      ),
    ),
  },
  // Files without components.
  {
    files: [
      ...['packages/**', 'apps/{server,cli}/**', 'e2e/**', 'scripts/**', 'tooling/**'],
      'apps/app/src/**/*.test.{ts,tsx}',
    ],
    rules: Object.fromEntries(
      expo
        .flatMap(({ rules = {} }) => Object.keys(rules))
        .filter((rule) => /^react(-hooks)?\//.test(rule))
        .map((rule) => [rule, 'off']),
    ),
  },
  // Rules that compile every component take most of a minute: `npm run lint` and the deep tier apply them.
  ...(process.env.CRUSTAN_QUICK_LINT === undefined
    ? []
    : [
        {
          rules: Object.fromEntries(
            expo
              .flatMap(({ rules = {} }) => Object.keys(rules))
              .filter((rule) => /^react-hooks\/(?!rules-of-hooks|exhaustive-deps)/.test(rule))
              .map((rule) => [rule, 'off']),
          ),
        },
      ]),
  // Rules that need the types.
  {
    files: ['packages/**/*.ts', 'apps/*/src/**/*.{ts,tsx}', 'e2e/**/*.ts'],
    languageOptions: {
      parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      '@typescript-eslint/no-unnecessary-type-assertion': 'error',
    },
  },
  {
    files: ['packages/core/**/*.ts'],
    rules: { 'import/no-restricted-paths': ['error', { zones: [...oneWay, foreign] }] },
  },
  // What a user reads is in the message catalogues.
  {
    files: ['apps/app/src/**/*.tsx'],
    ignores: ['**/*.test.tsx'],
    rules: {
      'react/jsx-no-literals': 'error',
      'no-restricted-syntax': [
        'error',
        {
          selector:
            'JSXAttribute[name.name=/^(label|title|placeholder|lead|says|words|aria-label|accessibilityLabel)$/] > Literal[value=/[A-Za-z]{2}/]',
          message: 'Text that a user reads has an id in the message catalogue.',
        },
      ],
    },
  },
  // A Playwright fixture without dependencies has an empty pattern.
  { files: ['e2e/**/*.ts'], rules: { 'no-empty-pattern': 'off' } },
  rooms(['packages/core/**/*.ts'], core),
  rooms(
    ['apps/server/**/*.ts'],
    [
      {
        group: ['react', 'react-*', 'expo*', '@crustan/app*'],
        message: 'The server shows nothing.',
      },
    ],
  ),
  ...features.map((feature) =>
    rooms(
      [`apps/app/src/features/${feature}/**/*.{ts,tsx}`],
      features
        .filter((other) => other !== feature)
        .map((other) => ({
          group: [`**/features/${other}/**`, `../${other}/**`, `../../${other}/**`],
          message: 'Features meet in the store, not sideways.',
        })),
    ),
  ),
];
