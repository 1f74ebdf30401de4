import { extremesOf } from '../../../core/data/extremes'
import { toExactText } from '../../../core/decimal/decimal'
import { StyleError } from '../../../core/error'
import { ExportError } from '../../../shared/exports/prove'
import { writtenOn } from '../../../shared/exports/written'
import { pageSnapshot } from '../../../shared/page/snapshot'
import { railOf } from '../dock/rail'
import { cellsOf, dataset, studies } from './testing/studies'

const pages = studies.map((inputs) => pageSnapshot({ ...inputs, cellsOf }))
/** Whether each label of a set says its unit, as it does where it stands alone. */
const saysUnit = (unitAt: string): boolean => unitAt === 'label' || unitAt === 'title'

test('exports write what the page writes', () => {
  let compared = 0
  for (const page of pages)
    for (const level of page.shown) {
      const { document, quantity } = page
      if (quantity.filter && level === 'table') continue
      const own = page[`shows.${level}`]
      const wanted =
        level === 'axis'
          ? page.tickLabels.slice(0, own.values.length)
          : page[`written.${level}`].writer.labels(own.values, own.rows)
      const cells = (name: string) => [...(cellsOf(name) ?? [])]
      try {
        const asked = { document, quantity, dataset, level, regions: {}, cellsOf: cells }
        const { labels } = writtenOn(asked)
        expect({ level, labels }).toEqual({ level, labels: wanted })
        compared += labels.length
      } catch (error) {
        // A page without numbers gives nothing out; names of units need their region's tables.
        if (!(error instanceof ExportError) && !(error instanceof StyleError)) throw error
      }
    }
  expect(compared).toBeGreaterThan(1000)
})

test('the rail says of the largest and the smallest what their labels say', () => {
  let compared = 0
  for (const page of pages) {
    const extremes = extremesOf(page['numbers.table'])
    if (!extremes || page.tableRows || !saysUnit(page['style.table'].unitAt)) continue
    const { plan, writer } = page['written.table']
    const [largest, smallest] = railOf(plan, extremes).rows
    const labels = writer.labels(page['shows.table'].values)
    expect(labels).toEqual(expect.arrayContaining([largest!.label, smallest!.label]))
    compared++
  }
  expect(compared).toBeGreaterThan(10)
})

test('headline and sentence say each number as their style writes it', () => {
  let said = 0
  for (const page of pages)
    for (const message of ['headline', 'sentence'] as const) {
      const { numbers, rows, ownText, problems } = page[`said.${message}`]
      if (problems.length > 0) continue
      const { writer } = page[`written.${message}`]
      const labels = numbers.map((number, at) => writer.label(toExactText(number), rows[at]))
      const missing = labels.filter((label) => !ownText.includes(label))
      expect({ message, ownText, missing }).toMatchObject({ missing: [] })
      said += numbers.length
    }
  expect(said).toBeGreaterThan(100)
})
