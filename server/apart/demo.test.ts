import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { SURFACES, surfaces } from '../../core/surfaces'
import { part } from '../../core/testing/part'
import type { Level } from '../../shared/quantities'
import { EXPORT_IDS, type ExportId, exportForms } from '../../shared/exports'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { loadDemo } from '../study/demo'
import { ownDatabase, serverOn, take as takenOf } from '../testing/taken'

const root = join(__dirname, '../..')
let own: ReturnType<typeof ownDatabase>
let demo: Study
beforeAll(async () => {
  own = ownDatabase()
  demo = await loadDemo(own.db, async (file) =>
    readFileSync(join(root, 'demo/study', file), 'utf8'),
  )
})
afterAll(() => own.close())
const take = (id: ExportId, quantity: Quantity, level: Level = 'quantity') =>
  takenOf(serverOn(own.db), demo, { id, quantity, level })

test('the chart is a picture, read in again, with its words and the number behind each label', async () => {
  for (const one of demo.document.quantities) {
    const { proof, files } = await take('svg', one)
    expect([one.title, proof.differs, proof.values > 3]).toEqual([one.title, [], true])
    expect(files[0].text).toMatch(/<metadata>Made by .* Again: ivory-abacus export .*<\/metadata>/)
  }
  const revenue = demo.document.quantities.find(({ title }) => title === 'Revenue')!
  const at = revenue.chart.callout?.at ?? 'Holm Skerry'
  const called = { ...revenue, chart: { ...revenue.chart, callout: { at } } } as Quantity
  const { text } = (await take('svg', called)).files[0]
  for (const said of ['Holm Skerry: €1M', 'data-surface="legend"', 'data-value="250000"'])
    expect(text).toContain(said)
})

const LEVEL_FORMS = EXPORT_IDS.filter((id) => exportForms[id].isOfLevel)
/** A usual run exports each surface in every fourth form, starting at a different one each time. */
const APART = part(4, 1)
test('every surface of the demo is verified in every form by at least one quantity', async () => {
  const tried = new Set<string>()
  for (const [turn, one] of demo.document.quantities.entries()) {
    for (const [place, level] of (['quantity', ...SURFACES] as const).entries()) {
      if (level === 'legend' && !one.chart.shaded) continue
      const first = (turn + place) % APART
      for (const kind of LEVEL_FORMS.filter((_, at) => at % APART === first)) {
        const { proof } = await take(kind, one, level)
        // Options and patterns have no word for some of them, number styles for two.
        const isUnsaid = kind === 'ods' && ['Nitrate', 'Tide phase'].includes(one.title)
        if (!['options', 'patterns'].includes(kind) && !isUnsaid)
          expect([one.title, level, kind, proof.equal]).toEqual([
            one.title,
            level,
            kind,
            proof.values,
          ])
        tried.add(`${level} ${kind}`)
      }
    }
  }
  const levels = ['quantity', ...SURFACES.filter((surface) => !surfaces[surface].isOfShades)]
  for (const level of levels)
    expect(LEVEL_FORMS.filter((kind) => !tried.has(`${level} ${kind}`))).toEqual([])
})
