import { StyleError } from '../error'
import { ANY_UNIT } from './anyUnit'
import { isCurrency } from '../locale/currencies'
import { isMeasure } from '../measures/convert'
import { unitColumn } from '../style/dependencies'
import type { FullStyle } from '../style/schemas'
import type { Condition, Row, Rule } from './types'

/** A style with the condition under which it writes; null where it writes what no other does. */
export interface Conditioned {
  readonly when: Condition | null
  readonly style: FullStyle
  readonly own?: Pick<Rule, 'unitOf' | 'needsRow'>
}

type Unit = FullStyle['unit']
/** A kind of unit that a column can name. */
interface Named {
  /** The field that names it. */
  readonly field: string
  readonly takes: string
  isOne(text: string): boolean
  of(unit: never, text: string): Unit
  /** Any unit of the kind, by its own name. */
  any(unit: never): Unit
}
const NAMED: { readonly [Kind in Unit['kind']]?: Named } = {
  currency: {
    field: 'unit.code',
    takes: 'a code of ISO 4217 such as EUR',
    isOne: isCurrency,
    of: (unit: Extract<Unit, { kind: 'currency' }>, code) => ({ ...unit, code }),
    any: (unit: Extract<Unit, { kind: 'currency' }>) => ({
      ...unit,
      code: ANY_UNIT,
      display: 'code',
    }),
  },
  measure: {
    field: 'unit.id',
    takes: 'an id of a measure such as kilogram',
    isOne: isMeasure,
    of: (unit: Extract<Unit, { kind: 'measure' }>, id) => ({ ...unit, id }),
    any: () => ({ kind: 'symbol', text: ANY_UNIT }),
  },
}

function namesIn(column: string, rows: readonly Row[], { field, takes, isOne }: Named): string[] {
  const names = new Set<string>()
  rows.forEach((row, at) => {
    const name = String(row[column] ?? '')
    if (name === '' || names.has(name)) return
    if (!isOne(name))
      throw new StyleError(field, name, `rows[${at}].${column} takes ${takes}, or nothing`)
    names.add(name)
  })
  return [...names]
}

const both = (when: Condition | null, names: Condition): Condition =>
  when ? { all: [when, names] } : names

/**
 * Parts a style whose currency or measure is named by a column into one for each that the rows
 * name. A row that names none is written without a unit.
 *
 * @param hasRowsToCome whether other rows may name other units
 * @throws StyleError for a cell that is no such unit
 */
export function byUnit(
  { when, style }: Conditioned,
  rows: readonly Row[] = [],
  hasRowsToCome = false,
): Conditioned[] {
  const column = unitColumn(style)
  const named = NAMED[style.unit.kind]
  if (column === null || !named) return [{ when, style }]
  const own = namesIn(column, rows, named).map((name): Conditioned => ({
    when: both(when, { column, is: [name] }),
    style: { ...style, unit: named.of(style.unit as never, name) },
  }))
  const others: Conditioned = {
    when: both(when, { column, filled: true }),
    style: { ...style, unit: named.any(style.unit as never) },
    own: { unitOf: column },
  }
  const none: Conditioned = {
    when,
    style: { ...style, unit: { kind: 'none' } },
    own: hasRowsToCome ? { needsRow: column } : {},
  }
  return [...own, ...(hasRowsToCome ? [others] : []), none]
}
