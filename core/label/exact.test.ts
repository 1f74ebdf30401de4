import { part } from '../testing/part'
import fc from 'fast-check'
import { ROUNDING_MODES, type RoundingMode } from '../decimal/round'
import { labeller } from './labeller'
import { resolve } from './resolve'

/**
 * An oracle of its own for what the platform cannot do: text of any length, over 20 decimals. It
 * works on whole numbers of units of the last place, and shares no code with the core.
 */
function oracle(text: string, decimals: number, mode: RoundingMode, groups: boolean): string {
  const [, sign = '', whole = '', fraction = '', power = '0'] =
    /^(-?)(\d+)(?:\.(\d+))?(?:e(-?\d+))?$/.exec(text)!
  const places = fraction.length - Number(power)
  const digits = BigInt(whole + fraction)
  const up = decimals >= places ? 10n ** BigInt(decimals - places) : 1n
  const down = decimals >= places ? 1n : 10n ** BigInt(places - decimals)
  const floor = (digits * up) / down
  const rest = (digits * up) % down
  const isNegative = sign === '-'
  const choices: Record<RoundingMode, boolean> = {
    trunc: false,
    expand: rest > 0n,
    floor: isNegative && rest > 0n,
    ceil: !isNegative && rest > 0n,
    halfExpand: 2n * rest >= down && rest > 0n,
    halfTrunc: 2n * rest > down,
    halfEven: 2n * rest > down || (2n * rest === down && floor % 2n === 1n),
    halfCeil: 2n * rest > down || (2n * rest === down && !isNegative),
    halfFloor: 2n * rest > down || (2n * rest === down && isNegative),
  }
  const kept = (floor + (choices[mode] ? 1n : 0n)).toString().padStart(decimals + 1, '0')
  const integer = kept.slice(0, kept.length - decimals)
  const grouped = groups ? integer.replace(/\B(?=(\d{3})+$)/g, ',') : integer
  const minus = isNegative && /[1-9]/.test(kept) ? '-' : ''
  return minus + grouped + (decimals > 0 ? `.${kept.slice(-decimals)}` : '')
}

const digitRun = (least: number, most: number) =>
  fc
    .array(fc.integer({ min: 0, max: 9 }), { minLength: least, maxLength: most })
    .map((digits) => digits.join(''))
/** Runs of nines and zeros carry, ties stand at every place. */
const fraction = fc.oneof(
  digitRun(1, 130),
  fc
    .tuple(
      digitRun(0, 40),
      fc.constantFrom('5', '50', '49', '99', '999999999999', '000000005'),
      fc.constantFrom('', '0000', '1'),
    )
    .map((parts) => parts.join('')),
)
const text = fc
  .tuple(
    fc.constantFrom('', '-'),
    fc.oneof(digitRun(1, 20), digitRun(300, 420)),
    fraction,
    fc.constantFrom('', 'e0', 'e-40', 'e25'),
  )
  .map(([sign, whole, decimals, power]) => `${sign}${whole}.${decimals}${power}`)

test('text of any length is rounded to any place as whole numbers say, in all nine ways', () => {
  fc.assert(
    fc.property(
      text,
      fc.integer({ min: 0, max: 100 }),
      fc.constantFrom(...ROUNDING_MODES),
      fc.boolean(),
      (value, decimals, rounding, groups) => {
        const write = labeller(
          resolve({
            fraction: [decimals, decimals],
            rounding,
            grouping: groups ? 'auto' : 'never',
          }),
        )
        expect(write.label(value)).toBe(oracle(value, decimals, rounding, groups))
      },
    ),
    { numRuns: part(700, 1500) },
  )
})

test('doubles mean their shortest digits, from the smallest to the largest', () => {
  fc.assert(
    fc.property(
      fc.double({ noNaN: true, noDefaultInfinity: true }),
      fc.integer({ min: 0, max: 100 }),
      fc.constantFrom(...ROUNDING_MODES),
      (value, decimals, rounding) => {
        const shortest = String(value).replace('e+', 'e')
        expect(labeller(resolve({ fraction: [decimals, decimals], rounding })).label(value)).toBe(
          oracle(shortest, decimals, rounding, true),
        )
      },
    ),
    {
      numRuns: part(700, 1500),
      examples: [
        [5e-324, 100, 'ceil'],
        [1.7976931348623157e308, 2, 'halfEven'],
        [1.005, 2, 'halfExpand'],
        [-0, 3, 'floor'],
      ],
    },
  )
})
