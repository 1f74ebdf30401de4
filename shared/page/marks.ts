import { derive } from '../../core/data/derive'
import { subtract, sum } from '../../core/decimal/arithmetic'
import { type Decimal, toExactText } from '../../core/decimal/decimal'
import { labeller } from '../../core/label/labeller'
import { type Context, unitlessContext } from '../../core/label/context'
import { resolve } from '../../core/label/resolve'
import type { Row } from '../../core/label/types'
import type { FullStyle } from '../../core/style/fields'
import { formOf } from '../forms'
import { type MarkPart, STYLED_PARTS, type StyledPart } from '../forms/parts'
import type { Drawing } from '../forms/types'
import type { ChartWishes } from '../study/chart'
import { presentIn } from './numbers'

/** What a mark says besides its own label, and on which line. */
export interface MarkText {
  readonly part: MarkPart
  /** 0 for the upper line. */
  readonly line: number
  /** null for the label itself, which changes by itself. */
  readonly text: string | null
}

/**
 * Changes from each labelled mark to the one after it in the drawing; none where a mark has none
 * before it.
 */
export const changesOf = ({
  groups,
  labelled,
  panels,
}: Pick<Drawing, 'groups' | 'labelled' | 'panels'>): {
  from: number
  to: number
  value: Decimal
}[] =>
  labelled.flatMap((at, i) =>
    i > 0 && labelled[i - 1] === at - 1 && !panels.some(({ from }) => from === at)
      ? [{ from: i - 1, to: i, value: subtract(groups[at]!.value, groups[at - 1]!.value) }]
      : [],
  )

/** What a mark says: what its form says where nothing is chosen. */
export function partsOf({ parts, form }: Pick<ChartWishes, 'parts' | 'form'>): readonly MarkPart[] {
  const { parts: offered, usualParts } = formOf({ form })
  if (!parts) return usualParts
  return offered ? parts.filter((part) => offered.includes(part)) : parts
}
/** The column that marks tell their change from; none where they do not say it. */
export const againstOf = (
  chart: Pick<ChartWishes, 'parts' | 'form' | 'against'>,
): string | undefined => (partsOf(chart).includes('against') ? chart.against : undefined)
/** On how many lines. */
export const linesOf = (chart: Pick<ChartWishes, 'parts' | 'form' | 'lines'>): 1 | 2 =>
  partsOf(chart).length > 1 ? (chart.lines ?? formOf(chart).usualLines) : 1

type PartNumbers = readonly (Decimal | null)[]
/** The share of each label's number in the whole that it belongs to; none where that is zero. */
const sharesOf = ({ groups, labelled }: Drawing, wholeOf: (at: number) => Decimal): PartNumbers =>
  derive(
    'ratio',
    labelled.map((at) => groups[at]!.value),
    { column: labelled.map(wholeOf) },
  )

/**
 * The numbers of a part, label by label: shares of all that the chart could draw or of a panel,
 * changes from the mark before or from another column.
 */
export const partNumbers: Record<StyledPart, (drawing: Drawing) => PartNumbers> = {
  share: (drawing) => {
    const whole = sum(drawing.panels.map((panel) => panel.whole))
    return sharesOf(drawing, () => whole)
  },
  seriesShare: (drawing) =>
    sharesOf(drawing, (at) => drawing.panels.find(({ to }) => at < to)!.whole),
  change: (drawing) => {
    const before = new Map(changesOf(drawing).map(({ to, value }) => [to, value]))
    return drawing.labelled.map((_, i) => before.get(i) ?? null)
  },
  against: ({ groups, labelled, against }) =>
    against
      ? derive(
          'change',
          labelled.map((at) => groups[at]!.value),
          { column: labelled.map((at) => against[at]!) },
        )
      : labelled.map(() => null),
}

/**
 * What decides how a part is written: a change counts as its marks do, what is a ratio by itself.
 */
export const partContext = (part: StyledPart, context: Context, numbers: PartNumbers): Context =>
  part === 'change' ? { ...context, isChange: true } : unitlessContext(context, presentIn(numbers))

const brackets = (text: string) => `(${text})`

/**
 * What stands on each labelled mark, part by part.
 *
 * @param styleOf the style of a part that has its own
 * @param context of the marks' Plan
 * @param rows of the marks, where cases look at their cells
 */
export function markTexts(
  drawing: Drawing,
  chart: ChartWishes,
  styleOf: (part: StyledPart) => FullStyle,
  context: Context,
  rows: readonly Row[] | undefined,
): MarkText[][] {
  const [parts, lines] = [partsOf(chart), linesOf(chart)]
  const styled = Object.fromEntries(
    STYLED_PARTS.filter((part) => parts.includes(part)).map((part) => {
      const numbers = partNumbers[part](drawing)
      const writer = labeller(resolve(styleOf(part), partContext(part, context, numbers)))
      return [
        part,
        numbers.map((number, i) => (number ? writer.label(toExactText(number), rows?.[i]) : '')),
      ]
    }),
  ) as Partial<Record<StyledPart, string[]>>
  function textOf(part: MarkPart, at: number, i: number): string | null {
    if (part === 'value') return null
    return part === 'name' ? drawing.groups[at]!.category : styled[part]![i]!
  }
  return drawing.labelled.map((at, i) =>
    parts
      .map((part, place) => {
        const text = textOf(part, at, i)
        const line = lines === 2 && place > 0 ? 1 : 0
        // On one line what comes after the first part stands in brackets; a second line needs them
        // from its second part on.
        const isBracketed = text && place > (lines === 2 ? 1 : 0)
        return { part, line, text: isBracketed ? brackets(text) : text }
      })
      .filter(({ text }) => text !== ''),
  )
}
