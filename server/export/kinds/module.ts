import { spokenPlan } from '../../../core/text/words'
import { ExportError, labelsByModule } from '../prove'
import { runtimeFor } from '../runtime'
import type { MakeExport } from './types'

const TICK_TYPES = `/** The ticks of the study's axis with their labels. */
export declare const ticks: readonly { readonly value: Value; readonly label: string }[]
`

/**
 * A style as one ES module: the runtime with the Plan and its words before it. It is run on all
 * values, and given out only when every label is the core's.
 *
 * @throws ExportError naming the first value whose label differs
 */
export const makeModule: MakeExport = async (
  { stem, plan, style, context, values, rows, labels, ticks },
  { runtime },
) => {
  const words = spokenPlan(plan, style, context)
  const text = `const plan = ${JSON.stringify(plan)};\nconst words = ${JSON.stringify(words)};\n${await runtime(runtimeFor(plan, words))}${ticks ? `export const ticks = ${JSON.stringify(ticks)};\n` : ''}`
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
