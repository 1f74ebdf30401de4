// npm run reference: writes the references of the style and of the checks into the guide, from
// their definitions.
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { root } from './lib/prepare.mjs'
import { fromSource } from './lib/source.mjs'

const { styleReference, checksReference } = await fromSource(
  `
      export { styleReference } from './core/style/reference'
      export { checksReference } from './core/checks/reference'`,
)
writeFileSync(join(root, 'docs/guide/style.md'), styleReference())
writeFileSync(join(root, 'docs/guide/checks.md'), checksReference())
