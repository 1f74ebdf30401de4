import { subtract, sum } from '~~/core/decimal/arithmetic'
import { type Decimal, toExactText } from '~~/core/decimal/decimal'
import { divide } from '~~/core/decimal/round'
import { type Labeller, labeller } from '~~/core/label/labeller'
import { type Context, resolve } from '~~/core/label/resolve'
import type { Row } from '~~/core/label/types'
import { inherit } from '~~/core/style/inherit'
import type { FullStyle, Style } from '~~/core/style/fields'
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

/** How the other parts are written: in the marks' own style, but for what tells them apart. */
const partStyles: Record<'share' | 'change', (style: FullStyle) => Style> = {
  share: ({ locale, marks, grouping }) => ({ locale, marks, grouping, unit: { kind: 'percent' }, fraction: [0, 1] }),
  change: (style) => ({ ...style, sign: style.sign === 'parentheses' ? 'parentheses' : 'exceptZero' }),
}
/** The style of a part: as the marks are written, with what is set on the part over it. */
export const partStyle = (part: 'share' | 'change', style: FullStyle, own: ChartWishes['partStyles']): FullStyle => inherit(partStyles[part](style), own?.[part] ?? {})

/** Changes from each labelled mark to the one after it in the drawing; none where a mark has none before it. */
export const changesOf = ({ groups, labelled, panels }: Pick<Drawing, 'groups' | 'labelled' | 'panels'>): { from: number; to: number; value: Decimal }[] =>
  labelled.flatMap((at, i) => (i > 0 && labelled[i - 1] === at - 1 && !panels.some(({ from }) => from === at) ? [{ from: i - 1, to: i, value: subtract(groups[at]!.value, groups[at - 1]!.value) }] : []))

/** What a mark says: its number alone where nothing is chosen; of a distribution's three also which it is. */
export const partsOf = ({ parts, form }: Pick<ChartWishes, 'parts' | 'form'>): readonly MarkPart[] =>
  (form === 'distribution' ? (parts?.filter((part) => part === 'value' || part === 'name') ?? ['value', 'name']) : parts ?? ['value'])
/** On how many lines. */
export const linesOf = (chart: Pick<ChartWishes, 'parts' | 'form' | 'lines'>): 1 | 2 => (partsOf(chart).length > 1 ? chart.lines ?? (chart.form === 'distribution' ? 2 : 1) : 1)

const brackets = (text: string) => `(${text})`

/**
 * What stands on each labelled mark, part by part.
 *
 * @param context of the marks' Plan
 * @param rows of the marks, where cases look at their cells
 */
export function markTexts(drawing: Drawing, chart: ChartWishes, style: FullStyle, context: Context, rows: readonly Row[] | undefined): MarkText[][] {
  const { partStyles: own } = chart
  const [parts, lines] = [partsOf(chart), linesOf(chart)]
  const shares: Labeller | null = parts.includes('share') ? labeller(resolve(partStyle('share', style, own), context)) : null
  const changes: Labeller | null = parts.includes('change') ? labeller(resolve(partStyle('change', style, own), context)) : null
  const whole = shares && sum(drawing.all.map(({ value }) => value))
  const before = new Map(changes ? changesOf(drawing).map(({ to, value }) => [to, value]) : [])
  const texts: Record<MarkPart, (at: number, i: number) => string | null> = {
    value: () => null,
    name: (at) => drawing.groups[at]!.category,
    share: (at) => (whole && whole.coefficient !== 0n ? shares!.label(toExactText(divide(drawing.groups[at]!.value, whole))) : ''),
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
