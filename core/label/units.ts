import { parsePattern } from '../locale/pattern'
import type {
  CurrencyNames,
  LocaleTable,
  MeasureNames,
  PluralKey,
  SystemTable,
} from '../locale/types'
import { StyleError } from '../error'
import { measureForms } from '../measures/naming'
import type { FullStyle } from '../style/schemas'
import { isCurrency } from '../locale/currencies'
import { type Layer, noBreak, partIf } from './frames'
import { hasPrefixes, type MeasureUnit, prefixable } from './prefixes'
import type { Marks, Slot } from './types'

type Unit = FullStyle['unit']

/** A region as units look at it. */
export interface Region {
  readonly table: LocaleTable
  readonly system: SystemTable
  readonly names: CurrencyNames | null
  readonly measures: MeasureNames | null
}

/** Texts before and after the number; and the number that the first alone says, where it does. */
export type UnitName = readonly [before: string, after: string, says?: string]

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
  readonly named: Partial<Record<PluralKey, UnitName>> | null
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
      title: { side: 'after', text: region.names![code]?.name ?? code },
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

/** What a pattern without a place for the number says, by its plural. */
const SAYS: Readonly<Record<string, string>> = { zero: '0', one: '1', two: '2' }
function nameFrom(pattern: string, plural: string): UnitName {
  const [before = '', after] = pattern.split('{0}')
  return after === undefined ? [before, '', SAYS[plural]] : [before, after]
}

/**
 * A measure that takes the rungs as its prefixes: 3.6 MW. A prefix of its own goes into the number,
 * so the measure is named without it: Wh of kWh.
 */
function prefixedWriting(unit: MeasureUnit, measures: MeasureNames, marks: Marks): UnitWriting {
  const { id } = prefixable(unit)
  const pattern = measureForms(id, unit.display ?? 'short', measures)?.other
  if (pattern === undefined)
    throw new StyleError(
      'unit.id',
      unit.id,
      'this region names it with a prefix alone; choose a ladder without prefixes, such as short',
    )
  const [, gap = '', text = ''] = /^\{0\}(\s*)(.*)$/u.exec(pattern) ?? [
    ,
    ' ',
    pattern.replace('{0}', '').trim(),
  ]
  return symbolWriting(text, 'after', gap, marks)
}

/** A measure around the number: its pattern by the number's plural. */
function measureWriting(
  unit: MeasureUnit,
  style: FullStyle,
  { measures }: Region,
  marks: Marks,
): UnitWriting {
  const { display = 'short' } = unit
  const id = String(unit.id)
  const forms = measures && measureForms(id, display, measures)
  if (!forms)
    throw new StyleError(
      'unit.id',
      id,
      measures
        ? 'CLDR has no name for it in this region; give a unit of your own: {"kind": "symbol", "text": "…"}'
        : 'the names of measures are not at hand for this region',
    )
  if (hasPrefixes(style)) return prefixedWriting(unit, measures!, marks)
  const named = Object.fromEntries(
    Object.entries(forms).map(([plural, pattern]) => [plural, nameFrom(pattern, plural)]),
  )
  return {
    ...plain(marks),
    named,
    title: { side: 'after', text: forms.other.replace('{0}', '').trim() },
  }
}

/**
 * CLDR writes the percent and permille that are measures by the region's own pattern for them, but
 * in words; their numbers are percent already.
 */
function partOf(unit: Unit): Unit | null {
  if (unit.kind !== 'measure' || unit.display === 'long') return null
  return unit.id === 'percent' || unit.id === 'permille' ? { kind: unit.id } : null
}

/**
 * What the style's unit writes in a region.
 *
 * @throws StyleError for a currency code that is none, or a name that is not at hand
 */
export function unitWriting(style: FullStyle, region: Region, marks: Marks): UnitWriting {
  const { unit } = style
  const part = partOf(unit)
  if (part) return { ...unitWriting({ ...style, unit: part }, region, marks), perOne: '1' }
  if (unit.kind === 'none') return plain(marks)
  if (unit.kind === 'currency') return currencyWriting(unit, style, region, marks)
  if (unit.kind === 'measure') return measureWriting(unit, style, region, marks)
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
