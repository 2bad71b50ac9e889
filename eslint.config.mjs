import next from 'eslint-config-next'
import tseslint from 'typescript-eslint'

export default tseslint.config(
  { ignores: ['.next/', '.data/', 'node_modules/', 'next-env.d.ts', 'playwright-report/', 'test-results/'] },
  ...next,
  {
    rules: {
      // Leaving the signed-in page must drop what it holds in memory: a full load, not a route change.
      '@next/next/no-location-assign-relative-destination': 'off',
      // Plain links load a page: without a signal it comes from this device.
      '@next/next/no-html-link-for-pages': 'off',
      'import/no-anonymous-default-export': 'off',
      // Pictures are ours, small already, and an owner's are frozen: no loader may touch them.
      '@next/next/no-img-element': 'off',
    },
  },
  { files: ['src/ui/pdf/**'], rules: { 'jsx-a11y/alt-text': 'off' } },
  ...tseslint.configs.strictTypeChecked.map((each) => ({ ...each, files: ['**/*.ts', '**/*.tsx'] })),
  {
    files: ['**/*.ts', '**/*.tsx'],
    languageOptions: { parserOptions: { projectService: true, tsconfigRootDir: import.meta.dirname } },
    rules: {
      '@typescript-eslint/restrict-template-expressions': ['error', { allowNumber: true }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      '@typescript-eslint/no-confusing-void-expression': [
        'error',
        { ignoreArrowShorthand: true, ignoreVoidOperator: true, ignoreVoidReturningFunctions: true },
      ],
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/switch-exhaustiveness-check': [
        'error',
        { considerDefaultExhaustiveForUnions: true },
      ],
      // Together a third of the time lint took. There are no enums (the next rule sees to that), and what our few classes hold is private
      // to them, so that types alone keep a stranger out.
      '@typescript-eslint/no-unsafe-enum-assignment': 'off',
      '@typescript-eslint/no-unsafe-class-instance-assignment': 'off',
      'no-restricted-syntax': [
        'error',
        { selector: 'TSEnumDeclaration', message: 'A union of words is read, stored and sent as it is.' },
      ],
      'max-lines': ['error', { max: 400, skipBlankLines: true }],
      'no-console': ['error', { allow: ['error'] }],
    },
  },
  {
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      // The core reads no clock, no chance, no environment: they are passed in.
      'no-restricted-properties': [
        'error',
        { object: 'Date', property: 'now' },
        { object: 'Math', property: 'random' },
        { object: 'process', property: 'env' },
      ],
      'no-restricted-globals': ['error', 'fetch', 'window', 'document', 'process'],
    },
  },
  // Commands that print what they found.
  { files: ['tests/faults/**', 'tests/fuzz/**'], rules: { 'no-console': 'off' } },
  { files: ['src/core/catalogue/{causes,signs,checks,pairs}/**'], rules: { 'max-lines': 'off' } },
)
