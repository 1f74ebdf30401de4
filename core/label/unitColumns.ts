import { StyleError } from '../error'
import { kindOf, type Unit, unitKinds } from '../units'
import type { NamedByCells } from '../units/types'
import { unitColumn } from '../style/dependencies'
import type { FullStyle } from '../style/schemas'
import type { Context } from './context'
import type { RecordedUnit } from './convert'
import type { Condition, Row, Rule } from './types'

/** A style with the condition under which it writes; null where it writes what no other does. */
export interface Conditioned {
  readonly when: Condition | null
  readonly style: FullStyle
  readonly own?: Pick<Rule, 'unitOf' | 'needsRow' | 'refuses'>
  /** What its values are recorded in, where that is not what all are. */
  readonly recorded?: RecordedUnit
}

type Named = NamedByCells<Unit>

function namesIn(column: string, rows: readonly Row[], { field, takes, named }: Named): string[] {
  const names = new Set<string>()
  rows.forEach((row, at) => {
    const name = String(row[column] ?? '')
    if (name === '' || names.has(name)) return
    if (named(name) === null)
      throw new StyleError(field, name, `rows[${at}].${column} takes ${takes}, or nothing`)
    names.add(name)
  })
  return [...names]
}

const both = (when: Condition | null, names: Condition): Condition =>
  when ? { all: [when, names] } : names

/** A style whose unit a column names: one for each unit that the rows name. */
function byOwnUnit({ when, style }: Conditioned, column: string, context: Context): Conditioned[] {
  const { rows = [], hasRowsToCome = false } = context
  const named = kindOf(style.unit).byCells!
  const unitOf = (name: string) => named.of(style.unit, named.named(name)!)
  const common = context.units?.column === column ? commonUnit(context) : undefined
  const own = namesIn(column, rows, named).map((name): Conditioned => ({
    when: both(when, { column, is: [name] }),
    style: { ...style, unit: unitOf(name) },
    ...(common !== undefined && context.units!.valuesIn === 'row'
      ? { recorded: recordedAs(context, name) }
      : {}),
  }))
  const others: Conditioned = {
    when: both(when, { column, filled: true }),
    style: { ...style, unit: named.any(style.unit) as Unit },
    own: { unitOf: column },
    // Nothing leads from a unit that nobody knows: its values are written as they are.
    recorded: { currency: undefined, measure: undefined },
  }
  const none: Conditioned = {
    when,
    style: { ...style, unit: common === undefined ? { kind: 'none' } : unitOf(common) },
    own: ofNoUnit(column, context),
  }
  return [...own, ...(hasRowsToCome ? [others] : []), none]
}

/** The unit that values of several units are brought to, by its code or id. */
const commonUnit = ({ currency, measure }: Context): string | undefined => currency ?? measure

/** The kind of the unit that values are recorded in. */
const recordedKind = ({ currency }: Context) =>
  currency === undefined ? unitKinds.measure : unitKinds.currency
/** What the values of rows are recorded in that name a unit. */
function recordedAs(context: Context, name: string): RecordedUnit {
  const { byCells, kind } = recordedKind(context)
  return { [kind]: byCells!.named(name)! }
}

/**
 * What writes rows to come that name no unit: nothing does, unless rows of the study name none
 * either.
 */
const ofNoUnit = (column: string, { hasRowsToCome, rows = [] }: Context): Conditioned['own'] => {
  if (!hasRowsToCome) return {}
  const areNamed = rows.every((row) => String(row[column] ?? '') !== '')
  return areNamed ? { needsRow: column, refuses: column } : { needsRow: column }
}

/** A style with a unit of its own for values in the units of their rows: each converts them. */
function byRecordedUnit(
  { when, style }: Conditioned,
  column: string,
  context: Context,
): Conditioned[] {
  const { rows = [], hasRowsToCome = false } = context
  const target = commonUnit(context)
  const own = namesIn(column, rows, recordedKind(context).byCells!).map((name): Conditioned => ({
    when: both(when, { column, is: [name] }),
    style,
    recorded: { ...recordedAs(context, name), target },
  }))
  const unknown: Conditioned = {
    when: both(when, { column, filled: true }),
    style,
    own: { refuses: column },
  }
  const none: Conditioned = { when, style, own: ofNoUnit(column, context) }
  return [...own, ...(hasRowsToCome ? [unknown] : []), none]
}

/**
 * Parts a style into one for each unit that the rows name, where its own unit is named by a column,
 * or where values are in the units of their rows. A row that names none is written in the common
 * unit, without a unit where there is none.
 *
 * @param context its `hasRowsToCome` says whether other rows may name other units
 * @throws StyleError for a cell that is no such unit
 */
export function byUnit(conditioned: Conditioned, context: Context): Conditioned[] {
  const { style } = conditioned
  const { units } = context
  const column = unitColumn(style)
  if (column !== null) return byOwnUnit(conditioned, column, context)
  return units?.valuesIn === 'row' && commonUnit(context) !== undefined
    ? byRecordedUnit(conditioned, units.column, context)
    : [conditioned]
}
