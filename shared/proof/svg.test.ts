import { drawingsOf } from './svg'
import { readText, graveIn } from './testing/readers'
import { readWork } from './file'
import { readersOf } from './testing/readers'

const svg = (inner: string, attributes = 'width="400" height="300"') =>
  `<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" ${attributes}>${inner}</svg>`
const textsIn = (file: string) =>
  drawingsOf(file)[0]!.texts.map(({ text, x, y, angle, size }) => ({
    text,
    ...Object.fromEntries(
      Object.entries({ x, y, angle, size }).map(([name, value]) => [
        name,
        Math.round(value * 10) / 10,
      ]),
    ),
  }))

test.each<[string, string, object]>([
  [
    'nested groups',
    '<g transform="translate(10,20)"><g transform="scale(2)"><text x="5" y="6" font-size="10">7</text></g></g>',
    { x: 20, y: 32, size: 20 },
  ],
  [
    'rotation about a point',
    '<text x="50" y="50" transform="rotate(90 50 50)">7</text>',
    { x: 50, y: 50, angle: 90 },
  ],
  [
    'a matrix and a skew',
    '<g transform="matrix(1 0 0 1 5 5)"><text transform="skewX(0)" x="1" y="1">7</text></g>',
    { x: 6, y: 6 },
  ],
  ['lists of shifts', '<text x="10" y="20" dx="3" dy="4">7</text>', { x: 13, y: 24 }],
  ['ems of its own size', '<text font-size="20" x="0" y="0" dy=".5em">7</text>', { y: 10 }],
  [
    'a sheet with classes',
    '<style>.a text{font-size:12px}.b{font-size:8px}</style><g class="a"><text x="1" y="1" class="b" style="font-size: 30px">7</text></g>',
    { size: 30 },
  ],
  [
    'a use of a symbol',
    '<defs><text id="t" x="1" y="2">7</text></defs><use href="#t" x="10" y="20"/>',
    { x: 11, y: 22 },
  ],
  [
    'an inner svg with a viewBox',
    '<svg x="100" y="0" width="100" height="100" viewBox="0 0 10 10"><text x="5" y="5" font-size="1">7</text></svg>',
    { x: 150, y: 50, size: 10 },
  ],
])('the place of a text follows %s', (_, inner, place) => {
  expect(textsIn(svg(inner))[0]).toMatchObject(place)
})

test('a viewBox is fitted as preserveAspectRatio says', () => {
  const at = (ratio: string) =>
    textsIn(
      svg(
        '<text x="0" y="0">7</text>',
        `width="200" height="100" viewBox="0 0 100 100" preserveAspectRatio="${ratio}"`,
      ),
    )[0]
  expect(at('xMidYMid meet')).toMatchObject({ x: 50, y: 0 })
  expect(at('xMinYMin meet')).toMatchObject({ x: 0, y: 0 })
  expect(at('xMaxYMid slice')).toMatchObject({ x: 0, y: -50 })
})

test('pieces of a text are one label where a reader sees one, and two where they are two lines', () => {
  const all = (inner: string) => textsIn(svg(inner)).map(({ text }) => text)
  expect(all('<text x="0" y="9">4×10<tspan dy="-4" font-size="7">5</tspan></text>')).toEqual([
    '4×10⁵',
  ])
  expect(all('<text x="0" y="9">10<tspan baseline-shift="super">-3</tspan></text>')).toEqual([
    '10⁻³',
  ])
  expect(all('<text x="0" y="9"><tspan>1</tspan><tspan>,5</tspan></text>')).toEqual(['1,5'])
  expect(
    all(
      '<text x="0" y="9"><tspan x="0">Harvest</tspan><tspan x="0" dy="1.2em">2022</tspan></text>',
    ),
  ).toEqual(['Harvest', '2022'])
  expect(
    all('<text x="0" y="9" display="none">7</text><text visibility="hidden">8</text>'),
  ).toEqual([])
  expect(all('<text x="0" y="9"><![CDATA[1 < 2]]></text>')).toEqual(['1 < 2'])
  expect(all('<text x="0" y="9">5&#160;&#x20AC;</text>')).toEqual(['5 €'])
})

test.each([
  [
    '<svg xmlns="http://www.w3.org/2000/svg"><text>7</svg>',
    /line 1, column \d+.*not well-formed XML/,
  ],
  ['just some words', /neither SVG nor HTML/],
  [svg('<g>'.repeat(3000) + '</g>'.repeat(3000)), /levels deep/],
  [svg('<g/>'.repeat(400_001)), /more than 400,000 elements/],
])('a file that is broken says where and why: %#', (file, message) => {
  expect(() => readText(file)).toThrow(message)
})

test('what cannot be read is told for what it is', () => {
  expect(readText(svg('<path d="M0 0L5 5L9 1Z"/>')).unread).toContain('outlines')
  expect(readText(svg('<image href="data:image/png;base64,AA=="/>')).unread).toContain('pixels')
  expect(readText('<html><body><canvas></canvas></body></html>').unread).toContain('canvas')
  expect(readText(svg('<text>Harvest</text>')).unread).toContain('no axis')
})

test('entities never grow, and nothing of a file that is shown runs or is loaded', () => {
  const bomb = `<!DOCTYPE svg [<!ENTITY a "${'x'.repeat(900)}">${Array.from({ length: 20 }, (_, i) => `<!ENTITY b${i} "${'&a;'.repeat(50)}">`).join('')}]>${svg('<text>&b0;&b1;&b2;</text>')}`
  expect(textsIn(bomb)[0]!.text.length).toBeLessThan(50)
  const evil = svg(
    '<script>alert(1)</script><a xlink:href="javascript:alert(1)" onclick="alert(1)"><text x="1" y="9" onload="x()">7</text></a><image href="https://example.org/a.png"/><style>@import url(https://example.org/a.css)</style><rect style="fill:url(https://example.org/x)"/><foreignObject><iframe src="x"/></foreignObject>',
  )
  const shown = drawingsOf(evil)[0]!.svg()
  expect(shown).toContain('<text x="1" y="9">7</text>')
  expect(shown).not.toMatch(/script|alert|onload|onclick|example\.org|iframe/)
})

test('many texts are proofed in the time that a page waits', () => {
  const bars = Array.from(
    { length: 500 },
    (_, at) =>
      `<rect x="${at * 4}" y="${300 - (at % 50) * 5}" width="3" height="${(at % 50) * 5}"/><text x="${at * 4}" y="${296 - (at % 50) * 5}" font-size="3">${at % 50}</text>`,
  ).join('')
  const axis = [0, 10, 20, 30, 40, 50]
    .map(
      (value) =>
        `<line x1="-5" x2="0" y1="${300 - value * 5}" y2="${300 - value * 5}"/><text x="-8" y="${304 - value * 5}" text-anchor="end">${value}</text>`,
    )
    .join('')
  const bytes = new TextEncoder().encode(svg(axis + bars))
  const readers = readersOf()
  readWork(bytes, readers)
  const start = performance.now()
  const work = readWork(bytes, readers)
  expect(work.charts[0]!.read.axes).toHaveLength(1)
  expect(performance.now() - start).toBeLessThan(120_000)
})

test('a symmetric scale, multiples of π and two axes of one chart are told apart', () => {
  const axis = (
    labels: readonly string[],
    places: readonly number[],
    x: number,
    end: 'start' | 'end',
  ) =>
    labels
      .map(
        (label, at) =>
          `<line x1="${x}" x2="${x + (end === 'end' ? -5 : 5)}" y1="${places[at]}" y2="${places[at]}" stroke="#000"/><text x="${x + (end === 'end' ? -8 : 8)}" y="${places[at]! + 4}" text-anchor="${end}" font-size="11">${label}</text>`,
      )
      .join('')
  const sym = [-1000, -100, -10, 0, 10, 100, 1000]
  const bent = sym.map((value) => 150 - Math.sign(value) * Math.log1p(Math.abs(value) / 1) * 20)
  const work = readText(
    svg(
      axis(
        sym.map((one) => String(one).replace('-', '−')),
        bent,
        60,
        'end',
      ) + axis(['−π', '−π/2', '0', 'π/2', 'π'], [290, 220, 150, 80, 10], 340, 'start'),
    ),
  )
  const axes = work.charts[0]!.read.axes
  expect(axes.map(({ side, scale }) => [side, scale.kind])).toEqual([
    ['left', 'symlog'],
    ['right', 'multiple'],
  ])
  expect(graveIn(work)).toEqual([])
})

test('panels in one row have axes of their own, also where no group parts them', () => {
  const ticks = [0, 1].flatMap((panel) =>
    ['0', '10', '20', '30'].map((label, at) => {
      const x = 40 + panel * 180 + at * 40
      return `<line y1="200" y2="205" x1="${x}" x2="${x}" stroke="#000"/><text text-anchor="middle" font-size="10" x="${x}" y="216">${label}</text>`
    }),
  )
  const work = readText(svg(ticks.join('')))
  expect(work.charts[0]!.read.axes.map(({ side, labels }) => [side, labels.length])).toEqual([
    ['bottom', 4],
    ['bottom', 4],
  ])
  expect(graveIn(work)).toEqual([])
})
