import { clearanceOf } from '~~/core/checks/crowded'
import { type Decimal, toExactText, toText } from '~~/core/decimal/decimal'
import { labeller } from '~~/core/label/labeller'
import type { Context } from '~~/core/label/context'
import { resolve } from '~~/core/label/resolve'
import { difference, inherit } from '~~/core/style/inherit'
import type { FullStyle, Style } from '~~/core/style/fields'
import { type AxisChoice, suggestAxis } from '~~/core/suggest/axis'
import type { Counted } from '~~/core/ticks/counted'
import { alongAxis, type AxisKind } from '~~/core/ticks/along'
import { type ShownUnit, stepShown } from '~~/core/ticks/shown'
import { isAgainst } from '~~/core/ticks/reasons'
import type { Scored } from '~~/core/ticks/search'
import { suggestionReasonText } from '~~/words/suggestionReason'
import { countedIn } from '~~/shared/page/counted'
import type { Drawing } from '~~/shared/forms/types'
import { distinctTicks, fractionSteps, powerTicks, wishesFor } from './ruler'
import { words as catalogue } from '~~/words'
import type { Page } from '~/features/page/usePage'
import { useLocaleTables } from '~/stores/localeTables'
import { useStudy } from '~/stores/study'
import type { TickWishes } from '~~/shared/study/chart'

const words = catalogue.ticks.candidateList

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

/** What candidates are sought for. */
interface Sought {
  readonly wanted: Drawing['wanted']
  readonly wishes: TickWishes
  readonly counted: Counted | undefined
  /** The unit that the axis shows, where that is not the recorded one. */
  readonly unit: ShownUnit | undefined
  /** The axis's style as it stands. */
  readonly own: FullStyle
  readonly room: AxisRoom
  readonly context: Context
  /** What stands on the page, and its key. */
  readonly standing: Pick<Candidate, 'values' | 'labels'>
  readonly now: string
}
const keyOf = (values: readonly Decimal[], written: readonly string[]) =>
  [...values.map(toText), ...written].join('\n')

/** The least room between labels, in pixels, where ticks stand along their own kind of axis. */
function clearanceAlong(
  kind: AxisKind = 'linear',
  values: readonly Decimal[],
  labels: readonly string[],
  { width, fontSize }: AxisRoom,
): number {
  const along = alongAxis(kind, [values[0]!, values.at(-1)!])
  const middles = values.map((value) => along(value) * width)
  return clearanceOf({ surface: 'axis', values, labels }, { width, fontSize, middles })
}

/** Ticks that no search has weighed, in a style of their own. */
function unweighed(
  { own, room, context, now }: Sought,
  values: readonly Decimal[],
  { step, changes, wishes }: { step: string; changes: Style; wishes: TickWishes },
): Candidate {
  const texts = values.map(toExactText)
  const style = inherit(own, changes)
  const labels = labeller(resolve(style, { ...context, values: texts })).labels(texts)
  const key = keyOf(values, labels)
  const isCrowded = values.length > 1 && clearanceAlong(wishes.kind, values, labels, room) < 0
  return {
    key,
    step,
    values,
    labels,
    fontSize: room.fontSize,
    turned: false,
    speaksFor: [suggestionReasonText({ code: 'ticks', count: values.length })],
    against: isCrowded ? [words.crowded] : [],
    wishes,
    style: difference(own, style),
    isTaken: key === now,
  }
}

/** Ticks that the search has weighed. */
function weighed({ own, wishes, wanted, unit, now }: Sought, one: Scored<AxisChoice>): Candidate {
  const { multipleOf: _, ...plain } = wishes
  const { style, labels, reasons, fontSize, turned } = one.choice
  const key = keyOf(one.ticks.values, labels)
  return {
    key,
    step: stepShown(toText(one.ticks.step), unit),
    values: one.ticks.values,
    labels,
    fontSize,
    turned,
    speaksFor: reasons.filter((reason) => !isAgainst(reason)).map(suggestionReasonText),
    against: reasons.filter(isAgainst).map(suggestionReasonText),
    wishes: wishesFor(one, plain, wanted, unit),
    style: difference(own, inherit(own, style)),
    isTaken: key === now,
  }
}

/** The axis as it stands, where the search has not come upon it itself. */
function withStanding(
  candidates: Candidate[],
  { standing, now, room, wishes }: Sought,
): Candidate[] {
  if (candidates.some(({ isTaken }) => isTaken)) return candidates
  const own: Candidate = {
    ...standing,
    key: now,
    step: '',
    fontSize: room.fontSize,
    turned: false,
    speaksFor: [words.current],
    against: [],
    wishes,
    style: {},
    isTaken: true,
  }
  return [...candidates, own]
}

/** Other ticks for an axis, the best first. */
function candidatesFor(sought: Sought): Candidate[] {
  const { wanted, wishes, own, room, context } = sought
  const { multipleOf, kind, count } = wishes
  if (multipleOf !== undefined)
    return fractionSteps(wanted, multipleOf, wishes.ends ?? 'loose').map(({ step, values }) =>
      unweighed(sought, values, {
        step,
        changes: { notation: 'multiple', multipleOf },
        wishes: { ...wishes, step },
      }),
    )
  if (kind === 'log' || kind === 'symlog')
    return powerTicks(wanted, wishes).map(({ count: powers, values }) =>
      unweighed(sought, values, {
        step: `${values.length} powers`,
        changes: {},
        wishes: { ...wishes, count: powers },
      }),
    )
  const asked = { domain: wanted, style: own, ...room, count, counted: sought.counted, context }
  return distinctTicks(suggestAxis(asked, SEARCHED), MOST).map((one) => weighed(sought, one))
}

/** Candidates for the axis of a drawing, sought anew as it changes. */
export function useCandidates(
  { drawing, tickLabels, recorded, wishes, 'style.axis': own }: Page,
  room: Readonly<Ref<AxisRoom>>,
) {
  const study = useStudy()
  const tables = useLocaleTables()
  return debouncedComputed(() => {
    const { quantity } = study
    if (!drawing.value || !quantity) return []
    const standing = { values: drawing.value.ticks.values, labels: tickLabels.value }
    const sought: Sought = {
      wanted: drawing.value.wanted,
      wishes: quantity.ticks,
      counted: countedIn(quantity),
      unit: wishes.value.shown,
      own: own.value,
      room: room.value,
      context: { ...tables.loaded, ...recorded.value },
      standing,
      now: keyOf(standing.values, standing.labels),
    }
    return withStanding(candidatesFor(sought), sought)
  }, REST)
}
