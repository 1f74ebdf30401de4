import localeNames from '../locale/generated/index.json'
import version from '../locale/generated/version.json'
import { regionsBy } from './needs'
import type { Style } from '../style/schemas'
import { toText } from '../decimal/decimal'
import { saidBy } from './cells'
import { labeller } from './labeller'
import { resolve } from './resolve'
import {
  compact,
  euro,
  exact,
  isSameCldr,
  load,
  RIVALS,
  twoDigits,
  VALUES,
} from './testing/platform'
import { differs } from './testing/differences'
import { part } from '../testing/part'
import type { Value } from './types'

const write = (style: Style) => {
  const plan = resolve(style, regionsBy(style, load))
  return {
    label: labeller(plan).label,
    said: (value: Value) => saidBy(plan, labeller(plan).written(value)),
  }
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

test('parentheses that are asked for stand around negative money in every region, whatever its ladder, and without a minus', () => {
  const ways: Style[] = [
    twoDigits,
    compact,
    { ...compact, rungForm: 'word' },
    { notation: 'scaled', ladder: 'short' },
  ]
  const without = localeNames.flatMap((locale) =>
    ways
      .map((way) =>
        write({ unit: euro, sign: 'parentheses', locale, ...way })
          .label(-1234567)
          .replace(/[\u200e\u200f\u061c]/g, ''),
      )
      .filter((label) => !/^\(.*\)$/.test(label) || /[-−]/.test(label))
      .map((label) => `${locale}: ${label}`),
  )
  expect(without).toEqual([])
})

/** Each rival is compared in other regions, so that all of them have their turn. */
const EVERY = part(8, 1)
function regionsFor(name: string): string[] {
  const first = Object.keys(RIVALS).indexOf(name)
  return exact.filter((_, at) => (at + first) % EVERY === 0)
}

const comparing = isSameCldr ? test : test.skip
comparing.each(Object.keys(RIVALS))('%s agrees with the platform in its regions', (name) => {
  const rival = RIVALS[name]!
  // Without a minus on zeros the platform's rule is called `negative`.
  const options = { signDisplay: 'negative', ...rival.options } as Intl.NumberFormatOptions
  const differing: string[] = []
  let compared = 0
  for (const locale of regionsFor(name)) {
    const own = write({ ...rival.style, locale })
    const platform = new Intl.NumberFormat(locale, options)
    for (const value of VALUES) {
      const [label, other] = [own.label(value), written(platform, value)]
      if (differs(rival, locale, value, Number(toText(own.said(value))))) continue
      compared++
      if (label !== other)
        differing.push(
          `${locale} ${String(value)}: ${JSON.stringify(label)} here, ${JSON.stringify(other)} there`,
        )
    }
  }
  expect(differing.slice(0, 12)).toEqual([])
  expect(compared).toBeGreaterThan(0.8 * regionsFor(name).length * VALUES.length)
})

// CLDR's JSON leaves out what French, Persian and Urdu say of Arabic digits that are not theirs.
comparing.each(['en', 'de', 'it', 'hi', 'ar', 'zh', 'pl', 'he'])(
  '%s in the digits of other systems takes their marks, as the platform does',
  (locale) => {
    const ways: [Style, Intl.NumberFormatOptions][] = [
      [{}, {}],
      [{ sign: 'always' }, { signDisplay: 'always' }],
      [
        { unit: { kind: 'percent' }, fraction: [0, 1] },
        { style: 'percent', maximumFractionDigits: 1 },
      ],
    ]
    for (const system of ['arab', 'arabext', 'deva', 'beng', 'thai', 'latn', 'khmr'])
      for (const [style, options] of ways)
        for (const value of [-1234567.5, 0.25, 12345]) {
          const tag = `${locale}-u-nu-${system}`
          const platform = new Intl.NumberFormat(tag, options)
          expect([tag, write({ ...style, locale: tag }).label(value)]).toEqual([
            tag,
            platform.format(value),
          ])
        }
  },
)
