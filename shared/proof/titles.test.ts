import { rowsOf } from './rows'
import { readText } from './testing/readers'
import { titledOf } from './titles'

const svg = (inner: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="300" font-size="10">${inner}</svg>`
const ticks = ['0', '2', '4', '6']
const up = ticks
  .map((label, at) => `<text text-anchor="end" x="50" y="${250 - at * 60}">${label}</text>`)
  .join('')
const along = ticks
  .map((label, at) => `<text text-anchor="middle" x="${60 + at * 80}" y="270">${label}</text>`)
  .join('')
const right = ticks
  .map((label, at) => `<text x="360" y="${250 - at * 60}">${label}</text>`)
  .join('')
const titlesIn = (inner: string) =>
  readText(svg(inner)).charts.flatMap((chart) =>
    chart.read.axes.map((axis) => [axis.side, titledOf(axis, chart)]),
  )

test.each<[string, string, unknown]>([
  [
    'turned beside its axis',
    `${up}<text transform="rotate(-90)" x="-160" y="20" text-anchor="middle">Revenue (€ million)</text>`,
    ['left', { text: 'Revenue (€ million)', power: 6 }],
  ],
  [
    'turned, from its beginning',
    `${up}<text transform="translate(20 210) rotate(-90)">Harvest, tonnes</text>`,
    ['left', { text: 'Harvest, tonnes', power: 0 }],
  ],
  [
    'over its axis',
    `${up}<text x="10" y="50">Harvest, kg</text>`,
    ['left', { text: 'Harvest, kg', power: 0 }],
  ],
  [
    'at the right',
    `${right}<text transform="translate(385 160) rotate(90)" text-anchor="middle">in thousands</text>`,
    ['right', { text: 'in thousands', power: 3 }],
  ],
  [
    'below its axis',
    `${along}<text x="180" y="292" text-anchor="middle">Depth (m)</text>`,
    ['bottom', { text: 'Depth (m)', power: 0 }],
  ],
  [
    'over the chart',
    `<title>Revenue in € million</title>${up}`,
    ['left', { text: 'Revenue in € million', power: 6 }],
  ],
  [
    'beside a larger title of the chart',
    `<text x="40" y="40" font-size="16">Kelp by site</text>${up}<text transform="rotate(-90)" x="-160" y="20" text-anchor="middle">Revenue, tonnes</text>`,
    ['left', { text: 'Revenue, tonnes', power: 0 }],
  ],
  ['nowhere', `<title>Kelp</title>${up}<text x="300" y="120">a note</text>`, ['left', null]],
])('the title of an axis is found %s', (_where, inner, found) => {
  expect(titlesIn(inner)).toEqual([found])
})

test('a study takes its column by the title, and no power twice', () => {
  const title = '<text x="10" y="50">Revenue (€ million)</text>'
  expect(rowsOf(readText(svg(up + title))).rows[0]).toEqual(['Revenue (€ million)', 'label'])
  const said = up.replaceAll(/>([246])</g, '>$1M<')
  expect(rowsOf(readText(svg(said + title))).rows).toEqual([
    ['Revenue', 'label'],
    ['6000000', '6M'],
    ['4000000', '4M'],
    ['2000000', '2M'],
    ['0', '0'],
  ])
})
