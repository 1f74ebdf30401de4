// Bundles what runs outside the app: the runtime of exported modules, and the command line.
import { copyFileSync, cpSync, mkdirSync } from 'node:fs'
import { join } from 'node:path'
import { build } from 'esbuild'
import { root } from './lib/prepare.mjs'

const out = (...path) => join(root, 'dist', ...path)
mkdirSync(out('runtime'), { recursive: true })

await build({
  entryPoints: [join(root, 'core/label/module.ts')],
  outfile: out('runtime', 'label.mjs'),
  bundle: true, format: 'esm', target: 'es2022', minifySyntax: true, minifyWhitespace: true, charset: 'utf8', legalComments: 'none',
})
copyFileSync(join(root, 'core/label/module.d.mts'), out('runtime', 'label.d.mts'))

for (const name of ['locales', 'currency-names']) cpSync(join(root, 'core/locale/generated', name), out(name), { recursive: true })

await build({
  entryPoints: [join(root, 'cli/ivory-abacus.ts')],
  outfile: out('cli', 'ivory-abacus.mjs'),
  bundle: true, format: 'esm', platform: 'node', target: 'node20', charset: 'utf8', legalComments: 'none',
  banner: { js: "#!/usr/bin/env node\nimport { createRequire as makeRequire } from 'node:module'; const require = makeRequire(import.meta.url);" },
})
