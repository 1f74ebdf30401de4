// npm run restore: lists the backups of the data folder, or brings one back: npm run restore --
// NAME
import { join, resolve } from 'node:path'
import { build } from 'esbuild'
import { root } from './lib/prepare.mjs'

const folder = resolve(process.env.IVORY_ABACUS_DATA ?? join(root, 'data'))
const outfile = join(root, 'node_modules', '.cache', 'ivory-abacus', 'restore.mjs')
await build({
  stdin: {
    contents: "export * from './server/db/backups'; export { holdFolder } from './server/db/lock'",
    resolveDir: root,
    loader: 'ts',
  },
  bundle: true,
  outfile,
  format: 'esm',
  platform: 'node',
  target: 'node20',
  packages: 'external',
})
const { holdFolder, listBackups, restoreBackup } = await import(outfile)
const [name] = process.argv.slice(2)

try {
  if (name === undefined) {
    const all = listBackups(folder)
    console.log(
      all.length > 0
        ? `Backups in ${folder}, the newest first:`
        : `There is no backup in ${folder}.`,
    )
    for (const { name: one, size, madeAt } of all)
      console.log(`  ${one}  ${Math.ceil(size / 1024)} KB, of ${madeAt}`)
    if (all.length > 0) console.log(`Bring one back with: npm run restore -- ${all[0].name}`)
  } else {
    const letGo = holdFolder(folder, 'npm run restore')
    const aside = restoreBackup(folder, name)
    letGo()
    console.log(`${name} is back.${aside ? ` What stood there before is in ${aside}.` : ''}`)
  }
} catch (error) {
  console.error(error.message)
  process.exitCode = 1
}
