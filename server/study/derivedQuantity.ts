import { derivations } from '../../core/data/derive'
import type { Style } from '../../core/style/fields'
import { saidUnit } from '../../core/style/compoundUnits'
import { unitByRow } from '../../shared/page/commonUnit'
import type { UnitsByRow } from '../../shared/quantities'
import type { Quantity } from '../../shared/study/quantity'
import type { NewColumn } from '../../shared/study/requests'
import type { CountedIn } from './derivedUnits'
import { isMoney, isWritten, kindOf, measureOf, type Unit, unitKinds } from '../../core/units'

const PERCENT: Style = { unit: { kind: 'percent' }, fraction: [0, 1] }
type Makes = (typeof derivations)[NewColumn['by']]['makes']

/** How a derived quantity is recorded, and what it is written in to begin with. */
export type Recording = Pick<Quantity, 'style' | 'kind' | 'measure' | 'currency' | 'units'>

/** What a derived column counts, and the quantities of the columns that it is made of. */
export interface Origin {
  readonly by: NewColumn['by']
  readonly counted: CountedIn
  /** How its rows name their units, where they do. */
  readonly units: UnitsByRow | null
  readonly like: Quantity | undefined
  readonly other: Quantity | undefined
}

/** The measure that a unit is, where it is one. */
function measured(unit: Unit): Pick<Recording, 'measure'> {
  const id = measureOf(unit)
  return id === null ? {} : { measure: id }
}
/** A unit as a quantity is recorded in it, with the style that says it. */
function recordedIn(counted: CountedIn, style: Style): Recording {
  if (counted === null || 'part' in counted) return { style }
  if ('price' in counted)
    return { style: { ...style, unit: { kind: 'symbol', text: counted.price } } }
  if ('compound' in counted) {
    const unit = saidUnit(counted.compound) ?? { kind: 'none' }
    const said = { style: { ...style, unit } as Style }
    return { ...said, ...measured(unit) }
  }
  if ('currency' in counted) {
    const { unit } = style
    const own = isMoney(unit) ? unit! : unitKinds.currency.byCells!.inColumn('')
    return { style: { ...style, unit: kindOf(own).byCells!.of(own, counted.currency) } }
  }
  const isSaid = measureOf(style.unit) !== null
  return {
    measure: counted.measure,
    style: isSaid ? style : { ...style, unit: { kind: 'measure', id: counted.measure } },
  }
}
/** The same where each row names its unit. */
const recordedByRow = (units: UnitsByRow, style: Style): Recording => ({
  units,
  style: { ...style, unit: style.unit ?? unitByRow(units) },
})

const isOfMoney = (quantity: Quantity | undefined): boolean => isMoney(quantity?.style.unit)
/** What a product or a quotient is written like: of two columns the one of money. */
const styleOf = ({ like, other }: Origin): Style =>
  ((isOfMoney(other) && !isOfMoney(like) ? other : like) ?? {}).style ?? {}

/** The unit of a product or a quotient; of two numbers without unit there is none. */
function joinedRecording(origin: Origin): Recording {
  const { counted, units } = origin
  if (units) return recordedByRow(units, styleOf(origin))
  if (counted === null) return { style: {} }
  const told = recordedIn(counted, styleOf(origin))
  const { unit } = told.style
  return isMoney(unit) ? told : { ...told, style: unit && isWritten(unit) ? { unit } : {} }
}

const recordings: Record<Makes, (origin: Origin) => Recording> = {
  'the same': ({ counted, units, like }) => ({
    ...(units ? recordedByRow(units, like?.style ?? {}) : recordedIn(counted, like?.style ?? {})),
    kind: like?.kind,
  }),
  'a change': ({ counted, like }) => ({
    ...recordedIn(counted, like?.style ?? {}),
    kind: 'change',
  }),
  'a ratio': (origin) => ({ ...joinedRecording(origin), kind: 'ratio' }),
  'a share': () => ({ style: PERCENT }),
  another: joinedRecording,
}
/** How a derived quantity is recorded: what it is made of has its unit and its style. */
export const recordingOf = (origin: Origin): Recording =>
  recordings[derivations[origin.by].makes](origin)
