import fc from 'fast-check'
import { fittingText, isMeasured, textWidth } from './advance'

test('a text that fits stays whole, to the pixel', () => {
  const width = textWidth('1,234,567', 13)
  expect(fittingText('1,234,567', width, 13)).toBe('1,234,567')
  expect(fittingText('1,234,567', width - 0.01, 13)).toMatch(/^1,234,5?…$/)
})

test('what is cut fits with its dots, and one character more would not', () => {
  const texts = fc
    .array(fc.constantFrom('0', '7', ',', '.', 'M', ' ', '€', 'g', '−'), {
      minLength: 1,
      maxLength: 40,
    })
    .map((characters) => characters.join(''))
  fc.assert(
    fc.property(
      texts,
      fc.integer({ min: 20, max: 200 }),
      fc.constantFrom('400', '600'),
      (text, width, weight) => {
        const fitted = fittingText(text, width, 14, weight)
        if (textWidth(text, 14, weight) <= width) return fitted === text
        const kept = fitted.length - 1
        return (
          fitted === `${text.slice(0, kept)}…` &&
          textWidth(fitted, 14, weight) <= width + 1e-9 &&
          textWidth(`${text.slice(0, kept + 1)}…`, 14, weight) > width - 1e-9
        )
      },
    ),
  )
})

test('a narrow room leaves the dots alone, and no character is cut in two', () => {
  expect(fittingText('123', 1, 14)).toBe('…')
  expect(fittingText('𝟙𝟚𝟛𝟜', 30, 14)).toMatch(/^(?:𝟙𝟚?𝟛?)?…$/u)
})

test('what labels are made of is measured, letters that the typeface lacks are not', () => {
  for (const weight of ['400', '600'] as const) {
    expect(
      ['€1,234.5\u00a0K', '−12\u202f000,5', '1–2 Mio.\u00a0€', 'd’été'].map((text) =>
        isMeasured(text, weight),
      ),
    ).toEqual([true, true, true, true])
    expect(['4.2×10⁻⁷', '१,२३४', '1億', '٣٫٥'].map((text) => isMeasured(text, weight))).toEqual([
      false,
      false,
      false,
      false,
    ])
  }
})
