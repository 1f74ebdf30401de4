import { labelsByModule } from '../../shared/exports/run'
import { createStudy, importDataset } from '../study/studies'
import { newDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { ownDatabase, serverOn, take } from '../testing/taken'

let own: ReturnType<typeof ownDatabase>
let study: Study
beforeAll(() => {
  own = ownDatabase()
  const { id } = createStudy(own.db, newDocument('Wishes'), 'Begin')
  study = importDataset(
    own.db,
    id,
    'Sales',
    'site,amount,money\nHolm,1200000,EUR\nVik,7000000,NOK\nSund,250000,EUR',
  )!
})
afterAll(() => own.close())

const sales = (wanted: Partial<Quantity>): Quantity => ({
  ...study.document.quantities[0]!,
  column: 'amount',
  title: 'Sales',
  surfaces: {},
  style: {},
  ...wanted,
})
const given = (wanted: Partial<Quantity>) => {
  const quantity = sales(wanted)
  return { quantity, of: { ...study, document: { ...study.document, quantities: [quantity] } } }
}
test('a filter goes along, and is said; all rows go along where that is chosen', async () => {
  const { quantity, of } = given({ filter: { column: 'site', is: ['Holm', 'Sund'] } })
  const shown = await take(serverOn(own.db), of, { id: 'csv', quantity })
  expect(shown.files[0].text).not.toContain('Vik')
  expect(shown.proof.values).toBe(2)
  expect(shown.notes.join()).toContain('the rows that are shown, where site is Holm, Sund')
  const all = await take(serverOn(own.db), of, {
    ...{ id: 'csv', quantity, wishes: { rows: 'all', lacking: null } },
  })
  expect(all.files[0].text).toContain('Vik')
  expect(all.files[1]!.text).toContain('--rows all')
  const module = await take(serverOn(own.db), of, { id: 'module', quantity })
  expect(module.files[0].text).toContain('where site is Holm, Sund')
  expect(module.files[0].text).toContain('domain = [250000, 1200000]')
})

test('a label without its row is an error, or has what was chosen in place of the unit', async () => {
  const { quantity, of } = given({
    style: { unit: { kind: 'currency', code: { column: 'money' } } as never },
  })
  const strict = await take(serverOn(own.db), of, { id: 'module', quantity })
  const { files } = await take(serverOn(own.db), of, {
    ...{ id: 'module', quantity, wishes: { rows: 'shown', lacking: 'in its currency' } },
  })
  expect(files[1]!.text).toContain('label(value: Value, row?: Row)')
  expect(files[0].text).toContain("--lacking 'in its currency'")
  expect(await labelsByModule(files[0].text, [5, null])).toEqual(['5\u00a0in its currency', '–'])
  expect(await labelsByModule(files[0].text, [5], [{ money: 'EUR' }])).toEqual(['€5.00'])
  await expect(labelsByModule(strict.files[0].text, [5])).rejects.toThrow('no row is given')
})

test('a frozen rung says what it does far from the study, and findings that stand are listed', async () => {
  const { quantity, of } = given({ style: { notation: 'scaled', rung: 9, fraction: [0, 0] } })
  const { notes, findings } = await take(serverOn(own.db), of, { id: 'module', quantity })
  expect(notes.join()).toContain('1,000 is written 0B, 1,000,000,000 is written 1B')
  expect(findings!.map(({ severity }) => severity)).toContain('error')
})

test('surfaces that are written otherwise are told where only the style of the quantity goes along', async () => {
  const surfaces = { axis: { fraction: [0, 0] as [number, number] }, tooltip: {}, table: {} }
  const { quantity, of } = given({ surfaces })
  const notesOf = async (level: 'quantity' | 'axis') =>
    (await take(serverOn(own.db), of, { id: 'csv', quantity, level })).notes.join()
  expect(await notesOf('quantity')).toContain('Written otherwise on the axis: take these')
  expect(await notesOf('axis')).not.toContain('Written otherwise')
})

test('an axis that zooms has ticks for any domain, in the rung that they need', async () => {
  const { quantity, of } = given({ style: { notation: 'scaled', rung: 6, fraction: [1, 1] } })
  const { files } = await take(serverOn(own.db), of, { id: 'module', quantity, level: 'axis' })
  const zoomed = `${files[0].text.replace('export const labels =', 'const labels_ =')}
export const labels = () => ticksFor([0, 2000], 300).map(({ label }) => label)`
  expect(await labelsByModule(zoomed, [])).toEqual(['0.0K', '0.5K', '1.0K', '1.5K', '2.0K'])
  expect(files[1]!.text).toContain('function ticksFor(')
  const marks = await take(serverOn(own.db), of, { id: 'module', quantity, level: 'marks' })
  expect(marks.files[0].text).not.toContain('ticksFor')
})
