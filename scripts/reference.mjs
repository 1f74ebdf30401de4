// npm run reference: writes the references of the style and of the checks into the guide, from
// their definitions.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { build } from 'esbuild'
import { root } from './lib/prepare.mjs'

const { outputFiles } = await build({
  stdin: {
    contents: `
      export { styleReference } from './core/style/reference'
      export { checksReference } from './core/checks/reference'`,
    resolveDir: root,
    loader: 'ts',
  },
  bundle: true,
  format: 'esm',
  write: false,
  platform: 'node',
})
const { styleReference, checksReference } = await import(
  `data:text/javascript,${encodeURIComponent(outputFiles[0].text)}`
)
writeFileSync(join(root, 'docs/guide/style.md'), styleReference())
writeFileSync(join(root, 'docs/guide/checks.md'), checksReference())
