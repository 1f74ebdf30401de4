// Oracle: Intl.NumberFormat, whole labels. Each difference is explained by a rule, and counted.
import version from '../locale/generated/version.json'
import { toText } from '../decimal/decimal'
import type { Style } from '../style/schemas'
import { isExhaustive, part } from '../testing/part'
import { saidBy } from './cells'
import { labeller } from './labeller'
import { regionsBy } from './needs'
import { resolve } from './resolve'
import { addTally, comparePair, newTally, summary } from './testing/differences'
import { exact, isSameCldr, load, type Rival, RIVALS, VALUES } from './testing/platform'
import type { Value } from './types'

const write = (style: Style) => {
  const plan = resolve(style, regionsBy(style, load))
  const own = labeller(plan)
  return { label: own.label, said: (value: Value) => saidBy(plan, own.written(value)) }
}

test('the platform has the CLDR of the tables, or the comparison with it is left out', () => {
  if (!isSameCldr)
    console.warn(
      `the tables are of CLDR ${version.cldr}, the platform has ${process.versions.cldr}: not compared`,
    )
  expect(Object.keys(RIVALS).length).toBeGreaterThanOrEqual(24)
  expect(VALUES.length).toBeGreaterThanOrEqual(60)
})

/** The platform's label; the sign of an exponent is the region's there, and the style's here. */
const written = (platform: Intl.NumberFormat, value: Value) =>
  platform
    .formatToParts(value as number)
    .map((part) => (part.type === 'exponentSeparator' ? 'E' : part.value))
    .join('')

/** Each rival is compared in other regions, so that all of them have their turn. */
const EVERY = part(16, 1)
function regionsFor(name: string): string[] {
  const first = Object.keys(RIVALS).indexOf(name)
  return exact.filter((_, at) => (at + first) % EVERY === 0)
}

const all = newTally()
const comparing = isSameCldr ? test : test.skip
comparing.each(Object.keys(RIVALS))('%s agrees with the platform in its regions', (name) => {
  const rival = RIVALS[name]!
  // Without a minus on zeros the platform's rule is called `negative`.
  const options = { signDisplay: 'negative', ...rival.options } as Intl.NumberFormatOptions
  const tally = newTally()
  for (const locale of regionsFor(name)) {
    const own = write({ ...rival.style, locale })
    const platform = new Intl.NumberFormat(locale, options)
    for (const value of VALUES) {
      const said = Number(toText(own.said(value)))
      const labels = { own: own.label(value), platform: written(platform, value) }
      comparePair(tally, { rival, locale, value, said, ...labels })
    }
  }
  expect(tally.unexplained.slice(0, 12)).toEqual([])
  expect(tally.compared).toBe(regionsFor(name).length * VALUES.length)
  addTally(all, tally)
})

/** Units that ECMA-402 sanctions. */
const SIMPLE =
  'acre bit byte celsius centimeter day degree fahrenheit fluid-ounce foot gallon gigabit gigabyte gram hectare hour inch kilobit kilobyte kilogram kilometer liter megabit megabyte meter microsecond mile mile-scandinavian milliliter millimeter millisecond minute month nanosecond ounce petabyte pound second stone terabit terabyte week yard year'.split(
    ' ',
  )
const FAR = 19
/** Each of them per another: of percent the platform writes no second half. */
const PER = SIMPLE.map((id, at) => `${id}-per-${SIMPLE[(at + FAR) % SIMPLE.length]}`)
const USUAL_PER = ['kilometer-per-hour', 'mile-per-gallon', 'gram-per-liter', 'byte-per-second']
const SANCTIONED = [...SIMPLE, 'percent', ...USUAL_PER, ...PER]
const DISPLAYS = ['short', 'narrow', 'long'] as const
comparing.each(DISPLAYS)(
  'measures are written as the platform does in their regions: %s',
  (display) => {
    const values = VALUES.filter((_, at) => at % part(3, 1) === 0).concat([1, 2, 3, 11, 1.5])
    const tally = newTally()
    for (const [at, id] of SANCTIONED.entries())
      for (const locale of exact.filter((_, place) => (place + at) % part(60, 1) === 0)) {
        const style: Style = { locale, unit: { kind: 'measure', id, display } }
        const options = { style: 'unit', unit: id, unitDisplay: display, signDisplay: 'negative' }
        const platform = new Intl.NumberFormat(locale, options as Intl.NumberFormatOptions)
        const own = write(style)
        for (const value of values) {
          const labels = { own: own.label(value), platform: platform.format(value as number) }
          comparePair(tally, {
            rival: { style, options: options as Rival['options'] },
            locale,
            value,
            said: Number(value),
            ...labels,
          })
        }
      }
    expect(tally.unexplained.slice(0, 12)).toEqual([])
    expect(tally.compared).toBeGreaterThan(5000)
    addTally(all, tally)
  },
  part(300_000, 3_600_000),
)

// A part of the regions has other shares than all of them.
const counting = isSameCldr && isExhaustive ? test : test.skip
counting('no rule explains more than half a percent of all labels', () => {
  const { lines, tooMuch } = summary(all)
  console.info(lines.join('\n'))
  expect(tooMuch).toEqual([])
})
