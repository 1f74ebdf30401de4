import { recordedAsIn, withOwnQuantity } from '../../core/style/recordedAs'
import { labeller } from '../../core/label/labeller'
import { resolve } from '../../core/label/resolve'
import { parseStyle } from '../../core/style/parse'
import type { Style } from '../../core/style/fields'
import { newDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import { shownBy } from '../../shared/exports/sheet/shown'
import { unzipped } from '../../shared/exports/sheet/zip'
import { regionsBy } from '../../core/label/needs'
import { load } from '../../core/label/testing/platform'
import { createStudy, importDataset } from '../study/studies'
import { ownDatabase, serverOn, take } from '../testing/taken'

const own = ownDatabase()
afterAll(() => own.close())
const server = serverOn(own.db)
const { id } = createStudy(own.db, newDocument('Recorded'), 'Begin')
const study = importDataset(own.db, id, 'Weights', 'n\n70\n1250.5\n0.75\n')!

const quantity = (style: Style, more: Partial<Quantity>): Quantity => ({
  ...study.document.quantities[0]!,
  style,
  surfaces: {},
  ...more,
})
const pounds: Style = { unit: { kind: 'measure', id: 'pound' }, fraction: [1, 1] }
const euros: Style = {
  unit: { kind: 'currency', code: 'EUR' },
  notation: 'scaled',
  rung: 'shared',
  fraction: [1, 1],
}

test('a style stands alone: it carries what its numbers are recorded in, and the rung that they share', async () => {
  const inPounds = quantity(pounds, { measure: 'kilogram', recorded: 3 })
  const { files, proof, notes } = await take(server, study, {
    id: 'style',
    quantity: inPounds,
    level: 'quantity',
  })
  const read = JSON.parse(files[0].text) as Record<string, unknown>
  expect(read.quantity).toEqual({ recorded: 3, measure: 'kilogram' })
  expect([proof.equal, notes]).toEqual([3, []])
  // Whoever has the file alone writes the same labels.
  const style = parseStyle(read)
  const context = { ...regionsBy(style, load), ...recordedAsIn(read) }
  expect(labeller(resolve(style, context)).label(70)).toBe('154,323.6 lb')
  expect(withOwnQuantity({ style: read, values: [70] })).toMatchObject({
    quantity: { recorded: 3, measure: 'kilogram' },
  })
  const shared = await take(server, study, {
    id: 'style',
    quantity: quantity(euros, { recorded: 3 }),
    level: 'quantity',
  })
  expect(JSON.parse(shared.files[0].text)).toMatchObject({ rung: 6, quantity: { recorded: 3 } })
  expect(() => parseStyle({ quantity: { recorded: 'x' } })).toThrow('style.quantity')
})

test('the cells of a sheet hold the numbers themselves, and are shown as on the desk', async () => {
  const { files, proof } = await take(server, study, {
    id: 'ods',
    quantity: quantity(euros, { recorded: 3 }),
    level: 'quantity',
  })
  const content = unzipped(Buffer.from(files[0].text, 'base64'))
  const xml = content.find(({ name }) => name === 'content.xml')!.text
  expect([...xml.matchAll(/office:value="([^"]+)"/g)].map(([, value]) => value)).toEqual([
    '70000',
    '1250500',
    '750',
  ])
  expect(proof.equal).toBe(proof.values)
  const marks = { decimal: '.', group: ',', minus: '-', plus: '+', first: 3, rest: 3 } as never
  expect(shownBy(content, marks).cells.map(({ label }) => label)).toEqual([
    '€0.1M',
    '€1.3M',
    '€0.0M',
  ])
})

test('options say that values have to be converted, and on which they differ', async () => {
  const { notes, proof } = await take(server, study, {
    id: 'options',
    quantity: quantity(pounds, { measure: 'kilogram' }),
    level: 'quantity',
  })
  expect(notes.join(' ')).toContain('recorded in kilogram (convert them first)')
  expect(proof.differs[0]).toMatchObject({ value: '70', label: '154.3 lb', other: '70.0 lb' })
})
