import { toText } from '../../core/decimal/decimal'
import { labelsOf, mended, relabelled, valuesOf } from './mend'
import { partsOf, styleFor, styleNow } from './parts'
import { readWork } from './file'
import { graveIn, readersOf, readText } from './testing/readers'
import { rowsOf } from './rows'

const eighths = ['0.0', '0.1', '0.3', '0.4', '0.5']
const tick = (label: string, at: number) =>
  `<g class="tick" aria-label="${label}"><line x1="40" x2="34" y1="${200 - at * 40}" y2="${200 - at * 40}" stroke="#000"/><text  x="30" y='${204 - at * 40}'\n text-anchor="end" font-size="10">\n  ${label} <!-- kept --></text></g>`
const chart = `<?xml version="1.0"?>\r\n<svg xmlns="http://www.w3.org/2000/svg" width="300" height="240">\n<title>Share &amp; more</title>${eighths.map(tick).join('\n')}\n</svg>\n`

test('only the texts of the labels change, and the names that say them', () => {
  const work = readText(chart)
  const [part] = partsOf(work)
  const { regions } = readersOf()('')
  const labels = relabelled(part!, styleFor(part!, { fraction: [3, 3] }), regions)
  expect(labels).toEqual(['0.500', '0.375', '0.250', '0.125', '0.000'])
  const text = mended(work, part!, labels)
  const expected = eighths.reduce((file, label, at) => file.replaceAll(label, `\u0000${at}`), chart)
  const values = ['0.000', '0.125', '0.250', '0.375', '0.500']
  expect(text).toBe(expected.replace(/\u0000(\d)/g, (_, at: string) => values[Number(at)]!))
  const again = readText(text)
  expect(graveIn(work)).toContain('step-hidden')
  expect(graveIn(again)).toEqual([])
  const now = partsOf(again)[0]!
  expect(valuesOf(now).map(toText)).toEqual(valuesOf(part!).map(toText))
  expect(labelsOf(now)).toEqual(labels)
})

test('labels that end in one line by their widths still do, and raised exponents go', () => {
  const label = (text: string, at: number) =>
    `<line x1="50" x2="45" y1="${200 - at * 40}" y2="${200 - at * 40}" stroke="#000"/><text x="${8 - at}" y="${204 - at * 40}" font-size="10">${text}×10<tspan dy="-4" font-size="7">5</tspan></text>`
  const file = `<svg xmlns="http://www.w3.org/2000/svg" width="300" height="240">${['0.5', '1.0', '1.5', '2.0'].map(label).join('')}</svg>`
  const work = readText(file)
  const [part] = partsOf(work)
  expect(styleNow(part!)).toMatchObject({ notation: 'scientific', exponentForm: 'times' })
  const { regions } = readersOf()('')
  const labels = relabelled(part!, { notation: 'scaled', rung: 3, fraction: [0, 0] }, regions)
  expect(labels).toEqual(['200K', '150K', '100K', '50K'])
  const text = mended(work, part!, labels)
  expect(text).not.toContain('×10')
  expect(partsOf(readText(text)).map(labelsOf)).toEqual([labels])
})

test('cells of a table are written anew, escaped, and its numbers make a study', () => {
  const page =
    '<table><caption>Harvest</caption><tr><th>Site<th>Kilos</th></tr><tr><td>Holm<td> <b>1.2K</b> <tr><td>Varm<td>950</table>'
  const work = readText(page)
  const [part] = partsOf(work)
  expect(rowsOf(work)).toEqual({
    name: 'Harvest',
    rows: [
      ['Site', 'Kilos'],
      ['Holm', '1.2K'],
      ['Varm', '950'],
    ],
  })
  expect(mended(work, part!, ['1,200', '<950'])).toBe(
    page.replace('1.2K', '1,200').replace('>950', '>&lt;950'),
  )
})

test('a byte order mark stays, and a file of another encoding is not written', () => {
  const bytes = new TextEncoder().encode(`\ufeff${chart}`)
  const work = readWork(bytes, readersOf())
  const [part] = partsOf(work)
  expect(mended(work, part!, labelsOf(part!))).toBe(`\ufeff${chart}`)
  const latin = Uint8Array.from([...bytes.slice(3), 0x3c, 0x21, 0x2d, 0x2d, 0xe9, 0x2d, 0x2d, 0x3e])
  const other = readWork(latin, readersOf())
  expect(() => mended(other, partsOf(other)[0]!, labelsOf(part!))).toThrow('not UTF-8')
})
