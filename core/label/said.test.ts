import { readBack } from './readback'
import { resolve } from './resolve'
import { saidEnds, saidText } from './said'

const said = (label: string, style: object = {}) => readBack(label, resolve(style)).value!
test.each<[string, object, string]>([
  ['1.5K', { notation: 'scaled' }, '1500'],
  ['-∞', {}, '-Infinity'],
  ['∞', {}, 'Infinity'],
  ['>1,000', { over: '1000' }, '1000..'],
  ['<0.01', { under: '0.01' }, '..0.01'],
])('%s says %s', (label, style, text) => expect(saidText(said(label, style))).toBe(text))
test('only an interval has ends', () => {
  expect(saidEnds(said('>1,000', { over: '1000' }))).toEqual({ from: '1000', to: null })
  expect(saidEnds(said('5'))).toBe(null)
})
