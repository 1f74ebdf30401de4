import { existsSync } from 'node:fs'
import { dirname, join } from 'node:path'
import { fileURLToPath } from 'node:url'
import imports from 'eslint-plugin-import-x'
import vue from 'eslint-plugin-vue'
import globals from 'globals'
import ts from 'typescript-eslint'

const root = dirname(fileURLToPath(import.meta.url))

/** Where an import of this tree leads: relative, from its root (~~/) or from the app (~/). */
const resolver = {
  interfaceVersion: 3,
  name: 'this-tree',
  resolve(source, file) {
    const from = { '~~/': root, '~/': join(root, 'app') }
    const [alias] = Object.keys(from).filter((one) => source.startsWith(one))
    if (!alias && !source.startsWith('.')) return { found: false }
    const path = alias ? join(from[alias], source.slice(alias.length)) : join(dirname(file), source)
    const endings = ['', '.ts', '.vue', '.mjs', '.d.mts', '.json', '/index.ts']
    const found = endings
      .map((one) => path + one)
      .find((one) => /\.\w+$/.test(one) && existsSync(one))
    return found ? { found: true, path: found } : { found: false }
  },
}

/** Arrows run one way: app, server and cli use shared, shared uses words and core, words use core. */
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

/** Prettier sets lines; these would set them otherwise. */
const setByPrettier = [
  'first-attribute-linebreak',
  'html-closing-bracket-newline',
  'html-indent',
  'html-self-closing',
  'max-attributes-per-line',
  'multiline-html-element-content-newline',
  'singleline-html-element-content-newline',
]

export default ts.config(
  {
    ignores: ['node_modules/', '.nuxt/', '.output/', 'dist/', 'data/', 'core/locale/generated/'],
  },
  ...ts.configs.recommended,
  ...vue.configs['flat/recommended'],
  { files: ['**/*.vue'], languageOptions: { parserOptions: { parser: ts.parser } } },
  {
    files: ['**/*.{mjs,ts,vue}'],
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
  },
  {
    plugins: { 'import-x': imports },
    settings: {
      'import-x/resolver-next': [resolver],
      'import-x/extensions': ['.ts', '.vue', '.mjs'],
      'import-x/parsers': {
        '@typescript-eslint/parser': ['.ts', '.mts'],
        'vue-eslint-parser': ['.vue'],
      },
    },
    rules: {
      'no-undef': 'off',
      'no-nested-ternary': 'error',
      'max-lines': ['error', 300],
      'import-x/no-cycle': 'error',
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
      ...Object.fromEntries(setByPrettier.map((rule) => [`vue/${rule}`, 'off'])),
    },
  },
  // What is said stands in the words of its feature.
  {
    files: ['app/**/*.vue'],
    rules: {
      'vue/no-bare-strings-in-template': [
        'error',
        { allowlist: [...'()[],.:;·…×−–—“”/+=^%†●Σ?!↑↓←→', 'px', '10'] },
      ],
    },
  },
  // A page is called by its address.
  {
    files: ['app/pages/**/*.vue', 'app/*.vue'],
    rules: { 'vue/multi-word-component-names': 'off' },
  },
  {
    files: ['**/*.ts'],
    rules: {
      'max-lines-per-function': ['error', { max: 60, skipComments: true, skipBlankLines: true }],
    },
  },
  forbid(['core/**/*.ts'], ['app', 'server', 'cli', 'shared', 'words'], noPlatform),
  forbid(['words/**/*.ts'], ['app', 'server', 'cli', 'shared']),
  forbid(['shared/**/*.ts'], ['app', 'server', 'cli']),
  forbid(['server/**/*.ts'], ['app', 'cli']),
  forbid(['app/**/*.{ts,vue}'], ['server', 'cli']),
  forbid(['cli/**/*.ts'], ['app', 'server']),
  {
    files: ['**/*.test.ts', '**/testing/**'],
    rules: { 'no-restricted-imports': 'off', 'max-lines-per-function': 'off' },
  },
  {
    files: ['demo/**', 'scripts/**', 'benchmarks/**', 'tests/**', '**/*.test.ts', '**/testing/**'],
    rules: { 'no-restricted-properties': 'off' },
  },
)
