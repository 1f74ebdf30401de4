const shared = {
  transform: {
    '^.+\\.([jt]s|mjs)$': [
      '@swc/jest',
      { jsc: { parser: { syntax: 'typescript' }, target: 'es2022' } },
    ],
  },
  transformIgnorePatterns: [
    '/node_modules/(?!(lossless-json|messageformat|d3-[a-z-]+|internmap|ofetch|hyparquet(?:-writer)?|destr|ufo|node-fetch-native)/)',
  ],
  moduleNameMapper: { '^~~/(.*)$': '<rootDir>/$1', '^~/(.*)$': '<rootDir>/app/$1' },
  setupFilesAfterEnv: ['<rootDir>/tests/lib/patience.ts'],
  testPathIgnorePatterns: ['/node_modules/', '/.output/', '/.nuxt/'],
  modulePathIgnorePatterns: ['/.output/', '/.nuxt/', '/dist/'],
}

/** Unit tests stand beside their code; whole journeys through the built program are in tests/. */
export default {
  projects: [
    {
      ...shared,
      displayName: 'unit',
      testMatch: ['<rootDir>/{words,core,shared,server,cli,app}/**/*.test.ts'],
    },
    {
      ...shared,
      displayName: 'whole',
      testMatch: ['<rootDir>/tests/**/*.test.ts'],
      globalSetup: '<rootDir>/tests/lib/freshDemo.ts',
      globalTeardown: '<rootDir>/tests/lib/removeFreshDemo.ts',
    },
  ],
}
