import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { SURFACES } from '../../core/surfaces'
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
test('every surface of the demo passes its proofs, in every form', async () => {
  let proved = 0
  for (const one of demo.document.quantities) {
    for (const level of ['quantity', ...SURFACES] as const) {
      if (level === 'legend' && !one.chart.shaded) continue
      for (const kind of LEVEL_FORMS) {
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
        proved++
      }
    }
  }
  expect(proved).toBeGreaterThan(300)
}, 300_000)
