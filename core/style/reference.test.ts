import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { FIELD_NAMES } from './fields'
import { styleReference } from './reference'
import { styleJsonSchema } from './schema'

test('the reference in the guide is that of the table of fields; npm run reference makes it anew', () => {
  expect(readFileSync(join(__dirname, '../../docs/guide/style.md'), 'utf8')).toBe(styleReference())
})

test('every field has a row of its own, and a place in the schema', () => {
  const rows = styleReference()
    .split('\n')
    .filter((line) => line.startsWith('| `'))
  expect(rows.map((row) => /`(\w+)`/.exec(row)![1])).toEqual(FIELD_NAMES)
  // No row is broken by a bar of its own.
  expect(rows.every((row) => row.replaceAll('\\|', '').split('|').length === 7)).toBe(true)
  expect(Object.keys((styleJsonSchema() as { properties: object }).properties)).toEqual([
    '$schema',
    'quantity',
    ...FIELD_NAMES,
  ])
})
