import { findAll } from '../checks/run'
import { labelAt, saidAt, valueAt } from '../checks/proof'
import type { Check, Severity, Subject } from '../checks/types'
import { compare, magnitudeOf, subtract } from '../decimal/arithmetic'
import { type Decimal, toText, ZERO } from '../decimal/decimal'
import { divide } from '../decimal/round'
import { textWidth } from '../text/advance'

/** What tells one style from another on the same values. */
export interface Measured {
  readonly labels: readonly string[]
  /** The widest label, by its place, and its width in CSS pixels. */
  readonly widest: { readonly at: number; readonly width: number }
  /**
   * The label that reads furthest from its value, by its place, and how far as a part of the value.
   */
  readonly worst: { readonly at: number; readonly off: Decimal }
  /** How far each label reads from its value, as a part of it. */
  readonly offs: readonly Decimal[]
  /** How many labels are different, and how many values. */
  readonly different: number
  readonly values: number
  readonly findings: readonly { readonly check: Check; readonly severity: Severity }[]
}

/**
 * Measures a style on some values: width, loss, labels that are alike, findings.
 *
 * @param subject at least one value
 * @param fontSize of the labels in CSS pixels
 * @throws StyleError where the style cannot be resolved
 * @example measure({ surface: 'table', style: { fraction: [0, 0] }, values: [decimal('1.4'), decimal('1.2')] }, 13).different // 1
 */
export function measure(subject: Subject, fontSize: number): Measured {
  const { proof, findings } = findAll(subject)
  const places = [...proof.which.keys()]
  const labels = places.map((at) => labelAt(proof, at))
  const widths = labels.map((label) => textWidth(label, fontSize))
  const offAt = (at: number): Decimal => {
    const value = valueAt(proof, at)
    return value.coefficient === 0n
      ? ZERO
      : divide(magnitudeOf(subtract(saidAt(proof, at), value)), magnitudeOf(value))
  }
  const offs = places.map(offAt)
  const widest = places.reduce((best, at) => (widths[at]! > widths[best]! ? at : best), 0)
  const worst = places.reduce((best, at) => (compare(offs[at]!, offs[best]!) > 0 ? at : best), 0)
  return {
    labels,
    findings,
    offs,
    widest: { at: widest, width: widths[widest]! },
    worst: { at: worst, off: offs[worst]! },
    different: new Set(labels).size,
    values: new Set(places.map((at) => toText(valueAt(proof, at)))).size,
  }
}
