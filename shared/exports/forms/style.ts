import { difference, inherit } from '../../../core/style/inherit'
import { labeller } from '../../../core/label/labeller'
import { resolve } from '../../../core/label/resolve'
import { parseStyle } from '../../../core/style/parse'
import { styleJsonSchema } from '../../../core/style/schema'
import { jsonText } from '../json'
import { provedEqual } from '../prove'
import type { ExportForm } from '../types'

/** The file of the schema, beside that of the style: editors find it there. */
const SCHEMA = 'style.schema.json'

/** The style as data, with its schema: read in again it writes the same labels. */
const make: ExportForm['make'] = ({ stem, style, context, writer, values, rows }) => {
  const labels = writer.labels(values, rows)
  const text = jsonText({ $schema: `./${SCHEMA}`, ...difference(inherit({}), style) })
  const again = labeller(resolve(parseStyle(JSON.parse(text)), context)).labels(values, rows)
  return {
    files: [
      { name: `${stem}.style.json`, type: 'application/json', text },
      { name: SCHEMA, type: 'application/schema+json', text: jsonText(styleJsonSchema()) },
    ],
    proof: provedEqual('The style was read in again', values, labels, again),
    notes: [],
  }
}

/** The style as data. */
export const styleForm: ExportForm = {
  id: 'style',
  title: 'the style as data',
  says: 'The decision as JSON, with the schema of what a style takes.',
  isOfLevel: true,
  make,
}
