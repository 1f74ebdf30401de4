import { graveIn, readText } from './testing/readers'

const [LEFT, BOTTOM] = [60, 260]
const svg = (inner: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="300" font-size="10">${inner}</svg>`
const up = (labels: readonly string[], gap = 50) =>
  labels
    .map(
      (label, at) =>
        `<line x1="${LEFT}" x2="${LEFT - 5}" y1="${BOTTOM - at * gap}" y2="${BOTTOM - at * gap}" stroke="#000"/><text text-anchor="end" x="${LEFT - 8}" y="${BOTTOM + 3.5 - at * gap}">${label}</text>`,
    )
    .join('')
const along = (labels: readonly string[]) =>
  labels
    .map(
      (label, at) =>
        `<line y1="${BOTTOM}" y2="${BOTTOM + 5}" x1="${LEFT + at * 70}" x2="${LEFT + at * 70}" stroke="#000"/><text text-anchor="middle" x="${LEFT + at * 70}" y="${BOTTOM + 17}">${label}</text>`,
    )
    .join('')
const marksIn = (file: string) =>
  readText(file).charts[0]!.read.marks.map(({ label, isMismatch }) => [label.text.text, isMismatch])

test('bars that lie are measured along their axis, and those that are wrong are found', () => {
  const bar = (value: number, label: string, at: number) =>
    `<rect x="${LEFT}" y="${40 + at * 40}" height="24" width="${value * 7}"/><text x="${LEFT + value * 7 + 4}" y="${56 + at * 40}">${label}</text>`
  const chart = (third: string) =>
    svg(
      along(['0', '10', '20', '30', '40']) +
        [bar(35, '35', 0), bar(22, '22', 1), bar(12, third, 2)].join(''),
    )
  expect(marksIn(chart('12'))).toEqual([
    ['35', false],
    ['22', false],
    ['12', false],
  ])
  expect(graveIn(readText(chart('12')))).toEqual([])
  expect(graveIn(readText(chart('21')))).toEqual(['mark-mismatch'])
})

test('parts of stacked bars tell their own length, and a total over them how much they are', () => {
  const part = (from: number, to: number, x: number, label: string, y: number) =>
    `<rect x="${x}" width="40" y="${BOTTOM - to * 5}" height="${(to - from) * 5}"/><text text-anchor="middle" x="${x + 20}" y="${y}">${label}</text>`
  const column = (x: number, low: number, high: number) =>
    part(0, low, x, String(low), BOTTOM - low * 2.5) +
    part(low, low + high, x, String(high), BOTTOM - (low + high / 2) * 5)
  const chart = svg(
    up(['0', '10', '20', '30', '40']) +
      column(80, 12, 20) +
      column(150, 8, 15) +
      column(220, 20, 9),
  )
  expect(marksIn(chart).every(([, isMismatch]) => isMismatch === false)).toBe(true)
  expect(marksIn(chart)).toHaveLength(6)
})

test('points, and points of a line, are measured at their middles; a title may say the power', () => {
  const at = (value: number) => BOTTOM - value * 50
  const values = [1.2, 3.1, 2.4, 3.8]
  const labels = values
    .map(
      (value, i) =>
        `<text text-anchor="middle" x="${90 + i * 70}" y="${at(value) - 7}">${value}M</text>`,
    )
    .join('')
  const dots = values
    .map((value, i) => `<circle cx="${90 + i * 70}" cy="${at(value)}" r="3"/>`)
    .join('')
  const line = `<path fill="none" stroke="#000" d="M${values.map((value, i) => `${90 + i * 70},${at(value)}`).join('L')}"/>`
  const head = '<text x="60" y="20">Revenue, millions</text>'
  const axis = up(['0', '1', '2', '3', '4'])
  for (const marks of [dots, line]) {
    expect(marksIn(svg(head + axis + marks + labels))).toEqual(
      values.map((value) => [`${value}M`, false]),
    )
    const wrong = svg(head + axis + marks + labels.replace('2.4M', '2.9M'))
    expect(graveIn(readText(wrong))).toEqual(['mark-mismatch'])
  }
})

test('sorted labels on bars beside the ticks of their names are no axis', () => {
  const rows = [42, 31, 18, 9]
  const bars = rows
    .map(
      (value, at) =>
        `<line x1="${LEFT - 5}" x2="${LEFT}" y1="${60 + at * 40}" y2="${60 + at * 40}" stroke="#000"/><text text-anchor="end" x="${LEFT - 8}" y="${64 + at * 40}">${'ABCD'[at]}</text><rect x="${LEFT}" y="${48 + at * 40}" height="24" width="${value * 7}"/><text fill="#fff" x="${LEFT + 4}" y="${64 + at * 40}">${value}</text>`,
    )
    .join('')
  const work = readText(svg(bars + along(['0', '10', '20', '30', '40'])))
  expect(work.charts[0]!.read.axes.map(({ side }) => side)).toEqual(['bottom'])
  expect(graveIn(work)).toEqual([])
})

test('scales of roots are no uneven ones, and labels turned upright beside an axis are read', () => {
  const squares = [0, 1, 4, 9, 16, 25]
  const root = squares
    .map(
      (value, at) =>
        `<line x1="60" x2="55" y1="${BOTTOM - 40 * at}" y2="${BOTTOM - 40 * at}" stroke="#000"/><text text-anchor="end" x="50" y="${BOTTOM + 3.5 - 40 * at}">${value}</text>`,
    )
    .join('')
  expect(graveIn(readText(svg(root)))).toEqual([])
  const upright = [0, 10, 20, 30]
    .map(
      (value, at) =>
        `<line x1="60" x2="55" y1="${BOTTOM - 60 * at}" y2="${BOTTOM - 60 * at}" stroke="#000"/><text text-anchor="middle" transform="translate(50 ${BOTTOM - 60 * at}) rotate(-90)">${value}</text>`,
    )
    .join('')
  const [axis] = readText(svg(upright)).charts[0]!.read.axes
  expect([axis?.side, axis?.labels.length, axis?.misplaced]).toEqual(['left', 4, []])
})
