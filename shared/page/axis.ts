import type { Decimal } from '../../core/decimal/decimal'
import { decimal, parseDecimal } from '../../core/decimal/decimal'
import { type AxisKind, positiveSpan } from '../../core/ticks/along'
import { TickError } from '../../core/error'
import { placeShown, type ShownUnit } from '../../core/ticks/shown'
import type { AxisTicks, Drawing } from '../forms/types'
import type { TickWishes } from '../study/chart'

/** What is wished of an axis, and the unit that it shows where that is not the recorded one. */
export interface AxisWishes extends TickWishes {
  readonly shown?: ShownUnit
}

const MOST_DRAWN_TICKS = 100
const NO_POSITIVE =
  'A log axis has no place for zero and below, and no number here lies above; an even one stands in.'

/** Why ticks as they are wanted cannot be drawn; empty where they can. */
function troubleOf({ values }: AxisTicks, { step }: TickWishes): string {
  if (values.length === 0)
    return `No multiple of ${step} lies between the ends of the axis; a round step stands in. Take a smaller one.`
  return values.length > MOST_DRAWN_TICKS
    ? `A step of ${step} makes ${values.length} ticks here, more than can be drawn; a round step stands in. Take a larger one.`
    : ''
}

/**
 * The axis's ticks: as they are wanted, or round ones where those cannot be drawn.
 *
 * @param domain what is drawn reaches over
 * @param values that are drawn
 */
export function ticksFor(
  domain: readonly [Decimal, Decimal],
  wishes: AxisWishes,
  values: readonly Decimal[],
): Pick<Drawing, 'wanted' | 'ticks' | 'trouble'> {
  const own = wishes.domain && ([decimal(wishes.domain[0]), decimal(wishes.domain[1])] as const)
  const { kind = 'linear', base } = wishes
  const above = kind === 'log' ? positiveSpan(values) : null
  if (kind === 'log' && !above)
    return { ...ticksFor(domain, { ...wishes, kind: undefined }, values), trouble: NO_POSITIVE }
  const wanted = own ?? above ?? domain
  const place = (more: Pick<TickWishes, 'step' | 'multipleOf'>, of: AxisKind): AxisTicks => {
    const { count, counted, ends = 'loose', shown } = wishes
    const request = { domain: wanted, ends, count, counted, kind: of, base, ...more }
    const { step, ticks } = placeShown(request, shown)
    return { step, kind: of, values: ticks.map(({ value }) => value) }
  }
  try {
    const stepped = { step: wishes.step, multipleOf: wishes.multipleOf }
    const ticks = place(kind === 'linear' ? stepped : {}, kind)
    const trouble = troubleOf(ticks, wishes)
    return { wanted, ticks: trouble ? place({}, 'linear') : ticks, trouble }
  } catch (error) {
    if (!(error instanceof TickError)) throw error
    return { wanted, ticks: place({}, 'linear'), trouble: error.message }
  }
}

/** The step as a number of the axis; none where it is a fraction of a constant. */
export const numberStep = (
  { step }: Pick<AxisTicks, 'step'>,
  { multipleOf }: { multipleOf?: string | undefined },
): Decimal | null => (step === null || multipleOf !== undefined ? null : parseDecimal(step))
