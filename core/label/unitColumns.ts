import { StyleError } from '../error'
import { isCurrency } from '../locale/currencies'
import { isMeasure } from '../measures/convert'
import { unitColumn } from '../style/dependencies'
import type { FullStyle } from '../style/schemas'
import type { Condition, Row } from './types'

/** A style with the condition under which it writes; null where it writes what no other does. */
export interface Conditioned {
  readonly when: Condition | null
  readonly style: FullStyle
}

type Unit = FullStyle['unit']
/** A kind of unit that a column can name. */
interface Named {
  /** The field that names it. */
  readonly field: string
  readonly takes: string
  isOne(text: string): boolean
  of(unit: never, text: string): Unit
}
const NAMED: { readonly [Kind in Unit['kind']]?: Named } = {
  currency: {
    field: 'unit.code',
    takes: 'a code of ISO 4217 such as EUR',
    isOne: isCurrency,
    of: (unit: Extract<Unit, { kind: 'currency' }>, code) => ({ ...unit, code }),
  },
  measure: {
    field: 'unit.id',
    takes: 'an id of a measure such as kilogram',
    isOne: isMeasure,
    of: (unit: Extract<Unit, { kind: 'measure' }>, id) => ({ ...unit, id }),
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

/**
 * Parts a style whose currency or measure is named by a column into one for each that the rows
 * name. A row that names none is written without a unit.
 *
 * @throws StyleError for a cell that is no such unit
 */
export function byUnit({ when, style }: Conditioned, rows: readonly Row[] = []): Conditioned[] {
  const column = unitColumn(style)
  const named = NAMED[style.unit.kind]
  if (column === null || !named) return [{ when, style }]
  const own = namesIn(column, rows, named).map((name): Conditioned => {
    const names: Condition = { column, is: [name] }
    return {
      when: when ? { all: [when, names] } : names,
      style: { ...style, unit: named.of(style.unit as never, name) },
    }
  })
  return [...own, { when, style: { ...style, unit: { kind: 'none' } } }]
}
