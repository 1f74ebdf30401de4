// What the project's own TypeScript exports, bundled, for scripts that run without a build.
import { build } from 'esbuild'
import { root } from './prepare.mjs'

/** Imports what some export lines give, their paths from the root of the project. */
export async function fromSource(contents) {
  const { outputFiles } = await build({
    stdin: { contents, resolveDir: root, loader: 'ts' },
    bundle: true,
    format: 'esm',
    write: false,
    platform: 'node',
    target: 'node20',
  })
  return import(`data:text/javascript,${encodeURIComponent(outputFiles[0].text)}`)
}
