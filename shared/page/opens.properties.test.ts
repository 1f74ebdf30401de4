import fc from 'fast-check'
import { SURFACES } from '../../core/surfaces'
import { load } from '../../core/label/testing/platform'
import { joinRegions, regionsBy } from '../../core/label/needs'
import { MEASURE_SYMBOLS } from '../../core/units/names'
import { kinds } from '../../core/measures/parse'
import type { Style } from '../../core/style/fields'
import { part } from '../../core/testing/part'
import { quantitiesOf, stylesIn } from '../quantities'
import { readTable } from '../import/table'
import { newDocument } from '../study/document'
import type { StudyDocument } from '../study/document'
import type { DatasetMeta } from '../study/dataset'
import { runPlacedAlone } from './check'
import { USUAL_SIZE } from './layout'
import { pageSnapshot } from './snapshot'

const read = readTable(
  'shop,amount,money,in\nHolm,1250.5,EUR,kilogram\nVik,83,JPY,gram\nTarn,0.004,USD,tonne\nGull,-2400000,XXX,stones\nSund,,EUR,',
)
const dataset: DatasetMeta = {
  ...{ id: 'd', name: 'Sales', rowCount: read.rowCount, notices: [] },
  columns: read.columns.map(({ name, kind, reason, missing, unread }, position) => ({
    ...{ position, name, kind, reason, missing, unread: [...unread], encoding: 'json' as const },
  })),
}
const cellsOf = (name: string) => read.columns.find((column) => column.name === name)!.cells()

const measure = fc.constantFrom(...Object.keys(kinds))
const unit: fc.Arbitrary<NonNullable<Style['unit']>> = fc.oneof(
  fc.constant({ kind: 'none' as const }),
  fc
    .constantFrom('percent', 'permille', 'percentPoint', 'basisPoint')
    .map((kind) => ({ kind }) as never),
  fc
    .constantFrom('EUR', 'JPY', { column: 'money' }, { column: 'in' })
    .map((code) => ({ kind: 'currency' as const, code })),
  fc
    .constantFrom(...Object.keys(MEASURE_SYMBOLS), 'casks', 'm²')
    .map((text) => ({ kind: 'symbol' as const, text })),
  measure.map((id) => ({ kind: 'measure' as const, id })),
  fc.constantFrom('in', 'money').map((column) => ({ kind: 'measure' as const, id: { column } })),
)
const style: fc.Arbitrary<Style> = fc.record(
  {
    notation: fc.constantFrom('plain', 'scaled', 'scientific', 'engineering', 'multiple', 'clock'),
    ladder: fc.constantFrom('short', 'si', 'long', 'indian', 'myriad', 'binary', 'locale'),
    rung: fc.constantFrom('each', 'shared', 3, 4, 10),
    rungForm: fc.constantFrom('symbol', 'word', 'symbolExponent'),
    unit,
    unitAt: fc.constantFrom('label', 'first', 'title'),
    locale: fc.constantFrom('en', 'de', 'hi', 'ja', 'ar'),
    factor: fc.constantFrom('1', '0.001'),
  },
  { requiredKeys: [] },
) as never

/** What is set, on which level, and what the cells are recorded in. */
const asked = fc.record({
  style,
  level: fc.constantFrom('house', 'quantity', ...SURFACES),
  recorded: fc.option(measure, { nil: undefined }),
})
function studyWith({
  style: own,
  level,
  recorded,
}: typeof asked extends fc.Arbitrary<infer One> ? One : never): StudyDocument {
  const [quantity] = quantitiesOf(dataset)
  const isOfSurface = level !== 'house' && level !== 'quantity'
  return {
    ...newDocument('Sales'),
    house: level === 'house' ? own : {},
    quantities: [
      {
        ...quantity!,
        measure: recorded,
        style: level === 'quantity' ? own : {},
        ...(isOfSurface ? { surfaces: { [level]: own } } : {}),
      },
    ],
    shown: quantity!.id,
  }
}
/** Opens the page of a study's quantity: all its labels, and what is found of them. */
function open(document: StudyDocument) {
  const page = pageSnapshot({
    ...{ document, quantity: document.quantities[0]!, dataset, cellsOf },
    ...{ regions: joinRegions(stylesIn(document).map((one) => regionsBy(one, load))) },
    ...{ size: USUAL_SIZE, machine: false },
  })
  const labels = SURFACES.map((surface) => {
    const { values, rows } = page[`shows.${surface}`]
    return page[`written.${surface}`].writer.labels(values, rows)
  })
  const findings = page.subjects.flatMap(({ subject }) => runPlacedAlone(subject))
  return { page, labels, findings }
}

test('every kind of unit, ladder and notation on every level gives a page that opens', () => {
  fc.assert(
    fc.property(asked, (one) => {
      const { page, labels, findings } = open(studyWith(one))
      expect(labels[SURFACES.indexOf('table')]).toHaveLength(5)
      const refused = SURFACES.filter((surface) => page[`readable.${surface}`].refused !== null)
      // What is not written as it was asked for is said, wherever it is seen.
      for (const { surface } of page.subjects)
        if (refused.includes(surface) && page[`numbers.${surface}`].length > 0)
          expect(findings.map(({ check }) => check)).toContain('style-refused')
    }),
    { numRuns: part(250, 2000) },
  )
})

test.each<[string, Style, string | undefined, boolean]>([
  [
    'SI prefixes on kilograms',
    { notation: 'scaled', ladder: 'si', unit: { kind: 'measure', id: 'kilogram' } },
    'kilogram',
    false,
  ],
  [
    'SI prefixes on square metres',
    { notation: 'scaled', ladder: 'si', unit: { kind: 'measure', id: 'square-meter' } },
    'square-meter',
    true,
  ],
  ['tonnes of hours', { unit: { kind: 'measure', id: 'tonne' } }, 'hour', true],
  ['a rung that the ladder lacks', { notation: 'scaled', rung: 4 }, undefined, true],
  [
    'currencies that are none',
    { unit: { kind: 'currency', code: { column: 'in' } } },
    undefined,
    true,
  ],
])('%s: the page opens, and says so where the style is refused', (_, own, recorded, isRefused) => {
  const { page, findings } = open(studyWith({ style: own, level: 'quantity', recorded }))
  expect(page['readable.table'].refused !== null).toBe(isRefused)
  expect(findings.some(({ check }) => check === 'style-refused')).toBe(isRefused)
})
