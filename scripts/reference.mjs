// npm run reference: writes the style's reference into the guide, from the table of fields.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { build } from 'esbuild'
import { root } from './lib/prepare.mjs'

const { outputFiles } = await build({
  stdin: {
    contents: "export { styleReference } from './core/style/reference'",
    resolveDir: root,
    loader: 'ts',
  },
  bundle: true,
  format: 'esm',
  write: false,
  platform: 'node',
})
const { styleReference } = await import(
  `data:text/javascript,${encodeURIComponent(outputFiles[0].text)}`
)
writeFileSync(join(root, 'docs/guide/style.md'), styleReference())
