import { z } from 'zod'
import { StyleError } from '../error'
import { currencyDecimals, isCurrency } from '../locale/currencies'
import { parsePattern } from '../locale/pattern'
import type { LocaleTable, PluralKey } from '../locale/types'
import { ANY_UNIT } from './anyUnit'
import { currencyNamed } from './names'
import { type Region, type UnitKind, type UnitSetting, type UnitTexts, USUAL } from './types'
import { numberAlone } from './writing'

const DISPLAYS = ['symbol', 'narrowSymbol', 'code', 'name'] as const
export const currencySchema = z.strictObject({
  kind: z.literal('currency'),
  code: z.union([z.string().regex(/^[A-Z]{3}$/), z.strictObject({ column: z.string().min(1) })]),
  display: z.enum(DISPLAYS).optional(),
})
type Currency = z.infer<typeof currencySchema>
type Display = (typeof DISPLAYS)[number]

/** Decimals of money whose currency each row names. */
const USUAL_DECIMALS = 2

const displayWords: Readonly<Record<Display, string>> = {
  symbol: '',
  narrowSymbol: ' by its short sign',
  code: ' by its code',
  name: ' by its name',
}
const texts: Readonly<Record<Display, (code: string, table: LocaleTable) => string>> = {
  symbol: (code, { symbols }) => symbols[code] ?? code,
  narrowSymbol: (code, { narrow, symbols }) => narrow[code] ?? symbols[code] ?? code,
  code: (code) => code,
  name: (code) => code,
}

/** A currency's name around the number, by the number's plural. */
function nameForms(code: string, { system, names }: Region): UnitTexts['named'] {
  if (!names)
    throw new StyleError(
      'unit.display',
      'name',
      `the names of currencies are not at hand for this region`,
    )
  // Where a region has no name for it, its code stands for one, as with the platform.
  const own = names[code] ?? { name: code }
  const keys = new Set(
    [...Object.keys(own), ...Object.keys(system.patterns.names)].filter((key) => key !== 'name'),
  ) as Set<PluralKey>
  return Object.fromEntries(
    [...keys, 'other'].map((key) => {
      const pattern =
        system.patterns.names[key as PluralKey] ?? system.patterns.names.other ?? '{0} {1}'
      const text = pattern.replace('{1}', own[key] ?? own.other ?? own.name ?? code)
      return [key, text.split('{0}') as [string, string]]
    }),
  )
}

function write(
  { code: named, display = 'symbol' }: Currency,
  { region, marks, isAccounting }: UnitSetting,
): UnitTexts {
  const code = String(named)
  if (!isCurrency(code))
    throw new StyleError(
      'unit.code',
      code,
      'it takes a code of ISO 4217 such as EUR, USD, GBP, JPY, INR, CHF',
    )
  const { patterns } = region.system
  const text = texts[display](code, region.table)
  if (display === 'name')
    return {
      ...numberAlone(marks),
      named: nameForms(code, region),
      title: { side: 'after', text: region.names![code]?.name ?? code },
    }
  const pattern = parsePattern(isAccounting ? patterns.accounting : patterns.currency)
  const side = pattern.positive.prefix.includes('¤') ? 'before' : 'after'
  return {
    ...numberAlone(marks),
    layer: { pattern, fill: { marks, unit: text, text: 'literal' } },
    title: { side, text },
    isMoney: true,
  }
}

const codeOf = ({ code }: Currency): string | null => (typeof code === 'string' ? code : null)

/** Money, by a code of ISO 4217 or by the cells of a column. */
export const currency: UnitKind<Currency> = {
  ...USUAL,
  kind: 'currency',
  takes: '{"kind": "currency", "code": "EUR" or {"column": "name"}, "display": "symbol"}',
  isMoney: true,
  usualDecimals(unit) {
    const code = codeOf(unit)
    return code === null ? USUAL_DECIMALS : currencyDecimals(code)
  },
  currency: codeOf,
  column: ({ code }) => (typeof code === 'string' ? null : code.column),
  names: ({ display }) => (display === 'name' ? 'currencyNames' : null),
  inFull: (unit) => ({ ...unit, display: 'name' }),
  displays: (unit) =>
    DISPLAYS.filter((display) => display !== 'symbol').map((display) => ({ ...unit, display })),
  options: ({ code, display = 'symbol' }) =>
    typeof code === 'string'
      ? {
          style: 'currency',
          currency: code,
          ...(display === 'symbol' ? {} : { currencyDisplay: display }),
        }
      : {},
  say: ({ code, display = 'symbol' }) =>
    (typeof code === 'string' ? `its currency (${code})` : `the currency in ${code.column}`) +
    displayWords[display],
  write,
  byCells: {
    field: 'unit.code',
    takes: 'a code of ISO 4217 such as EUR',
    named: currencyNamed,
    of: (unit, code) => ({ ...unit, code }),
    any: (unit) => ({ ...unit, code: ANY_UNIT, display: 'code' }),
    inColumn: (column) => ({ kind: 'currency', code: { column } }),
  },
}
