import { RANK } from '../../core/checks/causes'
import { SURFACES } from '../../core/surfaces'
import { decimal } from '../../core/decimal/decimal'
import { plainly } from '../../core/decimal/plainly'
import type { Rule } from '../../core/label/types'
import type { StudyFinding } from '../report/findings'
import { domainOf } from './code/source'
import type { Standing } from './export'
import { rowsSaid, type Written } from './written'
import { words } from '../../words'

/** What is said of ticks by hand, where only the style goes along. */
export function handNotes({ hand }: Written, keepsThem: boolean): string[] {
  if (hand.size === 0 || keepsThem) return []
  const ticks = hand.size === 1 ? '1 tick is' : `${hand.size} ticks are`
  return [`On the page ${ticks} written by hand; this writes them by the style.`]
}

/**
 * What is said of labels that the table adjusts so that its parts add up.
 *
 * @param keepsThem whether they are written so here too
 */
export function adjustedNotes({ adjusted }: Written, keepsThem: boolean): string[] {
  if (adjusted.size === 0) return []
  const parts = adjusted.size === 1 ? '1 part is' : `${adjusted.size} parts are`
  return [
    keepsThem
      ? `${parts} adjusted (†) so that all add up.`
      : `On the page ${parts} adjusted (†) so that all add up; this writes each number by itself.`,
  ]
}

/** What is said of surfaces that have a style of their own, where only the quantity's goes along. */
export function surfaceNotes({ quantity, level }: Pick<Written, 'quantity' | 'level'>): string[] {
  if (level !== 'quantity') return []
  const own = SURFACES.filter(
    (surface) => Object.keys(quantity.surfaces?.[surface] ?? {}).length > 0,
  )
  if (own.length === 0) return []
  const where = own.map((surface) => words.surfaces.where[surface]).join(', ')
  return [`Written otherwise ${where}: take these by themselves, or the package, which has each.`]
}

/** What of a filtered column is taken along. */
export const rowNotes = (written: Written): string[] => {
  const said = rowsSaid(written)
  return said === '' ? [] : [`Taken along: ${said}. All rows go along where that is chosen.`]
}

/** In which unit values are given, where rows name several. */
export function unitNotes({ context, rows }: Pick<Written, 'context' | 'rows'>): string[] {
  const { units, currency, measure } = context
  const common = currency ?? measure
  if (!units || common === undefined) return []
  return rows && units.valuesIn === 'row'
    ? [`Each value is given in the unit that “${units.column}” of its row names.`]
    : [`Values are given in ${common}, the common unit of all rows.`]
}

/** How far beyond the study labels are shown, in powers of ten. */
const FAR = 3
/** Whether every label of a rule has one rung or one exponent. */
const isFrozen = ({ fixedRung, rungs, exponent }: Rule): boolean =>
  (exponent === null && fixedRung !== null && rungs[fixedRung]!.power !== 0) ||
  (exponent?.fixed ?? null) !== null

/** What a frozen rung or exponent makes of numbers that the study has none of. */
export function frozenNotes({ plan, writer, values, rows, title }: Written): string[] {
  if (!plan.rules.some(isFrozen)) return []
  const ends = domainOf(values).map(Math.abs)
  const largest = Math.max(...ends)
  if (largest === 0) return []
  const label = (value: number) =>
    `${plainly(decimal(value))} is written ${writer.label(value, rows?.[0])}`
  const power = Math.floor(Math.log10(largest))
  const far = [power - FAR, power + FAR].map((exponent) => Number(`1e${exponent}`))
  return [
    `${title} keeps its rung or exponent beyond what the study has: ${far.map(label).join(', ')}. isOutside(value) tells such values.`,
  ]
}

/** Findings that stand at a moment, the most serious first; those that were left are decided. */
export const standing = (findings: readonly StudyFinding[]): Standing[] =>
  findings
    .filter(({ left, severity }) => left === undefined && RANK[severity] > RANK.note)
    .sort((a, b) => RANK[b.severity] - RANK[a.severity])
    .map(({ severity, quantity, surface, message }) => ({ severity, quantity, surface, message }))
