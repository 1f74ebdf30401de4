import { sayMessage } from '../../../core/text/message'
import { toExactText } from '../../../core/decimal/decimal'
import {
  MESSAGES,
  type MessageId,
  messageOf,
  mixedMessageOf,
  surfaceOf,
  variablesOf,
} from '../messages'
import { factsOf, proseOf } from '../prose'
import { unitWords } from '../mixed'
import { besideOf, categoryRows } from '../sources'
import { each, from, type PageValues } from '../values'

/** What a callout can say besides: the name and the number of its mark. */
function ofCallout({
  calledOut,
  drawing,
}: Pick<PageValues, 'calledOut' | 'drawing'>): PageValues['variables'] {
  const group = calledOut === null ? null : drawing!.groups[calledOut]!
  return group ? { name: group.category, value: group.value } : {}
}
const ownVariables: Partial<Record<MessageId, typeof ofCallout>> = { callout: ofCallout }

/** What the words of a page say. */
export const wordDerivations = {
  facts: from(
    ['quantity', 'dataset', 'rows', 'spokenOf', 'rates'],
    ({ quantity, dataset, rows, spokenOf, rates }) =>
      rows ? factsOf(quantity, dataset, rows, spokenOf, rates) : [],
  ),
  variables: from(['drawing', 'rows'], ({ drawing, rows }) =>
    variablesOf(drawing, rows?.values ?? []),
  ),
  besideNumbers: from(['chart', 'drawing', 'calledOut', 'variables', 'agreed'], (page) => {
    const { chart, drawing, calledOut, agreed } = page
    const called =
      calledOut === null ? undefined : categoryRows(chart, drawing, [calledOut], agreed)
    return { ...besideOf(chart, page.variables, agreed), ...(called ? { value: called[0]! } : {}) }
  }),
  calledOut: from(['chart', 'drawing'], ({ chart, drawing }) => {
    const at = drawing?.groups.findIndex(({ category }) => category === chart.callout?.at) ?? -1
    return at < 0 ? null : at
  }),
  ...each('source', MESSAGES, (id) =>
    from(['quantity', 'drawing', 'mixed'], ({ quantity, drawing, mixed }) =>
      mixed
        ? mixedMessageOf(quantity, id, mixed.units.map(unitWords))
        : messageOf(quantity, id, drawing),
    ),
  ),
  ...each('prose', MESSAGES, (id) =>
    from(
      [
        'document',
        'quantity',
        'dataset',
        'facts',
        'variables',
        'besideNumbers',
        'tableRows',
        'calledOut',
        'drawing',
        'setting',
        `style.${surfaceOf(id)}`,
        `written.${surfaceOf(id)}`,
        `adjusted.${surfaceOf(id)}`,
      ],
      (page) => {
        const { writer } = page[`written.${surfaceOf(id)}`]
        const adjusted = page[`adjusted.${surfaceOf(id)}`]
        const { document, quantity, dataset, facts, setting } = page
        return proseOf({
          document,
          quantity,
          dataset,
          facts,
          setting,
          id,
          variables: { ...page.variables, ...ownVariables[id]?.(page) },
          style: page[`style.${surfaceOf(id)}`],
          beside: page.besideNumbers,
          rows: page.tableRows,
          own: (value, row) => {
            const text = toExactText(value)
            return adjusted.get(text)?.label ?? writer.label(text, row)
          },
        })
      },
    ),
  ),
  ...each('said', MESSAGES, (id) =>
    from([`prose.${id}`, `source.${id}`], (page) =>
      sayMessage(page[`source.${id}`], page[`prose.${id}`]),
    ),
  ),
}
