import { isCode } from './cells'
import { durationRuleOf, type TwoPlaces } from './durations'
import { type ColumnReason, MOST_ROWS } from '../study/columnReason'
import { factsOf } from './facts'
import { headerOf, type Header } from './header'
import { headerPower, type LabelRule, labelRuleOf } from './label'
import { askForRole, missingIn, namesOf, saidToBe, textColumn } from './names'
import { numbersOf, sampleOf } from './numbers'
import { isNumeric, type Role } from '../../core/data/roles'
import { type Judged, roleOfNumbers } from './roles'
import type { Ask, Cells, ImportedColumn, UnreadCell } from './types'

/** The share of cells that must be numbers for a column to be numeric, where several are not. */
const NUMERIC_SHARE = 0.8
/** How the cells of a column are counted. */
interface Counts {
  readonly filled: number
  readonly numbers: number
  readonly codes: number
}
function countsOf({ length, eachOther }: Cells, rule: LabelRule, missing: number): Counts {
  let [unread, codes] = [0, 0]
  eachOther((looked) => {
    if (!looked.isMissing && rule.read(looked) === null) unread++
    if (isCode(looked.text)) codes++
  })
  return { codes, filled: length - missing, numbers: length - missing - unread }
}
/** Why a column is text; null where it is numbers. One word among numbers is one unread cell. */
function reasonForText({ filled, numbers, codes }: Counts): ColumnReason | null {
  if (filled === 0) return { code: 'empty' }
  if (codes > 0) return { code: 'leadingZeros' }
  if (numbers === 0) return { code: 'noNumber' }
  const unread = filled - numbers
  if (numbers >= NUMERIC_SHARE * filled || (unread === 1 && numbers > unread)) return null
  return { code: 'fewNumbers', numbers, filled }
}
const reasonForNumbers = (
  { filled, numbers }: Counts,
  unread: readonly UnreadCell[],
  rule: string,
): ColumnReason => ({
  code: 'numbers',
  numbers,
  filled,
  ...(unread.length > 0 ? { rows: unread.slice(0, MOST_ROWS).map(({ row }) => row) } : {}),
  ...(rule === '' ? {} : { rule }),
})

function unreadIn({ eachOther }: Cells, rule: LabelRule): UnreadCell[] {
  const unread: UnreadCell[] = []
  eachOther((looked, at) => {
    if (!looked.isMissing && rule.read(looked) === null)
      unread.push({ row: at + 1, text: looked.text })
  })
  return unread
}

/** What is asked of a column of numbers. */
function asksOf({ asks }: Judged, { unclear }: Cells, { others }: LabelRule): Ask[] {
  return [
    ...(asks ? [askForRole(asks)] : []),
    ...(unclear.length > 0
      ? [{ about: 'mark' as const, choices: ['.', ','], cells: unclear }]
      : []),
    ...(others.length > 0 ? [{ about: 'unit' as const, choices: others, cells: [] }] : []),
  ]
}

/**
 * The power of ten of cells: what their header says, as far as the cells do not say it themselves.
 */
function recordedIn({ words, power, hasRungs }: LabelRule, header: Header): number {
  if (hasRungs) return 0
  if (words === '') return headerPower(header)
  return power === 0 ? header.power : 0
}

/** What somebody said of a column: its role, and what 1:30 means in it. */
export interface SaidOfColumn {
  readonly role?: Role
  readonly twoPlaces?: TwoPlaces
}
/**
 * What the cells of a column make.
 *
 * @param said what its owner said of it
 * @returns null where it is text and some cells' texts were not kept
 * @example columnOf('year', cells).role // 'year'
 */
export function columnOf(
  name: string,
  cells: Cells,
  { role: wanted, twoPlaces }: SaidOfColumn = {},
): ImportedColumn | null {
  const header: Header = headerOf(name)
  const missing = missingIn(cells)
  const filled = cells.length - missing
  const time = durationRuleOf(cells, filled, { name, unit: header.unit }, twoPlaces)
  const rule: LabelRule = time ?? labelRuleOf(cells, filled, header)
  const counts = countsOf(cells, rule, missing)
  const reason = reasonForText(counts)
  const isReadable = counts.numbers > 0
  if (wanted ? !isNumeric(wanted) || !isReadable : reason !== null)
    return wanted && reason === null
      ? namesOf(name, cells, saidToBe(wanted), missing)
      : textColumn(name, cells, reason, missing, wanted && !isNumeric(wanted) ? wanted : undefined)
  const made = numbersOf(cells, rule)
  const judged: Judged = wanted
    ? saidToBe(wanted)
    : roleOfNumbers(factsOf(cells, rule), { ...header, unit: rule.unit })
  if (!isNumeric(judged.role)) return namesOf(name, cells, judged, missing)
  const unread = unreadIn(cells, rule)
  const recorded = recordedIn(rule, header)
  const asks = [...asksOf(judged, cells, rule), ...(time?.ask ? [time.ask] : [])]
  return {
    name,
    kind: 'number',
    role: judged.role,
    reason: reasonForNumbers(counts, unread, rule.words),
    sample: sampleOf(cells, rule),
    ...made,
    unread,
    missing,
    ...(rule.words ? { rule: rule.words } : {}),
    ...(rule.unit ? { unit: rule.unit } : {}),
    ...(recorded ? { recorded } : {}),
    ...(time ? { style: time.style } : {}),
    ...(asks.length > 0 ? { asks } : {}),
  }
}
