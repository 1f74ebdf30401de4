import { z } from 'zod'
import { currency, currencySchema } from './currency'
import { measure, measureSchema } from './measure'
import { none, noneSchema } from './none'
import { ratios, ratioSchemas } from './ratios'
import { symbol, symbolSchema } from './symbol'
import type { UnitKind, UnitSetting, UnitWriting } from './types'

/** What a style takes for a unit. */
export const unitSchema = z.discriminatedUnion('kind', [
  noneSchema,
  currencySchema,
  ...ratioSchemas,
  symbolSchema,
  measureSchema,
])
export type Unit = z.infer<typeof unitSchema>
type OfKind<Kind extends Unit['kind']> = Extract<Unit, { kind: Kind }>

/** Every kind of unit, by its id. To add one, add its file and its lines here. */
export const unitKinds: { readonly [Kind in Unit['kind']]: UnitKind<OfKind<Kind>> } = {
  none,
  currency,
  ...ratios,
  symbol,
  measure,
}
type Kind = UnitKind<Unit>
/** The kind of a unit. */
export const kindOf = ({ kind }: Unit): Kind => unitKinds[kind] as unknown as Kind

type Maybe = Unit | null | undefined
/** The code of ISO 4217 that a unit names for all rows; null where it names none. */
export const currencyOf = (unit: Maybe): string | null =>
  unit ? kindOf(unit).currency(unit) : null
/** The id of CLDR that a unit names for all rows; null where it names none. */
export const measureOf = (unit: Maybe): string | null => (unit ? kindOf(unit).measure(unit) : null)
/** The letters that a unit is, where it is nothing else. */
export const lettersOf = (unit: Maybe): string | null => (unit ? kindOf(unit).letters(unit) : null)
/** The column that names a unit row by row; null where none does. */
export const columnOf = (unit: Maybe): string | null => (unit ? kindOf(unit).column(unit) : null)
export const isMoney = (unit: Maybe): boolean => Boolean(unit && kindOf(unit).isMoney)
/** Whether labels say anything of a unit. */
export const isWritten = (unit: Maybe): boolean => Boolean(unit && kindOf(unit).isWritten)
/** What values are recorded in: the code of a currency, or the id of a measure. */
export interface RecordedUnit {
  readonly currency?: string
  readonly measure?: string
}
/** The kinds of units that cells can name. */
export type NamedKind = keyof RecordedUnit
/** What values are recorded in that count a unit of a kind. @example recordedBy('currency', 'EUR').currency // 'EUR' */
export const recordedBy = (kind: NamedKind, name: string): RecordedUnit => ({ [kind]: name })
/** What values are recorded in that are in a unit; nothing where that names none for all rows. */
export function recordedUnder(unit: Maybe): RecordedUnit {
  const [code, id] = [currencyOf(unit), measureOf(unit)]
  return { ...(code === null ? {} : { currency: code }), ...(id === null ? {} : { measure: id }) }
}
/** Whether it counts parts of a whole: percent, permille. */
export const isShare = (unit: Maybe): boolean => Boolean(unit && kindOf(unit).isShare)
/**
 * The power of ten that one of a unit is, where it is a part of one; 0 for what is none.
 *
 * @example partPower({ kind: 'percent' }) // -2
 */
export const partPower = (unit: Maybe): number => (unit ? 1 - kindOf(unit).perOne.length : 0)
/** Whether it is percent of a number that it multiplies by a hundred. */
export const multipliesPercent = (unit: Maybe): boolean =>
  Boolean(unit && kindOf(unit).percentSign(unit) === 'multiplies')
/** What a unit is called in a sentence about a style. @example sayUnit({ kind: 'percent' }) // 'as percent' */
export const sayUnit = (unit: Unit): string => kindOf(unit).say(unit)
/** A unit by its name in full, where it has one. */
export const inFull = (unit: Unit): Unit => kindOf(unit).inFull(unit)
/**
 * What a unit writes.
 *
 * @throws StyleError for a currency code that is none, or a name that is not at hand
 */
export function writeUnit(unit: Unit, setting: UnitSetting): UnitWriting {
  const { perOne, write } = kindOf(unit)
  return { ...write(unit, setting), perOne }
}
