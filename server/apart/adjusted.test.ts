import { execFileSync } from 'node:child_process'
import { newDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import type { Db } from '../db/database'
import { createStudy, importDataset } from '../study/studies'
import { ownDatabase, serverOn, take as takenOf } from '../testing/taken'
import type { Server } from './tasks'

let own: ReturnType<typeof ownDatabase>
let db: Db
let server: Server
beforeAll(() => {
  own = ownDatabase()
  db = own.db
  server = serverOn(db)
})
afterAll(() => own.close())

/** A study of a table whose numbers are rounded to ones and adjusted, and its table in some form. */
function adjustedStudy(table: string) {
  const { id } = createStudy(db, newDocument('Parts'), 'Begin')
  const study = importDataset(db, id, 'Parts', table)!
  const quantity: Quantity = {
    ...study.document.quantities[0]!,
    ...{ style: { fraction: [0, 0] }, surfaces: {}, total: 'adjust' },
  }
  return (form: Parameters<typeof takenOf>[2]['id'], more: Partial<Quantity> = {}) =>
    takenOf(server, study, { id: form, quantity: { ...quantity, ...more }, level: 'table' })
}
/** What an expression over the functions of a module gives, in a program of its own. */
function said(module: string, expression: string): unknown {
  const own = `import * as given from ${JSON.stringify(`data:text/javascript,${encodeURIComponent(module)}`)}
const { label, labels, parts, spoken } = given
process.stdout.write(JSON.stringify(${expression}))`
  return JSON.parse(
    execFileSync(process.execPath, ['--input-type=module', '-e', own], { encoding: 'utf8' }),
  )
}

test('parts that are adjusted so that all add up stand so in lists and code, and are told elsewhere', async () => {
  const take = adjustedStudy('site,part\nHolm,3.4\nVik,5.4\nTarn,2.4')
  const csv = await take('csv')
  expect(csv.files[0]!.text.split('\r\n').slice(1, 4)).toEqual([
    'Holm,3.4,†4,4',
    'Vik,5.4,5,5',
    'Tarn,2.4,2,2',
  ])
  expect(csv.notes).toEqual(['1 part is adjusted (†) so that all add up.'])
  const html = await take('html')
  expect(html.files[0]!.text).toContain('<data value="3.4">†4</data>')
  expect(html.files[0]!.text).not.toContain('aria-label="3"')
  const code = await take('module')
  expect(code.notes).toEqual(csv.notes)
  expect(
    said(
      code.files[0]!.text,
      '[labels([3.4, "5.4", null, 2.4, 3.3]), label(3.4), spoken(3.4), parts("3.4")[0].value]',
    ),
  ).toEqual([['4', '5', '–', '2', '3'], '4', '4', '4'])
  const sheet = await take('ods')
  expect([sheet.notes, sheet.shown]).toEqual([
    csv.notes,
    expect.stringMatching(/3\.4 {3}shown as {3}†4/),
  ])
  expect(sheet.proof.equal).toBe(sheet.proof.values)
  for (const id of ['options', 'patterns', 'style'] as const) {
    const { notes, proof } = await take(id)
    expect(notes).toContain(
      'On the page 1 part is adjusted (†) so that all add up; this writes each number by itself.',
    )
    expect([id, proof.differs[0]]).toEqual([id, { value: '3.4', label: '4', other: '3' }])
    expect(proof.equal).toBeLessThan(proof.values)
  }
})

test('of equal parts a list writes the first ones adjusted, and a label alone is as it is', async () => {
  const take = adjustedStudy('site,part\nHolm,33.4\nVik,33.4\nTarn,33.4\nSund,-0.2')
  for (const id of ['module', 'package'] as const) {
    const { proof } = await take(id)
    expect([id, proof.equal]).toEqual([id, proof.values])
  }
  const { files } = await take('module')
  expect(said(files[0]!.text, '[labels([33.4, 33.4, 33.4, -0.2]), label(33.4)]')).toEqual([
    ['34', '33', '33', '0'],
    '33',
  ])
})

test('a sheet keeps a negative part a number beside the text that it shows', async () => {
  const take = adjustedStudy('site,part\nHolm,-3.4\nVik,-5.4\nTarn,-2.4')
  const { proof, shown } = await take('ods')
  // −3.4 − 5.4 − 2.4 is −11.2, printed −11.
  expect(shown).toMatch(/-2\.4 {3}shown as {3}†-3$/m)
  expect(proof.equal).toBe(proof.values)
})

test('parts of the ticked rows alone are adjusted where some are ticked', async () => {
  const take = adjustedStudy('site,part\nHolm,3.4\nVik,5.4\nTarn,2.4\nSund,1.4')
  const { files } = await take('csv', { selected: [1, 2, 3] })
  const labels = files[0]!.text.split('\r\n').map((line) => line.split(',')[2])
  expect(labels.slice(1, 5)).toEqual(['3', '†6', '2', '1'])
})

test('numbers with an uncertainty are not adjusted', async () => {
  const take = adjustedStudy('site,part,error\nHolm,3.4,0.5\nVik,5.4,0.5\nTarn,2.4,0.5')
  const uncertainty = { column: 'error' }
  const { notes } = await take('csv', { style: { fraction: [0, 0], uncertainty } })
  expect(notes).toEqual([])
})
