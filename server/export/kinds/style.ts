import { difference, inherit } from '../../../core/style/inherit'
import { labeller } from '../../../core/label/labeller'
import { resolve } from '../../../core/label/resolve'
import { parseStyle } from '../../../core/style/parse'
import { styleJsonSchema } from '../../../core/style/schema'
import { provedEqual } from '../prove'
import type { MakeExport } from './types'

const json = (value: unknown) => `${JSON.stringify(value, null, 2)}\n`

/** The style as data, with its schema: read in again it writes the same labels. */
export const makeStyle: MakeExport = ({ stem, style, context, values, rows, labels }) => {
  const text = json(difference(inherit({}), style))
  const again = labeller(resolve(parseStyle(JSON.parse(text)), context)).labels(values, rows)
  return {
    files: [
      { name: `${stem}.style.json`, type: 'application/json', text },
      { name: 'style.schema.json', type: 'application/schema+json', text: json(styleJsonSchema()) },
    ],
    proof: provedEqual('The style was read in again', values, labels, again),
    notes: [],
  }
}
