// Bundles what runs outside the app: the runtime of exported modules, and the command line.
import { mkdirSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { deflateRawSync } from 'node:zlib'
import { build } from 'esbuild'
import { root } from './lib/prepare.mjs'
import { renderGuide } from './lib/guide.mjs'
import { runtimeVariants } from './lib/runtime.mjs'

const out = (...path) => join(root, 'dist', ...path)
mkdirSync(out('runtime'), { recursive: true })

for (const [name, text] of Object.entries(await runtimeVariants(root)))
  writeFileSync(out('runtime', name), text)

// For the server one file a kind, which goes into it as it is; for the command and the library each
// region packed by itself, and where it stands.
for (const folder of ['regions', 'tables']) mkdirSync(out(folder), { recursive: true })
for (const name of ['locales', 'currency-names', 'measure-names']) {
  const folder = join(root, 'core/locale/generated', name)
  const tables = readdirSync(folder)
    .sort()
    .map((file) => [
      file.replace('.json', ''),
      JSON.parse(readFileSync(join(folder, file), 'utf8')),
    ])
  writeFileSync(out('regions', `${name}.json`), JSON.stringify(Object.fromEntries(tables)))
  const places = {}
  const packed = []
  let start = 0
  for (const [region, table] of tables) {
    if (typeof table === 'string') {
      places[region] = table
      continue
    }
    const bytes = deflateRawSync(JSON.stringify(table), { level: 9 })
    places[region] = [start, start + bytes.length]
    packed.push(bytes)
    start += bytes.length
  }
  writeFileSync(out('tables', `${name}.places.json`), JSON.stringify(places))
  writeFileSync(out('tables', `${name}.packed`), Buffer.concat(packed))
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
  entryPoints: [join(root, 'server/apart/child.ts')],
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
  entryPoints: ['ivory-abacus', 'main', 'library'].map((name) => join(root, 'cli', `${name}.ts`)),
  outdir: out('cli'),
  outExtension: { '.js': '.mjs' },
  splitting: true,
  banner: {
    js: "#!/usr/bin/env node\nimport { createRequire as makeRequire } from 'node:module'; const require = makeRequire(import.meta.url);",
  },
})
