import { strToU8, zipSync } from 'fflate'
import { readTable } from '../table'
import { readFile } from '.'

const bytes = (text: string) => strToU8(text)
const textOf = async (name: string, content: Uint8Array, more = {}) =>
  (await readFile({ bytes: content, name, ...more })).text

const page = (table: string) => `<!doctype html><html><body><p>by hand</p>${table}</body></html>`

describe('HTML', () => {
  const html = page(`
    <table><tr><td>menu</td></tr></table>
    <table><caption>Catch by <i>boat</i></caption>
      <thead><tr><th rowspan="2">boat</th><th colspan="2">catch, t</th></tr>
      <tr><th>2023</th><th>2024</th></tr></thead>
      <tbody><tr><td>Ask&amp;Embla<td>1&nbsp;234<sup>a</sup><td>10<sup>6</sup>
      <tr><td>Drift</td><td>5</td><td><b>7</b><script>alert(1)</script></td></tr></tbody>
    </table>`)

  test('the largest table is read, its cells as they are shown, those over several repeated', async () => {
    expect((await textOf('catch.html', bytes(html))).split('\n')).toEqual([
      'boat,"catch, t","catch, t"',
      'boat,2023,2024',
      'Ask&Embla,1 234,10⁶',
      'Drift,5,7',
    ])
  })
  test('another table can be chosen, by its caption or its place', async () => {
    const found = await readFile({ bytes: bytes(html), name: 'catch.txt', part: 0 })
    expect(found).toEqual({ text: 'menu', parts: ['table 1', 'Catch by boat'], part: 0 })
  })
  test('a page without a table says so', async () => {
    await expect(textOf('page.html', bytes(page('')))).rejects.toThrow('There is no table')
  })
})

const cell = (type: string, attributes: string, shown: string, more = '') =>
  `<table:table-cell office:value-type="${type}" ${attributes} ${more}><text:p>${shown}</text:p></table:table-cell>`
const text = (shown: string) => cell('string', '', shown)
const row = (...cells: string[]) => `<table:table-row>${cells.join('')}</table:table-row>`
const sheet = (name: string, ...rows: string[]) =>
  `<table:table table:name="${name}">${rows.join('')}<table:table-row table:number-rows-repeated="1048000"><table:table-cell table:number-columns-repeated="16384"/></table:table-row></table:table>`
const content = (...sheets: string[]) =>
  `<?xml version="1.0"?><office:document-content xmlns:office="o" xmlns:table="t" xmlns:text="x"><office:body><office:spreadsheet>${sheets.join('')}</office:spreadsheet></office:body></office:document-content>`
const packed = (xml: string) => zipSync({ mimetype: bytes('x'), 'content.xml': bytes(xml) })

describe('an OpenDocument spreadsheet', () => {
  const book = packed(
    content(
      sheet('notes'),
      sheet(
        'sales',
        row(text('day'), text('share'), text('amount'), text('time'), text('count')),
        row(
          cell('date', 'office:date-value="2024-03-01T00:00:00"', '1 March'),
          cell('percentage', 'office:value="0.125"', '13%'),
          cell('currency', 'office:currency="EUR" office:value="1234.5"', '1.234,50 €'),
          cell('time', 'office:time-value="PT01H30M00S"', '1:30'),
          cell('float', 'office:value="12345678901234567890"', '1.2E19'),
        ),
        row(
          '<table:table-cell/>',
          cell(
            'percentage',
            'office:value="-0.5"',
            '-50%<office:annotation><text:p>why?</text:p></office:annotation>',
          ),
          cell('currency', 'office:currency="EUR" office:value="0"', '–'),
          text('a<text:s text:c="2"/>b'),
          cell('float', 'office:value="7"', '7', 'table:number-columns-repeated="2"'),
        ),
      ),
    ),
  )

  test('cells are read by their types, in the first sheet that has some', async () => {
    expect((await textOf('sales.ods', book)).split('\n')).toEqual([
      'day,share,amount,time,count,',
      '2024-03-01,12.5%,1234.5 EUR,1:30:00,12345678901234567890,',
      ',-50%,0 EUR,a  b,7,7',
    ])
  })
  test('percent, money and dates become what their columns are', async () => {
    const { columns } = readTable(await textOf('sales.ods', book))
    expect(columns.slice(0, 3).map(({ role, unit }) => [role, unit?.kind])).toEqual([
      ['date', undefined],
      ['ratio', 'percent'],
      ['number', 'currency'],
    ])
  })
  test('number styles are read as styles, where these can say them', async () => {
    const decimals = (attributes: string, more = '') =>
      `<number:number number:decimal-places="1" ${attributes}/>${more}`
    const styled = (name: string, data: string) =>
      `<style:style style:name="c${name}" style:data-style-name="${name}"/>${data}`
    const styles = [
      styled(
        'plain',
        `<number:number-style style:name="plain"><number:number number:decimal-places="2" number:min-decimal-places="0" number:grouping="true"/></number:number-style>`,
      ),
      styled(
        'thousands',
        `<number:number-style style:name="thousands">${decimals('number:display-factor="1000"', '<number:text>K</number:text>')}</number:number-style>`,
      ),
      styled(
        'unsaid',
        `<number:number-style style:name="unsaid">${decimals('number:display-factor="1000"')}</number:number-style>`,
      ),
      styled(
        'power',
        `<number:number-style style:name="power"><number:scientific-number number:decimal-places="3"/></number:number-style>`,
      ),
    ].join('')
    const names = ['plain', 'thousands', 'unsaid', 'power']
    const numbers = (value: string) =>
      names.map((name, at) =>
        at === 0
          ? cell('float', `office:value="${value}"`, value)
          : cell('float', `office:value="${value}" table:style-name="c${name}"`, value),
      )
    const columns = '<table:table-column table:default-cell-style-name="cplain"/>'
    const table = sheet(
      'sales',
      row(...names.map(text)),
      row(...numbers('12.5')),
      row(...numbers('3')),
    )
    const xml = content(table.replace('>', `>${columns}`)).replace(
      '<office:body>',
      `<office:automatic-styles>${styles}</office:automatic-styles><office:body>`,
    )
    const { styles: found, text: read } = await readFile({ bytes: packed(xml), name: 'a.ods' })
    expect(found).toEqual([
      { fraction: [0, 2], grouping: 'always' },
      { fraction: [1, 1], grouping: 'never', notation: 'scaled', ladder: 'short', rung: 3 },
      null,
      { notation: 'scientific', exponentForm: 'E', fraction: [3, 3] },
    ])
    expect(readTable(read, { styles: found }).columns.map(({ style }) => style)).toEqual(
      found!.map((style) => style ?? undefined),
    )
  })
  test('a sheet can be chosen; an empty one says so', async () => {
    const found = await readFile({ bytes: book, name: 'sales.ods' })
    expect([found.parts, found.part]).toEqual([['notes', 'sales'], 1])
    await expect(textOf('sales.ods', book, { part: 0 })).rejects.toThrow('“notes” holds no cell')
  })
  test('what is packed and no spreadsheet, or broken, is told for what it is', async () => {
    await expect(textOf('a.ods', zipSync({ 'xl/a.xml': bytes('x') }))).rejects.toThrow(
      'no OpenDocument spreadsheet',
    )
    await expect(textOf('a.ods', book.slice(0, 100))).rejects.toThrow('cannot be unpacked')
    await expect(textOf('a.ods', packed('<a><b></a>'))).rejects.toThrow('is broken')
  })
})

describe('text', () => {
  test('old code pages and UTF-16 are read', async () => {
    expect(await textOf('a.csv', Uint8Array.of(0x6b, 0xf8, 0x3b, 0x31))).toBe('kø;1')
    expect(await textOf('a.csv', Uint8Array.of(0xff, 0xfe, 0x6b, 0, 0x67, 0))).toBe('kg')
  })
  test('a form can be said, and an unknown one is refused', async () => {
    expect(await textOf('a.txt', bytes(page('<table><tr><td>4</table>')), { as: 'csv' })).toContain(
      '<table>',
    )
    await expect(textOf('a.txt', bytes('a'), { as: 'xml' })).rejects.toThrow('There is no form xml')
  })
})
