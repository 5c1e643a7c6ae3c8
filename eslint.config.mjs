import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';
import tseslint from 'typescript-eslint';

const config = [
  { ignores: ['.next/**', '.data/**', 'node_modules/**', 'next-env.d.ts', 'test-results/**', 'playwright-report/**'] },
  ...next,
  ...typescript,
  {
    files: ['src/**/*.ts', 'src/**/*.tsx', 'tests/**/*.ts', 'bench/**/*.ts'],
    languageOptions: { parserOptions: { projectService: true } },
    plugins: { '@typescript-eslint': tseslint.plugin },
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/switch-exhaustiveness-check': ['error', { considerDefaultExhaustiveForUnions: true }],
      '@typescript-eslint/no-floating-promises': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: 'error',
      'no-restricted-syntax': [
        'error',
        { selector: 'ExportAllDeclaration', message: 'An index names each export.' },
        { selector: 'TSEnumDeclaration', message: 'Use a literal union or an object as const.' },
        {
          selector: "MemberExpression[object.name='db'][property.name='query']",
          message: 'db.query fails on MariaDB: write the select with its joins.',
        },
      ],
    },
  },
  {
    files: ['src/**'],
    ignores: ['src/ui/link.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          name: 'next/link',
          importNames: ['default'],
          message: 'Take Link from @/ui/link: it fetches a view only when the pointer or the keyboard is on its link.',
        },
      ],
    },
  },
  // No React there, and its rules take half a minute to find none.
  {
    files: ['src/{core,domain,db,server,workers,cli}/**', 'tests/**', 'bench/**', 'scripts/**'],
    rules: Object.fromEntries(
      next.flatMap(({ rules = {} }) =>
        Object.keys(rules)
          .filter((rule) => /^react(-hooks)?\//.test(rule))
          .map((rule) => [rule, 'off']),
      ),
    ),
  },
  // The compiler that this rule warns for is not in use.
  { files: ['**/*.tsx'], rules: { 'react-hooks/incompatible-library': 'off' } },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'process', 'console', 'window', 'document', 'performance', 'crypto'],
      'no-restricted-properties': [
        'error',
        { object: 'Math', property: 'random', message: 'Take random() as an argument.' },
        { object: 'Date', property: 'now', message: 'The core has no clock.' },
      ],
    },
  },
];

export default config;
