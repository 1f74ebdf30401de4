import { part } from '../testing/part'
import fc from 'fast-check'
import de from '../locale/generated/locales/de.json'
import hi from '../locale/generated/locales/hi.json'
import type { LocaleTable } from '../locale/types'
import { FIELD_NAMES } from '../style/fields'
import { parseStyle } from '../style/parse'
import { labeller } from './labeller'
import { resolve } from './resolve'
import { anyFields, anyStyle, anyValue } from './testing/styles'
import { ValueError } from './value'

const tables = { de: de as LocaleTable, hi: hi as LocaleTable }
test('every field is tried', () => {
  expect(Object.keys(anyFields).sort()).toEqual([...FIELD_NAMES].sort())
})

test('whatever the style and the values: labels, or an error with a name that says which field or value', () => {
  let written = 0
  fc.assert(
    fc.property(anyStyle, fc.array(anyValue, { maxLength: 5 }), (input, values) => {
      const rows = values.map((_, at) => ({ c: ['EUR', 'USD', '', 'shells'][at % 4] }))
      try {
        const write = labeller(resolve(parseStyle(input), { tables, values, rows }))
        const labels = write.labels(values, rows)
        labels.forEach((label) => write.read(label))
        values.forEach((one, at) =>
          expect(
            write
              .parts(one, rows[at])
              .map((part) => part.value)
              .join(''),
          ).toBe(write.label(one, rows[at])),
        )
        written += labels.length
      } catch (error) {
        if ((error as Error).name === 'StyleError')
          expect((error as Error).message).toMatch(/^style\.[a-z.]+: .+ is not allowed; .+/is)
        else if (error instanceof ValueError)
          expect(error.message).toMatch(/"apples" is not a number/)
        else throw error
      }
    }),
    { numRuns: part(1500, 4000) },
  )
  expect(written).toBeGreaterThan(part(1200, 3000))
})
