import { parsePattern } from '../locale/pattern'
import type { CurrencyNames, LocaleTable, PluralKey, SystemTable } from '../locale/types'
import { StyleError } from '../error'
import type { FullStyle } from '../style/schemas'
import { isCurrency } from '../locale/currencies'
import { type Layer, noBreak, partIf } from './frames'
import type { Marks, Slot } from './types'

type Unit = FullStyle['unit']

/** A region as units look at it. */
export interface Region {
  readonly table: LocaleTable
  readonly system: SystemTable
  readonly names: CurrencyNames | null
}

/** What a unit puts beside the number, and how it is said in a title. */
export interface UnitWriting {
  /** The pattern around the number. */
  readonly layer: Layer
  /** Parts outside the pattern. */
  readonly before: readonly Slot[]
  readonly after: readonly Slot[]
  /** How many of it make one: 100 percent. */
  readonly perOne: string
  readonly title: { readonly side: 'before' | 'after'; readonly text: string }
  /** The region's own patterns for shortened amounts, where it has them. */
  readonly isMoney: boolean
  /** Patterns that depend on the number's plural: a currency's name. */
  readonly named: Partial<Record<PluralKey, readonly [string, string]>> | null
}

const NUMBER_ALONE = parsePattern('#')
const parts = {
  percent: '100',
  percentPoint: '100',
  permille: '1000',
  basisPoint: '10000',
} as const
const pointSymbols: Partial<Record<Unit['kind'], string>> = { percentPoint: 'pp', basisPoint: 'bp' }

const plain = (marks: Marks): UnitWriting => ({
  layer: { pattern: NUMBER_ALONE, fill: { marks, unit: '', text: 'literal' } },
  before: [],
  after: [],
  perOne: '1',
  title: { side: 'after', text: '' },
  isMoney: false,
  named: null,
})

function symbolWriting(
  text: string,
  side: 'before' | 'after',
  gap: string,
  marks: Marks,
): UnitWriting {
  const [unit, space] = [partIf('unit', text), partIf('gap', noBreak(gap))]
  return {
    ...plain(marks),
    title: { side, text },
    ...(side === 'before' ? { before: [...unit, ...space] } : { after: [...space, ...unit] }),
  }
}

const displays: Record<
  'symbol' | 'narrowSymbol' | 'code' | 'name',
  (code: string, table: LocaleTable) => string
> = {
  symbol: (code, { symbols }) => symbols[code] ?? code,
  narrowSymbol: (code, { narrow, symbols }) => narrow[code] ?? symbols[code] ?? code,
  code: (code) => code,
  name: (code) => code,
}

/** A currency's name around the number, by the number's plural. */
function nameForms(code: string, { system, names }: Region): UnitWriting['named'] {
  const own = names?.[code]
  if (!own)
    throw new StyleError(
      'unit.display',
      'name',
      `the names of currencies are not at hand for this region`,
    )
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

function currencyWriting(
  unit: Extract<Unit, { kind: 'currency' }>,
  style: FullStyle,
  region: Region,
  marks: Marks,
): UnitWriting {
  const { display = 'symbol' } = unit
  const code = String(unit.code)
  if (!isCurrency(code))
    throw new StyleError(
      'unit.code',
      code,
      'it takes a code of ISO 4217 such as EUR, USD, GBP, JPY, INR, CHF',
    )
  const { patterns } = region.system
  const text = displays[display](code, region.table)
  if (display === 'name')
    return {
      ...plain(marks),
      named: nameForms(code, region),
      title: { side: 'after', text: region.names![code]!.name ?? code },
    }
  const pattern = parsePattern(
    style.sign === 'parentheses' ? patterns.accounting : patterns.currency,
  )
  const side = pattern.positive.prefix.includes('¤') ? 'before' : 'after'
  return {
    ...plain(marks),
    layer: { pattern, fill: { marks, unit: text, text: 'literal' } },
    title: { side, text },
    isMoney: true,
  }
}

/**
 * What the style's unit writes in a region.
 *
 * @throws StyleError for a currency code that is none, or a name that is not at hand
 */
export function unitWriting(style: FullStyle, region: Region, marks: Marks): UnitWriting {
  const { unit } = style
  if (unit.kind === 'none') return plain(marks)
  if (unit.kind === 'currency') return currencyWriting(unit, style, region, marks)
  if (unit.kind === 'symbol')
    return symbolWriting(
      unit.text,
      unit.side ?? 'after',
      unit.gap ?? (unit.side === 'before' ? '' : ' '),
      marks,
    )
  const perOne = parts[unit.kind]
  const symbol = pointSymbols[unit.kind]
  if (symbol) return { ...symbolWriting(symbol, 'after', ' ', marks), perOne }
  const text = unit.kind === 'percent' ? region.system.percent : region.system.permille
  const layer: Layer = {
    pattern: parsePattern(region.system.patterns.percent),
    fill: { marks, unit: text, text: 'literal' },
  }
  return { ...plain(marks), layer, perOne, title: { side: 'after', text } }
}
