import fc from 'fast-check'
import { parseDocument } from 'htmlparser2'
import { selectAll } from 'css-select'
import type { AnyNode, Element } from 'domhandler'
import Papa from 'papaparse'
import { shift } from '../../core/decimal/arithmetic'
import { decimal, toText } from '../../core/decimal/decimal'
import { StyleError } from '../../core/error'
import { anyStyle } from '../../core/label/testing/styles'
import type { Style } from '../../core/style/fields'
import { parseStyle } from '../../core/style/parse'
import { part } from '../../core/testing/part'
import { EXPORT_IDS, type ExportId } from '../../shared/exports'
import type { Export } from '../../shared/exports/export'
import { ExportError } from '../../shared/exports/prove'
import { readFile } from '../../shared/import/files'
import { readTable } from '../../shared/import/table'
import { newDocument } from '../../shared/study/document'
import type { Quantity } from '../../shared/study/quantity'
import type { Study } from '../../shared/study/study'
import { createStudy, importDataset } from '../study/studies'
import { ownDatabase, serverOn, take } from '../testing/taken'
import type { Server } from './tasks'

let own: ReturnType<typeof ownDatabase>
let server: Server
beforeAll(() => {
  own = ownDatabase()
  server = serverOn(own.db)
})
afterAll(() => own.close())

const STUDIES = part(10, 300)
const SITES = ['Holm', 'Vik', 'Tarn', 'Ask']
const cell = fc
  .tuple(fc.integer({ min: -999_999_999, max: 999_999_999 }), fc.integer({ min: -12, max: 12 }))
  .map(([digits, power]) => `${digits}e${power}`)
const row = fc.record({
  value: fc.oneof({ weight: 9, arbitrary: cell }, fc.constantFrom('0', '')),
  c: fc.constantFrom('EUR', 'USD', 'JPY'),
  error: fc.constantFrom('0.5', '12', '0.003'),
})
/** Values of any size, with a currency and an error beside each. */
const anyRows = fc.array(row, { minLength: 4, maxLength: 12 })
const anyMeasure = fc.constantFrom(
  null,
  null,
  { kind: 'measure', id: 'tonne' },
  { kind: 'measure', id: 'pound', display: 'long' },
)
const anyWishes = fc.record({
  isFiltered: fc.boolean(),
  isAdjusted: fc.boolean(),
  axis: fc.constantFrom<Style>({}, { fraction: 'step' }, { notation: 'scaled', rung: 'shared' }),
  byHand: fc.constantFrom<string[]>([], ['none', '', 'by hand']),
  recorded: fc.constantFrom(0, 0, 3),
})
const anyStudy = fc.tuple(anyStyle, anyRows, anyMeasure, anyWishes)

const csvOf = (rows: readonly { value: string; c: string; error: string }[]) =>
  [
    'site,n,c,d',
    ...rows.map((one, at) => `${SITES[at % 4]},${one.value},${one.c},${one.error}`),
  ].join('\n')

/** A form, or why there is none. */
async function made(study: Study, id: ExportId, quantity: Quantity): Promise<Export | Error> {
  try {
    return await take(server, study, { id, quantity })
  } catch (error) {
    if (error instanceof ExportError || error instanceof StyleError) return error
    throw error
  }
}

/** The values that a form has, as somebody else's reader finds them; null where it has none. */
const valuesIn: Partial<Record<ExportId, (made: Export) => Promise<string[]>>> = {
  csv: ({ files: [file] }) => {
    const [head = [], ...rows] = Papa.parse<string[]>(file.text, { skipEmptyLines: true }).data
    return Promise.resolve(rows.map((one) => one[head.indexOf('value')] ?? '').filter(Boolean))
  },
  html: ({ files: [file] }) =>
    Promise.resolve(
      selectAll<AnyNode, Element>('data', parseDocument(file.text)).map(
        (one) => one.attribs.value!,
      ),
    ),
  async ods({ files: [file] }) {
    const bytes = Buffer.from(file.text, 'base64')
    const { text } = await readFile({ bytes, name: file.name })
    const { columns } = readTable(text)
    const numbers = columns.filter(({ kind }) => kind === 'number').at(-1)
    return (numbers?.cells() ?? []).filter((one) => one !== null)
  },
}

const SHARE_NO_SCALE = /share no scale/

test('every form of many studies keeps its numbers, and is proved or told not to be', async () => {
  let run = 0
  for (const [fields, rows, unit, wishes] of fc.sample(anyStudy, { numRuns: 4000, seed: 5 })) {
    if (run === STUDIES) break
    let style: Style
    try {
      style = parseStyle({ ...fields, ...(unit ? { unit } : {}) }) as Style
    } catch {
      continue
    }
    const { id } = createStudy(own.db, newDocument('Many'), 'Begin')
    const study = importDataset(own.db, id, 'Data', csvOf(rows))!
    const found = study.document.quantities.find(({ column }) => column === 'n')
    if (!found) continue
    const quantity: Quantity = {
      ...found,
      style,
      surfaces: { axis: wishes.axis },
      recorded: wishes.recorded,
      ticks: { ...found.ticks, labels: wishes.byHand },
      ...(unit ? { measure: 'kilogram' } : {}),
      ...(wishes.isAdjusted ? { total: 'adjust' as const } : {}),
      ...(wishes.isFiltered ? { filter: { column: 'site', is: ['Holm', 'Vik', 'Tarn'] } } : {}),
    }
    const alone: Study = {
      ...study,
      document: { ...study.document, quantities: [quantity], shown: quantity.id },
    }
    // A style that is refused has no form at all.
    if ((await made(alone, 'style', quantity)) instanceof Error) continue
    run++
    const shown = rows.filter((_, at) => !wishes.isFiltered || at % 4 !== 3)
    const values = shown.map(({ value }) => value).filter(Boolean)
    for (const form of EXPORT_IDS) {
      const one = await made(alone, form, quantity)
      const what = JSON.stringify([form, style, quantity.recorded, rows])
      // Rows in several currencies make no picture until rates lead from one to another.
      if (form === 'svg' && one instanceof ExportError && SHARE_NO_SCALE.test(one.message)) continue
      if (one instanceof Error) throw new Error(`${what}: ${one.message}`)
      if (!['options', 'patterns', 'ods'].includes(form))
        expect([what, one.proof.differs]).toEqual([what, []])
      const again = await valuesIn[form]?.(one)
      if (again)
        expect([what, again.map((value) => toText(decimal(value)))]).toEqual([
          what,
          // A sheet holds the true numbers, whatever power of ten the cells are recorded in.
          values.map((value) =>
            toText(shift(decimal(value), form === 'ods' ? quantity.recorded : 0)),
          ),
        ])
    }
  }
  expect(run).toBe(STUDIES)
}, 3_600_000)
