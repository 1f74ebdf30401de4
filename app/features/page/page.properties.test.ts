import fc from 'fast-check'
import { computed, effectScope, nextTick, ref, shallowRef } from 'vue'
import { SURFACES } from '../../../core/checks/types'
import { anyStyle } from '../../../core/label/testing/styles'
import { StyleError } from '../../../core/error'
import { parseStyle } from '../../../core/style/parse'
import { part } from '../../../core/testing/part'
import { FORM_IDS } from '../../../shared/forms'
import { MARK_PARTS } from '../../../shared/forms/parts'
import { inOrder } from '../../../shared/graph/derivation'
import { runPlaced } from '../../../shared/page/check'
import { PAGE_INPUTS, pageGraph } from '../../../shared/page/graph'
import { USUAL_SIZE } from '../../../shared/page/layout'
import { pageSnapshot } from '../../../shared/page/snapshot'
import type { Derived, PageInputs, PageValues } from '../../../shared/page/values'
import type { Cell } from '../../../shared/quantities'
import { studyFindings } from '../../../shared/report/findings'
import type { DatasetMeta } from '../../../shared/study/dataset'
import { type StudyDocument, studyDocumentSchema } from '../../../shared/study/document'
import { liveGraph } from '../../composables/liveGraph'

const ROWS = 24
const numbers = (of: (at: number) => Cell) => Array.from({ length: ROWS }, (_, at) => of(at))
/** A table with what charts part rows by, and numbers of several sizes, some missing. */
const table: Record<string, readonly Cell[]> = {
  site: numbers((at) => ['Holm', 'Vik', 'Tarn', 'Farrow Ledge', ''][at % 5]!),
  kind: numbers((at) => ['near', 'far', 'deep'][at % 3]!),
  c: numbers((at) => ['EUR', 'USD', ''][at % 3]!),
  n: numbers((at) => (at === 7 ? null : (at + 1) * 312_500.25 - (at % 7) * 1_900_000)),
  small: numbers((at) => (at - 8) * 3.7e-7),
  whole: numbers((at) => (at % 4) + 1),
}
const NUMERIC = ['n', 'small', 'whole']
const dataset: DatasetMeta = {
  id: 'd',
  name: 'Catch',
  rowCount: ROWS,
  notices: [],
  columns: Object.keys(table).map((name, position) => ({
    position,
    name,
    kind: NUMERIC.includes(name) ? 'number' : 'text',
    reason: '',
    encoding: 'json',
    missing: 0,
    unread: [],
  })),
}
const cellsOf = (name: string) => table[name]!
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
const studies = fc
  .sample(anyDocument, { numRuns: part(60, 400), seed: 18 })
  .flatMap((given, index) => inputsOf(given, index) ?? [])

/** What a study says, or why a style of it cannot be resolved beside these numbers. */
function orTrouble(say: () => string[]): string[] {
  try {
    return say()
  } catch (error) {
    if (error instanceof StyleError) return [error.message]
    throw error
  }
}
/** What is found of a page, as text. */
const findingsOf = (subjects: PageValues['subjects']) =>
  subjects.flatMap(({ surface, other, subject }) =>
    runPlaced(subject).map(
      ({ check, message, at }) =>
        `${other?.title ?? 'Catch'} ${surface} ${check} ${at.length} ${message}`,
    ),
  )

/** What a report on the study's file says of its first quantity. */
function reported(document: StudyDocument): string[] {
  const findings = (quantities: StudyDocument['quantities']) =>
    studyFindings({
      document: { ...document, quantities },
      datasets: [dataset],
      regions: {},
      cellsOf: (_, name) => cellsOf(name),
    })
  const others = findings(document.quantities.slice(1))
  return findings(document.quantities)
    .slice(0, others.length === 0 ? undefined : -others.length)
    .map(
      ({ quantity, surface, check, message, at }) =>
        `${quantity} ${surface} ${check} ${at.length} ${message}`,
    )
}

test('the graph has an order, and each value looks at nothing but what it says that it needs', () => {
  expect(inOrder<PageValues>(pageGraph, PAGE_INPUTS)).toHaveLength(Object.keys(pageGraph).length)
  for (const inputs of studies.slice(0, 12)) {
    const page = pageSnapshot({ ...inputs, cellsOf })
    for (const name of Object.keys(pageGraph) as Derived[]) {
      const { needs, make } = pageGraph[name]
      const only = new Proxy(page, {
        get(values, asked) {
          if (!(needs as readonly PropertyKey[]).includes(asked))
            throw new Error(`${name} looks at ${String(asked)}`)
          return values[asked as keyof PageValues]
        },
      })
      expect(() => make(only)).not.toThrow()
    }
  }
})

test('a page that follows the study finds what a report on its file finds, crowding included', async () => {
  expect(studies.length).toBeGreaterThan(part(30, 200))
  const scope = effectScope()
  const input = shallowRef(studies[0]!)
  const live = scope.run(() => {
    const given = {
      document: computed(() => input.value.document),
      quantity: computed(() => input.value.quantity),
      dataset: ref(dataset),
      regions: shallowRef({}),
      size: shallowRef(USUAL_SIZE),
      machine: ref(false),
    }
    const caseCells = shallowRef<PageInputs['caseCells']>([])
    const loaded = shallowRef<PageInputs['loaded']>(null)
    const page = liveGraph<PageValues, keyof PageInputs>(pageGraph, { ...given, loaded, caseCells })
    return { page, loaded, caseCells }
  })!
  const found: string[] = []
  for (const one of studies) {
    input.value = one
    live.loaded.value = { wanted: live.page.wanted.value, cellsOf }
    live.caseCells.value = live.page.caseColumns.value.map((name) => [name, cellsOf(name)] as const)
    await nextTick()
    const own = orTrouble(() => reported(one.document))
    expect(orTrouble(() => findingsOf(live.page.subjects.value))).toEqual(own)
    found.push(...own)
  }
  scope.stop()
  expect(found.some((one) => one.includes(' crowded '))).toBe(true)
  expect(new Set(found.map((one) => one.split(' ')[2])).size).toBeGreaterThan(8)
}, 120_000)
