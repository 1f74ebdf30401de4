import fc from 'fast-check'
import { SURFACES } from '../../../../core/surfaces'
import { anyStyle } from '../../../../core/label/testing/styles'
import { parseStyle } from '../../../../core/style/parse'
import { part } from '../../../../core/testing/part'
import { FORM_IDS } from '../../../../shared/forms'
import { MARK_PARTS } from '../../../../shared/forms/parts'
import { USUAL_SIZE } from '../../../../shared/page/layout'
import { pageSnapshot } from '../../../../shared/page/snapshot'
import type { PageInputs } from '../../../../shared/page/values'
import type { Cell } from '../../../../shared/quantities'
import type { DatasetMeta } from '../../../../shared/study/dataset'
import { type StudyDocument, studyDocumentSchema } from '../../../../shared/study/document'

/** Random studies, as pages take them in. */
const ROWS = 24
const numbers = (of: (at: number) => Cell) => Array.from({ length: ROWS }, (_, at) => of(at))
/** A table with what charts part rows by, and numbers of several sizes, some missing. */
export const table: Record<string, readonly Cell[]> = {
  site: numbers((at) => ['Holm', 'Vik', 'Tarn', 'Farrow Ledge', ''][at % 5]!),
  kind: numbers((at) => ['near', 'far', 'deep'][at % 3]!),
  c: numbers((at) => ['EUR', 'USD', ''][at % 3]!),
  n: numbers((at) => (at === 7 ? null : (at + 1) * 312_500.25 - (at % 7) * 1_900_000)),
  small: numbers((at) => (at - 8) * 3.7e-7),
  whole: numbers((at) => (at % 4) + 1),
}
const NUMERIC = ['n', 'small', 'whole']
export const dataset: DatasetMeta = {
  id: 'd',
  name: 'Catch',
  rowCount: ROWS,
  notices: [],
  columns: Object.keys(table).map((name, position) => ({
    position,
    name,
    kind: NUMERIC.includes(name) ? 'number' : 'text',
    reason: { code: 'text' as const },
    encoding: 'json',
    missing: 0,
    unread: [],
  })),
}
export const cellsOf = (name: string) => table[name]!
const maybe = <Value>(of: fc.Arbitrary<Value>) => fc.option(of, { nil: undefined, freq: 2 })

const style = anyStyle.map((input) => {
  try {
    const { locale: _, ...own } = parseStyle(input)
    return own
  } catch {
    return {}
  }
})
const chart = fc.record(
  {
    category: fc.constantFrom('site', 'kind', null),
    aggregate: fc.constantFrom('sum', 'mean', 'count', 'largest'),
    form: maybe(fc.constantFrom(...FORM_IDS)),
    panels: maybe(fc.constant('kind')),
    colour: maybe(fc.constant('kind')),
    second: maybe(fc.constantFrom('small', 'whole')),
    shaded: maybe(fc.boolean()),
    parts: maybe(fc.uniqueArray(fc.constantFrom(...MARK_PARTS), { minLength: 1 })),
    against: fc.constantFrom('whole', 'small'),
    lines: maybe(fc.constantFrom(1, 2)),
    few: maybe(fc.boolean()),
    callout: maybe(fc.constant({ at: 'Vik' })),
  },
  { requiredKeys: ['category', 'aggregate'] },
)
const ticks = fc.record({
  count: maybe(fc.integer({ min: 1, max: 12 })),
  kind: maybe(fc.constantFrom('linear', 'log', 'symlog')),
  labels: maybe(fc.constant(['none', '', '5'])),
})
const anyDocument = fc.record({
  house: style,
  style,
  surfaces: fc.dictionary(fc.constantFrom(...SURFACES), style, { maxKeys: 3 }),
  column: fc.constantFrom(...NUMERIC),
  chart,
  ticks,
  filter: maybe(fc.constant({ column: 'site', is: ['Vik', 'Tarn'] })),
  total: maybe(fc.constantFrom('plain', 'note', 'adjust')),
  selected: maybe(fc.constant([1, 2, 9])),
  kind: maybe(fc.constantFrom('amount', 'count', 'shares')),
  page: fc.record({
    table: maybe(fc.constantFrom('left', 'below')),
    fontSize: maybe(fc.integer({ min: 8, max: 24 })),
    chartWidth: maybe(fc.integer({ min: 160, max: 1200 })),
    without: maybe(fc.subarray([...SURFACES], { maxLength: 2 })),
  }),
  sentence: maybe(fc.constant('{small :least} at {site :where largest=n}, {$largest}')),
})

type AnyDocument = typeof anyDocument extends fc.Arbitrary<infer Made> ? Made : never
type Inputs = Omit<PageInputs, 'loaded' | 'caseCells'>
/** A random study as a page takes it in; null where no style of it can be resolved. */
function inputsOf(given: AnyDocument, index: number): Inputs | null {
  const { house, page, sentence, ...own } = given
  const others = NUMERIC.filter((name) => name !== own.column).map((name) => ({
    id: name,
    datasetId: 'd',
    column: name,
    title: name,
    recorded: 0,
    style: {},
    chart: { category: null, aggregate: 'sum' },
    ticks: {},
  }))
  const shown = {
    ...own,
    // Its own id: a label's room only shrinks while one and the same quantity is shown.
    id: `q${index}`,
    datasetId: 'd',
    title: 'Catch',
    recorded: 0,
    texts: sentence === undefined ? undefined : { sentence },
  }
  const stored = { name: 'S', house, page, shown: `q${index}`, quantities: [shown, ...others] }
  const document = studyDocumentSchema.parse(JSON.parse(JSON.stringify(stored))) as StudyDocument
  const quantity = document.quantities[0]!
  const inputs = { document, quantity, dataset, regions: {}, size: USUAL_SIZE, machine: false }
  try {
    void pageSnapshot({ ...inputs, cellsOf }).subjects.map(({ subject }) => subject.style)
    return inputs
  } catch {
    return null
  }
}
export const studies = fc
  .sample(anyDocument, { numRuns: part(60, 400), seed: 18 })
  .flatMap((given, index) => inputsOf(given, index) ?? [])
