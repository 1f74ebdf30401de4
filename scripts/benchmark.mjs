// npm run benchmark: runs every file of benchmarks/; each prints its own ratios and times.
import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { build, install, root, run } from './lib/prepare.mjs'

install()
build()
for (const name of readdirSync(join(root, 'benchmarks'))
  .filter((one) => one.endsWith('.mjs'))
  .sort()) {
  console.log(`\n${name}`)
  run(process.execPath, [join(root, 'benchmarks', name)])
}
