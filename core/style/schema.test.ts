import Ajv from 'ajv'
import fc from 'fast-check'
import { anyStyle } from '../label/testing/styles'
import { part } from '../testing/part'
import { parseStyle } from './parse'
import { styleJsonSchema } from './schema'

const holds = new Ajv({ unknownFormats: 'ignore' }).compile(styleJsonSchema())
const isTaken = (style: unknown): boolean => {
  try {
    parseStyle(style)
    return true
  } catch {
    return false
  }
}

test.each<unknown>([
  { colour: 1 },
  { notation: 'loud' },
  { sign: 'loud' },
  { fraction: [1] },
  { fraction: [3, 1] },
  { fraction: [0, 101] },
  { fraction: [-1, 2] },
  { fraction: [0.5, 1] },
  { significant: [0, 3] },
  { significant: [3, 2] },
  { fraction: [0, 1], significant: [1, 3] },
  { increment: '0' },
  { increment: '-5' },
  { increment: '0.00e5' },
  { increment: 'five' },
  { factor: '0' },
  { factor: '1,5' },
  { under: 'low' },
  { over: 5 },
  { marks: { decimal: '5' } },
  { marks: { decimal: '' } },
  { rung: 'mine' },
  { rung: 401 },
  { rung: 1.5 },
  { unit: { kind: 'currency' } },
  { unit: { kind: 'currency', code: 'euro' } },
  { unit: { kind: 'measure', id: 'Kilo Gram' } },
  { locale: 'e' },
  { cases: [{ when: {}, use: {} }] },
  { cases: [{ when: { column: 'a', is: [] }, use: {} }] },
  { cases: [{ when: { magnitude: { from: 6 } }, use: { missing: '0' } }] },
  { ladder: { rungs: [] } },
  { multipleOf: 'phi-ish' },
  { uncertainty: { column: '' } },
])('%j is refused by the schema as by the core', (style) => {
  expect([isTaken(style), holds(style)]).toEqual([false, false])
})

test('a style may say which schema it keeps to', () => {
  const style = { $schema: './style.schema.json', fraction: [0, 2] }
  expect([parseStyle(style), holds(style)]).toEqual([{ fraction: [0, 2] }, true])
  expect((styleJsonSchema() as { $id: string }).$id).toBe('urn:ivory-abacus:style')
})

test('every style that the core takes keeps to the schema', () => {
  fc.assert(
    fc.property(anyStyle, (style) => {
      if (!isTaken(style)) return
      // As a file has it: what is undefined is not there.
      const written: unknown = JSON.parse(JSON.stringify(style))
      expect([written, holds(written), holds.errors]).toEqual([written, true, null])
    }),
    { numRuns: part(400, 20_000) },
  )
})
