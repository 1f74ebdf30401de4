import { fitsDouble } from '../../../core/decimal/arithmetic'
import { type Decimal, toNumber, toText } from '../../../core/decimal/decimal'
import type { Value } from '../../../core/label/types'
import { spokenPlan } from '../../../core/text/words'
import { scriptJson } from '../../escape'
import { ExportError } from '../prove'
import { runtimeFor } from '../runtime'
import type { ExportForm } from '../types'

const TICK_TYPES = `/** The ticks of the study's axis with their labels. */
export declare const ticks: readonly { readonly value: Value; readonly label: string }[]
`

/** A value as a program takes it: a double where that is the same number, else text. */
const asNumber = (value: Decimal): Value => (fitsDouble(value) ? toNumber(value) : toText(value))

/**
 * A style as one ES module: the runtime with the Plan and its words before it. It is run on all
 * values, and given out only when every label is the core's.
 *
 * @throws ExportError naming the first value whose label differs
 */
const make: ExportForm['make'] = async (
  { stem, plan, style, context, values, rows, labels, ticks },
  { runtime, labelsByModule },
) => {
  const words = spokenPlan(plan, style, context)
  const marked = ticks?.map((value, at) => ({ value: asNumber(value), label: labels[at]! }))
  const text = [
    `const plan = ${scriptJson(plan)};\n`,
    `const words = ${scriptJson(words)};\n`,
    await runtime(runtimeFor(plan, words)),
    marked ? `export const ticks = ${scriptJson(marked)};\n` : '',
  ].join('')
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
        text: (await runtime('label.d.mts')) + (ticks ? TICK_TYPES : ''),
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
  isOfLevel: true,
  usage: (file, { value, label }) =>
    `import { label } from './${file}'\n\nlabel(${value})   // ${JSON.stringify(label)}: the value stays a number`,
  make,
}
