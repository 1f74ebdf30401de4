import { toNumber } from '../../../core/decimal/decimal'
import type { Row, Value } from '../../../core/label/types'
import { scriptJson } from '../../escape'
import { columnsLookedAt } from '../told'
import { saidValue, type Written } from '../written'
import { goesByRow } from './declarations'

/** The numbers that labels say of values that are equal, in the order in which these come. */
type Said = readonly [key: string, values: readonly Value[]]
/** What a module writes in place of what the style writes of a value. */
export interface Instead {
  /** Ticks and their texts that somebody wrote by hand. */
  readonly hand: readonly (readonly [value: number, text: string])[]
  /** Parts that are adjusted so that all add up. */
  readonly adjusted: readonly Said[]
  /** The columns by whose cells equal values are told apart. */
  readonly columns: readonly string[]
}
export const NOTHING_INSTEAD: Instead = { hand: [], adjusted: [], columns: [] }

const isMissing = (value: Value): boolean => value === null || value === undefined || value === ''

/** Each value that has an adjusted label, with what its labels say in the order of the rows. */
function saidByValue(written: Written, columns: readonly string[]): Said[] {
  const { values, rows, adjusted } = written
  const keyOf = (value: Value, row: Row | undefined) =>
    JSON.stringify([Number(value), ...columns.map((name) => row?.[name])])
  const keyAt = (at: number) => keyOf(values[at], rows?.[at])
  const wanted = new Set([...adjusted.keys()].map(keyAt))
  const found = new Map<string, Value[]>()
  values.forEach((value, at) => {
    if (isMissing(value) || !wanted.has(keyAt(at))) return
    found.set(keyAt(at), [...(found.get(keyAt(at)) ?? []), saidValue(written, at)])
  })
  return [...found]
}

/** What a module writes in place of what its style writes. */
export function insteadIn(written: Written): Instead {
  const { hand, ticks, adjusted } = written
  const columns = adjusted.size > 0 && goesByRow(written) ? columnsLookedAt(written) : []
  return {
    hand: [...hand].map(([at, text]) => [toNumber(ticks![at]!), text] as const),
    adjusted: saidByValue(written, columns),
    columns,
  }
}

/** Functions that write by hand what somebody wrote so, and all else as the others do. */
const byHand = ({ hand }: Instead): string[] => [
  `const byHand = /* @__PURE__ */ new Map(${scriptJson(hand)});`,
  "const handOf = (value) => (value == null || value === '' ? undefined : byHand.get(Number(value)));",
  'export const label = (value) => handOf(value) ?? styled(value);',
  'export const labels = (values) => {',
  '  const given = [...values];',
  '  return allStyled(given).map((text, at) => handOf(given[at]) ?? text);',
  '};',
  'export const spoken = (value) => handOf(value) ?? styledSpoken(value);',
]

/**
 * Functions that write the number that an adjusted label says, and each other number as it is.
 * Alone, a value is adjusted where every equal one is; a list is adjusted in its order.
 */
const asAdjusted = ({ adjusted, columns }: Instead): string[] => [
  `const adjusted = /* @__PURE__ */ new Map(${scriptJson(adjusted)});`,
  `const columns = ${scriptJson(columns)};`,
  "const keyOf = (value, row) => (value == null || value === '' ? undefined : JSON.stringify([Number(value), ...columns.map((name) => row?.[name])]));",
  'const saidAlone = (value, row) => {',
  '  const all = adjusted.get(keyOf(value, row));',
  '  return all?.every((one) => one === all[0]) ? all[0] : value;',
  '};',
  'const saidInList = (values, rows) => {',
  '  const seen = new Map();',
  '  return values.map((value, at) => {',
  '    const key = keyOf(value, rows?.[at]);',
  '    const count = seen.get(key) ?? 0;',
  '    seen.set(key, count + 1);',
  '    return adjusted.get(key)?.[count] ?? value;',
  '  });',
  '};',
  'export const label = (value, row) => styled(saidAlone(value, row), row);',
  'export const labels = (values, rows) => allStyled(saidInList([...values], rows), rows);',
  'export const parts = (value, row) => styledParts(saidAlone(value, row), row);',
  'export const spoken = (value, row) => styledSpoken(saidAlone(value, row), row);',
]

/** Functions that stand before those that write by the style; none where all is written by it. */
export const insteadFunctions = (instead: Instead): string[] => [
  ...(instead.hand.length > 0 ? byHand(instead) : []),
  ...(instead.adjusted.length > 0 ? asAdjusted(instead) : []),
]

/** The data of a text of JSON; undefined where it is none. */
export function json(text: string | undefined): unknown {
  try {
    return text === undefined ? undefined : JSON.parse(text)
  } catch {
    return undefined
  }
}
type Test = (data: unknown) => boolean
const isText: Test = (data) => typeof data === 'string'
const isPair = (isFirst: Test, isSecond: Test): Test => {
  return (data) => Array.isArray(data) && data.length === 2 && isFirst(data[0]) && isSecond(data[1])
}
const isListOf = (isOne: Test): Test => {
  return (data) => Array.isArray(data) && data.every(isOne)
}
const isNumber: Test = (data) => typeof data === 'number'
const isHand = isListOf(isPair(isNumber, isText))
const isSaid = isListOf(
  isPair(
    isText,
    isListOf((data) => isText(data) || isNumber(data)),
  ),
)

/**
 * What stands in place of what the style writes, as the lines of a module say it; null where they
 * hold something else.
 */
export function insteadFrom(lines: readonly string[]): Instead | null {
  const dataOf = (name: string, pattern: RegExp) => {
    const line = lines.find((one) => one.startsWith(`const ${name} = `))
    return line === undefined ? [] : json(pattern.exec(line)?.[1])
  }
  const map = / new Map\((.*)\);$/
  const hand = dataOf('byHand', map)
  const adjusted = dataOf('adjusted', map)
  const columns = dataOf('columns', / = (.*);$/)
  if (!isHand(hand) || !isSaid(adjusted) || !isListOf(isText)(columns)) return null
  return { hand, adjusted, columns } as Instead
}
