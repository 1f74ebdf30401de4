import { readBack } from '../core/label/readback'
import { resolve } from '../core/label/resolve'
import { inherit } from '../core/style/inherit'
import { isFormula } from './escape'
import { tableOfPage } from './import/files/html'
import { readTable } from './import/table'
import { readWork } from './proof/file'
import { matrixOf } from './proof/matrix'
import { subpathsOf } from './proof/paths'
import { readersFor } from './proof/readers'

const plan = resolve(inherit({}), {})
const proof = (text: string) => {
  try {
    return readWork(new TextEncoder().encode(text), (language) =>
      readersFor([], language, () => ({})),
    )
  } catch (error) {
    return error
  }
}
const svg = (inner: string, attributes = '') =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inner}</svg>`

/** What reads foreign text, each with a text that a careless pattern takes very long for. */
const READERS: readonly [string, (times: number) => unknown][] = [
  ['comments before a page', (n) => proof('<!-- a -->'.repeat(n))],
  ['comments that do not end', (n) => proof('<!--'.repeat(n))],
  [
    'blanks in a style attribute',
    (n) => proof(svg(`<text style="fill:a${' '.repeat(n)}b">1</text>`)),
  ],
  [
    'a style attribute without a colon',
    (n) => proof(svg(`<text style="${'a'.repeat(n)}">1</text>`)),
  ],
  ['brackets in a selector', (n) => proof(svg(`<style>${'['.repeat(n)}{fill:red}</style>`))],
  [
    'tspans in one text',
    (n) => proof(svg(`<text>${'<tspan baseline-shift="super">a</tspan>'.repeat(n / 40)}</text>`)),
  ],
  ['a transform of letters', (n) => matrixOf('a'.repeat(n))],
  ['a transform of open calls', (n) => matrixOf('a('.repeat(n / 2))],
  ['flags of arcs', (n) => subpathsOf(`M0 0A${'2'.repeat(n)}`)],
  [
    'raised texts in one cell',
    (n) => tableOfPage(`<table><td>${'a<sup>b</sup>'.repeat(n / 13)}</table>`),
  ],
  ['a label of many e', (n) => readBack('e'.repeat(n), plan)],
  ['a label of digits and a letter', (n) => readBack(`${'1'.repeat(n)}x`, plan)],
  ['a signed cell of letters', (n) => isFormula(`-1${'a '.repeat(n / 2)}|`)],
  ['a cell of letters', (n) => readTable(`kg\n${'a'.repeat(Math.min(n, 90_000))}`)],
  ['a cell of digits and blanks', (n) => readTable(`kg\n${'1 '.repeat(Math.min(n, 90_000) / 2)}x`)],
  ['a header of commas and blanks', (n) => readTable(`kg,${' '.repeat(Math.min(n, 90_000))}\n1,2`)],
]

const SHORT = 20_000
const timeOf = (work: () => unknown): number => {
  const began = performance.now()
  work()
  return performance.now() - began
}

test.each(READERS)('%s take time in step with their length', (_, read) => {
  read(SHORT)
  const short = Math.min(
    timeOf(() => read(SHORT)),
    timeOf(() => read(SHORT)),
  )
  const long = timeOf(() => read(8 * SHORT))
  // Eight times the length: 8 times the time where it is linear, 64 times where it is quadratic.
  // What takes a few milliseconds either way says nothing, and a busy machine may stop in between.
  expect({ long, isLinear: long < 200 || long < 40 * short }).toEqual({ long, isLinear: true })
})
