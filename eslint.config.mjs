import next from 'eslint-config-next/core-web-vitals';
import typescript from 'eslint-config-next/typescript';

const config = [
  { ignores: ['.next/**', '.cache/**', 'next-env.d.ts', 'node_modules/**'] },
  ...next,
  ...typescript,
  {
    rules: {
      'no-console': 'error',
      eqeqeq: 'error',
      'prefer-const': 'error',
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'off',
      // a name that begins with an underscore says that it is left out on purpose
      '@typescript-eslint/no-unused-vars': ['error', { varsIgnorePattern: '^_', argsIgnorePattern: '^_' }],
    },
  },
  // a component that needs more lines is two; its hooks and its parts have their own names
  {
    files: ['src/**/*.tsx'],
    rules: { 'max-lines-per-function': ['error', { max: 80, skipBlankLines: true, skipComments: true }] },
  },
  { files: ['scripts/**', 'tests/**'], rules: { 'no-console': 'off' } },
];

export default config;
