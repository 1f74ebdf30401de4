import { type Decimal, toExactText, toText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import { type Context, resolve } from '~~/core/label/resolve'
import { difference, inherit } from '~~/core/style/inherit'
import type { FullStyle, Style } from '~~/core/style/fields'
import { suggestAxis } from '~~/core/suggest/axis'
import { AGAINST } from '~~/core/ticks/search'
import type { Drawing } from '~~/shared/forms/types'
import { distinctTicks, fractionSteps, powerTicks, wishesFor } from './ruler'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import type { TickWishes } from '~~/shared/study/chart'

/** Other ticks for an axis, with their labels and what taking them changes. */
export interface Candidate {
  readonly key: string
  readonly step: string
  readonly values: readonly Decimal[]
  readonly labels: readonly string[]
  readonly fontSize: number
  readonly turned: boolean
  readonly speaksFor: readonly string[]
  readonly against: readonly string[]
  readonly wishes: TickWishes
  readonly style: Style
  /** Whether it is what stands on the page. */
  readonly isTaken: boolean
}
export interface AxisRoom {
  readonly width: number
  readonly fontSize: number
}

/** Of each set of ticks several wordings are found, of which the best is shown. */
const SEARCHED = 24
const MOST = 5
/** The search waits until the hand rests. */
const REST = 120

/** Candidates for the axis of a drawing, sought anew as it changes. */
export function useCandidates(
  drawing: Readonly<Ref<Drawing | null>>,
  room: Readonly<Ref<AxisRoom>>,
  labels: Readonly<Ref<readonly string[]>>,
  own: Readonly<Ref<FullStyle>>,
) {
  const study = useStudy()
  const regions = useLocaleTables()

  function sought(): Candidate[] {
    const quantity = study.quantity
    if (!drawing.value || !quantity) return []
    const { wanted } = drawing.value
    const { ticks: wishes } = quantity
    const context: Context = { ...regions.loaded, recorded: quantity.recorded }
    const now = keyOf(drawing.value.ticks.values, labels.value)
    const { multipleOf, ...plain } = wishes
    /** Ticks that no search has weighed, in a style of their own. */
    const unweighed = (
      step: string,
      values: readonly Decimal[],
      changes: Style,
      next: TickWishes,
    ): Candidate => {
      const texts = values.map(toExactText)
      const style = inherit(own.value, changes)
      const written = labeller(resolve(style, { ...context, values: texts })).labels(texts)
      const key = keyOf(values, written)
      return {
        key,
        step,
        values,
        labels: written,
        fontSize: room.value.fontSize,
        turned: false,
        speaksFor: [`${values.length} ticks`],
        against: [],
        wishes: next,
        style: difference(own.value, style),
        isTaken: key === now,
      }
    }
    if (multipleOf !== undefined)
      return fractionSteps(wanted, multipleOf, wishes.ends ?? 'loose').map(({ step, values }) =>
        unweighed(step, values, { notation: 'multiple', multipleOf }, { ...wishes, step }),
      )
    if (wishes.kind === 'log' || wishes.kind === 'symlog')
      return powerTicks(wanted, wishes).map(({ count, values }) =>
        unweighed(`${values.length} powers`, values, {}, { ...wishes, count }),
      )
    const found = suggestAxis(
      {
        domain: wanted,
        style: own.value,
        width: room.value.width,
        fontSize: room.value.fontSize,
        count: wishes.count,
        context,
      },
      SEARCHED,
    )
    return distinctTicks(found, MOST).map((one) => {
      const { style, labels: written, reasons, fontSize, turned } = one.choice
      const key = keyOf(one.ticks.values, written)
      return {
        key,
        step: toText(one.ticks.step),
        values: one.ticks.values,
        labels: written,
        fontSize,
        turned,
        speaksFor: reasons.filter((reason) => !reason.startsWith(AGAINST)),
        against: reasons
          .filter((reason) => reason.startsWith(AGAINST))
          .map((reason) => reason.slice(AGAINST.length)),
        wishes: wishesFor(one, plain, wanted),
        style: difference(own.value, inherit(own.value, style)),
        isTaken: key === now,
      }
    })
  }
  const keyOf = (values: readonly Decimal[], written: readonly string[]) =>
    [...values.map(toText), ...written].join('\n')
  return debouncedComputed(sought, REST)
}
