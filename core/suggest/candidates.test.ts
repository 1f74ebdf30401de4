import { candidates, wordings } from './candidates'

test('each form is tried with none to three decimals', () => {
  const decimals = (form: Parameters<typeof candidates>[0]) =>
    candidates(form).map(({ style }) => [style.fraction].flat().join('–'))
  expect(decimals('digits')).toEqual(['0–0', '1–1', '2–2', '3–3', '0–3'])
  expect(decimals('symbols')).toEqual(['0–0', '1–1', '2–2', '3–3', '0–0', '1–1', '2–2', '3–3'])
  expect(decimals('words')).toHaveLength(8)
  expect(decimals('exponents')).toEqual(['0–0', '1–1', '2–2', '3–3'])
  expect(candidates()).toHaveLength(25)
})

test('wordings leave the decimals open', () => {
  expect(wordings().every((style) => style.fraction === undefined)).toBe(true)
  expect(wordings('words')).toEqual([{ notation: 'scaled', rung: 'shared', rungForm: 'word' }])
})
