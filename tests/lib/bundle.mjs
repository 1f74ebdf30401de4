/* Bundles a page's code apart from the tests: node bundle.mjs BUNDLER ENTRY NAME MODULES. */
const [, , bundler, entry, name, modules] = process.argv

const bundlers = {
  async esbuild() {
    const { build } = await import('esbuild')
    const { outputFiles } = await build({
      ...{ entryPoints: [entry], bundle: true, format: 'esm', write: false },
    })
    return outputFiles[0].text
  },
  async rollup() {
    const { rollup } = await import('rollup')
    const resolveId = (id) => (id.startsWith(`${name}/`) ? `${modules}/${id}.mjs` : null)
    const bundle = await rollup({ input: entry, plugins: [{ name: 'packages', resolveId }] })
    const { output } = await bundle.generate({ format: 'es' })
    return output[0].code
  },
  async vite() {
    const { build } = await import('vite')
    const made = await build({
      ...{ logLevel: 'silent', configFile: false },
      build: { write: false, minify: false, lib: { entry, formats: ['es'] } },
    })
    return made[0].output[0].code
  },
}
const { transform } = await import('esbuild')
process.stdout.write((await transform(await bundlers[bundler](), { minify: true })).code)
