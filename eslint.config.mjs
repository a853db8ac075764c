import js from '@eslint/js';
import hooks from 'eslint-plugin-react-hooks';
import globals from 'globals';
import ts from 'typescript-eslint';

export default ts.config(
  {
    ignores: [
      '**/vite.config.ts',
      '**/dist/',
      '.mutants/',
      '**/dist-types/',
      '.gyrus/',
      'test-results/',
      'playwright-report/',
    ],
  },
  js.configs.recommended,
  { files: ['**/*.mjs', '**/*.js', '**/*.cjs'], languageOptions: { globals: globals.node } },
  {
    files: ['**/*.test.mjs', 'scripts/lib/jestSetup.mjs', 'scripts/testing/groupedFile.mjs'],
    languageOptions: { globals: globals.jest },
  },
  {
    files: ['**/*.ts', '**/*.tsx'],
    extends: [...ts.configs.recommendedTypeChecked],
    languageOptions: {
      parserOptions: { project: './tsconfig.test.json', tsconfigRootDir: import.meta.dirname },
    },
    rules: {
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_$' }],
      '@typescript-eslint/no-misused-promises': ['error', { checksVoidReturn: { attributes: false } }],
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      eqeqeq: ['error', 'smart'],
    },
  },
  {
    // Nest reads constructor parameter types at run time: a type-only import would erase them.
    files: ['apps/server/**/*.ts', 'packages/contract/**/*.ts'],
    rules: {
      '@typescript-eslint/consistent-type-imports': 'off',
      '@typescript-eslint/no-extraneous-class': 'off',
    },
  },
  {
    files: ['apps/web/**/*.{ts,tsx}'],
    plugins: { 'react-hooks': hooks },
    rules: { 'react-hooks/rules-of-hooks': 'error', 'react-hooks/exhaustive-deps': 'error' },
  },
  {
    // The core is pure: no clock, no unseeded chance, no console (docs/architecture.md).
    files: ['packages/core/src/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'Date', 'console', 'process', 'window', 'document', 'fetch'],
      'no-restricted-properties': ['error', { object: 'Math', property: 'random' }],
      'max-lines': ['error', { max: 400, skipBlankLines: true, skipComments: true }],
    },
  },
  {
    files: ['apps/web/src/**/*.tsx'],
    rules: { 'max-lines': ['error', { max: 250, skipBlankLines: true, skipComments: true }] },
  },
);
