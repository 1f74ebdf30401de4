import { subtract, sum } from '~~/core/decimal/arithmetic'
import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import { divide } from '~~/core/decimal/round'
import { type Labeller, labeller } from '~~/core/label/labeller'
import { type Context, resolve } from '~~/core/label/resolve'
import type { Row } from '~~/core/label/types'
import type { FullStyle } from '~~/core/style/fields'
import type { StyledPart } from '~~/shared/quantities'
import type { ChartWishes, MarkPart } from '~~/shared/study'
import type { Drawing } from '~/desk/drawing'

/** What a mark says besides its own label, and on which line. */
export interface MarkText {
  readonly part: MarkPart
  /** 0 for the upper line. */
  readonly line: number
  /** null for the label itself, which changes by itself. */
  readonly text: string | null
}

/** Changes from each labelled mark to the one after it in the drawing; none where a mark has none before it. */
export const changesOf = ({ groups, labelled, panels }: Pick<Drawing, 'groups' | 'labelled' | 'panels'>): { from: number; to: number; value: Decimal }[] =>
  labelled.flatMap((at, i) => (i > 0 && labelled[i - 1] === at - 1 && !panels.some(({ from }) => from === at) ? [{ from: i - 1, to: i, value: subtract(groups[at]!.value, groups[at - 1]!.value) }] : []))

/** What a mark says: its number alone where nothing is chosen; of a distribution's three also which it is. */
export const partsOf = ({ parts, form }: Pick<ChartWishes, 'parts' | 'form'>): readonly MarkPart[] =>
  (form === 'distribution' ? (parts?.filter((part) => part === 'value' || part === 'name') ?? ['value', 'name']) : parts ?? ['value'])
/** On how many lines. */
export const linesOf = (chart: Pick<ChartWishes, 'parts' | 'form' | 'lines'>): 1 | 2 => (partsOf(chart).length > 1 ? chart.lines ?? (chart.form === 'distribution' ? 2 : 1) : 1)

/** The numbers of a part, mark by mark: shares of all that the chart could draw, and changes from the mark before. */
export const partNumbers: Record<StyledPart, (drawing: Drawing) => readonly Decimal[]> = {
  share: ({ groups, labelled, all }) => {
    const whole = sum(all.map(({ value }) => value))
    return whole.coefficient === 0n ? [] : labelled.map((at) => divide(groups[at]!.value, whole))
  },
  change: (drawing) => changesOf(drawing).map(({ value }) => value),
}

const brackets = (text: string) => `(${text})`

/**
 * What stands on each labelled mark, part by part.
 *
 * @param styles of shares and of changes
 * @param context of the marks' Plan
 * @param rows of the marks, where cases look at their cells
 */
export function markTexts(drawing: Drawing, chart: ChartWishes, styles: Readonly<Record<StyledPart, FullStyle>>, context: Context, rows: readonly Row[] | undefined): MarkText[][] {
  const [parts, lines] = [partsOf(chart), linesOf(chart)]
  const shares: Labeller | null = parts.includes('share') ? labeller(resolve(styles.share, context)) : null
  const changes: Labeller | null = parts.includes('change') ? labeller(resolve(styles.change, context)) : null
  const shareOf = shares && partNumbers.share(drawing)
  const before = new Map(changes ? changesOf(drawing).map(({ to, value }) => [to, value]) : [])
  const texts: Record<MarkPart, (at: number, i: number) => string | null> = {
    value: () => null,
    name: (at) => drawing.groups[at]!.category,
    share: (_, i) => (shareOf?.[i] ? shares!.label(toExactText(shareOf[i])) : ''),
    change: (_, i) => (before.has(i) ? changes!.label(toExactText(before.get(i)!), rows?.[i]) : ''),
  }
  return drawing.labelled.map((at, i) => parts.map((part, place) => {
    const text = texts[part](at, i)
    const line = lines === 2 && place > 0 ? 1 : 0
    // On one line what comes after the first part stands in brackets; a second line needs them from its second part on.
    const isBracketed = text && place > (lines === 2 ? 1 : 0)
    return { part, line, text: isBracketed ? brackets(text) : text }
  }).filter(({ text }) => text !== ''))
}
