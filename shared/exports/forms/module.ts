import { constantsOf, embedded, exportsOf, sourceOf } from '../code/source'
import { declarationsOf } from '../code/declarations'
import { ExportError } from '../prove'
import { codeHeader } from '../provenance'
import { runtimeFor } from '../runtime'
import type { ExportForm } from '../types'
import { rowsSaid } from '../written'

/**
 * A style as one ES module: the runtime with the Plan and its words before it. It is run on all
 * values, and given out only when every label is the core's.
 *
 * @throws ExportError naming the first value whose label differs
 */
const make: ExportForm['make'] = async (written, { runtime, labelsByModule }, from) => {
  const { stem, quantity, level, values, rows, labels } = written
  const source = sourceOf(written)
  const { text: own, nameOf } = embedded(await runtime(runtimeFor([source])))
  const header = codeHeader(from, 'module', {
    ...{ quantity: quantity.title, level, rows: rowsSaid(written) },
  })
  const text = [header, constantsOf(source), own, exportsOf(written, source, nameOf)].join('')
  const byModule = await labelsByModule(text, values, rows)
  const differs = labels.findIndex((label, at) => label !== byModule[at])
  if (differs >= 0 || byModule.length !== labels.length) {
    throw new ExportError(
      `The module writes ${JSON.stringify(byModule[differs])} where the desk writes ${JSON.stringify(labels[differs])} (row ${differs + 1}); nothing was exported.`,
    )
  }
  return {
    files: [
      { name: `${stem}.mjs`, type: 'text/javascript', text },
      {
        name: `${stem}.d.mts`,
        type: 'text/javascript',
        text: header + declarationsOf(written, source),
      },
    ],
    proof: {
      how: 'The module was run',
      values: values.length,
      equal: byModule.length,
      differs: [],
    },
    notes: [],
  }
}

/** A module for JavaScript. */
export const moduleForm: ExportForm = {
  id: 'module',
  title: 'a module for JavaScript',
  says: 'One file without dependencies: label(value) writes these labels in any chart and leaves numbers numbers; spoken(value) says them; an axis brings its ticks.',
  isCode: true,
  isOfLevel: true,
  usage: (file, { value, label }) =>
    `import { label } from './${file}'\n\nlabel(${value})   // ${JSON.stringify(label)}: the value stays a number`,
  make,
}
