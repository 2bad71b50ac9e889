const common = {
  testEnvironment: 'node',
  extensionsToTreatAsEsm: ['.ts', '.tsx'],
  moduleNameMapper: {
    '^@/(.*)$': '<rootDir>/src/$1',
    '^server-only$': '<rootDir>/tests/emptyModule.ts',
  },
  transform: {
    '^.+\\.tsx?$': [
      '@swc/jest',
      {
        jsc: {
          parser: { syntax: 'typescript', tsx: true },
          target: 'es2022',
          transform: { react: { runtime: 'automatic' } },
        },
        module: { type: 'es6' },
      },
    ],
  },
  modulePathIgnorePatterns: ['<rootDir>/.next/', '<rootDir>/.data/'],
}

export default {
  // Never about speed: a busy machine is no fault of the code. What is timed is timed in `bench/`.
  testTimeout: 30_000,
  projects: [
    {
      ...common,
      displayName: 'core',
      testMatch: ['<rootDir>/src/**/*.test.ts', '<rootDir>/tests/structure/**/*.test.ts'],
    },
    { ...common, displayName: 'reference', testMatch: ['<rootDir>/tests/reference/**/*.test.ts'] },
    { ...common, displayName: 'database', testMatch: ['<rootDir>/tests/db/**/*.test.ts'] },
  ],
}
