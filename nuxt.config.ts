import { preset } from './app/theme'

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  ssr: false,
  // Nuxt 4.4.5's development server does not start without a server bundle; pages stay the
  // browser's.
  $development: { ssr: true, routeRules: { '/**': { ssr: false } } },
  telemetry: false,
  devtools: { enabled: false },
  modules: ['@pinia/nuxt', '@primevue/nuxt-module'],
  components: [
    { path: '~/controls', pathPrefix: false, extensions: ['vue'] },
    { path: '~/features', pathPrefix: false, extensions: ['vue'] },
  ],
  // Of fixed weights: texts in a variable typeface take a fifth longer to lay out.
  css: [
    '@fontsource/source-sans-3/400.css',
    '@fontsource/source-sans-3/600.css',
    '~/assets/main.css',
  ],
  primevue: {
    options: {
      theme: { preset, options: { darkModeSelector: 'system', cssLayer: false } },
      // A dialog is given the focus when it is there in full. Were it to come in slowly, that would
      // take the focus away from a field that somebody already writes in.
      pt: { dialog: { transition: { css: false } } },
    },
    components: {
      include: [
        'Select',
        'MultiSelect',
        'Listbox',
        'Button',
        'Dialog',
        'ToggleSwitch',
        'Textarea',
        'InputText',
        'Message',
        'Popover',
      ],
    },
    autoImport: true,
  },
  app: {
    head: {
      title: 'Ivory Abacus',
      htmlAttrs: { lang: 'en' },
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' }],
    },
  },
  // A screen is there sooner than the frame that a link would wait for.
  experimental: { appManifest: false, payloadExtraction: false, navigationRepaint: false },
  typescript: {
    strict: true,
    tsConfig: {
      compilerOptions: { noUncheckedIndexedAccess: true, noUnusedLocals: true },
      exclude: ['../**/*.test.ts'],
    },
    // Tests are checked by tsconfig.tools.json, with the test runner's types.
    sharedTsConfig: { exclude: ['../**/*.test.ts'] },
  },
  // What reads files is loaded by workers too, when it is needed.
  vite: { build: { target: 'es2022' }, worker: { format: 'es' } },
  nitro: {
    esbuild: { options: { target: 'es2022' } },
    // Pages that load nothing from elsewhere may share memory with their workers: a column reaches
    // the checks without a copy.
    routeRules: {
      '/**': {
        headers: {
          'cross-origin-opener-policy': 'same-origin',
          'cross-origin-embedder-policy': 'require-corp',
        },
      },
    },
    serverAssets: [
      { baseName: 'migrations', dir: './db/migrations' },
      { baseName: 'demo', dir: '../demo/study' },
      { baseName: 'runtime', dir: '../dist/runtime' },
      { baseName: 'regions', dir: '../dist/regions' },
      { baseName: 'threads', dir: '../dist/threads' },
    ],
    externals: { external: ['better-sqlite3'] },
  },
})
