import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'

/** Arrows run one way: app, server and cli use shared, shared uses core, core uses nothing. */
const forbid = (files, folders, more = []) => ({
  files,
  rules: {
    'no-restricted-imports': [
      'error',
      {
        patterns: [
          ...folders.map((folder) => ({
            regex: `^(~~/|(\\.\\./)+)${folder}(/|$)`,
            message: `this folder may not use ${folder}/`,
          })),
          ...more,
        ],
      },
    ],
  },
})
const noPlatform = [{ regex: '^(node:|vue|nuxt|pinia|h3|#)', message: 'the core computes alone' }]

export default ts.config(
  { ignores: ['node_modules/', '.nuxt/', '.output/', 'dist/', 'data/', 'core/locale/generated/'] },
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    files: ['**/*.{mjs,ts,vue}'],
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
  },
  {
    rules: {
      'no-undef': 'off',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
      '@typescript-eslint/no-unused-vars': [
        'error',
        { argsIgnorePattern: '^_', varsIgnorePattern: '^_' },
      ],
      '@typescript-eslint/no-unused-expressions': ['error', { allowTernary: true }],
      '@typescript-eslint/no-non-null-assertion': 'off',
      'no-restricted-properties': [
        'error',
        ...['toFixed', 'toPrecision', 'toLocaleString', 'toExponential'].map((property) => ({
          property,
          message: 'labels come from the core',
        })),
        { object: 'Intl', property: 'NumberFormat', message: 'labels come from the core' },
      ],
      'vue/multi-word-component-names': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/html-indent': 'off',
      'vue/html-self-closing': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/attributes-order': 'off',
      'vue/require-default-prop': 'off',
    },
  },
  forbid(['core/**/*.ts'], ['app', 'server', 'cli', 'shared'], noPlatform),
  forbid(['shared/**/*.ts'], ['app', 'server', 'cli']),
  forbid(['server/**/*.ts'], ['app', 'cli']),
  forbid(['app/**/*.{ts,vue}'], ['server', 'cli']),
  forbid(['cli/**/*.ts'], ['app', 'server']),
  { files: ['**/*.test.ts'], rules: { 'no-restricted-imports': 'off' } },
  {
    files: ['demo/**', 'scripts/**', 'benchmarks/**', 'tests/**', '**/*.test.ts'],
    rules: { 'no-restricted-properties': 'off' },
  },
)
