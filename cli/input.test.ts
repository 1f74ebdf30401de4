import { check, checkInput, labelInput, rungsInput, suggestInput, ticksInput } from './input'

const label = (input: unknown) => () => check(labelInput, input)
const style = {}

test.each<[string, () => unknown, string]>([
  ['no list', label({ style, values: 'x' }), 'values: "x" is not allowed; it takes a list'],
  [
    'no number',
    label({ style, values: [1, {}] }),
    'values[1]: it takes a number, decimal text or null',
  ],
  ['nothing', label({ values: [1] }), 'style: is missing; it takes an object'],
  ['a list', label([]), 'input: [] is not allowed; it takes an object'],
  ['a strange field', label({ style, values: [], foo: 5 }), 'input: there is no field "foo"'],
  [
    'a strange field within',
    label({ style, values: [], quantity: { unit: 5 } }),
    'quantity: there is no field "unit"',
  ],
  [
    'text for a power',
    label({ style, values: [], quantity: { recorded: 'x' } }),
    'quantity.recorded: "x" is not allowed; it takes a number',
  ],
  [
    'too large a power',
    label({ style, values: [], quantity: { recorded: 500 } }),
    'quantity.recorded: 500 is not allowed; it takes at most 400',
  ],
  [
    'a style’s field',
    label({ style: { rung: 'x' }, values: [] }),
    'style.rung: "x" is not allowed; it takes each, shared or a power on the ladder',
  ],
  [
    'the style of another surface',
    () =>
      check(checkInput, {
        style,
        values: [],
        surface: 'axis',
        others: [{ surface: 'marks', style: { sign: 5 } }],
      }),
    'others[0].style.sign: 5 is not allowed; it takes auto, always,',
  ],
  [
    'a surface that is none',
    () => check(checkInput, { style, values: [], surface: 'wall' }),
    'surface: "wall" is not allowed; it takes "axis", "marks", "table", "tooltip", "legend", "headline" or "sentence"',
  ],
  [
    'one of two kinds',
    () => check(checkInput, { style, values: [], surface: 'axis', total: {} }),
    'total: {} is not allowed; it takes true or a number or a text',
  ],
  [
    'a ladder that is none',
    () => check(rungsInput, { ladder: 'foo' }),
    'ladder: "foo" is not allowed; it takes short, si, long, indian, myriad, binary, locale, or a ladder',
  ],
  [
    'neither of two',
    () => check(suggestInput, { surface: 'axis' }),
    'values: takes either values or a domain',
  ],
  [
    'too short a list',
    () => check(suggestInput, { surface: 'axis', values: [] }),
    'values: it takes at least 1 member',
  ],
  [
    'half a domain',
    () => check(ticksInput, { domain: [1] }),
    'domain: [1] is not allowed; it takes at least 2 members',
  ],
  [
    'a constant that is none',
    () => check(ticksInput, { domain: [0, 1], multipleOf: 'phi' }),
    'multipleOf: "phi" is not allowed; it takes pi, tau, e, or decimal text',
  ],
])('%s: says where, what stands there and what may', (_, run, message) => {
  expect(run).toThrow(message)
  expect(run).not.toThrow(/Invalid|expected|received|Unrecognized/)
})
