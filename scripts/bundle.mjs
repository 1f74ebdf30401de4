// Bundles what runs outside the app: the runtime of exported modules, and the command line.
import { cpSync, mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { build } from 'esbuild'
import { root } from './lib/prepare.mjs'
import { renderGuide } from './lib/guide.mjs'
import { runtimeVariants } from './lib/runtime.mjs'

const out = (...path) => join(root, 'dist', ...path)
mkdirSync(out('runtime'), { recursive: true })

for (const [name, text] of Object.entries(await runtimeVariants(root)))
  writeFileSync(out('runtime', name), text)

// A file a region for the command line; for the server one file, which goes into it as it is.
mkdirSync(out('regions'), { recursive: true })
for (const name of ['locales', 'currency-names', 'measure-names']) {
  const folder = join(root, 'core/locale/generated', name)
  cpSync(folder, out(name), { recursive: true })
  const tables = readdirSync(folder).map((file) => [
    file.replace('.json', ''),
    JSON.parse(readFileSync(join(folder, file), 'utf8')),
  ])
  writeFileSync(out('regions', `${name}.json`), JSON.stringify(Object.fromEntries(tables)))
}

renderGuide(root)

const FOR_NODE = {
  bundle: true,
  format: 'esm',
  platform: 'node',
  target: 'node20',
  charset: 'utf8',
  legalComments: 'none',
}
await build({
  ...FOR_NODE,
  entryPoints: [join(root, 'server/apart/thread.ts')],
  outfile: out('threads', 'apart.mjs'),
  minify: true,
  banner: {
    js: "import { createRequire as makeRequire } from 'node:module'; const require = makeRequire(process.cwd() + '/');",
  },
})
// The command, and the same as a function for whoever runs it many times.
rmSync(out('cli'), { recursive: true, force: true })
await build({
  ...FOR_NODE,
  entryPoints: ['ivory-abacus', 'main'].map((name) => join(root, 'cli', `${name}.ts`)),
  outdir: out('cli'),
  outExtension: { '.js': '.mjs' },
  splitting: true,
  banner: {
    js: "#!/usr/bin/env node\nimport { createRequire as makeRequire } from 'node:module'; const require = makeRequire(import.meta.url);",
  },
})
