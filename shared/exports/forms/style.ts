import { difference, inherit } from '../../../core/style/inherit'
import { whereResolved } from '../../../core/error'
import { type Context, recordedIn } from '../../../core/label/context'
import { labeller } from '../../../core/label/labeller'
import { resolve } from '../../../core/label/resolve'
import { parseStyle } from '../../../core/style/parse'
import { type RecordedAs, recordedAsIn } from '../../../core/style/recordedAs'
import { styleJsonSchema } from '../../../core/style/schema'
import { frozen } from '../frozen'
import { jsonText } from '../json'
import { compared, provedEqual } from '../prove'
import type { ExportForm } from '../types'
import type { Written } from '../written'

/** The file of the schema, beside that of the style: editors find it there. */
const SCHEMA = 'style.schema.json'
const READ_AGAIN = 'The style was read in again'

/** What the numbers are recorded in, where it is not what any number is. */
function recordedAs({ quantity, context }: Written): RecordedAs | null {
  const { recorded = 0, measure, currency, rates, units } = context
  const { kind } = quantity
  const own = {
    ...(recorded === 0 ? {} : { recorded }),
    ...(measure === undefined ? {} : { measure }),
    ...(rates === undefined ? {} : { currency, rates: [...rates] }),
    ...(units === undefined ? {} : { units }),
    ...(kind === undefined ? {} : { kind }),
  }
  return Object.keys(own).length > 0 ? own : null
}

/**
 * The style as data, with its schema and with what its numbers are recorded in: read in again, by
 * itself, it writes the same labels.
 */
const make: ExportForm['make'] = (written) => {
  const { stem, style, plan, context, writer, values, rows } = written
  const labels = writer.labels(values, rows)
  const quantity = recordedAs(written)
  const text = jsonText({
    $schema: `./${SCHEMA}`,
    ...(quantity ? { quantity } : {}),
    ...difference(inherit({}), frozen(style, plan)),
  })
  const read: unknown = JSON.parse(text)
  // Of the context only what no style says: the tables of regions, and rows that name units.
  const alone = {
    ...context,
    values: undefined,
    step: undefined,
    ...recordedIn(recordedAsIn(read)),
  }
  const by = (beside: Context) => labeller(resolve(parseStyle(read), beside)).labels(values, rows)
  const own = whereResolved(() => by(alone))
  const standsAlone = own !== null && labels.every((label, at) => label === own[at])
  const again = standsAlone ? own : by({ ...alone, values: context.values, step: context.step })
  provedEqual(READ_AGAIN, values, labels, again)
  return {
    files: [
      { name: `${stem}.style.json`, type: 'application/json', text },
      { name: SCHEMA, type: 'application/schema+json', text: jsonText(styleJsonSchema()) },
    ],
    proof: compared(READ_AGAIN, values, written.labels, labels),
    notes: standsAlone
      ? []
      : ['Labels share what all values decide: give the same values, or the labels may differ.'],
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
