/** A number from 0 to below another, the same in each run of a seed. */
export function drawing(seed: number) {
  let state = seed
  return (below: number): number => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0
    return Math.floor((state / 2 ** 32) * below)
  }
}
export type Draw = ReturnType<typeof drawing>
export const oneOf = <One>(draw: Draw, all: readonly One[]): One => all[draw(all.length)]!

const ODD = [
  ...[
    null,
    true,
    -1,
    1e308,
    0.5,
    '',
    '1e9999999',
    '-1e-9999999',
    '0x10',
    'NaN',
    '\u0000',
    '\ud800',
  ],
  ...['__proto__', 'constructor', '../../etc/passwd', '<script>', '=1+1', 'x'.repeat(2000), [], {}],
  ...[[[[[[]]]]], { __proto__: null }, { constructor: 'x' }, Array.from({ length: 500 }, () => 0)],
] as const
const ODD_NAMES = ['__proto__', 'constructor', '', 'toString', '0', '\ud800', 'x'.repeat(2000)]
/** A value with some places in it changed. */
export function changed(value: unknown, draw: Draw): unknown {
  if (draw(12) === 0) return oneOf(draw, ODD)
  if (Array.isArray(value)) {
    const all = value.map((one) => (draw(6) === 0 ? changed(one, draw) : one))
    return draw(8) === 0 ? [...all, ...all] : all
  }
  if (typeof value !== 'object' || value === null) return draw(10) === 0 ? oneOf(draw, ODD) : value
  const entries = Object.entries(value)
    .filter(() => draw(15) !== 0)
    .map(([key, one]) => [draw(25) === 0 ? oneOf(draw, ODD_NAMES) : key, changed(one, draw)])
  return Object.fromEntries(entries) as unknown
}

/** A problem document as it was answered; the beginning of what was answered in its place. */
export function problemIn(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return text.slice(0, 200)
  }
}
