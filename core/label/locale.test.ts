import localeNames from '../locale/generated/index.json'
import { regionsBy } from './needs'
import type { Style } from '../style/schemas'
import { labeller } from './labeller'
import { resolve } from './resolve'
import { compact, euro, isSameCldr, load, twoDigits } from './testing/platform'

const write = (style: Style) => labeller(resolve(style, regionsBy(style, load)))

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

const comparing = isSameCldr ? test : test.skip
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
